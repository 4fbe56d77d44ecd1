import { flushPromises, mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import FileLink from './FileLink.vue';

const save = vi.hoisted(() => vi.fn());
vi.mock('@/shared/saved', () => ({ save }));

const file = (of: Record<string, string> = {}) => new Response('a,b', { headers: of });
const waits = () =>
  new Response(JSON.stringify({ type: 'urn:gondrik:problem:waits' }), {
    status: 503,
    headers: { 'Retry-After': '1' },
  });

beforeEach(() => {
  vi.useFakeTimers();
  save.mockReset();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function link(...answers: (Response | Error)[]) {
  const asked = vi.fn(() => {
    const next = answers.shift();
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next ?? file());
  });
  vi.stubGlobal('fetch', asked);
  return {
    asked,
    at: mount(FileLink, { props: { href: '/api/v1/list?a=1' }, slots: { default: 'As CSV' } }),
  };
}

it('saves a file by the name that the server gives it, once it is its turn', async () => {
  const { at, asked } = link(waits(), file({ 'Content-Disposition': 'attachment; filename="buying.csv"' }));
  await at.get('a').trigger('click');
  await flushPromises();
  expect(save).not.toHaveBeenCalled();
  expect(at.get('[role=status]').text()).toBe('is being made …');
  // Who presses again meanwhile asks no second time.
  await at.get('a').trigger('click');
  await vi.advanceTimersByTimeAsync(1000);
  await flushPromises();
  expect(asked).toHaveBeenCalledTimes(2);
  expect(save.mock.calls.map(([name]) => String(name))).toEqual(['buying.csv']);
  expect(at.find('[role=status]').exists()).toBe(false);
});

it('calls a file as the address ends where nobody says more', async () => {
  const { at } = link(file());
  await at.get('a').trigger('click');
  await flushPromises();
  expect(save.mock.calls.map(([name]) => String(name))).toEqual(['list']);
});

it.each([
  [new Response(JSON.stringify({ title: 'No', detail: 'Not so.' }), { status: 422 }), 'No. Not so.'],
  [new TypeError('gone'), 'The server does not answer'],
])('tells what is refused and saves nothing in its place', async (answer, words) => {
  const { at } = link(answer);
  await at.get('a').trigger('click');
  await flushPromises();
  expect(at.get('[role=alert]').text()).toContain(words);
  expect(save).not.toHaveBeenCalled();
});

it('leaves to the browser what is pressed with a key', async () => {
  const { at, asked } = link();
  const event = new MouseEvent('click', { ctrlKey: true, cancelable: true });
  at.get('a').element.dispatchEvent(event);
  await flushPromises();
  expect([event.defaultPrevented, asked.mock.calls.length]).toEqual([false, 0]);
});
