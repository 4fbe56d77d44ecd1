import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { ref, type Ref } from 'vue';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { TwoKits } from '@/data/beside';
import type { LineOfTwo } from './beside';
import BesidePlace from './BesidePlace.vue';

interface Seen {
  asks: unknown;
  query: Record<string, string>;
  shown: unknown[];
  pushed: unknown[];
  kits: { id: string; name: string }[];
  whose: string[];
  away: { asset: string; tool: string; text: string }[][];
}
const seen = vi.hoisted((): Seen => ({
  asks: null,
  query: {},
  shown: [],
  pushed: [],
  kits: [],
  whose: [],
  away: [[], []],
}));
vi.mock('@/data/beside', () => ({
  useBeside: (two: Ref<TwoKits>) => {
    seen.asks = two;
    const beside = {
      kits: [
        { id: 'bag', name: 'Bag' },
        { id: 'van', name: 'Van' },
      ],
      away: seen.away,
      ruler: { ticks: [], lanes: [], drops: [{}] },
    };
    return { data: ref(beside), error: ref(null), isPlaceholderData: ref(false), refetch: vi.fn() };
  },
}));
vi.mock('@/data/pairs', async (original) => ({
  ...(await original<typeof import('@/data/pairs')>()),
  useKitsAndScopes: () => ({
    kits: ref(seen.kits),
    scopes: ref([
      { id: 'old', name: 'Old', archived: true },
      { id: 'tower', name: 'Tower' },
    ]),
    isLoading: ref(false),
  }),
}));
vi.mock('./beside', () => ({
  verdictOf: () => 'Both make the same',
  toldOf: () => [{ key: 'neither', text: 'neither makes 3 terminations' }],
  linesOf: () => seen.whose.map((whose, at) => ({ id: `line-${at}`, whose, of: [] })),
}));
vi.mock('vue-router', () => ({ useRouter: () => ({ push: (to: unknown) => seen.pushed.push(to) }) }));
vi.mock('@/frame/useAddress', () => ({
  useAddress: () => ({
    asked: (key: string) => seen.query[key] ?? null,
    show: (query: unknown) => seen.shown.push(query),
  }),
}));

beforeEach(() =>
  Object.assign(seen, {
    query: {},
    shown: [],
    pushed: [],
    kits: ['bag', 'van', 'loft'].map((id) => ({ id, name: id })),
    whose: ['both', 'one', 'neither', 'other-better'],
  }),
);
const place = () =>
  mount(BesidePlace, {
    global: {
      plugins: [createVuetify(), createPinia()],
      stubs: {
        PlaceFrame: { template: '<main><slot /></main>' },
        RouterLink: true,
        GaugeRuler: { name: 'GaugeRuler', props: ['away'], template: '<i />' },
        DataGrid: { name: 'DataGrid', props: ['rows', 'columns'], template: '<div class="grid" />' },
      },
    },
  });
const two = () => (seen.asks as Ref<TwoKits>).value;
const rowsOf = (view: ReturnType<typeof place>) =>
  (view.getComponent({ name: 'DataGrid' }).props('rows') as LineOfTwo[]).map(({ id }) => id);

it('asks of what the address says, else of the first two kits and the first open scope; never of one kit twice', () => {
  place();
  expect(two()).toEqual({ kit: 'bag', other: 'van', scope: 'tower' });
  seen.query = { kit: 'van', other: 'van', scope: 'old', on: '2027-01-02', hand: 'ivo', with: 'no' };
  place();
  expect(two()).toEqual({ kit: 'van', other: 'bag', scope: 'old', on: '2027-01-02', hand: 'ivo' });
});

it('turns them round and picks others, by the address', async () => {
  const view = place();
  await view.get('.turn').trigger('click');
  await view.findAll('select')[0]?.setValue('loft');
  await view.findAll('select')[1]?.setValue('loft');
  expect(seen.shown).toEqual([
    { kit: 'van', other: 'bag' },
    { kit: 'loft', other: 'van' },
    { kit: 'bag', other: 'loft' },
  ]);
  // The other's kit is not offered for the one.
  expect(
    view
      .findAll('select')[0]
      ?.findAll('option')
      .map((one) => one.text()),
  ).toEqual(['bag', 'loft']);
});

it('shows the lines that differ, all of them where it is asked or none differs', async () => {
  const view = place();
  expect(rowsOf(view)).toEqual(['line-1', 'line-3']);
  expect(view.get('h2').text()).toBe('Lines that differ: 2 of 4');
  await view.get('.above button').trigger('click');
  expect(seen.shown).toEqual([{ only: 'all' }]);
  seen.query = { only: 'all' };
  expect(rowsOf(place())).toHaveLength(4);
  Object.assign(seen, { query: {}, whose: ['both', 'neither'] });
  const same = place();
  expect(rowsOf(same)).toHaveLength(2);
  expect(same.find('.above button').exists()).toBe(false);
});

it('opens Cover of the kit in whose column one presses, on the same day', () => {
  seen.query = { on: '2027-01-02' };
  const view = place();
  const grid = view.getComponent({ name: 'DataGrid' });
  grid.vm.$emit('open', { id: 'line-1' }, 'kit-1');
  grid.vm.$emit('open', { id: 'line-1' }, 'line');
  const query = { scope: 'tower', on: '2027-01-02', line: 'line-1' };
  expect(seen.pushed).toEqual([
    { name: 'cover', query: { ...query, kit: 'van' } },
    { name: 'cover', query: { ...query, kit: 'bag' } },
  ]);
});

it('says what it wants where there is one kit alone', () => {
  seen.kits = [{ id: 'bag', name: 'bag' }];
  expect(place().text()).toContain('Once there are two kits');
});

it('tells of a model that is away in both kits why it is in each', () => {
  const away = (asset: string, text: string) => [{ asset, tool: 'oval', text }];
  seen.away = [away('CR-1', 'It is lent.'), away('CR-2', 'It is past due.')];
  const told = place().getComponent({ name: 'GaugeRuler' }).props('away') as Map<string, string>;
  expect(told.get('oval')).toBe('CR-1. It is lent. CR-2. It is past due.');
});
