import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { breakEven, mendingWords, signOf, verdictOf, whyOf } from './planWords';

type Role = Schemas['Plan']['roles'][number];
const role = (of: Partial<Role>): Role => ({
  tool: 't',
  role: 'essential',
  lines: ['a', 'b'],
  alone: 0,
  others: [],
  isCarried: false,
  ...of,
});
const hole = (isClosed: boolean): Schemas['Plan']['holes'][number] => ({
  op: 'crimp',
  name: 'Crimping',
  wanted: 'A crimper.',
  quantity: 4,
  lines: ['a'],
  isClosed,
});
const plan = (of: Partial<Schemas['Plan']>) =>
  ({ holes: [], add: [], paid: [], open: [], cost: 0, ...of }) as Schemas['Plan'];
const add = [
  { tool: 't', count: 1, cost: 3400, closes: [], means: 'buy', from: null, isSecond: false, mending: null },
] as Schemas['Plan']['add'];

it('says why a tool has its role', () => {
  const nameOf = (id: string) => id.toUpperCase();
  expect(whyOf(role({ alone: 40 }), nameOf)).toBe(
    'Without it 2 lines cannot be made: 40 terminations rest on it alone.',
  );
  expect(whyOf(role({ lines: ['a'] }), nameOf)).toContain('lack something else too');
  expect(whyOf(role({ role: 'better', lines: ['a'] }), nameOf)).toBe('Without it 1 line is only makeshift.');
  expect(whyOf(role({ role: 'backup', others: ['x', 'y'] }), nameOf)).toBe('Doubles X, Y on 2 lines.');
  expect(whyOf(role({ role: 'idle' }), nameOf)).toBe('No step of this work uses it.');
  expect(whyOf(role({ role: 'idle', isCarried: true }), nameOf)).toContain('every kit');
});

it('tells when buying pays', () => {
  expect(breakEven({ price: 64000, perMonth: 9000, perUse: 600 })).toBe(
    'Buying pays after 8 months of hire, or 107 pieces paid for.',
  );
  expect(breakEven({ price: 64000 })).toBeNull();
  expect(breakEven({ perMonth: 9000 })).toBeNull();
});

it('says in one line what a plan does', () => {
  expect(verdictOf(plan({}))).toBe('Nothing to do: the kit has no hole here');
  expect(verdictOf(plan({ holes: [hole(false)] }))).toBe('Nothing that can be had closes the hole');
  expect(verdictOf(plan({ holes: [hole(true), hole(true)], add, cost: 3400 }))).toBe(
    'Closes both holes for €34.00',
  );
  expect(verdictOf(plan({ holes: [hole(true), hole(false)], add, cost: 3400 }))).toBe(
    'Closes 1 of 2 holes for €34.00',
  );
  expect(verdictOf(plan({ add, cost: 3400 }))).toBe('Makes it better for €34.00');
});

it.each([
  [{ asset: 'TQ-02', isLent: false, dues: ['verification'] as const }, 'TQ-02: verification is done'],
  [{ asset: 'ST-04', isLent: true, dues: [] }, 'ST-04 comes back from whoever has it'],
  [
    { asset: 'CR-01', isLent: true, dues: ['calibration', 'verification'] as const },
    'CR-01 comes back from whoever has it: calibration and verification are done',
  ],
])('says of %o what makes it count again', (of, words) =>
  expect(mendingWords({ ...of, dues: [...of.dues] })).toBe(words),
);

it('has the sign of what remains, and not of what was', () => {
  const open = [{ line: 'a' }] as Schemas['Plan']['open'];
  expect(signOf(plan({ holes: [hole(true)] }))).toBe('covered');
  expect(signOf(plan({ holes: [hole(true)], open }))).toBe('makeshift');
  expect(signOf(plan({ holes: [hole(true), hole(false)], open }))).toBe('hole');
});

it('does not say that nothing can be had where something only wants a price', () => {
  const nothing = plan({ holes: [hole(false)] });
  expect(verdictOf(nothing)).toBe('Nothing that can be had closes the hole');
  expect(verdictOf({ ...nothing, beyond: { cost: 1, steps: 1, lines: ['a'] } })).toBe(
    'Nothing that can be had makes one termination more',
  );
  expect(verdictOf(nothing, 2)).toBe('Nothing that has a price closes the hole');
});
