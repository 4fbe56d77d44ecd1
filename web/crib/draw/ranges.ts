import type { Schemas } from '@/api/client';

/*
 * Ranges of sizes as they are written, for somebody who drags their ends: what is not dragged stays as it was typed, and what is
 * dragged lands on a size of the trade. Whether a range is right the core says; here it is only drawn.
 */

export type Family = Schemas['Tick']['family'];
type Tick = Schemas['Tick'];

export interface End {
  label: string;
  /** mm² */
  area: number;
}

export interface Span {
  family: Family;
  thin: End;
  thick: End;
  /** As it is written. */
  text: string;
}

/** mm² of one kcmil: a thousand circles of one mil across. */
const KCMIL = 0.506707479;

const SIDE = String.raw`(?:awg\s*#?\s*)?(\d+/0|\d+(?:[.,]\d+)?)\s*(awg|b\s?&\s?s|kcmil|mcm|mm2|mm²|mm\^2)?`;
const RANGE = new RegExp(`^${SIDE}(?:\\s*(?:-|–|to)\\s*${SIDE})?$`, 'i');

/** ASTM B258, to draw by. */
function gaugeArea(label: string): number | null {
  const aught = /^([1-4])\/0$/.exec(label);
  const n = aught ? 1 - Number(aught[1]) : /^\d+$/.test(label) ? Number(label) : NaN;
  return Number.isFinite(n) && n <= 50 ? (Math.PI / 4) * (0.127 * 92 ** ((36 - n) / 39)) ** 2 : null;
}

function endOf(label: string, unit: string): { end: End; family: Family } | null {
  const plain = label.replace(',', '.');
  const isGauge = /^(awg|b\s?&\s?s)$/i.test(unit);
  const isKcmil = /^(kcmil|mcm)$/i.test(unit);
  const area = isGauge ? gaugeArea(plain) : Number(plain) * (isKcmil ? KCMIL : 1);
  if (unit === '' || area === null || !(area > 0)) return null;
  return { end: { label: plain, area }, family: isGauge || isKcmil ? 'gauge' : 'metric' };
}

function spanOf(text: string): Span | null {
  const found = RANGE.exec(text.trim());
  if (!found) return null;
  const prefix = /awg/i.test(text) ? 'awg' : '';
  const unit = found[4] ?? found[2] ?? prefix;
  const one = endOf(found[1] ?? '', found[2] ?? unit);
  const other = found[3] === undefined ? one : endOf(found[3], unit);
  if (!one || !other || one.family !== other.family) return null;
  const [thin, thick] = one.end.area <= other.end.area ? [one.end, other.end] : [other.end, one.end];
  return { family: one.family, thin, thick, text: text.trim() };
}

/** The spans of a range, each with how it is written; null for what is no range. */
export function spansOf(text: string | undefined): Span[] | null {
  if (text === undefined || text.trim() === '') return null;
  const spans = text.split(/(?<=awg|b\s?&\s?s|kcmil|mcm|mm2|mm²|mm\^2)\s*\/\s*/i).map(spanOf);
  return spans.every((span) => span !== null) &&
    new Set(spans.map(({ family }) => family)).size === spans.length
    ? spans
    : null;
}

const unitOf: Record<Family, string> = { gauge: 'AWG', metric: 'mm2' };

/** A span as the trade writes it: thin end first. */
export function written(family: Family, thin: string, thick: string): string {
  return `${thin === thick ? thin : `${thin}-${thick}`} ${unitOf[family]}`;
}

const series = (ticks: Tick[], family: Family) =>
  ticks.filter((tick) => tick.family === family).sort((one, other) => one.area - other.area);

/** The size of the trade that is nearest, as the ruler measures: by the logarithm. */
export function snapped(ticks: Tick[], family: Family, area: number): Tick {
  const far = (tick: Tick) => Math.abs(Math.log(tick.area / area));
  return series(ticks, family).reduce((best, tick) => (far(tick) < far(best) ? tick : best));
}

/** So many sizes of the trade further; at the ends of the series it stays there. */
export function stepped(ticks: Tick[], family: Family, area: number, steps: number): Tick {
  const all = series(ticks, family);
  const at = all.indexOf(snapped(ticks, family, area));
  return all[Math.min(all.length - 1, Math.max(0, at + steps))] as Tick;
}

const joined = (spans: { text: string }[]) => spans.map(({ text }) => text).join(' / ');

function withSpan(text: string, family: Family, span: string | null): string {
  const spans = spansOf(text) ?? [];
  const next: { family: Family; text: string }[] = spans.flatMap((one) =>
    one.family !== family ? [one] : span === null ? [] : [{ family, text: span }],
  );
  if (span !== null && !spans.some((one) => one.family === family)) next.push({ family, text: span });
  return joined(next);
}

/** One end dragged to a place; it does not pass the other. */
export function withEnd(
  text: string,
  family: Family,
  which: 'thin' | 'thick',
  area: number,
  ticks: Tick[],
): string {
  const span = spansOf(text)?.find((one) => one.family === family);
  if (!span) return text;
  const to = snapped(ticks, family, area);
  const isPast = which === 'thin' ? to.area > span.thick.area : to.area < span.thin.area;
  const end: End = isPast ? (which === 'thin' ? span.thick : span.thin) : to;
  const [thin, thick] = which === 'thin' ? [end, span.thick] : [span.thin, end];
  return end.label === span[which].label
    ? text
    : withSpan(text, family, written(family, thin.label, thick.label));
}

/** The whole of it moved by so many sizes of the trade, as wide as it was in sizes, never beyond the ends of the series. */
export function moved(text: string, family: Family, steps: number, ticks: Tick[]): string {
  const span = spansOf(text)?.find((one) => one.family === family);
  if (!span || steps === 0) return text;
  const all = series(ticks, family);
  const place = (end: End) => all.indexOf(snapped(ticks, family, end.area));
  const by = Math.min(all.length - 1 - place(span.thick), Math.max(-place(span.thin), steps));
  const label = (end: End) => all[place(end) + by]?.label ?? end.label;
  return withSpan(text, family, written(family, label(span.thin), label(span.thick)));
}

/** With a span of the other family too, between the sizes that lie nearest. */
export function withFamily(text: string, family: Family, ticks: Tick[]): string {
  const spans = spansOf(text);
  const other = spans?.find((one) => one.family !== family);
  if (!other || spans?.some((one) => one.family === family)) return text;
  const label = (end: End) => snapped(ticks, family, end.area).label;
  return withSpan(text, family, written(family, label(other.thin), label(other.thick)));
}

/** Without the span of a family, where another is left. */
export function withoutFamily(text: string, family: Family): string {
  return (spansOf(text)?.length ?? 0) > 1 ? withSpan(text, family, null) : text;
}

/** A range parted in two, each family at the middle of its sizes; null where there is nothing to part. */
export function parted(text: string, ticks: Tick[]): [string, string] | null {
  const halves = (spansOf(text) ?? []).map(({ family, thin, thick }) => {
    const all = series(ticks, family).filter(
      ({ area }) => area >= thin.area * 0.999 && area <= thick.area * 1.001,
    );
    const middle = Math.ceil(all.length / 2);
    const [low, high] = [all[middle - 1], all[middle]];
    return low && high
      ? [written(family, thin.label, low.label), written(family, high.label, thick.label)]
      : [written(family, thin.label, thick.label), written(family, thin.label, thick.label)];
  });
  if (!halves.length || halves.every(([thin, thick]) => thin === thick)) return null;
  return [halves.map(([thin]) => thin).join(' / '), halves.map(([, thick]) => thick).join(' / ')];
}

/** Every size of the trade between two, thin first: what the holes of a stripper are marked with. */
export function sizesBetween(text: string, ticks: Tick[]): string[] {
  return (spansOf(text) ?? []).flatMap(({ family, thin, thick }) =>
    series(ticks, family)
      .filter(({ area }) => area >= thin.area * 0.999 && area <= thick.area * 1.001)
      .map(({ label }) => written(family, label, label)),
  );
}
