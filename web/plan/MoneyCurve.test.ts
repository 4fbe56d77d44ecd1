import { mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { ref } from 'vue';
import MoneyCurve from './MoneyCurve.vue';

// Nothing has a size here.
vi.mock('@vueuse/core', async (original) => ({
  ...(await original<typeof import('@vueuse/core')>()),
  useElementSize: () => ({ width: ref(600) }),
}));

const point = (cost: number, covered: number) => ({ cost, covered, tools: [] }) as never;
const curve = (budget: number | null) =>
  mount(MoneyCurve, {
    props: {
      exact: [point(0, 10), point(2_000, 14), point(9_000, 40), point(30_000, 44)],
      inSteps: [],
      total: 44,
      before: 10,
      plan: { cost: 9_000, covered: 40 },
      budget,
    },
  });

it.each([
  [9_000, 'ArrowLeft', 2_000],
  [9_000, 'ArrowDown', 2_000],
  [2_000, 'ArrowRight', 9_000],
  [2_000, 'ArrowUp', 9_000],
  [8_999, 'ArrowRight', 9_000],
  [9_000, 'ArrowRight', null],
  [9_000, 'End', null],
  [9_000, 'Home', 0],
  [null, 'ArrowLeft', 9_000],
])('goes from a budget of %s with %s to %s', async (budget, key, to) => {
  const shown = curve(budget);
  await shown.get('[role=slider]').trigger('keydown', { key });
  expect(shown.emitted('budget')).toEqual([[to]]);
});

it.each([
  [0, 'ArrowLeft'],
  [null, 'ArrowRight'],
])('stays at the end it has reached: %s, %s', async (budget, key) => {
  const shown = curve(budget);
  await shown.get('[role=slider]').trigger('keydown', { key });
  expect(shown.emitted('budget')).toBeUndefined();
});

it('says what the budget does, to the eye and to the ear', () => {
  const shown = curve(2_000);
  expect(shown.get('[role=slider]').attributes('aria-valuetext')).toBe('€20.00: 14 terminations');
  expect(shown.get('.held').text().replace(/\s+/g, ' ')).toBe('budget EURat best 14 of 44');
  expect((shown.get('.held input').element as HTMLInputElement).value).toBe('20.00');
  const free = curve(null).get('.held input');
  expect([(free.element as HTMLInputElement).value, free.attributes('placeholder')]).toEqual(['', 'none']);
});

it('is let go at a step, or anywhere above it, and beyond the last without a limit', async () => {
  const shown = curve(2_000);
  const svg = shown.get('svg').element as SVGElement;
  svg.setPointerCapture = () => undefined;
  const at = Number(/translate\(([\d.]+)/.exec(shown.get('.handle').attributes('transform') ?? '')?.[1]);
  for (const clientX of [at + 2, 10_000]) {
    svg.dispatchEvent(new MouseEvent('pointerdown', { clientX, bubbles: true }));
    expect(shown.emitted('budget')?.length ?? 0).toBe(clientX === 10_000 ? 1 : 0);
    await shown.get('svg').trigger('pointerup');
  }
  const [[first], [last]] = shown.emitted('budget') as [[number], [null]];
  expect(first).toBeGreaterThan(2_000);
  expect(first % 100).toBe(0);
  expect(last).toBeNull();
});

it.each([
  ['90', [[9_000]], ''],
  ['89,5', [[8_950]], ''],
  ['', [[null]], ''],
  ['20', undefined, ''],
  ['a lot', undefined, '“a lot” is no amount: write it like 250 or 249.90, or nothing for no limit.'],
])('takes a budget that is written: %j', async (text, told, wrong) => {
  const shown = curve(2_000);
  await shown.get('.held input').setValue(text);
  expect(shown.emitted('budget')).toEqual(told);
  expect(shown.find('[role=alert]').exists() ? shown.get('[role=alert]').text() : '').toBe(wrong);
});
