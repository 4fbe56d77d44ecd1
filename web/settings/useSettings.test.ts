import { nextTick } from 'vue';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, expect, it, vi } from 'vitest';
import { useSettings } from './useSettings';

/** What the device says of itself. */
function device(says: Record<string, boolean>) {
  vi.stubGlobal('matchMedia', (query: string) => ({
    matches: says[query] ?? false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }));
}
afterEach(() => {
  vi.unstubAllGlobals();
  localStorage.clear();
});

const dark = '(prefers-color-scheme: dark)';
const forced = '(forced-colors: active)';

it('tells things as the shop does until somebody chooses, and again when they want that', async () => {
  device({});
  setActivePinia(createPinia());
  const settings = useSettings();
  expect([settings.first, settings.length, settings.force, settings.theme]).toEqual([
    'gauge',
    'mm',
    'N',
    'auto',
  ]);
  settings.follow({ sizes: 'metric', length: 'inch', force: 'lbf', theme: 'dark' });
  expect([settings.first, settings.length, settings.force, settings.theme]).toEqual([
    'metric',
    'inch',
    'lbf',
    'dark',
  ]);
  settings.follow(undefined);
  expect([settings.isOwn, settings.theme]).toEqual([false, 'dark']);
  settings.length = 'mm';
  settings.follow({ sizes: 'gauge', length: 'inch', force: 'lbf', theme: 'dark' });
  expect([settings.first, settings.length, settings.isOwn]).toEqual(['gauge', 'mm', true]);
  await nextTick();
  // The next page on this device is as this one before the server has answered.
  setActivePinia(createPinia());
  const next = useSettings();
  expect([next.first, next.length, next.force, next.theme]).toEqual(['gauge', 'mm', 'lbf', 'dark']);
  next.asTheShop();
  expect([next.length, next.isOwn]).toEqual(['inch', false]);
});

it.each([
  ['light', {}, false],
  ['light', { [dark]: true }, false],
  ['dark', {}, true],
  ['auto', { [dark]: true }, true],
  ['auto', {}, false],
  // Its own colours stand on the ground that the device forces.
  ['light', { [dark]: true, [forced]: true }, true],
  ['dark', { [forced]: true }, false],
])('is drawn dark or light: theme %s, device %o', (theme, says, isDark) => {
  device(says);
  setActivePinia(createPinia());
  const settings = useSettings();
  settings.theme = theme as 'light';
  expect(settings.isDark).toBe(isDark);
});
