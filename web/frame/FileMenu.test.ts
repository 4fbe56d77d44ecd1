import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, expect, it, vi } from 'vitest';
import FileMenu from './FileMenu.vue';

const save = vi.hoisted(() => vi.fn());
vi.mock('@/shared/saved', () => ({ save }));
afterEach(() => vi.unstubAllGlobals());

async function press(at: ReturnType<typeof mount>, title: string) {
  await at.get('button[aria-haspopup]').trigger('click');
  await flushPromises();
  const item = at.findAll('[role=menuitem]').find((one) => one.text() === title);
  await item?.trigger('click');
}

it('saves what the server makes by its name, and does what is made here', async () => {
  vi.stubGlobal(
    'fetch',
    vi.fn(() =>
      Promise.resolve(
        new Response('{}', { headers: { 'Content-Disposition': 'attachment; filename="a.json"' } }),
      ),
    ),
  );
  let finish: () => void = () => undefined;
  const make = vi.fn(() => new Promise<void>((resolve) => (finish = resolve)));
  const files = [
    { title: 'As data', href: '/api/v1/coverage.json?kit=a' },
    { title: 'As a picture', make },
  ];
  const at = mount(FileMenu, { props: { label: 'Take along', files }, attachTo: document.body });
  await press(at, 'As data');
  await flushPromises();
  expect(save.mock.calls.map(([name]) => String(name))).toEqual(['a.json']);

  await press(at, 'As a picture');
  expect(at.get('[role=status]').text()).toBe('is being made …');
  // Who presses again meanwhile has no second one made.
  await press(at, 'As a picture');
  expect(make).toHaveBeenCalledTimes(1);
  finish();
  await flushPromises();
  expect(at.find('[role=status]').exists()).toBe(false);
  at.unmount();
});

it('tells what could not be made', async () => {
  const files = [{ title: 'As a picture', make: () => Promise.reject(new Error('no canvas')) }];
  const at = mount(FileMenu, { props: { label: 'Take along', files }, attachTo: document.body });
  await press(at, 'As a picture');
  await flushPromises();
  expect(at.get('[role=alert]').text()).not.toBe('');
  expect(at.find('[role=status]').exists()).toBe(false);
  at.unmount();
});
