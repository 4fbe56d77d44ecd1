import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import RulerDrop from './RulerDrop.vue';

const laid = (marks: { lane: string; y: number; status: string }[]) =>
  ({
    drop: { status: 'faulty' },
    x: 100,
    touch: { x: 90, width: 20 },
    bottom: marks.at(-1)?.y ?? 8,
    marks,
    count: null,
    isOpen: true,
  }) as never;
const crossOf = (marks: { lane: string; y: number; status: string }[]) =>
  mount(RulerDrop, { props: { laid: laid(marks), isLit: false, height: 200, countY: 180 } })
    .get('.cross')
    .attributes('d');

it('shows a faulty line of a size where no good one is covered by it', () => {
  expect(crossOf([])).toBe('M95 3l10 10m0 -10l-10 10');
  // The lowest mark of a good line ends 4.6 px below its middle.
  const [, y] = /^M96\.5 ([\d.]+)l/.exec(crossOf([{ lane: 'cut', y: 150, status: 'covered' }]) ?? '') ?? [];
  expect(Number(y)).toBeGreaterThan(154.6);
});
