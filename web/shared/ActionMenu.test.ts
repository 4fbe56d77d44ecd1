import { mount } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import ActionMenu from './ActionMenu.vue';

afterEach(() => (document.body.innerHTML = ''));

function menu() {
  const acts = { copy: vi.fn(), merge: vi.fn() };
  const made = mount(ActionMenu, {
    attachTo: document.body,
    props: {
      label: 'Do with the scope',
      actions: [
        { title: 'Copy it', act: acts.copy },
        { title: 'Take another in', act: acts.merge },
        { title: 'Its lines as CSV', href: '/api/v1/scopes/a/table' },
      ],
    },
  });
  const button = made.get('button');
  const key = (name: string, more = {}) => made.get('[role=menu]').trigger('keydown', { key: name, ...more });
  return { made, acts, button, key, isOpen: () => made.find('[role=menu]').exists() };
}
const focused = () => document.activeElement?.textContent.trim();

it('opens at its first, walks round by the arrows, and by letters', async () => {
  const { button, key } = menu();
  expect(button.attributes('aria-expanded')).toBe('false');
  await button.trigger('click');
  expect([focused(), button.attributes('aria-expanded')]).toEqual(['Copy it', 'true']);
  for (const [press, at] of [
    ['ArrowDown', 'Take another in'],
    ['ArrowDown', 'Its lines as CSV'],
    ['ArrowDown', 'Copy it'],
    ['ArrowUp', 'Its lines as CSV'],
    ['Home', 'Copy it'],
    ['End', 'Its lines as CSV'],
    ['t', 'Take another in'],
    ['c', 'Copy it'],
    ['x', 'Copy it'],
  ] as const) {
    await key(press);
    expect(focused(), press).toBe(at);
  }
});

it('opens by the arrows from its button, at the first or the last', async () => {
  const { button } = menu();
  await button.trigger('keydown', { key: 'ArrowUp' });
  expect(focused()).toBe('Its lines as CSV');
});

it('does what is chosen, once, and gives the focus back', async () => {
  const { made, acts, button, isOpen } = menu();
  await button.trigger('click');
  await made.findAll('[role=menuitem]')[1]?.trigger('click');
  expect(acts.merge).toHaveBeenCalledOnce();
  expect(acts.copy).not.toHaveBeenCalled();
  expect([isOpen(), document.activeElement]).toEqual([false, button.element]);
});

it('is left by Esc with the focus back, and by going elsewhere without', async () => {
  const { button, key, isOpen } = menu();
  const other = document.createElement('button');
  document.body.append(other);
  await button.trigger('click');
  await key('Escape');
  expect([isOpen(), document.activeElement]).toEqual([false, button.element]);
  await button.trigger('click');
  other.focus();
  await Promise.resolve();
  expect([isOpen(), document.activeElement]).toEqual([false, other]);
});

it('has an address where something can be had', async () => {
  const { made, button } = menu();
  await button.trigger('click');
  expect(made.get('a').attributes('href')).toBe('/api/v1/scopes/a/table');
});
