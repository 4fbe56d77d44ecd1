import type { RulesTried } from '@/data/rules';
import { counted } from '@/shared/pretty';

/* What other answers would do to kits and scopes, in words. */

type Cell = RulesTried['cells'][number];

export interface Effect {
  kit: string;
  scope: string;
  /** Whether more is open than before, or less; 0 where only the way of it changes. */
  turn: number;
  words: string[];
}

const openOf = ({ headline }: Cell['before']): number => headline.hole + headline.faulty;

const more = (by: number, one: string): string =>
  by > 0 ? counted(by, `more ${one}`) : `${counted(-by, one)} fewer`;

/** "3 more holes", "40 terminations become makeshift". */
export function effectOf(
  { before, after }: Cell,
  kindWords: (kind: string) => string,
): Omit<Effect, 'kit' | 'scope'> {
  const [was, is] = [before.headline, after.headline];
  const by = (of: 'hole' | 'faulty' | 'makeshift') => is[of] - was[of];
  const holes = after.holes - before.holes;
  const lacks = (from: string[], to: string[]) => to.filter((kind) => !from.includes(kind)).map(kindWords);
  const [lacking, found] = [
    lacks(was.carryMissing, is.carryMissing),
    lacks(is.carryMissing, was.carryMissing),
  ];
  const open = openOf(after) - openOf(before);
  const words = [
    open > 0 ? `${counted(open, 'more termination')} cannot be made` : '',
    open < 0 ? `${counted(-open, 'termination')} can be made` : '',
    holes ? more(holes, 'hole') : '',
    by('faulty') ? more(by('faulty'), 'faulty termination') : '',
    by('makeshift') > 0
      ? `${counted(by('makeshift'), 'termination becomes', 'terminations become')} makeshift`
      : '',
    by('makeshift') < 0
      ? `${counted(-by('makeshift'), 'termination is', 'terminations are')} makeshift no longer`
      : '',
    was.makeshiftCounts === is.makeshiftCounts
      ? ''
      : is.makeshiftCounts
        ? 'makeshift counts as covered'
        : 'makeshift counts no longer',
    lacking.length ? `lacks what is carried: ${lacking.join(', ')}` : '',
    found.length ? `need not carry: ${found.join(', ')}` : '',
  ];
  return { turn: Math.sign(open || by('makeshift')), words: words.filter(Boolean) };
}

/** All of them, the worst first. */
export function effectsOf(tried: RulesTried, kindWords: (kind: string) => string): Effect[] {
  const weigh = ({ before, after }: Cell) => openOf(after) - openOf(before);
  return [...tried.cells]
    .sort((one, other) => weigh(other) - weigh(one))
    .map((cell) => ({ kit: cell.before.kit, scope: cell.before.scope, ...effectOf(cell, kindWords) }));
}
