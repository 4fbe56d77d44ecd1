import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { sessionKey } from '@/session/useSession';
import { useDone } from './useDone';
import { useUndo } from './useUndo';

const post = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { POST: post },
}));

let waiting: (() => void)[] = [];
let asked: string[] = [];

/** A history that answers when it is told to; what takes back change 7 is change 107. */
beforeEach(() => {
  sessionStorage.clear();
  waiting = [];
  asked = [];
  post.mockImplementation((_path: string, { params }: { params: { path: { entry: string } } }) => {
    const { entry } = params.path;
    asked.push(entry);
    return new Promise((resolve) =>
      waiting.push(() => resolve({ data: { change: Number(entry) + 100 }, response: new Response() })),
    );
  });
});

const answered = async () => (waiting.shift()?.(), flushPromises());

function stores() {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, { person: { id: 1 }, demo: [] });
  let both = {} as { undo: ReturnType<typeof useUndo>; done: ReturnType<typeof useDone> };
  mount(
    { setup: () => ((both = { undo: useUndo(), done: useDone() }), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient }], createPinia()] } },
  );
  return both;
}

it('goes back two steps for two presses, the second after the first', async () => {
  const { undo, done } = stores();
  await undo.did(1, 'Torque written');
  await undo.did(2, 'Step added');
  const pressed = [done.undo(), undo.undo()];
  await flushPromises();
  expect(asked).toEqual(['2']);
  await answered();
  expect(asked).toEqual(['2', '1']);
  await answered();
  await Promise.all(pressed);
  expect(done.last).toEqual({ said: 'Taken back: Torque written' });
  expect([undo.canUndo, undo.canRedo]).toEqual([false, true]);
});

it('keeps what was written while a step was being taken back', async () => {
  const { undo } = stores();
  await undo.did(1, 'Torque written');
  const pressed = undo.undo();
  await flushPromises();
  await undo.did(3, 'Quantity written');
  await answered();
  await pressed;
  const next = undo.undo();
  await flushPromises();
  expect(asked).toEqual(['1', '3']);
  await answered();
  await next;
  expect(undo.canUndo).toBe(false);
});

it('goes on after a step that could not be taken back', async () => {
  const { undo, done } = stores();
  await undo.did(1, 'Torque written');
  post.mockResolvedValueOnce({
    error: { detail: 'changed meanwhile' },
    response: new Response(null, { status: 409 }),
  });
  await undo.undo();
  expect(done.failed).not.toBeNull();
  expect(undo.canUndo).toBe(true);
  const again = undo.undo();
  await flushPromises();
  await answered();
  await again;
  expect(asked).toEqual(['1']);
  expect(undo.canUndo).toBe(false);
});

it('does nothing again over what was written since', async () => {
  const { undo } = stores();
  await undo.did(1, 'Torque written');
  const back = undo.undo();
  await flushPromises();
  await answered();
  await back;
  expect(undo.canRedo).toBe(true);
  await undo.did(2, 'Step added');
  expect(undo.canRedo).toBe(false);
});
