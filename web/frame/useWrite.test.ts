import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { sessionKey } from '@/session/useSession';
import { useDone } from './useDone';
import { useUndo } from './useUndo';
import { useWrite } from './useWrite';

beforeEach(() => sessionStorage.clear());

function page(
  ask: (name: string) => Promise<{ data?: { id: string }; error?: unknown; response: Response }>,
) {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, { person: { id: 1 }, demo: [] });
  const order: string[] = [];
  const anew = vi.spyOn(queryClient, 'invalidateQueries').mockImplementation(() => {
    order.push('read anew');
    return Promise.resolve();
  });
  let made!: {
    write: ReturnType<typeof useWrite<{ id: string }, string>>;
    done: ReturnType<typeof useDone>;
    undo: ReturnType<typeof useUndo>;
  };
  mount(
    {
      setup: () => (
        (made = {
          write: useWrite<{ id: string }, string>({
            ask,
            said: (name, kept) => `Made: ${name} (${kept.id})`,
            atOnce: (kept) => order.push(`has ${kept.id}`),
            after: (kept) => order.push(`went to ${kept.id}`),
          }),
          done: useDone(),
          undo: useUndo(),
        }),
        () => null
      ),
    },
    { global: { plugins: [[VueQueryPlugin, { queryClient }], createPinia()] } },
  );
  return { ...made, order, anew };
}
const headers = { 'Gondrik-Change': '12' };

it('offers nothing to take back where nothing was written', async () => {
  const { write, done, undo } = page(() =>
    Promise.resolve({ data: { id: 'kit-1' }, response: new Response() }),
  );
  write.mutate('Van');
  await flushPromises();
  expect([done.last?.said, undo.canUndo]).toEqual(['Made: Van (kit-1)', false]);
});

it('tells what was written with its undo, and reads the shop anew before it goes on', async () => {
  const { write, done, undo, order } = page(() =>
    Promise.resolve({ data: { id: 'kit-1' }, response: new Response(null, { headers }) }),
  );
  write.mutate('Van');
  await flushPromises();
  expect(done.last?.said).toBe('Made: Van (kit-1)');
  expect(undo.canUndo).toBe(true);
  expect(order).toEqual(['has kit-1', 'read anew', 'went to kit-1']);
  expect(write.problem.value).toBeNull();
});

it('says why nothing was written, and does nothing else', async () => {
  const problem = { type: 'about:blank', title: 'Not allowed', status: 403, detail: 'No.' };
  const { write, done, undo, order } = page(() =>
    Promise.resolve({ error: problem, response: new Response(null, { status: 403, headers }) }),
  );
  write.mutate('Van');
  await flushPromises();
  expect(write.problem.value).toEqual(problem);
  expect([done.last, undo.canUndo, order]).toEqual([null, false, []]);
});
