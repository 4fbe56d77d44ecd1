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
