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

it('is quiet about what two kits do alike, and loud about what one does alone or better', () => {
  const of = (status: string, ...whose: string[]) => {
    const one = drop([{ lane: 'cut', y: 20, status, whose } as never]);
    const badge = one.find('.whose');
    return {
      letters: badge.exists() ? badge.text() : null,
      isAlone: badge.exists() && badge.classes('alone'),
      hasGround: one.find('.whose rect').exists(),
      dot: one.find('.shape').exists(),
      isQuiet: one.find('.shape.quiet').exists(),
    };
  };
  expect(of('covered', 'both')).toEqual({
    letters: null,
    isAlone: false,
    hasGround: false,
    dot: true,
    isQuiet: true,
  });
  expect(of('covered', 'both', 'one')).toEqual({
    letters: 'A',
    isAlone: true,
    hasGround: true,
    dot: false,
    isQuiet: false,
  });
  expect(of('covered', 'other-better')).toMatchObject({ letters: 'B', isAlone: false, hasGround: true });
  // A hole of both is as loud as any, and the ring holds the letter of who does some of it.
  expect(of('hole', 'neither')).toMatchObject({ letters: null, dot: true, isQuiet: false });
  expect(of('hole', 'one', 'neither')).toEqual({
    letters: 'A',
    isAlone: false,
    hasGround: false,
    dot: true,
    isQuiet: false,
  });
  // Without a second kit a mark is as it always was.
  expect(
    drop([{ lane: 'cut', y: 20, status: 'covered' }])
      .find('.quiet')
      .exists(),
  ).toBe(false);
});
