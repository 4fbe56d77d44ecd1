import type { Schemas } from '@/api/client';
import type { Thing } from '@/data/wall';
import type { Sign } from './signs';

/* The things of a shop laid out: a strip for each kit and one for the shelf, in each the things in the order of the sizes. */

export interface Strip {
  /** Of the kit; "" for the shelf. */
  id: string;
  name: string;
  /** What is in it; of a pattern what is in it and then in each of its copies. */
  boxes: Box[];
  /** Of all its boxes. */
  count: number;
}

/** One kit of a strip. */
export interface Box {
  id: string;
  name: string;
  /** What tells a copy from its pattern: what its name has more; "1" of the pattern, "" where there are no copies. */
  label: string;
  things: Piece[];
}

export interface Piece {
  thing: Thing;
  /** Its own, and out: its place on the wall is empty. Borrowed: it lives elsewhere, and is here for a while. */
  place: 'own' | 'empty' | 'borrowed';
}

export interface Sought {
  words?: string;
  sign?: Sign | null;
  /** Only these. */
  tags?: ReadonlyMap<string, unknown> | null;
}

export const SHELF = '';

/** Where a model stands along the sizes: by its thinnest, then by its thickest; what has none stands last. */
function sizeOf(model: Schemas['Wall']['models'][string] | undefined): [number, number] {
  const bars = model?.lanes.flatMap(({ bars }) => bars) ?? [];
  return bars.length
    ? [Math.min(...bars.map(({ from }) => from)), Math.max(...bars.map(({ to }) => to))]
    : [Infinity, Infinity];
}

/**
 * Whether a thing is among those that are sought; each word must stand in its tag, its model, where it lives, what is due to it,
 * or who has it.
 */
export function isSought(thing: Thing, sought: Sought, wall: Schemas['Wall']): boolean {
  const kit = wall.kits.find(({ id }) => id === thing.home)?.name ?? 'the shelf';
  const due = thing.dues.map(({ kind }) => kind).join(' ');
  const said = [thing.tag, wall.models[thing.tool]?.name, thing.out?.to, thing.serial, thing.note, kit, due]
    .filter(Boolean)
    .join(' ')
    .toLowerCase();
  const words = (sought.words ?? '').toLowerCase().split(/\s+/).filter(Boolean);
  return (
    words.every((word) => said.includes(word)) &&
    (!sought.sign || thing.sign === sought.sign) &&
    (!sought.tags || sought.tags.has(thing.tag))
  );
}

/** The kit that another is a copy of, of a copy of a copy the first; those that are copies of each other stand by themselves. */
function patternOf(kit: string, wall: Schemas['Wall']): string {
  const seen = new Set([kit]);
  let id = kit;
  for (;;) {
    const like = wall.kits.find((one) => one.id === id)?.like ?? null;
    if (like === null) return id;
    if (seen.has(like)) return kit;
    seen.add(id);
    id = like;
  }
}

/** "Box 2" beside "Box" is "2". */
const labelOf = (name: string, pattern: string): string =>
  name.startsWith(`${pattern} `) ? name.slice(pattern.length + 1) : name;

/**
 * The strips, the shelf last; copies of a kit stand in its strip, box by box. Kits in which there is nothing are left out, unless
 * they are tracked.
 */
export function stripsOf(wall: Schemas['Wall'], sought: Sought = {}): Strip[] {
  const sizes = new Map(Object.entries(wall.models).map(([id, model]) => [id, sizeOf(model)]));
  const before = (one: Piece, other: Piece): number => {
    const [a, b] = [sizes.get(one.thing.tool), sizes.get(other.thing.tool)] as [
      [number, number],
      [number, number],
    ];
    const bySize = a[0] === b[0] ? (a[1] === b[1] ? 0 : a[1] - b[1]) : a[0] - b[0];
    return (
      bySize || one.thing.tool.localeCompare(other.thing.tool) || one.thing.tag.localeCompare(other.thing.tag)
    );
  };
  const pieces = new Map<string, Piece[]>();
  const put = (strip: string, piece: Piece) => pieces.set(strip, [...(pieces.get(strip) ?? []), piece]);
  for (const thing of wall.things) {
    if (!isSought(thing, sought, wall)) continue;
    put(thing.home ?? SHELF, { thing, place: thing.out ? 'empty' : 'own' });
    if (thing.out?.kit && thing.out.kit !== thing.home) put(thing.out.kit, { thing, place: 'borrowed' });
  }
  const box = (id: string, name: string, label: string): Box => ({
    id,
    name,
    label,
    things: (pieces.get(id) ?? []).sort(before),
  });
  return [...wall.kits, { id: SHELF, name: 'The shelf', tracked: true }]
    .filter(({ id, tracked }) => patternOf(id, wall) === id && (tracked || pieces.has(id)))
    .map(({ id, name }) => {
      const copies = wall.kits.filter(({ id: copy }) => copy !== id && patternOf(copy, wall) === id);
      const boxes = [
        box(id, name, copies.length ? '1' : ''),
        ...copies.map((copy) => box(copy.id, copy.name, labelOf(copy.name, name))),
      ];
      return { id, name, boxes, count: boxes.reduce((sum, { things }) => sum + things.length, 0) };
    });
}

/** How many things show each sign. */
export function countsOf(things: Thing[]): Map<Sign, number> {
  const counts = new Map<Sign, number>();
  for (const { sign } of things) counts.set(sign, (counts.get(sign) ?? 0) + 1);
  return counts;
}
