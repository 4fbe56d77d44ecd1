import { expect, it } from 'vitest';
import { ApiProblem } from './client';
import { isOutOfReach, reachOf } from './useReach';

const health = {
  ok: false,
  node: 1,
  database: { ok: true },
  disk: { ok: true, freeMegabytes: 900 },
  queue: { ok: true, waiting: 0 },
};

it.each([
  ['nobody answers', undefined, 'no-server'],
  ['all is well', health, 'all'],
  ['the database is away', { ...health, database: { ok: false } }, 'no-database'],
  ['the disk is full', { ...health, disk: { ok: false, freeMegabytes: 3 } }, 'no-disk'],
  [
    'both are gone: the database is told, without it nothing works',
    { ...health, database: { ok: false }, disk: { ok: false, freeMegabytes: 3 } },
    'no-database',
  ],
])('%s', (_case, answered, reach) => {
  expect(reachOf(answered)).toBe(reach);
});

it.each([
  [0, true],
  [502, true],
  [503, true],
  [504, true],
  [507, true],
  [500, false],
  [422, false],
  [401, false],
])('looks at the health after a %i: %s', (status, looks) => {
  expect(isOutOfReach(new ApiProblem({ type: 'about:blank', title: '', detail: '', status }))).toBe(looks);
});

it('a question that waits for its turn says nothing of the server', () => {
  const waits = { type: 'urn:gondrik:problem:waits' as const, title: '', detail: '', status: 503 };
  expect(isOutOfReach(new ApiProblem(waits))).toBe(false);
});
