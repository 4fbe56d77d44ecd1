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
const drop = (
  marks: { lane: string; y: number; status: string }[],
  turns: ReadonlySet<'better' | 'worse'> = new Set(),
) => mount(RulerDrop, { props: { laid: laid(marks), isLit: false, height: 200, countY: 180, turns } });
const crossOf = (marks: { lane: string; y: number; status: string }[]) =>
  drop(marks).get('.cross').attributes('d');

it('shows a faulty line of a size where no good one is covered by it', () => {
  expect(crossOf([])).toBe('M95 3l10 10m0 -10l-10 10');
  // The lowest mark of a good line ends 4.6 px below its middle.
  const [, y] = /^M96\.5 ([\d.]+)l/.exec(crossOf([{ lane: 'cut', y: 150, status: 'covered' }]) ?? '') ?? [];
  expect(Number(y)).toBeGreaterThan(154.6);
});

it('tells by shape whether lines of a size are better off so, or worse, or some of both', () => {
  const marks = (...turns: ('better' | 'worse')[]) =>
    ['.better', '.worse'].map((of) => drop([], new Set(turns)).find(of).exists());
  expect([marks(), marks('better'), marks('worse'), marks('better', 'worse')]).toEqual([
    [false, false],
    [true, false],
    [false, true],
    [true, true],
  ]);
  // The one points up, the other down, and neither covers the other.
  const both = drop([], new Set(['better', 'worse']));
  expect([both.get('.better').attributes('d'), both.get('.worse').attributes('d')]).toEqual([
    'M95 9h10l-5 -8z',
    'M95 11h10l-5 8z',
  ]);
});
