import type { Schemas } from '@/api/client';
import { DROP_GAP, isOpenDrop, placesOf } from './drops';
import type { Scale } from './scale';

/*
 * More sizes than there is room for at their place: where drop lines would stand too far from it, neighbours share one, the
 * likest and nearest first, and what is open apart from what is not for as long as it can.
 */

/** So many pixels from its place a line still points at its size. */
const FAR = 30;

type Drop = Schemas['Drop'];

/** One drop line, and the sizes that stand in it. */
export interface Standing {
  drop: Drop;
  of: Drop[];
}

const RANK: Schemas['Status'][] = ['covered', 'unjudged', 'makeshift', 'hole', 'faulty'];
const worse = <Of extends Schemas['Status']>(one: Of, other: Of): Of =>
  RANK.indexOf(other) > RANK.indexOf(one) ? other : one;

const look = ({ marks, whose }: Drop) => JSON.stringify([Object.entries(marks).sort(), whose ?? null]);

/** How little two neighbours go together: what looks alike does best, what is open with what is not does worst; then by the way between them. */
function apart(one: Drop, other: Drop): [number, number] {
  const kind = isOpenDrop(one) !== isOpenDrop(other) ? 2 : look(one) === look(other) ? 0 : 1;
  return [kind, Math.log(other.area / one.area)];
}

/** One drop line for several sizes: the worst that stands in each lane. What is counted in two of them is counted twice. */
export function together(drops: Drop[]): Drop {
  const [first, ...rest] = drops;
  const last = drops[drops.length - 1];
  if (!first || !last || rest.length === 0) return first as Drop;
  const marks: Drop['marks'] = {};
  const whose: NonNullable<Drop['whose']> = {};
  for (const drop of drops) {
    for (const [lane, mark] of Object.entries(drop.marks)) marks[lane] = worse(marks[lane] ?? mark, mark);
    for (const [lane, of] of Object.entries(drop.whose ?? {}))
      whose[lane] = [...new Set([...(whose[lane] ?? []), ...of])];
  }
  return {
    size: `${first.size} to ${last.size}`,
    family: first.family,
    otherSize: null,
    area: Math.sqrt(first.area * last.area),
    lines: [...new Set(drops.flatMap(({ lines }) => lines))],
    quantity: drops.reduce((sum, { quantity }) => sum + quantity, 0),
    status: drops.map(({ status }) => status).reduce(worse),
    marks,
    ...(drops.some((drop) => drop.whose) ? { whose } : {}),
  };
}

/** From where to where the lines stand as close as they may, around one of them. */
function crowdAround(places: number[], at: number): [number, number] {
  const isClose = (i: number) => (places[i + 1] ?? Infinity) - (places[i] ?? 0) < DROP_GAP + 0.5;
  let [from, to] = [at, at];
  while (from > 0 && isClose(from - 1)) from--;
  while (to + 1 < places.length && isClose(to)) to++;
  return [from, to];
}

/** The drop lines, so few that each stands near its place; each size is in one. */
export function thinned(drops: Drop[], scale: Scale): Standing[] {
  const standing = drops.map((drop): Standing => ({ drop, of: [drop] }));
  for (;;) {
    const places = placesOf(
      standing.map(({ drop }) => drop),
      scale,
    );
    const off = standing.map(({ drop }, i) => Math.abs((places[i] ?? 0) - scale.clip(drop.area)));
    const farthest = off.reduce((most, one, i) => (one > (off[most] ?? 0) ? i : most), 0);
    const [from, to] = crowdAround(places, farthest);
    if ((off[farthest] ?? 0) <= FAR || from === to) return standing;
    let at = from;
    let least: [number, number] = [Infinity, Infinity];
    for (let i = from; i < to; i++) {
      const [one, other] = [standing[i], standing[i + 1]];
      if (!one || !other) continue;
      const way = apart(one.drop, other.drop);
      if (way[0] < least[0] || (way[0] === least[0] && way[1] < least[1])) [at, least] = [i, way];
    }
    const of = standing.slice(at, at + 2).flatMap((one) => one.of);
    standing.splice(at, 2, { drop: together(of), of });
  }
}
