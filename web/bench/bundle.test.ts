import fc from 'fast-check';
import { expect, it } from 'vitest';
import { bundle } from './bundle';

it('lays full rings of six, twelve and eighteen round one', () => {
  const far = (strands: number) => Math.max(...bundle(strands).map(({ x, y }) => Math.hypot(x, y)));
  expect(far(1)).toBe(0);
  expect(far(7)).toBeCloseTo(1);
  expect(far(19)).toBeCloseTo(2);
  expect(far(37)).toBeCloseTo(3);
});

it('puts no strand into another', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), (strands) => {
      const places = bundle(strands);
      expect(places).toHaveLength(strands);
      const apart = places.flatMap((one, at) =>
        places.slice(at + 1).map((other) => Math.hypot(one.x - other.x, one.y - other.y)),
      );
      expect(Math.min(2, ...apart)).toBeGreaterThan(0.99);
    }),
    { numRuns: 20 },
  );
});
