import type { Schemas } from '@/api/client';
import { counted } from '@/shared/pretty';
import { cutTo, widthOf } from './measure';
import { placeInto, type Row } from './rows';
import type { Scale } from './scale';
import { lettersOf } from './whose';

/*
 * The bars of a lane: what each tool reaches, in as few rows as they need, each with its name, and broken where the tool
 * does not do what the bar reaches.
 */

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export interface LaidSegment extends Box {
  label: string;
  /** Colour band of a nest, where it has one. */
  band: 'red' | 'blue' | 'yellow' | null;
  isMakeshift: boolean;
  /** Part of it that the shop has proven. */
  proven: Box | null;
  text: string | null;
  /** Where the text begins: behind the swatch of a band. */
  textX: number;
  /** What it reaches, in mm². */
  reach: Schemas['Reach'];
}

/** Where a bar reaches a drop line and its tool does not do it. */
export interface LaidCross {
  x: number;
  y: number;
  /** It does none of the lines; else only some. */
  isWhole: boolean;
  misses: Schemas['Miss'][];
}

export interface LaidBar {
  key: string;
  /** The tool, or how many of them stand here. */
  name: string;
  tools: { id: string; name: string }[];
  segments: LaidSegment[];
  crosses: LaidCross[];
  /** The name beside the bar; null where it stands on it. */
  caption: { x: number; y: number; width: number; text: string } | null;
  /** What is left over of many tools: an outline. */
  isRest: boolean;
  /** It belongs here and is not there on the day: an outline. */
  isAway: boolean;
  /** On the ruler of two kits: in which of them it stands so. */
  whose: Schemas['Bar']['whose'];
  reach: Schemas['Reach'];
}

/** Height of a row, and of the bar in it. */
export const LARGE = { row: 16, bar: 13 };
export const LITTLE = { row: 9, bar: 7 };
/** Width of the swatch that shows a nest's band, with the room behind it. */
const SWATCH = 8;
/** A name with less room than this beside its bar goes to where there is more. */
const SHORTEST_CAPTION = 44;
/** Up to so many tools each has a bar of its own. */
const FEW = 4;
/** More rows than this fold into one. */
const MOST_ROWS = 6;
/** Half of what a cross breaks out of a bar. */
const CROSS = 9;
/** A reach of one size still is a place that can be seen. */
const LEAST = 9;

const bands = ['red', 'blue', 'yellow'] as const;

export const bandOf = (code: string | null): LaidSegment['band'] =>
  bands.find((band) => band === code) ?? null;
const swatchOf = (code: string | null) => (bandOf(code) === null ? 0 : SWATCH);

interface Part {
  label: string;
  code: string | null;
  from: number;
  to: number;
  proven: Schemas['Reach'] | null;
  fit: Schemas['Fit'];
}

function overlap(one: Schemas['Reach'], other: Schemas['Reach']): Schemas['Reach'] | null {
  const from = Math.max(one.from, other.from);
  const to = Math.min(one.to, other.to);
  return from < to ? { from, to } : null;
}

/** What a bar is drawn of: its notches and nests, or the stretches that it does well and badly. */
function partsOf(bar: Schemas['Bar']): Part[] {
  if (bar.segments.length) {
    const fit = bar.stretches[0]?.fit ?? 'proper';
    return bar.segments.map((segment) => ({ ...segment, fit }));
  }
  return bar.stretches.map((stretch) => ({
    label: bar.name,
    code: null,
    ...stretch,
    proven: bar.proven && overlap(bar.proven, stretch),
  }));
}

/** Tools that reach the same and fail at the same. */
interface Group {
  bar: Schemas['Bar'];
  tools: { id: string; name: string }[];
  isRest: boolean;
}

const toolOf = (bar: Schemas['Bar']) => ({ id: bar.tool, name: bar.name });

/** Where many tools share a lane, those that look alike stand as one. */
export function folded(bars: Schemas['Bar'][]): Group[] {
  if (bars.length <= FEW) return bars.map((bar) => ({ bar, tools: [toolOf(bar)], isRest: false }));
  const groups = new Map<string, Group>();
  for (const bar of bars) {
    const key = JSON.stringify([
      bar.isAway,
      bar.whose,
      bar.stretches,
      bar.proven,
      bar.segments.map(({ label, code, from, to }) => [label, code, from, to]),
      bar.misses.map(({ area, lines }) => [area, lines]),
    ]);
    const known = groups.get(key);
    if (known) known.tools.push(toolOf(bar));
    else groups.set(key, { bar, tools: [toolOf(bar)], isRest: false });
  }
  return [...groups.values()];
}

/** What does not fit into a few rows, as one: from the thinnest to the thickest that any of them reaches. */
function restOf(groups: Group[]): Group {
  const bars = groups.map(({ bar }) => bar);
  const from = Math.min(...bars.map((bar) => bar.from));
  const to = Math.max(...bars.map((bar) => bar.to));
  const of = bars[0]?.whose;
  const areas = [...new Set(bars.flatMap((bar) => bar.misses.map(({ area }) => area)))];
  // Broken where none of those that reach a size does it.
  const misses = areas.flatMap((area) => {
    const reaching = bars.filter((bar) => bar.from <= area && area <= bar.to);
    const missing = reaching.flatMap((bar) => bar.misses.filter((miss) => miss.area === area));
    return missing[0] && missing.length === reaching.length ? [missing[0]] : [];
  });
  return {
    bar: {
      tool: 'rest',
      name: '',
      from,
      to,
      stretches: [{ from, to, fit: 'proper' }],
      proven: null,
      segments: [],
      misses,
      ...(of && bars.every(({ whose }) => whose === of) ? { whose: of } : {}),
    },
    tools: groups.flatMap(({ tools }) => tools),
    isRest: true,
  };
}

/**
 * Room for a tool's name beside its bar, between the bar and the next drop line, so that no line runs through it: to the right
 * where it fits, else where there is more. Where neither side has room for it, it stands over the lines, to the right or, at the
 * end of the ruler, to the left.
 */
export function captionBeside(
  name: string,
  start: number,
  end: number,
  lines: number[],
  edge: [number, number],
): { x: number; width: number; text: string } {
  const wanted = widthOf(name, 'name');
  const right =
    Math.min(edge[1] - 2, ...lines.filter((line) => line >= end - 1).map((line) => line - 5)) - (end + 4);
  const left =
    start - 4 - Math.max(edge[0] - 4, ...lines.filter((line) => line <= start + 1).map((line) => line + 5));
  const isRight = right >= wanted || right >= left;
  const room = Math.max(right, left);
  const cut = room >= Math.min(wanted, SHORTEST_CAPTION) ? cutTo(name, room, 'name') : null;
  if (cut !== null) {
    const width = widthOf(cut, 'name');
    return { x: isRight ? end + 4 : start - 4 - width, width, text: cut };
  }
  const after = edge[1] - (end + 4);
  const before = start - 4 - edge[0];
  const text = cutTo(name, Math.max(after, before, SHORTEST_CAPTION), 'name') ?? name;
  const width = widthOf(text, 'name');
  return { x: after >= Math.min(wanted, before) ? end + 4 : start - 4 - width, width, text };
}

/** The longest piece of a bar that the crosses leave. */
function longestPiece(bar: Box, crosses: number[]): { from: number; to: number } {
  const ends = [bar.x, ...crosses, bar.x + bar.width].sort((one, other) => one - other);
  return ends
    .slice(1)
    .map((to, index) => ({
      from: (ends[index] ?? 0) + (index > 0 ? CROSS : 0),
      to: to - (index < crosses.length ? CROSS : 0),
    }))
    .reduce((one, other) => (other.to - other.from > one.to - one.from ? other : one));
}

function fitting(label: string, width: number): string | null {
  return widthOf(label, 'name') + 6 <= width ? label : null;
}

interface Room {
  scale: Scale;
  top: number;
  /** Places of the drop lines that pass through the lane. */
  lines: number[];
  /** Right end of what may be written. */
  end: number;
  /** Where a drop line of an area stands; null where there is none. */
  placeOf(area: number): number | null;
  /** Names stand on and beside the bars. */
  hasNames: boolean;
  size: { row: number; bar: number };
}

function lay(group: Group, room: Room, rows: Row[], key: string): LaidBar | null {
  const { scale, top, size } = room;
  const { bar } = group;
  const box = (reach: Schemas['Reach'], row: number): Box => {
    const from = scale.clip(reach.from);
    const width = Math.max(LEAST, scale.clip(reach.to) - from);
    return {
      x: reach.from === reach.to ? from - LEAST / 2 : from,
      y: top + row * size.row,
      width,
      height: size.bar,
    };
  };
  const visible = partsOf(bar).filter(
    (part) => scale.x(part.to) >= scale.left && scale.x(part.from) <= scale.right,
  );
  if (visible.length === 0) return null;
  const letter = bar.whose ? lettersOf([bar.whose]) : '';
  const name =
    (letter && `${letter} · `) + (group.tools.length > 1 ? counted(group.tools.length, 'tool') : bar.name);
  // Segments that overlap stand in rows below each other.
  const ownRows: Row[] = [];
  const own = visible.map((part) => {
    const place = box(part, 0);
    return { part, place, row: placeInto(ownRows, 1, place.x, place.x + place.width - 1, 0) };
  });
  const start = Math.min(...own.map(({ place }) => place.x));
  const end = Math.max(...own.map(({ place }) => place.x + place.width));
  // A bar in one piece carries the tool's name itself where it is long enough, behind the label of its only nest.
  const whole = bar.segments.length === 0 ? name : `${visible[0]?.label} · ${name}`;
  const widest = own.reduce((one, other) => (other.place.width > one.place.width ? other : one));
  const isOnePiece = visible.length === 1 || bar.segments.length === 0;
  const crosses = bar.misses.flatMap((miss) => {
    const x = room.placeOf(miss.area);
    return x === null ? [] : [{ x, miss, isWhole: miss.lines.length === miss.of }];
  });
  // A name is not broken by a cross: it stands on the longest piece between them.
  const piece = longestPiece(
    widest.place,
    crosses.filter(({ isWhole }) => isWhole).map(({ x }) => x),
  );
  const isOnBar =
    room.hasNames &&
    isOnePiece &&
    piece.to - piece.from >= widthOf(whole, 'name') + 10 + swatchOf(widest.part.code);
  const caption =
    isOnBar || !room.hasNames
      ? null
      : captionBeside(
          name,
          // A cross at the end of a bar reaches beyond it.
          Math.min(start, ...crosses.map(({ x }) => x - CROSS)),
          Math.max(end, ...crosses.map(({ x }) => x + CROSS)),
          room.lines,
          [scale.left, room.end],
        );
  const from = caption === null ? start : Math.min(start, caption.x);
  const to = caption === null ? end : Math.max(end, caption.x + caption.width);
  const first = placeInto(rows, ownRows.length, from, to);
  const rowAt = (area: number) =>
    own.find(({ part }) => part.from <= area * 1.001 && area <= part.to * 1.001)?.row ?? 0;
  return {
    key,
    name,
    tools: group.tools,
    isRest: group.isRest,
    isAway: bar.isAway ?? false,
    whose: bar.whose,
    reach: { from: bar.from, to: bar.to },
    segments: own.map(({ part, row, place }) => ({
      ...place,
      y: top + (first + row) * size.row,
      label: part.label,
      band: bandOf(part.code),
      isMakeshift: part.fit !== 'proper',
      proven: part.proven ? box(part.proven, first + row) : null,
      text:
        isOnBar && part === widest.part
          ? whole
          : bar.segments.length === 0 || !room.hasNames
            ? null
            : fitting(part.label, place.width - swatchOf(part.code)),
      textX: (isOnBar && part === widest.part ? piece.from : place.x) + 5 + swatchOf(part.code),
      reach: { from: part.from, to: part.to },
    })),
    crosses: crosses.map(({ x, miss, isWhole }) => ({
      x,
      y: top + (first + rowAt(miss.area)) * size.row + size.bar / 2,
      isWhole,
      misses: [miss],
    })),
    caption: caption && { ...caption, y: top + first * size.row },
  };
}

/** The bars of a lane, packed into as few rows as they need. */
export function packBars(lane: Schemas['Lane'], room: Room): { bars: LaidBar[]; rows: number } {
  const pack = (groups: Group[]) => {
    const rows: Row[] = [];
    const bars = groups.map((group, index) => lay(group, room, rows, `${group.bar.tool}-${index}`));
    return { bars, rows: rows.length };
  };
  const groups = folded(lane.bars);
  let packed = pack(groups);
  if (packed.rows > MOST_ROWS) {
    const lowest = room.top + (MOST_ROWS - 1) * room.size.row;
    const isHigh = (bar: LaidBar | null) => bar?.segments.every((segment) => segment.y < lowest) ?? true;
    const kept = groups.filter((_, index) => isHigh(packed.bars[index] ?? null));
    const rest = groups.filter((group) => !kept.includes(group));
    packed = pack([...kept, restOf(rest)]);
  }
  return { bars: packed.bars.filter((bar): bar is LaidBar => bar !== null), rows: packed.rows };
}
