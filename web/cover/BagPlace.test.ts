import { mount } from '@vue/test-utils';
import { ref, type Ref } from 'vue';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { Bag } from '@/data/bag';
import type { Pair } from '@/data/pairs';
import BagPlace from './BagPlace.vue';

interface Seen {
  asks: unknown;
  query: Record<string, string>;
  shown: unknown[];
  bag: unknown;
}
const seen = vi.hoisted((): Seen => ({ asks: null, query: {}, shown: [], bag: null }));
vi.mock('@/data/bag', () => ({
  useBag: (pair: Ref<Pair>) => {
    seen.asks = pair;
    return { data: ref(seen.bag), error: ref(null), isPlaceholderData: ref(false), refetch: vi.fn() };
  },
}));
vi.mock('@/data/pairs', async (original) => ({
  ...(await original<typeof import('@/data/pairs')>()),
  useKitsAndScopes: () => ({
    kits: ref([
      { id: 'bag', name: 'Bag' },
      { id: 'van', name: 'Van' },
    ]),
    scopes: ref([
      { id: 'old', name: 'Old', archived: true },
      { id: 'tower', name: 'Tower' },
    ]),
    isLoading: ref(false),
  }),
}));
vi.mock('vue-router', () => ({ useRoute: () => ({ query: seen.query }) }));
vi.mock('@/frame/useAddress', () => ({
  useAddress: () => ({
    asked: (key: string) => seen.query[key] ?? null,
    show: (query: unknown) => seen.shown.push(query),
  }),
}));

const packed: Bag = {
  kit: { id: 'bag', name: 'Bag' },
  scope: { id: 'tower', name: 'Tower' },
  headline: {
    terminations: 10,
    covered: 6,
    makeshift: 0,
    hole: 3,
    faulty: 1,
    share: 0.6,
    makeshiftCounts: false,
    carryMissing: [],
  },
  bag: {
    take: [
      {
        tool: 'cutter',
        name: 'Cutter',
        mass: 200,
        does: [
          { op: 'cut', terminations: 6 },
          { op: 'strip', terminations: 2 },
        ],
      },
      { tool: 'glasses', name: 'Glasses', mass: null, does: [] },
    ],
    leave: [{ tool: 'plier', name: 'Plier', mass: 90 }],
    mass: 200,
    unweighed: 1,
    isProven: true,
  },
  one: [],
};
beforeEach(() => Object.assign(seen, { query: {}, shown: [], bag: packed }));
const place = () =>
  mount(BagPlace, {
    global: {
      plugins: [createVuetify()],
      stubs: {
        PlaceFrame: { template: '<main><slot name="beside" /><slot /></main>' },
        RouterLink: true,
        OneToolTable: true,
      },
    },
  });

it('says what is taken and for what, what it weighs, and what stays at home', () => {
  const view = place();
  expect(view.get('#bag-take').text()).toBe('2 tools in the bag 200 g and 1 tool that nobody has weighed');
  expect(view.findAll('.take li').map((one) => one.findAll('span').map((cell) => cell.text()))).toEqual([
    ['cut 6, strip 2', '200 g'],
    ['goes with another, or is carried', '–'],
  ]);
  expect(view.get('#bag-leave').text()).toBe('1 tool at home');
  expect(view.get('.open').text()).toContain('4 terminations cannot be made with the whole kit either');
  expect(view.text()).toContain('No fewer would do');
  seen.bag = {
    ...packed,
    bag: { ...packed.bag, isProven: false, leave: [] },
    headline: { ...packed.headline, hole: 0, faulty: 0 },
  };
  const other = place();
  expect(other.text()).toContain('fewer may do');
  expect(other.text()).toContain('Everything in the kit is needed.');
  expect(other.find('.open').exists()).toBe(false);
});

it('asks of what the address says, with what is supposed, else of the first kit and open scope', async () => {
  place();
  expect((seen.asks as Ref<Pair>).value).toEqual({ kit: 'bag', scope: 'tower' });
  seen.query = { kit: 'van', scope: 'tower', on: '2027-01-02', without: 'cutter' };
  const view = place();
  expect((seen.asks as Ref<Pair>).value).toEqual({
    kit: 'van',
    scope: 'tower',
    on: '2027-01-02',
    without: 'cutter',
  });
  await view.findAll('select')[0]?.setValue('bag');
  expect(seen.shown).toEqual([{ kit: 'bag' }]);
});
