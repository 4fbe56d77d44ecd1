import { expect, it } from 'vitest';
import { jobOf, jobsOf } from './jobs';
import type { ThingRow } from './thingColumns';

const row = (capabilities: object[], kind = 'crimper') =>
  ({ id: 't', name: 'T', thing: { kind, capabilities } }) as unknown as ThingRow;
const crimp = (profile: string, classes?: string[]) => ({
  op: 'crimp',
  profile,
  ...(classes ? { classes } : {}),
});

it.each([
  [row([crimp('hexagon', ['lug'])], 'die'), 'Crimping lugs'],
  [row([crimp('indent', ['bare', 'insulated'])]), 'Crimping bare terminals'],
  // Where no class is named it is what the profile is right for.
  [row([crimp('square')]), 'Crimping ferrules'],
  [row([{ op: 'cut' }, { op: 'strip' }, crimp('dimple')], 'pliers'), 'Cutting wire and cable'],
  [row([{ op: 'torque' }], 'torque'), 'Tightening by torque'],
  [row([], 'two-pole-tester'), 'Two pole tester'],
])('stands under the job that it does first', (of, job) => {
  expect(jobOf(of)).toBe(job);
});

it('names all that a tool is for, each once', () => {
  expect(jobsOf(row([{ op: 'strip' }, { op: 'strip' }, { op: 'shear-screw' }]))).toEqual([
    'Stripping',
    'Cutting screws to length',
  ]);
});
