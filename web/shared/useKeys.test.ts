import { mount } from '@vue/test-utils';
import { createVuetify } from 'vuetify';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

const turned = vi.fn();
let page: ReturnType<typeof mount>;

beforeEach(() => {
  turned.mockClear();
  page = mount(
    {
      setup: () => (useKeys('arrowright', turned), useKeys('n', turned)),
      template: `<main id="place"><p tabindex="0">card</p><button>b</button><input type="radio" /><input type="checkbox" />
        <input type="range" /><input type="text" /><div role="slider" tabindex="0"></div><div role="grid"><span tabindex="0"></span></div></main>`,
    },
    { global: { plugins: [createVuetify()] }, attachTo: document.body },
  );
  Element.prototype.checkVisibility = () => true;
});
afterEach(() => page.unmount());

const press = (selector: string, key: string) =>
  page.get(selector).element.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));

it.each([
  ['p', 'ArrowRight', 1],
  ['button', 'ArrowRight', 1],
  ['[type=checkbox]', 'ArrowRight', 1],
  ['[type=radio]', 'ArrowRight', 0],
  ['[type=range]', 'ArrowRight', 0],
  ['[role=slider]', 'ArrowRight', 0],
  ['[role=grid] span', 'ArrowRight', 0],
  ['[type=text]', 'ArrowRight', 0],
  ['[type=radio]', 'n', 1],
  ['[type=text]', 'n', 0],
])('of %s the key %s is the page’s: %i', (selector, key, times) => {
  press(selector, key);
  expect(turned).toHaveBeenCalledTimes(times);
});
