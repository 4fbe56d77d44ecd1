import { mount, RouterLinkStub } from '@vue/test-utils';
import { beforeEach, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import BenchCard from './BenchCard.vue';

beforeEach(() => localStorage.clear());

const step = (op: string, more: Partial<Schemas['CardStep']> = {}): Schemas['CardStep'] => ({
  op,
  wire: null,
  status: null,
  tool: null,
  position: null,
  settings: {},
  text: `${op} it.`,
  name: op,
  of: null,
  ...more,
});
const card = (steps: Schemas['CardStep'][]): Schemas['Card'] => ({
  kit: 'kit',
  scope: 'scope',
  line: 'line',
  status: 'covered',
  checks: [],
  steps,
  pull: null,
  sleeve: null,
  look: { good: ['seen'], bad: ['cut'] },
  cautions: ['prove-dead', 'eyes'],
  quantity: 2,
  note: null,
  terminal: 'Butt splice',
  wires: ['Hook-up 18', 'Hook-up 18'],
  tools: {},
  lookTexts: { seen: 'The conductor is seen.', cut: 'Cut strands.' },
  cautionTexts: { 'prove-dead': 'Prove dead.', eyes: 'Glasses on.' },
  reckon: {},
});
const shown = (steps: Schemas['CardStep'][], whose = 1) =>
  mount(BenchCard, {
    props: { card: card(steps), units: { length: 'mm', force: 'N', first: 'gauge' } as never, whose },
    global: { stubs: { RouterLink: RouterLinkStub, StatusMark: true } },
  });

it('names both wires of a splice, and says of a step which end it is about', () => {
  const text = shown([step('strip', { of: 'both ends' }), step('crimp', { of: 'first end' })]).text();
  expect(text).toContain('Hook-up 18 + Hook-up 18 → Butt splice');
  expect(text.replace(/\s+/g, ' ')).toMatch(/strip both ends.*crimp first end/);
});

it('has what can hurt before the first step, and what to look for at the first look alone', () => {
  const made = shown([
    step('cut'),
    step('look', { of: 'Hook-up 18' }),
    step('look', { of: 'H05V-K' }),
    step('tug'),
  ]);
  const text = made.text();
  expect(text.indexOf('Prove dead.')).toBeLessThan(text.indexOf('cut it.'));
  const looks = made.findAll('.steps > li').map((li) => li.text().includes('The conductor is seen.'));
  expect(looks).toEqual([false, true, false, false]);
  expect(made.findAll('.look .bad').map((li) => li.text())).toEqual(['✕ Cut strands.']);
});

it('forgets its ticks once it has other steps', async () => {
  const made = shown([step('cut'), step('strip')]);
  await made.findAll('input[type=checkbox]')[1]?.setValue(true);
  expect(made.text()).toContain('1 of 2 steps ticked');
  await made.setProps({ card: card([step('cut'), step('torque')]) });
  expect(made.text()).not.toContain('ticked');
  await made.setProps({ card: card([step('cut'), step('strip')]) });
  expect(made.text()).toContain('1 of 2 steps ticked');
});

it('shows the ticks of one person to nobody else', async () => {
  await shown([step('cut')])
    .find('input[type=checkbox]')
    .setValue(true);
  expect(shown([step('cut')], 2).text()).not.toContain('ticked');
  expect(shown([step('cut')]).text()).toContain('1 of 1 step ticked');
});
