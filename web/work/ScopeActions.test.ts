import { mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import ScopeActions from './ScopeActions.vue';

const seen = vi.hoisted((): { sheet: string | null; shown: unknown[] } => ({ sheet: 'new', shown: [] }));
vi.mock('@/frame/useAddress', () => ({
  useAddress: () => ({ asked: () => seen.sheet, show: (...step: unknown[]) => seen.shown.push(step) }),
}));
const ScopeSheet = {
  name: 'ScopeSheet',
  props: ['action'],
  emits: ['close'],
  template: '<i>{{ action }}</i>',
};
async function actions(sheet: string | null) {
  Object.assign(seen, { sheet, shown: [] });
  const view = mount(ScopeActions, {
    props: { scope: 'tower', scopes: [] },
    global: { stubs: { ActionMenu: true, ScopeSheet } },
  });
  await vi.dynamicImportSettled();
  return view;
}

it('opens what the address says, and nothing that it does not know', async () => {
  expect((await actions('settings')).text()).toBe('settings');
  expect((await actions('rubbish')).text()).toBe('');
  expect((await actions('toString')).text()).toBe('');
  expect((await actions(null)).text()).toBe('');
});

it('goes to what was made, or away from what is gone, in one step of the address', async () => {
  const sheet = (await actions('new')).getComponent({ name: 'ScopeSheet' });
  for (const next of ['bench', null, undefined]) sheet.vm.$emit('close', next);
  expect(seen.shown).toEqual([
    [{ sheet: null, scope: 'bench', line: null, step: null }, 'push'],
    [{ sheet: null, scope: null, line: null, step: null }, 'replace'],
    [{ sheet: null }, 'replace'],
  ]);
});
