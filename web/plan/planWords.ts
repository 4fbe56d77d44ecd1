import type { Schemas } from '@/api/client';
import { money } from '@/shared/currency';
import { counted, words } from '@/shared/pretty';
import { operationWords } from '@/shared/status';

export const meansWords: Record<Schemas['Means'], string> = {
  buy: 'Buy',
  move: 'Move',
  borrow: 'Hire',
  renew: 'Renew',
  'call-back': 'Call back',
  'per-piece': 'Pay per piece',
};

/** The ways to have a tool, as one ticks them; what mends is asked of a day only. */
export const waysToHave: { means: Schemas['Means']; says: string; mends?: true }[] = [
  { means: 'renew', says: 'renewed', mends: true },
  { means: 'call-back', says: 'called back', mends: true },
  { means: 'buy', says: 'bought' },
  { means: 'move', says: 'moved from another kit' },
  { means: 'borrow', says: 'hired' },
  { means: 'per-piece', says: 'paid per piece' },
];

/** The operations that one asks a backup for; the rest are done with what anybody has. */
export const backedUp: Schemas['Operation'][] = ['cut', 'strip-sheath', 'strip', 'crimp', 'sleeve', 'torque'];

export const operationName = (of: Schemas['Operation']): string => operationWords[of];

/** A tube over the terminal, as a line says it. */
export const sleeveWords = (sleeve: string): string =>
  sleeve === 'none' ? 'no sleeve over it' : `${sleeve} sleeve over it`;

/** What the terminals cost more or less than those of now; null where a price is missing. */
export function partsWords(cents: number | null): string {
  if (cents === null) return 'terminals without a price';
  if (cents === 0) return 'terminals cost the same';
  return `terminals cost ${money(Math.abs(cents))} ${cents > 0 ? 'more' : 'less'}`;
}

type Role = Schemas['Plan']['roles'][number];

/** What a role is called in front of people. */
export const roleWords: Record<Role['role'], string> = {
  essential: 'essential',
  better: 'makes it better',
  backup: 'backup',
  idle: 'adds nothing',
};

/** Why a tool has its role, in one sentence. */
export function whyOf(role: Role, nameOf: (id: string) => string): string {
  const lines = counted(role.lines.length, 'line');
  switch (role.role) {
    case 'essential':
      return role.alone > 0
        ? `Without it ${lines} cannot be made: ${counted(role.alone, 'termination')} rest on it alone.`
        : `Without it ${lines} cannot be made; they lack something else too.`;
    case 'better':
      return `Without it ${lines} ${role.lines.length === 1 ? 'is' : 'are'} only makeshift.`;
    case 'backup':
      return `Doubles ${role.others.slice(0, 3).map(nameOf).join(', ') || 'another tool'} on ${lines}.`;
    case 'idle':
      return role.isCarried
        ? 'No step uses it; the house wants it in every kit.'
        : 'No step of this work uses it.';
  }
}

type Mending = NonNullable<Schemas['Plan']['add'][number]['mending']>;

/** What makes a thing of the kit count again. */
export const mendingWords = ({ asset, isLent, dues }: Mending): string =>
  [
    isLent ? `${asset} comes back from whoever has it` : asset,
    ...(dues.length ? [`${dues.map(words).join(' and ')} ${dues.length > 1 ? 'are' : 'is'} done`] : []),
  ].join(': ');

/** How a hired or paid tool compares with buying it. */
export function breakEven(tool: { price?: number; perMonth?: number; perUse?: number }): string | null {
  if (!tool.price) return null;
  const months = tool.perMonth ? Math.ceil(tool.price / tool.perMonth) : null;
  const pieces = tool.perUse ? Math.ceil(tool.price / tool.perUse) : null;
  const parts = [
    months === null ? null : `${counted(months, 'month')} of hire`,
    pieces === null ? null : `${counted(pieces, 'piece')} paid for`,
  ].filter(Boolean);
  return parts.length ? `Buying pays after ${parts.join(', or ')}.` : null;
}

/** The headline of a plan. */
export function verdictOf(plan: Schemas['Plan'], unpriced = 0): string {
  const closed = plan.holes.filter(({ isClosed }) => isClosed).length;
  const all = plan.holes.length;
  if (all === 0 && plan.add.length === 0) return 'Nothing to do: the kit has no hole here';
  if (plan.add.length === 0 && plan.paid.length === 0 && plan.beyond)
    return 'Nothing that can be had makes one termination more';
  if (plan.add.length === 0 && plan.paid.length === 0)
    return `Nothing that ${unpriced ? 'has a price' : 'can be had'} closes ${all === 1 ? 'the hole' : `any of the ${all} holes`}`;
  const what =
    all === 0
      ? 'Makes it better'
      : closed === all
        ? `Closes ${all === 1 ? 'the hole' : all === 2 ? 'both holes' : `all ${all} holes`}`
        : `Closes ${closed} of ${counted(all, 'hole')}`;
  return `${what} for ${money(plan.cost)}`;
}

/** The sign of a plan is that of what remains: a hole, steps that do not count, or nothing. */
export const signOf = ({ holes, open }: Schemas['Plan']): Schemas['Status'] =>
  holes.some(({ isClosed }) => !isClosed) ? 'hole' : open.length ? 'makeshift' : 'covered';
