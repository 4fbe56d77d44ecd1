import { expect, it } from 'vitest';
import { lapses, levelWords, markOf, rowsOf, stateOf } from './levels';
import { matrix, needs, person, skill } from './train.fixture';

const ON = '2027-03-01';
const alone = (until: string | null = null) => skill('crimp:lug', { level: 'signed-off', until });

it('marks how far somebody has come', () => {
  expect(markOf(undefined)).toBe('none');
  expect(markOf(skill('cut'))).toBe('shown');
  expect(markOf(skill('cut', { level: 'practised' }))).toBe('practised');
  expect(markOf(alone())).toBe('alone');
  expect(markOf(skill('cut', { level: null }))).toBe('none');
});

it('tells a sign-off that lapses within a month, its last day included', () => {
  expect(lapses(alone('2027-04-01'), ON)).toBe(true);
  expect(lapses(alone('2027-04-02'), ON)).toBe(false);
  expect(lapses(alone(), ON)).toBe(false);
  expect(lapses(skill('cut', { level: 'practised', until: '2027-03-02' }), ON)).toBe(false);
});

it('says a level with what stands behind it', () => {
  expect(levelWords(undefined, ON)).toBe('nothing told or practised');
  expect(levelWords(alone('2027-12-15'), ON)).toBe('signed off: does it alone, until 15 Dec');
  expect(
    levelWords(skill('cut', { level: 'practised', tries: 30, good: 28, lastTen: 0.9, mayAsk: true }), ON),
  ).toBe('practised: under supervision, 28 of 30 good, 90 % of the last ten, ready to be signed off');
  expect(levelWords(skill('cut', { level: null }), ON)).toBe('no longer with the shop');
});

it('has a row for each skill that the work asks for, in the order of work, and for others on demand', () => {
  const of = matrix(
    [person('ada', [alone(), skill('torque', { level: 'signed-off' })]), person('bo', [skill('cut')])],
    [needs('crimp:lug', 26, 'ada')],
  );
  expect(rowsOf(of, true).map((row) => row.skill)).toEqual(['crimp:lug']);
  expect(rowsOf(of, false).map((row) => [row.skill, row.terminations, row.holders])).toEqual([
    ['cut', 0, []],
    ['crimp:lug', 26, ['ada']],
    ['torque', 0, ['ada']],
  ]);
});

it('knows a hole, a hole in the making, and what no work asks for', () => {
  const row = (terminations: number, ...holders: string[]) => ({
    skill: 'cut',
    name: 'cutting',
    terminations,
    scopes: [],
    holders,
  });
  expect([row(5), row(5, 'a'), row(5, 'a', 'b'), row(0)].map(stateOf)).toEqual([
    'hole',
    'one',
    'held',
    'unasked',
  ]);
});
