import type { Schemas } from '@/api/client';

/*
 * Where everything on the gauge ruler stands, in pixels. Areas lie on a logarithmic scale, thin wire left. Nothing here draws.
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
}

export interface LaidBar {
  key: string;
  name: string;
  segments: LaidSegment[];
  /** The tool's name beside its bar; null where it stands on the bar or there is no room. */
  caption: { x: number; y: number; width: number; text: string } | null;
}

export interface LaidLane {
  name: string;
  y: number;
  height: number;
  markY: number;
  bars: LaidBar[];
}

export interface LaidDrop {
  drop: Schemas['Drop'];
  x: number;
  /** What answers to a pointer or a finger: up to half way to its neighbours. */
  touch: { x: number; width: number };
  /** Lower end of the line. */
  bottom: number;
  marks: { lane: string; y: number; status: Schemas['StepStatus'] }[];
  /** The count above the line, where it does not run into its neighbour's. */
  showsCount: boolean;
  isOpen: boolean;
}

export interface LaidTick {
  x: number;
  label: string | null;
}

export interface RulerLayout {
  width: number;
  height: number;
  left: number;
  upper: LaidTick[];
  lower: LaidTick[];
  lanes: LaidLane[];
  drops: LaidDrop[];
}

export const GUTTER = 96;
export const AXIS = 26;
const FIRST_LANE = 70;
const RIGHT = 26;
const ROW = 16;
const BAR = 13;
const MARK_ROOM = 19;
/** Width of a letter on the bars, and of a figure on the axis. */
const LETTER = 5.5;
const FIGURE = 6.6;
/** A name with less room than this beside its bar is left out. */
const SHORTEST_CAPTION = 44;
const DROP_GAP = 13;
/** Bars reach this many times beyond the thinnest and thickest wire before they are cut off. */
const BEYOND = 6;

const textWidth = (text: string) => text.length * LETTER;
const figureWidth = (text: string) => text.length * FIGURE;

/** Thinnest and thickest area in mm² on the ruler: the drop lines with some room, and bars that would else be out of sight. */
export function domainOf(ruler: Schemas['Ruler']): [number, number] {
  const areas = ruler.drops.map((drop) => drop.area);
  const thin = Math.min(...areas);
  const thick = Math.max(...areas);
  let low = thin / 1.7;
  let high = thick * 1.7;
  for (const bar of ruler.lanes.flatMap((lane) => lane.bars)) {
    if (bar.to < low) low = Math.max(bar.to / 1.3, thin / BEYOND);
    if (bar.from > high) high = Math.min(bar.from * 1.3, thick * BEYOND);
  }
  const missing = Math.max(1, 12 / (high / low));
  return [low / Math.sqrt(missing), high * Math.sqrt(missing)];
}

/** Moves places that stand too close apart, as little as it takes and without changing their order. */
export function spread(places: number[], gap: number, low: number, high: number): number[] {
  if (places.length === 0) return [];
  const room = Math.min(gap, (high - low) / Math.max(1, places.length - 1));
  const moved = [...places];
  for (let pass = 0; pass < 40; pass++) {
    for (let i = 1; i < moved.length; i++) {
      const short = room - ((moved[i] ?? 0) - (moved[i - 1] ?? 0));
      if (short > 0) {
        moved[i - 1] = (moved[i - 1] ?? 0) - short / 2;
        moved[i] = (moved[i] ?? 0) + short / 2;
      }
    }
  }
  const first = Math.max(0, low - (moved[0] ?? 0));
  const last = Math.max(0, (moved[moved.length - 1] ?? 0) - high);
  const shifted = moved.map((place) => place + first - last);
  // What is still too close after all passes stands in equal steps.
  const isLoose = shifted.every((place, i) => i === 0 || place - (shifted[i - 1] ?? 0) > room * 0.6);
  return isLoose ? shifted : places.map((_, i) => low + i * room);
}

function ticks(
  ruler: Schemas['Ruler'],
  family: string,
  x: (area: number) => number,
  edge: [number, number],
): LaidTick[] {
  let free = -Infinity;
  return ruler.ticks
    .filter((tick) => tick.family === family && x(tick.area) >= edge[0] && x(tick.area) <= edge[1])
    .map((tick) => {
      const place = x(tick.area);
      const half = figureWidth(tick.label) / 2 + 4;
      const hasRoom = place - half >= free;
      if (hasRoom) free = place + half;
      return { x: place, label: hasRoom ? tick.label : null };
    });
}

const bands = ['red', 'blue', 'yellow'] as const;

/** Width of the swatch that shows a nest's band, with the room behind it. */
const SWATCH = 8;

const swatchOf = (code: string | null) => (bandOf(code) === null ? 0 : SWATCH);

function bandOf(code: string | null): LaidSegment['band'] {
  return bands.find((band) => band === code) ?? null;
}

interface Part {
  label: string;
  code: string | null;
  from: number;
  to: number;
  proven: Schemas['Reach'] | null;
  fit: Schemas['Fit'];
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

function overlap(one: Schemas['Reach'], other: Schemas['Reach']): Schemas['Reach'] | null {
  const from = Math.max(one.from, other.from);
  const to = Math.min(one.to, other.to);
  return from < to ? { from, to } : null;
}

interface Row {
  taken: [number, number][];
}

const isFree = (row: Row | undefined, from: number, to: number) =>
  !row || row.taken.every(([start, end]) => to <= start || from >= end);

/**
 * Room for a tool's name beside its bar, between the bar and the next drop line, so that no line ever runs through it: to
 * the right where it fits, else where there is more. A name that is too long for both is cut.
 */
export function captionBeside(
  name: string,
  start: number,
  end: number,
  lines: number[],
  edge: [number, number],
): { x: number; width: number; text: string } | null {
  const right = Math.min(edge[1] + RIGHT - 6, ...lines.filter((line) => line >= end - 1)) - 5 - (end + 4);
  const left = start - 4 - (Math.max(edge[0] - 4, ...lines.filter((line) => line <= start + 1)) + 5);
  const wanted = textWidth(name);
  const isRight = right >= wanted || right >= left;
  const room = Math.min(wanted, isRight ? right : left);
  if (room < Math.min(wanted, SHORTEST_CAPTION)) return null;
  const text = room < wanted ? `${name.slice(0, Math.floor(room / LETTER) - 1).trimEnd()}…` : name;
  const width = Math.min(room, textWidth(text));
  return { x: isRight ? end + 4 : start - 4 - width, width, text };
}

/** The bars of a lane, packed into as few rows as they need. `lines`: places of the drop lines that pass through it. */
function packBars(
  lane: Schemas['Lane'],
  x: (area: number) => number,
  edge: [number, number],
  top: number,
  lines: number[],
) {
  const rows: Row[] = [];
  const clip = (area: number) => Math.min(edge[1], Math.max(edge[0], x(area)));
  const box = (reach: { from: number; to: number }, row: number): Box => {
    const from = clip(reach.from);
    // A reach of one size still is a place that can be seen.
    const width = Math.max(9, clip(reach.to) - from);
    return { x: reach.from === reach.to ? from - 4.5 : from, y: top + row * ROW, width, height: BAR };
  };
  const bars: LaidBar[] = [];
  lane.bars.forEach((bar, index) => {
    const visible = partsOf(bar).filter((part) => x(part.to) >= edge[0] && x(part.from) <= edge[1]);
    if (visible.length === 0) return;
    // Segments that overlap stand in rows below each other.
    const own: { part: Part; row: number }[] = [];
    const ownRows: Row[] = [];
    for (const part of visible) {
      const place = box(part, 0);
      let row = 0;
      while (!isFree(ownRows[row], place.x, place.x + place.width - 1)) row++;
      (ownRows[row] ??= { taken: [] }).taken.push([place.x, place.x + place.width]);
      own.push({ part, row });
    }
    const start = Math.min(...own.map(({ part }) => box(part, 0).x));
    const end = Math.max(...own.map(({ part }) => box(part, 0).x + box(part, 0).width));
    // A bar in one piece carries the tool's name itself where it is long enough, behind the label of its only nest.
    const whole = bar.segments.length === 0 ? bar.name : `${visible[0]?.label} · ${bar.name}`;
    const widest = own.reduce((one, other) =>
      box(other.part, 0).width > box(one.part, 0).width ? other : one,
    );
    const isOnePiece = visible.length === 1 || bar.segments.length === 0;
    const isOnBar =
      isOnePiece && box(widest.part, 0).width >= textWidth(whole) + 10 + swatchOf(widest.part.code);
    const caption = isOnBar ? null : captionBeside(bar.name, start, end, lines, edge);
    const from = caption === null ? start : Math.min(start, caption.x);
    const to = caption === null ? end : Math.max(end, caption.x + caption.width);
    let first = 0;
    while (!ownRows.every((_, row) => isFree(rows[first + row], from - 4, to + 4))) first++;
    ownRows.forEach((_, row) => (rows[first + row] ??= { taken: [] }).taken.push([from, to]));
    bars.push({
      key: `${bar.tool}-${index}`,
      name: bar.name,
      segments: own.map(({ part, row }) => {
        const place = box(part, first + row);
        const label =
          bar.segments.length === 0 ? null : fitting(part.label, place.width - swatchOf(part.code));
        return {
          ...place,
          label: part.label,
          band: bandOf(part.code),
          isMakeshift: part.fit !== 'proper',
          proven: part.proven ? box(part.proven, first + row) : null,
          text: isOnBar && part === widest.part ? whole : label,
          textX: place.x + 5 + swatchOf(part.code),
        };
      }),
      caption: caption && { ...caption, y: top + first * ROW },
    });
  });
  return { bars, rows: rows.length };
}

function fitting(label: string, width: number): string | null {
  return textWidth(label) + 6 <= width ? label : null;
}

const isOpenDrop = (drop: Schemas['Drop']) => drop.status === 'hole' || drop.status === 'faulty';

/** Which drop lines have room for their count: those of holes first. */
function countsWithRoom(drops: Schemas['Drop'][], places: number[]): Set<number> {
  const row: Row = { taken: [] };
  const shown = new Set<number>();
  const order = drops.map((_, index) => index).sort((a, b) => rank(drops[a]) - rank(drops[b]));
  for (const index of order) {
    const half = figureWidth(String(drops[index]?.quantity)) / 2 + 2;
    const place = places[index] ?? 0;
    if (!isFree(row, place - half, place + half)) continue;
    row.taken.push([place - half, place + half]);
    shown.add(index);
  }
  return shown;
}

/** Half of what a finger takes. */
const FINGER = 22;

function touchOf(places: number[], index: number): { x: number; width: number } {
  const place = places[index] ?? 0;
  const left = Math.min(FINGER, (place - (places[index - 1] ?? -Infinity)) / 2);
  const right = Math.min(FINGER, ((places[index + 1] ?? Infinity) - place) / 2);
  return { x: place - left, width: left + right };
}

const rank = (drop: Schemas['Drop'] | undefined) => (drop && isOpenDrop(drop) ? 0 : 1);

export function layOut(ruler: Schemas['Ruler'], width: number, first: 'gauge' | 'metric'): RulerLayout {
  const [low, high] = domainOf(ruler);
  const edge: [number, number] = [GUTTER, width - RIGHT];
  const scale = (edge[1] - edge[0]) / Math.log(high / low);
  const x = (area: number) => edge[0] + Math.log(area / low) * scale;

  const places = spread(
    ruler.drops.map((drop) => x(drop.area)),
    DROP_GAP,
    edge[0],
    edge[1],
  );
  const lastLane = ruler.drops.map((drop) =>
    ruler.lanes.reduce((last, lane, index) => (drop.marks[lane.name] ? index : last), -1),
  );

  let y = FIRST_LANE;
  const lanes = ruler.lanes.map((lane, index): LaidLane => {
    const passing = places.filter((_, drop) => (lastLane[drop] ?? -1) >= index);
    const { bars, rows } = packBars(lane, x, edge, y + 5, passing);
    const height = rows * ROW + MARK_ROOM + 4;
    const laid = { name: lane.name, y, height, markY: y + rows * ROW + 5 + MARK_ROOM / 2 - 2, bars };
    y += height;
    return laid;
  });

  const counted = countsWithRoom(ruler.drops, places);
  const drops = ruler.drops.map((drop, index): LaidDrop => {
    const place = places[index] ?? 0;
    const marks = lanes.flatMap((lane) => {
      const status = drop.marks[lane.name];
      return status ? [{ lane: lane.name, y: lane.markY, status }] : [];
    });
    const last = marks[marks.length - 1]?.y ?? FIRST_LANE + 8;
    return {
      drop,
      x: place,
      touch: touchOf(places, index),
      bottom: last,
      marks,
      showsCount: counted.has(index),
      isOpen: isOpenDrop(drop),
    };
  });

  return {
    width,
    height: y + 2,
    left: GUTTER,
    upper: ticks(ruler, first, x, edge),
    lower: ticks(ruler, first === 'gauge' ? 'metric' : 'gauge', x, edge),
    lanes,
    drops,
  };
}
