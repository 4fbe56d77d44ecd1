import { expect, it } from 'vitest';
import { labelsOf } from './labels';

it('asks for the labels of some things by their tags, for all by none, and not for more than an address holds', () => {
  expect(labelsOf(['A', 'B'], 5)).toBe('/api/v1/labels.pdf?tags=A%2CB');
  expect(labelsOf(['A', 'B'], 2)).toBe('/api/v1/labels.pdf');
  const many = Array.from({ length: 501 }, (_, at) => `T-${at}`);
  expect(labelsOf(many, 900)).toBeNull();
  expect(labelsOf(many, 501)).toBeNull();
  expect(labelsOf(many.slice(1), 900)).toContain('T-500');
});
