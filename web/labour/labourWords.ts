import type { Schemas } from '@/api/client';
import type { BreakEven, Labour, LabourRate, LabourSwap } from '@/data/labour';
import { money } from '@/shared/currency';
import { counted, pretty } from '@/shared/pretty';
import { span } from '@/shared/spans';
import { operationWords } from '@/shared/status';

/* What hours and squeezes come to, in sentences. */

/** A number written with a point or a comma and above nothing, as the address holds it; null where it is none. */
export function above(text: string): string | null {
  const found = /^\d{1,7}(?:[.,]\d{1,3})?$/.test(text) ? Number(text.replace(',', '.')) : 0;
  return found > 0 ? String(found) : null;
}

/** The same of a whole number up to so many. */
export const whole =
  (most: number) =>
  (text: string): string | null =>
    /^\d{1,9}$/.test(text) && Number(text) > 0 && Number(text) <= most ? String(Number(text)) : null;

/** "1 crimp" or "12 crimps" would need a word for each; so it is told what is done. */
export const operationsOf = (operations: Schemas['Operation'][]): string =>
  operations.map((of) => operationWords[of]).join(', ');

/** Squeezes in words where they are told alone. */
export const squeezes = (count: number): string => counted(Math.round(count), 'squeeze');

/** How much of a day of eight hours it takes, and in how many days. */
export function dayWords({ perDay, scope, all }: Labour): string {
  if (perDay === null || scope.days === null) return `${span(all.seconds)} all together`;
  return `${span(perDay.seconds)} a day, for ${counted(scope.days, 'day')}`;
}

/** Pace against the clock: how long one piece takes, and how often one must be done where all are to be done in the days. */
export function paceWords({ scope, all }: Labour, hoursADay: number): string | null {
  const { pieces, days } = scope;
  if (pieces === null) return null;
  const one = `${counted(pieces.count, pieces.name)}, ${span(all.seconds / pieces.count)} and ${squeezes(all.squeezes / pieces.count)} each`;
  if (days === null) return `${one}.`;
  const aDay = pieces.count / days;
  return `${one}: ${(Math.round(aDay * 10) / 10).toLocaleString()} a day, one every ${span((hoursADay * 3600) / aDay)} of a day of ${hoursADay} h.`;
}

/** What a tool would save, and in how many of the terminations. */
export function savesWords({ seconds, squeezes: spared, pieces, operations }: LabourSwap): string {
  const time =
    seconds > 0 ? `${span(seconds)} less` : seconds < 0 ? `${span(-seconds)} more` : 'as long as now';
  const hand = spared > 0 ? `, ${squeezes(spared)} less` : spared < 0 ? `, ${squeezes(-spared)} more` : '';
  return `${operationsOf(operations)} at ${counted(pieces, 'termination')}: ${time}${hand}`;
}

/** Cents for one piece: small amounts with a fraction. */
export const each = (cents: number): string => money(Math.round(cents * 100) / 100);

/** What comes out of weighing a tool, sentence by sentence; the first is the answer. */
export function evenWords(even: BreakEven, name: string): string[] {
  const tool = pretty(name);
  const said: string[] = [];
  if (even.from === null)
    said.push(`${tool} never pays for itself by time alone: no piece is made faster with it.`);
  else if (even.price === 0) said.push(`${tool} is there already: it is cheaper from the first piece on.`);
  else
    said.push(
      `${tool} is cheaper from ${even.from.toLocaleString()} pieces on${
        even.from <= even.pieces ? ', less than this work alone' : `, this work ${timesOf(even)}`
      }.`,
    );
  if (even.months !== null && even.price > 0)
    said.push(`It has paid for itself in ${monthsWords(even.months)} of such work.`);
  if (even.piece !== null) {
    said.push(
      even.isPieceCheaper === true
        ? `Made elsewhere, at ${each(even.piece)} a piece, it is cheaper than here as it is, however many there are.`
        : `Made elsewhere, at ${each(even.piece)} a piece, it is not cheaper than here.`,
    );
    said.push(
      even.fromAgainstPiece === null
        ? `With ${tool} it never gets cheaper than elsewhere.`
        : `Against that, ${tool} is cheaper from ${even.fromAgainstPiece.toLocaleString()} pieces on.`,
    );
  }
  return said;
}

const timesOf = ({ from, pieces }: BreakEven): string => {
  const times = (from ?? 0) / pieces;
  return `${times < 10 ? (Math.ceil(times * 10) / 10).toLocaleString() : Math.ceil(times).toLocaleString()} times over`;
};

/** "3 weeks", "1.4 months", "5 years". */
export function monthsWords(months: number): string {
  if (months < 1) return counted(Math.max(1, Math.ceil(months * 4.2)), 'week');
  if (months < 24) return `${(Math.ceil(months * 10) / 10).toLocaleString()} months`;
  return counted(Math.ceil(months / 12), 'year');
}

/** How several wires at once come out by hand (common practice). */
export function gangWords(gang: Labour['tools'][number]['gang']): string | null {
  if (gang === null) return null;
  if (!gang.byHand) return `${gang.wires} wires at once, with a drive`;
  return gang.wires <= 2
    ? 'two wires at once, which comes out about half the time'
    : `made for ${gang.wires} at once; by hand two come out about half the time, four once, six never`;
}

/** What is done and how. */
export const rateName = ({ op, method }: Pick<LabourRate, 'op' | 'method'>): string =>
  method === '' ? operationWords[op] : `${operationWords[op]}, ${method}`;
