import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { askedWords, besideRows, partedTools, readAsked, writtenAsked } from './beside';

const plan = (more: Partial<Schemas['Plan']>) =>
  ({
    cost: 0,
    mass: 0,
    coveredAfter: 0,
    makeshiftAfter: 0,
    open: [],
    add: [],
    paid: [],
    ...more,
  }) as unknown as Schemas['Plan'];
const adds = (...tools: string[]) => tools.map((tool) => ({ tool })) as Schemas['Plan']['add'];

it('reads a question as it was written into the address', () => {
  const asked = {
    kit: 'box',
    scopes: 'a,b',
    budget: 12000,
    span: 90.5,
    makeshift: '1' as const,
    backups: 'crimp',
    swap: 'a/l1:ring',
    rules: '{"taps":"accept"}',
  };
  expect(readAsked(writtenAsked(asked))).toEqual(asked);
  expect(readAsked(null)).toBeNull();
  expect(readAsked('kit=box')).toBeNull();
  expect(readAsked('kit=box&scopes=')).toBeNull();
});

it('says what is asked of each, and nothing that goes without saying', () => {
  const names = { box: 'Apprentice box', a: 'Boards', snip: 'Cutter' };
  expect(askedWords({ kit: 'box', scopes: 'a' }, names)).toBe('Apprentice box for Boards');
  expect(askedWords({ scopes: 'a', budget: 5000, without: 'snip', backups: 'crimp' }, names)).toBe(
    'from nothing for Boards; at most €50.00; backup for crimp; without Cutter',
  );
  expect(askedWords({ scopes: 'a', rules: '{}' }, names)).toBe('from nothing for Boards; judged otherwise');
});

it('marks which is better, where one is', () => {
  const rows = besideRows(
    plan({ cost: 100, coveredAfter: 5, mass: 10 }),
    plan({ cost: 90, coveredAfter: 7, mass: 10 }),
  );
  expect(rows.map(({ says, better }) => [says, better]).slice(0, 2)).toEqual([
    ['costs', 'other'],
    ['terminations that count', 'other'],
  ]);
  expect(rows.at(-1)).toMatchObject({ here: '10 g', better: null });
});

it('parts the tools', () => {
  expect(partedTools(plan({ add: adds('a', 'b') }), plan({ add: adds('b', 'c') }))).toEqual({
    here: ['a'],
    there: ['c'],
    both: ['b'],
  });
  expect(partedTools(plan({ add: adds('a', 'a') }), plan({ add: adds('a') }))).toEqual({
    here: ['a'],
    there: [],
    both: ['a'],
  });
});
