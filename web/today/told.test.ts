import { expect, it } from 'vitest';
import { thing } from '@/data/wall.fixture';
import { byCause, overdue, pulledBadly } from './told';

it('tells the loan first that is the longest overdue', () => {
  const out = (day: string) => ({ to: 'Ada', person: null, kit: null, since: '2027-01-01', due: day });
  const things = [
    thing('A', { sign: 'overdue', out: out('2027-03-02') }),
    thing('B', { sign: 'overdue', out: out('2027-02-02') }),
    thing('C', { sign: 'out', out: out('2027-03-09') }),
  ];
  expect(overdue(things).map(({ tag }) => tag)).toEqual(['B', 'A']);
});

it('tells what one day does to one kit once, with all that it opens', () => {
  const change = {
    asset: 'TQ-03',
    tool: 'Driver',
    counts: false,
    code: 'due.past' as const,
    text: 'Its verification is past.',
  };
  const of = (kit: string, scope: string, on: string, lost: number) => ({
    kit: { id: kit, name: kit },
    scope: { id: scope, name: scope },
    on,
    lost,
    changes: [change],
  });
  const causes = byCause([
    of('van', 'tower', '2027-03-10', 32),
    of('van', 'cabin', '2027-03-10', 5),
    of('van', 'tower', '2027-03-20', 4),
    of('bench', 'tower', '2027-03-10', 1),
  ]);
  expect(
    causes.map(({ kit, on, scopes }) => [kit.id, on, scopes.map(({ id, lost }) => `${id} ${lost}`)]),
  ).toEqual([
    ['van', '2027-03-10', ['tower 32', 'cabin 5']],
    ['van', '2027-03-20', ['tower 4']],
    ['bench', '2027-03-10', ['tower 1']],
  ]);
  expect(causes[0]?.why).toBe('TQ-03, Driver. Its verification is past.');
});

it('tells first what was pulled under what it must hold, then what drifts, the longest first', () => {
  const things = [
    thing('A', { driftsSince: '2027-03-02', sign: 'watch' }),
    thing('B', { driftsSince: '2027-02-02', sign: 'watch' }),
    thing('C', { sign: 'watch' }),
    thing('D', { sign: 'held' }),
  ];
  expect(pulledBadly(things).map(({ tag }) => tag)).toEqual(['D', 'B', 'A']);
});
