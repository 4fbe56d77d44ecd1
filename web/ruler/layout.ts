import type { Schemas } from '@/api/client';
import { LARGE, packBars, type LaidBar } from './bars';
import { countsOf, isOpenDrop, placesOf, touchOf, type LaidDrop } from './drops';
import { domainOf, scaleOver, ticksOn, type LaidTick } from './scale';
import { thinned } from './thin';
import { lettersOf } from './whose';

/*
 * Where everything on the gauge ruler stands, in pixels: the axis in a strip of its own, the lanes below it. Nothing here
 * draws.
 */

export interface LaidLane {
  name: string;
  y: number;
  height: number;
  markY: number;
  bars: LaidBar[];
  /** Everything in it is covered, so that it may be folded. */
  canFold: boolean;
  isFolded: boolean;
}

export interface RulerLayout {
  width: number;
  /** Of the lanes with the counts below them; the axis has its own. */
  height: number;
  left: number;
  upper: LaidTick[];
  lower: LaidTick[];
  lanes: LaidLane[];
  drops: LaidDrop[];
  /** Where the counts stand. */
  countY: number;
  /** How many sizes stand in a drop line with others, for want of room. */
  together: number;
  /** So much is open that washing it would paint the whole picture. */
  isCrowded: boolean;
}

/** Height of the axis, and where on it the line is. */
export const AXIS_HEIGHT = 44;
export const AXIS = 22;
const MARK_ROOM = 19;
const FOLDED = 17;
const COUNTS = 18;
/** What is said below them. */
const TOLD = 17;
const RIGHT = 20;
/** More of the sizes open than this, and nothing is washed. */
const CROWDED = 0.45;

/** Room for the names of the lanes, and between it and a finger's width where the page is narrow. */
export const gutterFor = (width: number) => (width < 560 ? 68 : 96);

export function layOut(
  ruler: Schemas['Ruler'],
  width: number,
  first: Schemas['Tick']['family'],
  isFolded: (lane: string) => boolean = () => false,
  /** Height of a folded lane; a finger wants more than the eye. */
  folded = FOLDED,
): RulerLayout {
  const left = gutterFor(width);
  const scale = scaleOver(domainOf(ruler), left, width - RIGHT);
  const standing = thinned(ruler.drops, scale);
  const dropped = standing.map(({ drop }) => drop);
  const places = placesOf(dropped, scale);
  const lastLane = dropped.map((drop) =>
    ruler.lanes.reduce((last, lane, index) => (drop.marks[lane.name] ? index : last), -1),
  );
  const placeOf = (area: number) => {
    const index = standing.findIndex(({ of }) => of.some((drop) => Math.abs(drop.area - area) < 1e-6));
    return places[index] ?? null;
  };

  let y = 0;
  const lanes = ruler.lanes.map((lane, index): LaidLane => {
    const canFold = ruler.drops.every(
      (drop) => (drop.marks[lane.name] ?? 'covered') === 'covered' && !lettersOf(drop.whose?.[lane.name]),
    );
    if (canFold && isFolded(lane.name)) {
      const laid = {
        name: lane.name,
        y,
        height: folded,
        markY: y + folded / 2,
        bars: [],
        canFold,
        isFolded: true,
      };
      y += folded;
      return laid;
    }
    const lines = places.filter((_, drop) => (lastLane[drop] ?? -1) >= index);
    const { bars, rows } = packBars(lane, {
      scale,
      top: y + 5,
      lines,
      end: width - 4,
      placeOf,
      hasNames: true,
      size: LARGE,
    });
    // What is pressed to fold it has room for a finger.
    const height = Math.max(rows * LARGE.row + MARK_ROOM + 4, canFold && folded > FOLDED ? folded : 0);
    const laid = {
      name: lane.name,
      y,
      height,
      markY: y + rows * LARGE.row + 5 + MARK_ROOM / 2 - 2,
      bars,
      canFold,
      isFolded: false,
    };
    y += height;
    return laid;
  });

  const counts = countsOf(dropped, places);
  const open = dropped.filter(isOpenDrop).length;
  const together = standing.filter(({ of }) => of.length > 1).reduce((sum, { of }) => sum + of.length, 0);
  const drops = standing.map(({ drop, of }, index): LaidDrop => {
    const marks = lanes.flatMap((lane) => {
      const status = drop.marks[lane.name];
      return status ? [{ lane: lane.name, y: lane.markY, status, whose: drop.whose?.[lane.name] }] : [];
    });
    return {
      drop,
      of,
      x: places[index] ?? 0,
      touch: touchOf(places, index),
      bottom: marks[marks.length - 1]?.y ?? 8,
      marks,
      count: counts.get(index) ?? null,
      isOpen: isOpenDrop(drop),
    };
  });

  return {
    width,
    height: y + COUNTS + (together ? TOLD : 0),
    left,
    upper: ticksOn(scale, ruler.ticks, first),
    lower: ticksOn(scale, ruler.ticks, first === 'gauge' ? 'metric' : 'gauge'),
    lanes,
    drops,
    countY: y + 12.5,
    together,
    isCrowded: open > 3 && open / dropped.length > CROWDED,
  };
}

/** The lane at a height, by name. */
export function laneAt(layout: RulerLayout, y: number): string | null {
  return layout.lanes.find((lane) => y >= lane.y && y < lane.y + lane.height)?.name ?? null;
}
