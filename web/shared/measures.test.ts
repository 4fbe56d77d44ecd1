import { describe, expect, it } from 'vitest';
import { measured, shown, torqueText, unitOf, type Measure } from './measures';

const metric = { length: 'mm', force: 'N' } as const;
const imperial = { length: 'inch', force: 'lbf' } as const;

it.each([
  [1.2, '1.2 N·m'],
  ['15 lbf·in', '15 lbf·in'],
])('a torque of %s reads %s', (torque, text) => expect(torqueText(torque)).toBe(text));

describe('what is typed', () => {
  it.each<[string, Measure, number | null]>([
    ['3.9', 'length', 3.9],
    ['3,9 mm', 'length', 3.9],
    ['0.15 in', 'length', 3.81],
    ['180', 'force', 180],
    ['40 lbf', 'force', 177.9289],
    ['18.1 kgf', 'force', 177.5004],
    ['1.2 N·m', 'torque', 1.2],
    ['15 lbf·in', 'torque', 1.6948],
    ['-5 °C', 'celsius', -5],
    ['−5', 'celsius', -5],
    ['0.24 kg', 'mass', 240],
    ['32.00', 'money', 3200],
    ['32,50 €', 'money', 3250],
    ['32,50 eur', 'money', 3250],
    // What is in another currency is not that many of this one.
    ['32.50 $', 'money', null],
    ['32.50 SEK', 'money', null],
    ['3', 'count', 3],
    ['3.5', 'count', null],
    ['1,000', 'length', null],
    ['0,130', 'length', 0.13],
    ['about 4', 'length', null],
    ['4 kg', 'length', null],
    ['', 'length', null],
  ])('%s as %s', (text, measure, value) => {
    expect(measured(text, measure, metric)).toBe(value);
  });

  it('is in inches and pounds where the page is', () => {
    expect(measured('0.15', 'length', imperial)).toBe(3.81);
    expect(measured('3.81 mm', 'length', imperial)).toBe(3.81);
    expect(measured('40', 'force', imperial)).toBe(177.9289);
    expect(unitOf('length', imperial)).toBe('in');
    expect(shown(3.81, 'length', imperial)).toBe('0.15');
    expect(shown(177.9289, 'force', imperial)).toBe('40');
  });

  it('reads back what it shows', () => {
    for (const [measure, values] of Object.entries({
      length: [3.9, 0.07, 120],
      force: [180, 42.5],
      mass: [70],
      money: [5, 3200],
      celsius: [-5],
      torque: [0.4],
    }))
      for (const value of values)
        expect(measured(shown(value, measure as Measure, metric), measure as Measure, metric)).toBe(value);
  });
});
