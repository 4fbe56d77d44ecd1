import { expect, it } from 'vitest';
import { differences } from './differences';

const stripper = {
  name: 'Stripper',
  minTemperature: 5,
  capabilities: [{ op: 'strip', positions: [{ solid: '14 AWG' }, { solid: '12 AWG' }] }, { op: 'cut' }],
};

it('finds nothing between equal things', () => {
  expect(differences(stripper, structuredClone(stripper))).toEqual([]);
});

it('names each place as deep as both have something there', () => {
  const theirs = structuredClone(stripper);
  theirs.name = 'Stripper, old';
  (theirs.capabilities[0]?.positions ?? [])[1] = { solid: '10 AWG' };
  expect(differences(stripper, theirs)).toEqual([
    { title: 'name', mine: 'Stripper', theirs: 'Stripper, old' },
    { title: 'capability 1, position 2, solid', mine: '12 AWG', theirs: '10 AWG' },
  ]);
});

it('has a dash where one of them has nothing, and the whole of what the other has', () => {
  expect(differences({ maxTorque: 3 }, { capabilities: [{ op: 'cut' }] })).toEqual([
    { title: 'max torque', mine: '3', theirs: '–' },
    { title: 'capabilities', mine: '–', theirs: '[{"op":"cut"}]' },
  ]);
});
