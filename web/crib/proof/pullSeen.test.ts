import { expect, it } from 'vitest';
import type { GaugeEvent } from '@/data/gauges';
import { armed, curveOf, cutOff, heard, HEIGHT, highest, isOver, type LivePull } from './pullSeen';

const all = (...events: GaugeEvent[]): LivePull => events.reduce(heard, armed());
const reading = (at: number, force: number): GaugeEvent => ({
  kind: 'reading',
  at,
  force,
  text: `${force} N`,
});
const peak: GaugeEvent = { kind: 'peak', at: 1, force: 83.2, text: '18.7 lbf', lost: 2 };

it('goes from arming to its peak, as the gauge said it', () => {
  expect(armed().phase).toBe('arming');
  expect(all({ kind: 'ready' }).phase).toBe('ready');
  const pulling = all({ kind: 'ready' }, reading(0.5, 12), { kind: 'beat' }, reading(1, 80));
  expect(pulling).toMatchObject({ phase: 'pulling', force: null });
  expect(pulling.readings).toEqual([
    { at: 0.5, force: 12 },
    { at: 1, force: 80 },
  ]);
  expect([armed(), pulling].map(isOver)).toEqual([false, false]);
  const done = heard(pulling, peak);
  expect(done).toMatchObject({ phase: 'peak', force: 83.2, text: '18.7 lbf', lost: 2 });
  expect(done.readings).toHaveLength(2);
  expect(isOver(done)).toBe(true);
});

it('begins anew for a page that was cut off and hears all of it again: no reading stands twice', () => {
  const again = all({ kind: 'ready' }, reading(0.5, 12), { kind: 'ready' }, reading(0.5, 12), reading(1, 80));
  expect(again.readings.map(({ force }) => force)).toEqual([12, 80]);
});

it('says what went wrong, with what the gauge said of it and the highest that was read', () => {
  const fault = all(reading(0.5, 12), {
    kind: 'fault',
    says: 'no known unit',
    said: 'ozf',
    force: 12,
    text: '12 N',
  });
  expect(fault).toMatchObject({ phase: 'fault', says: 'no known unit (it said “ozf”)', force: 12 });
  expect(all({ kind: 'fault', says: 'silent', said: null }).says).toBe('silent');
  expect(isOver(fault)).toBe(true);
});

it('keeps the highest reading of a pull whose connection ended', () => {
  expect(cutOff(all(reading(0.5, 71.3), reading(0.6, 70)))).toMatchObject({
    phase: 'fault',
    force: 71.3,
    says: 'the server told no more of this pull',
  });
  expect(highest(armed())).toBeNull();
});

it('draws the curve as high as the force or what is required asks for', () => {
  const low = curveOf(all(reading(1, 50)), 100);
  expect(low.top).toBeCloseTo(115);
  // The foot stands 6 above the edge; 100 of 115 up from there.
  expect(low.required).toBeCloseTo(HEIGHT - 6 - (100 / 115) * (HEIGHT - 6));
  expect(low.path).toBe('M34 90L132.7 50.9');
  expect(curveOf(all(reading(1, 200)), 100).top).toBeCloseTo(230);
  expect(curveOf(armed(), null)).toEqual({ path: '', required: null, top: 1.15 });
  // A pull of more than three seconds fills the width.
  expect(curveOf(all(reading(6, 100)), null).path.split('L')[1]).toBe('330.0 11.7');
});
