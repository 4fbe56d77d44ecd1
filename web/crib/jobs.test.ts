import { expect, it } from 'vitest';
import { jobOf, jobsOf } from './jobs';
import type { ThingRow } from './thingColumns';

const row = (lanes: string[], ops: string[], kind = 'crimper') =>
  ({
    id: 't',
    name: 'T',
    thing: { kind, capabilities: ops.map((op) => ({ op })) },
    lanes: lanes.map((name) => ({ name, bars: [] })),
  }) as unknown as ThingRow;

it.each([
  [row(['ferrule', 'twin-ferrule'], ['crimp']), 'Crimping ferrules'],
  [
    row(['cut', 'strip', 'bare'], ['cut', 'strip', 'crimp', 'shear-screw'], 'pliers'),
    'Cutting wire and cable',
  ],
  [row([], ['torque'], 'torque'), 'Tightening by torque'],
  [row([], [], 'two-pole-tester'), 'Two pole tester'],
])('stands under the job that it does first', (of, job) => {
  expect(jobOf(of)).toBe(job);
});

it('names all that a tool is for, each once', () => {
  expect(jobsOf(row(['strip'], ['strip', 'shear-screw']))).toEqual(['Stripping', 'Cutting screws to length']);
});
