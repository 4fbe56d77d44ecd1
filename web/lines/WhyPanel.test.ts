import { createPinia } from 'pinia';
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import { coverage } from './coverage.fixture';
import { rowsOf } from './reading';
import WhyPanel from './WhyPanel.vue';

const get = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: get },
}));

const others = [
  {
    tool: 'oval',
    fit: 'unsuitable',
    position: 'yellow',
    reasons: [
      { code: 'nest.none', fit: 'unsuitable', text: 'It has no nest for 50 mm2; yellow is for 12-10 AWG.' },
    ],
  },
];

beforeEach(() => get.mockResolvedValue({ data: { data: others }, response: new Response() }));

async function shown(line: string, step: number | null) {
  const data = coverage();
  const row = rowsOf(data, 'gauge').find((one) => one.id === line)!;
  const view = mount(WhyPanel, {
    props: {
      coverage: data,
      row,
      step,
      pair: { kit: 'bag', scope: 'job' },
      units: { length: 'mm', force: 'N' },
      kits: [
        { id: 'bag', name: 'Bag', note: null, tools: 2, tracked: true },
        { id: 'van', name: 'Van', note: null, tools: 9, tracked: true },
      ],
    },
    global: {
      plugins: [
        createVuetify(),
        createPinia(),
        [VueQueryPlugin, { queryClient: new QueryClient({ defaultOptions: { queries: { retry: false } } }) }],
      ],
    },
  });
  await flushPromises();
  return view;
}

it('says what would close a hole, what misses, and where else to look', async () => {
  const view = await shown('open', 1);
  const text = view.text().replaceAll('\u00a0', ' ');
  expect(text).toContain('Nothing in this kit does it');
  expect(text).toContain('A crimper with a hexagon die for lugs, 50 mm².');
  expect(text).toContain('It has no nest for 50 mm²; yellow is for 12–10 AWG.');
  expect(text).toContain('Below the winch.');
  await view.find('button.link').trigger('click');
  expect(view.emitted('plan')).toHaveLength(1);
  await view.find('.advice button.link').trigger('click');
  expect(view.emitted('kit')).toEqual([['van']]);
});

it('shows the chosen tool with its place and reasons, and that it has no backup', async () => {
  const view = await shown('good', 1);
  expect(view.find('.chosen h3').text()).toMatch(/Ratchet crimper\s*blue/);
  expect(view.text()).toContain('One tool only, and the house wants a backup for crimp.');
  expect(view.find('.chosen .reasons').text().replaceAll('\u00a0', ' ')).toContain(
    '16 AWG is within 30–6 AWG.',
  );
  const out = view.findAll('button').find((button) => button.text() === 'As if it were not in the kit');
  await out?.trigger('click');
  expect(view.emitted('out')).toHaveLength(1);
});

it('says of a faulty line that no tool can mend it, and asks for no other tools', async () => {
  get.mockClear();
  const view = await shown('bad', null);
  expect(view.text()).toContain('The line itself is faulty: no tool can mend it');
  expect(view.text()).toContain('The terminal does not take solid wire.');
  expect(view.find('.steps').exists()).toBe(false);
  expect(get.mock.calls.map(([path]) => path)).toEqual(['/session']);
});

it('tells the two ends of a splice apart, and what was left out by hand', async () => {
  const view = await shown('splice', 2);
  expect(view.findAll('.steps button').map((one) => one.text().replaceAll(/\s+/g, ' '))).toEqual([
    'cut 16 AWG',
    'cut 50 mm2',
    'crimp',
  ]);
  expect(view.text()).toContain('Left out by hand: strip, comes stripped');
  expect(view.text()).toContain('what is said on the line itself makes it makeshift');
  await view.findAll('.steps button')[1]!.trigger('click');
  expect(view.emitted('step')).toEqual([[1]]);
});

it('says when the other tools cannot be asked for, and lets somebody try again', async () => {
  get.mockResolvedValue({
    error: { type: 'about:blank', title: 'Something went wrong on our side', status: 500 },
    response: new Response(null, { status: 500 }),
  });
  const view = await shown('good', 0);
  expect(view.find('[role=alert]').text()).toContain('Something went wrong on our side');
  get.mockResolvedValue({ data: { data: [] }, response: new Response() });
  await view.find('[role=alert] button').trigger('click');
  await flushPromises();
  expect(view.text()).toContain('No other tool of the kit does this (cut).');
});

it('says first what fails and folds what fits; where all fits it stands open', async () => {
  get.mockResolvedValue({
    data: {
      data: [
        {
          tool: 'oval',
          fit: 'unsuitable',
          position: null,
          reasons: [
            { code: 'size.in', fit: 'proper', text: 'It takes the size.' },
            { code: 'nest.none', fit: 'unsuitable', text: 'It has no nest.' },
            { code: 'class.in', fit: 'proper', text: 'It takes the class.' },
          ],
        },
      ],
    },
    response: new Response(),
  });
  const view = await shown('good', 1);
  const other = view.find('.others li');
  expect(other.find('ul').text()).toBe('It has no nest.');
  expect(other.find('summary').text()).toBe('2 points fit');
  expect(other.find('details').attributes('open')).toBeUndefined();
  expect(other.find('.unsuitable svg').attributes('aria-label')).toBe('does not do it');
  expect(other.text()).not.toContain('faulty');
  expect(view.find('.chosen details').exists()).toBe(false);
});

it('shows the ruler in small: what the terminal takes, and where a tool does not do what it reaches', async () => {
  const view = await shown('open', 1);
  expect(view.findAll('.little').map((ruler) => ruler.attributes('aria-label'))).toEqual([
    'takes 50 mm² to 50 mm²; wire 50 mm²',
  ]);
});
