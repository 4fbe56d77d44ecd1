import { mount } from '@vue/test-utils';
import { ref } from 'vue';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import type { Pair } from '@/data/pairs';
import { rules } from '@/rules/rules.fixture';
import SupposedNote from './SupposedNote.vue';

const seen = vi.hoisted(() => ({
  shown: [] as unknown[],
  person: { role: 'lead', maySetUpTheShop: true },
  posted: vi.fn(),
}));
vi.mock('@/frame/useAddress', () => ({
  useAddress: () => ({ asked: () => null, show: (query: unknown) => seen.shown.push(query) }),
}));
vi.mock('@/session/useSession', () => ({ useSession: () => ({ person: ref(seen.person) }) }));
vi.mock('@/data/rules', () => ({ useRules: () => ({ data: ref(rules) }) }));
vi.mock('@/api/client', () => ({ api: { POST: seen.posted } }));
vi.mock('@/frame/useWrite', () => ({
  useWrite: (of: { ask: () => unknown }) => ({
    mutate: () => of.ask(),
    isPending: ref(false),
    problem: ref(null),
  }),
}));
beforeEach(() => {
  Object.assign(seen, { shown: [], person: { role: 'lead', maySetUpTheShop: true } });
  seen.posted.mockReset();
});

const coverage = {
  tools: { frame: { name: 'Frame' }, oval: { name: 'Oval' }, lever: { name: 'Lever' } },
  wires: { w: { name: '12 AWG' } },
  terminals: { ring: { name: 'Ring' } },
  scope: { id: 'tower', name: 'Tower' },
  lines: { a: { id: 'a', wire: 'w', quantity: 5 } },
  report: { lines: [{ id: 'a', status: 'covered' }] },
  was: { headline: {}, lines: { a: 'hole' }, fromShelf: ['lever'] },
} as unknown as Schemas['Coverage'];
const Link = { name: 'RouterLink', props: ['to'], template: '<a href="#"><slot /></a>' };
const note = (pair: Partial<Pair>, of = coverage) =>
  mount(SupposedNote, {
    props: { pair: { kit: 'bag', scope: 'tower', ...pair }, coverage: of },
    global: { stubs: { RouterLink: Link } },
  });
const whole = {
  with: 'frame,lever',
  without: 'oval',
  rules: '{"hammerLugs":"refuse","preset":"panel"}',
  swap: 'tower/a:ring',
};

it('says what is supposed and what comes of it, each to be let go of', async () => {
  const view = note(whole);
  expect(view.findAll('li').map((one) => one.text().replace(/\s*×$/, ''))).toEqual([
    '+ Frame',
    '+ Lever of the shelf',
    '− Oval',
    '§ About hammerLugs? No',
    '§ Preset: Panel',
    '⇄ 12 AWG into Ring',
  ]);
  expect(view.get('[role=status]').text()).toBe('▴ closes 1 line (5)');
  for (const of of [
    'Without Frame after all',
    'With Oval after all',
    'Not judged so after all: Preset: Panel',
    'As it was after all: 12 AWG into Ring',
  ])
    await view.get(`[aria-label="${of}"]`).trigger('click');
  expect(seen.shown).toEqual([
    { with: 'lever' },
    { without: null },
    { rules: '{"hammerLugs":"refuse"}' },
    { swap: null },
  ]);
  expect(
    note({ with: 'frame' }, { ...coverage, was: { ...coverage.was, lines: { a: 'covered' } } } as never)
      .get('[role=status]')
      .text(),
  ).toBe('changes nothing');
});

it('is kept as it was supposed, planned without what is still on the shelf, or dropped', async () => {
  const view = note(whole);
  const named = (text: string) => view.findAll('button').find((one) => one.text() === text);
  await named('Keep it so')?.trigger('click');
  expect(seen.posted).toHaveBeenCalledWith('/coverage/kept', {
    body: { scope: 'tower', kit: 'bag', ...whole },
  });
  await named('As it is')?.trigger('click');
  expect(seen.shown).toEqual([{ with: null, without: null, rules: null, swap: null }]);
  expect(view.findAllComponents(Link).map((one) => one.props('to'))).toEqual([
    { name: 'rules', query: { rules: whole.rules } },
    {
      name: 'plan',
      query: { kit: 'bag', scopes: 'tower', with: 'frame', rules: whole.rules, swap: whole.swap },
    },
  ]);
});

it.each([
  ['lead', true, 'lever', true],
  ['coordinator', true, 'frame', true],
  ['coordinator', true, 'lever', false],
  ['hand', false, 'frame', false],
])('is kept by who may: a %s (%s) with %s', (role, maySetUpTheShop, tools, may) => {
  seen.person = { role, maySetUpTheShop };
  const was = { ...coverage.was, fromShelf: tools === 'lever' ? ['lever'] : [] };
  expect(
    note({ with: tools }, { ...coverage, was } as never)
      .text()
      .includes('Keep it so'),
  ).toBe(may);
});
