import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import { sessionKey } from '@/session/useSession';
import { choices, nameOf } from './settings';
import SettingsPlace from './SettingsPlace.vue';

const put = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { PUT: put },
}));
beforeEach(() => {
  put.mockReset().mockResolvedValue({ data: undefined, response: new Response(null, { status: 204 }) });
});

const set = {
  name: 'North',
  sizes: 'gauge',
  length: 'mm',
  force: 'N',
  theme: 'auto',
  decimalSign: 'point',
} as const;

function place(role: 'lead' | 'coordinator') {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, {
    person: { id: 1, shopId: 1, role, settings: set, shop: 'North', currency: 'EUR' },
    demo: [],
  });
  return mount(SettingsPlace, {
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient }] as never],
      stubs: { PlaceFrame: { template: '<main><slot /></main>' }, ShopCurrency: true, RouterLink: true },
    },
  });
}
const sent = () => (put.mock.calls as [string, { body: object }][]).map(([path, { body }]) => [path, body]);

it('says one thing and nothing of the others', async () => {
  const view = place('lead');
  const [, , , , tables] = view.findAll('select');
  await tables?.setValue('comma');
  await flushPromises();
  expect(sent()).toEqual([['/settings', { decimalSign: 'comma' }]]);
});

it('calls the shop something else, and not nothing', async () => {
  const view = place('lead');
  await view.get('input').setValue('  ');
  await view.get('form').trigger('submit');
  expect(view.get('[role=alert]').text()).toBe('What people call it: it stands on cards and lists.');
  await view.get('input').setValue(' South ');
  await view.get('form').trigger('submit');
  await flushPromises();
  expect(sent()).toEqual([['/settings', { name: 'South' }]]);
});

it('is read by who does not lead', () => {
  const view = place('coordinator');
  expect(view.findAll('select, input')).toEqual([]);
  expect(view.text()).toContain('North');
  expect(view.text()).toMatch(/Lengths\s*mm/);
  expect(view.text()).toContain('The shop lead says how.');
});

it('has words for all that a shop may choose', () => {
  expect(choices.map(({ key }) => key)).toEqual(['sizes', 'length', 'force', 'theme', 'decimalSign']);
  expect(choices.map((choice) => nameOf(choice, choice.options[1]?.id ?? ''))).toEqual([
    'mm² first',
    'inches',
    'pounds-force',
    'light',
    '2,5, cells parted by semicolons',
  ]);
});
