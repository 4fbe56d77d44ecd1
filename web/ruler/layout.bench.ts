import { bench, describe } from 'vitest';
import type { Schemas } from '@/api/client';
import { layOut } from './layout';

/** How the layout grows from a small scope to a large one: read the ratio at the end of the run. */
function ruler(sizes: number, bars: number): Schemas['Ruler'] {
  return {
    ticks: Array.from({ length: 50 }, (_, i) => ({
      family: i % 2 ? 'gauge' : 'metric',
      label: String(i),
      area: 0.1 * 1.15 ** i,
    })),
    lanes: ['cut', 'strip', 'ferrule', 'lug'].map((name) => ({
      name,
      bars: Array.from({ length: bars }, (_, i) => ({
        tool: `t${i}`,
        name: `Tool number ${i}`,
        from: 0.1 * 1.2 ** i,
        to: 2 * 1.2 ** i,
        stretches: [{ from: 0.1 * 1.2 ** i, to: 2 * 1.2 ** i, fit: 'proper' }],
        proven: null,
        segments: [],
        misses: [],
      })),
    })),
    drops: Array.from({ length: sizes }, (_, i) => ({
      size: `${i}`,
      family: 'metric',
      otherSize: null,
      area: 0.1 * 1.04 ** i,
      lines: [`l${i}`],
      quantity: 10,
      status: 'covered',
      marks: { cut: 'covered', lug: 'covered' },
    })),
  };
}

describe('laying out the ruler', () => {
  for (const [sizes, bars] of [
    [10, 5],
    [50, 10],
    [200, 30],
  ] as const) {
    const data = ruler(sizes, bars);
    bench(`${sizes} sizes, ${bars} bars a lane`, () => {
      layOut(data, 1240, 'gauge');
    });
  }
});
