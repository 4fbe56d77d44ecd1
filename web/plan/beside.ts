import type { Schemas } from '@/api/client';
import type { PlanAsked } from '@/data/plans';
import { money } from '@/shared/currency';
import { dayWords } from '@/shared/days';
import { counted } from '@/shared/pretty';
import { operationName } from './planWords';

/* Two plans held against each other. */

type Plan = Schemas['Plan'];

const NUMBERS = ['budget', 'mass', 'months', 'grip', 'span'] as const;
const TEXTS = ['kit', 'on', 'with', 'without', 'means', 'backups', 'swap', 'rules'] as const;
const TICKS = ['makeshift', 'steps', 'oneHanded', 'noMains'] as const;

/** A question as it stands in the address beside another. */
export const writtenAsked = (asked: PlanAsked): string =>
  new URLSearchParams(Object.entries(asked).map(([key, value]) => [key, String(value)])).toString();

/** The same read back; null for what is no question. */
export function readAsked(text: string | null): PlanAsked | null {
  const said = new URLSearchParams(text ?? '');
  const scopes = said.get('scopes');
  if (!scopes) return null;
  const asked: PlanAsked = { scopes };
  for (const key of TEXTS) if (said.has(key)) asked[key] = said.get(key) ?? '';
  for (const key of TICKS) if (said.get(key) === '1') asked[key] = '1';
  for (const key of NUMBERS) {
    const value = Number(said.get(key));
    if (said.has(key) && Number.isFinite(value)) asked[key] = value;
  }
  return asked;
}

/** What was asked, in a few words: what is the same for everybody is not said. */
export function askedWords(asked: PlanAsked, names: Record<string, string>): string {
  const named = (ids: string) => ids.split(',').map((id) => names[id] ?? id);
  return [
    `${asked.kit === undefined ? 'from nothing' : (names[asked.kit] ?? asked.kit)} for ${named(asked.scopes).join(', ')}`,
    asked.on === undefined ? null : `as on ${dayWords(asked.on, '')}`,
    asked.budget === undefined ? null : `at most ${money(asked.budget)}`,
    asked.mass === undefined ? null : `at most ${asked.mass} g`,
    asked.makeshift === '1' ? 'makeshift counts' : null,
    asked.steps === '1' ? 'single steps, too' : null,
    asked.means === undefined ? null : `by ${asked.means.replaceAll(',', ', ')}`,
    asked.oneHanded ? 'one-handed' : null,
    asked.noMains ? 'no mains' : null,
    asked.grip === undefined ? null : `grip to ${asked.grip} N`,
    asked.span === undefined ? null : `span to ${asked.span} mm`,
    asked.backups === undefined
      ? null
      : `backup for ${asked.backups
          .split(',')
          .map((op) => operationName(op as Schemas['Operation']))
          .join(', ')}`,
    asked.with === undefined ? null : `with ${named(asked.with).join(', ')}`,
    asked.without === undefined ? null : `without ${named(asked.without).join(', ')}`,
    asked.rules === undefined ? null : 'judged otherwise',
    asked.swap === undefined
      ? null
      : `${counted(asked.swap.split(',').length, 'line')} with another terminal`,
  ]
    .filter(Boolean)
    .join('; ');
}

export interface BesideRow {
  says: string;
  here: string;
  there: string;
  better: 'this' | 'other' | null;
}

/** The figures of two plans, and which is better where one of them is. */
export function besideRows(plan: Plan, other: Plan): BesideRow[] {
  const row = (
    says: string,
    of: (one: Plan) => number,
    isMoreBetter: boolean,
    tell: (value: number) => string = String,
  ): BesideRow => {
    const [here, there] = [of(plan), of(other)];
    const better = here === there ? null : here > there === isMoreBetter ? 'this' : 'other';
    return { says, here: tell(here), there: tell(there), better };
  };
  return [
    row('costs', ({ cost }) => cost, false, money),
    row('terminations that count', ({ coveredAfter }) => coveredAfter, true),
    row('of them makeshift', ({ makeshiftAfter }) => makeshiftAfter, false),
    row('steps left open', ({ open }) => open.length, false),
    row('things to come by', ({ add, paid }) => add.length + paid.length, false),
    row(
      'the kit weighs then',
      ({ mass }) => mass,
      false,
      (grams) => `${grams} g`,
    ),
  ];
}

/** Tools that only one of two plans brings, and those that both do; one that comes twice is told twice. */
export function partedTools(plan: Plan, other: Plan): { here: string[]; there: string[]; both: string[] } {
  const there = other.add.map(({ tool }) => tool);
  const here: string[] = [];
  const both: string[] = [];
  for (const { tool } of plan.add) {
    const at = there.indexOf(tool);
    if (at === -1) here.push(tool);
    else both.push(...there.splice(at, 1));
  }
  return { here, there, both };
}
