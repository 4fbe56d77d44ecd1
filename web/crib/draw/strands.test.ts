import { expect, it } from 'vitest';
import { corePlaces, scaleBar, strandPlaces, type Place } from './strands';

const far = (places: Place[]) => Math.max(...places.map(({ x, y }) => Math.hypot(x, y)));
const nearest = (places: Place[]) =>
  Math.min(
    ...places.flatMap((one, at) =>
      places.slice(at + 1).map((other) => Math.hypot(one.x - other.x, one.y - other.y)),
    ),
  );

it.each([
  [7, 3],
  [19, 5],
  [37, 7],
])('lays %d strands in rings, %d strands across', (count, across) => {
  const places = strandPlaces(count, 0.3, across * 0.3);
  expect(places).toHaveLength(count);
  expect(2 * far(places) + 0.3).toBeCloseTo(across * 0.3, 6);
});

it('keeps any other number of strands within the bundle', () => {
  for (const count of [2, 16, 30, 84, 126]) {
    const bundle = 1.154 * Math.sqrt(count) * 0.25;
    const places = strandPlaces(count, 0.25, bundle);
    expect(places).toHaveLength(count);
    expect(2 * far(places) + 0.25).toBeLessThanOrEqual(bundle + 1e-9);
  }
});

it('lays cores side by side, touching and not overlapping', () => {
  for (const count of [2, 3, 4, 5, 7]) expect(nearest(corePlaces(count, 2.9))).toBeCloseTo(2.9, 1);
  expect(corePlaces(1, 2.9)).toEqual([{ x: 0, y: 0 }]);
});

it('draws the bar of the scale as long as it says', () => {
  expect(scaleBar(20, 70)).toEqual({ mm: 2, width: 40 });
  expect(scaleBar(3, 70)).toEqual({ mm: 20, width: 60 });
});
