import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { ref } from 'vue';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import { rules } from '@/rules/rules.fixture';
import RulesPlace from './RulesPlace.vue';

const address = vi.hoisted(() => ({ rules: null as string | null, shown: [] as unknown[] }));
const wrote = vi.hoisted(() => vi.fn());
const role = vi.hoisted(() => ({ is: 'lead' }));
vi.mock('@/data/rules', () => ({
  useRules: () => ({ data: ref(rules), error: ref(null), isPending: ref(false), refetch: vi.fn() }),
  useRulesTried: () => ({
    data: ref({ of: 4, kits: {}, scopes: {}, cells: [] }),
    error: ref(null),
    isPlaceholderData: ref(false),
    refetch: vi.fn(),
  }),
}));
vi.mock('@/frame/useAddress', () => ({
  useAddress: () => ({
    asked: (key: string) => (key === 'rules' ? address.rules : null),
    show: (query: unknown) => address.shown.push(query),
  }),
}));
vi.mock('@/frame/useUndoKeys', () => ({ useUndoKeys: () => undefined }));
vi.mock('@/frame/useWrite', () => ({
  useWrite: () => ({ mutate: wrote, isPending: ref(false), problem: ref(null) }),
}));
vi.mock('@/session/useSession', () => ({ useSession: () => ({ person: ref({ role: role.is }) }) }));
beforeEach(() => {
  Object.assign(address, { rules: null, shown: [] });
  role.is = 'lead';
  wrote.mockReset();
});

async function place() {
  const view = mount(RulesPlace, {
    global: {
      plugins: [createPinia(), createVuetify()],
      stubs: { PlaceFrame: { template: '<main><slot /></main>' }, RouterLink: true, RulesElsewhere: true },
    },
  });
  await vi.dynamicImportSettled();
  await flushPromises();
  return view;
}
const row = (view: Awaited<ReturnType<typeof place>>, rule: string) => view.get(`[data-rule=${rule}]`);

it('shows beside each answer what the preset says', async () => {
  const view = await place();
  expect(row(view, 'hammerLugs').find('.usual').text()).toContain('Building: "refuse"');
  expect(row(view, 'openFlame').find('.usual').text()).toBe('as Building');
  expect(
    row(view, 'hammerLugs')
      .findAll('dd')
      .map((one) => one.text()),
  ).toEqual(['It is cheap.']);
  expect(view.findAll('h3').map((one) => one.text())).toEqual(['Crimping', 'What a kit has']);
});

it('thinks an answer over in the address, and writes nothing yet', async () => {
  const view = await place();
  await row(view, 'openFlame').findAll('input')[1]?.trigger('change');
  await view.get('[aria-label="As the preset has it: About hammerLugs?"]').trigger('click');
  await view.get('aside select').setValue('panel');
  expect(address.shown).toEqual([
    { rules: '{"openFlame":false}' },
    { rules: '{"hammerLugs":null}' },
    { rules: '{"preset":"panel"}' },
  ]);
  expect(wrote).not.toHaveBeenCalled();
  expect(view.find('aside').text()).not.toContain('Judge so');
});

it('says what it would do, and judges so when it is told to', async () => {
  address.rules = '{"openFlame":false,"hammerLugs":null}';
  const view = await place();
  expect(row(view, 'openFlame').text()).toContain('now: true');
  expect(view.findAll('.drafted').map((one) => one.attributes('data-rule'))).toEqual([
    'hammerLugs',
    'openFlame',
  ]);
  expect(view.find('aside').text()).toContain('No kit would do more or less');
  await view.get('[aria-label="Leave it as it is: About openFlame?"]').trigger('click');
  expect(address.shown).toEqual([{ rules: '{"hammerLugs":null}' }]);
  await view.get('.acts button').trigger('click');
  expect(wrote).toHaveBeenCalledWith({ openFlame: false, hammerLugs: null });
});

it('is only read by others than the lead', async () => {
  role.is = 'coordinator';
  address.rules = '{"openFlame":false}';
  const view = await place();
  expect(view.findAll('fieldset').every((one) => one.attributes('disabled') !== undefined)).toBe(true);
  expect(view.find('aside select').exists()).toBe(false);
  expect(view.find('.acts').exists()).toBe(false);
  expect(view.find('aside').text()).toContain('Preset: Building');
});
