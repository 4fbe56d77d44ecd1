import type { Schemas } from '@/api/client';
import { pretty } from '@/shared/pretty';
import type { LaidBar } from './bars';
import type { LaidDrop } from './drops';
import { sizeWords } from './scale';

/*
 * What the ruler says in words: of a bar what it reaches, of a drop line which tools look right and are not.
 */

/** What somebody points at, and where on the screen. */
export type Pointed = { at: { x: number; y: number } } & (
  { bar: LaidBar; lane: string } | { laid: LaidDrop }
);

/** What a bar reaches, a row for each nest that has a name of its own. */
export function reachWords(
  bar: LaidBar,
  ticks: Schemas['Tick'][],
  first: Schemas['Tick']['family'],
): string[] {
  const of = (reach: Schemas['Reach']) => {
    const [from, to] = [sizeWords(reach.from, ticks, first), sizeWords(reach.to, ticks, first)];
    return from === to ? from : `${from} to ${to}`;
  };
  const labelled = bar.segments.filter((segment) => segment.label !== bar.name && !bar.isRest);
  return labelled.length
    ? labelled.map((segment) => `${pretty(segment.label)}: ${of(segment.reach)}`)
    : [of(bar.reach)];
}

export interface Missed {
  text: string;
  isWhole: boolean;
  /** The sizes, and where it is only some lines, how many. */
  where: string;
}

/** Where a bar is broken and why, each reason once. */
export function missedBy(bar: LaidBar, ticks: Schemas['Tick'][], first: Schemas['Tick']['family']): Missed[] {
  const byText = new Map<string, { isWhole: boolean; sizes: string[] }>();
  for (const { isWhole, misses } of bar.crosses) {
    for (const { area, text, lines, of } of misses) {
      const found = byText.get(text) ?? { isWhole: false, sizes: [] };
      found.isWhole ||= isWhole;
      found.sizes.push(sizeWords(area, ticks, first) + (isWhole ? '' : ` (${lines.length} of ${of} lines)`));
      byText.set(text, found);
    }
  }
  return [...byText].map(([text, { isWhole, sizes }]) => ({ text, isWhole, where: sizes.join(', ') }));
}

/** The tools whose bars reach sizes of a drop line that are open in their lane, with why they do not do it. */
export function whyNot(
  ruler: Schemas['Ruler'],
  sizes: Schemas['Drop'][],
): { key: string; tool: string; text: string }[] {
  const found = ruler.lanes.flatMap((lane) => {
    const open = sizes.filter(({ marks }) => marks[lane.name] === 'hole');
    return lane.bars.flatMap((bar, index) =>
      bar.misses
        .filter((miss) => open.some(({ area }) => Math.abs(miss.area - area) < 1e-6))
        .map((miss) => ({ key: `${lane.name} ${index} ${miss.text}`, tool: bar.name, text: miss.text })),
    );
  });
  return [...new Map(found.map((one) => [one.key, one])).values()];
}
