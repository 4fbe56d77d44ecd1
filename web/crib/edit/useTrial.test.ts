import { flushPromises } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { effectScope, ref, shallowRef } from 'vue';
import type { Draft } from './paths';
import { useTrial } from './useTrial';

const post = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { POST: post },
}));

/** A server that answers when it is told to. */
function server() {
  const waiting: ((status: number, body: unknown) => void)[] = [];
  const asked: unknown[] = [];
  post.mockImplementation((_path: string, { body }: { body: unknown }) => {
    asked.push(body);
    return new Promise((resolve) =>
      waiting.push((status, data) => {
        const response = new Response(null, { status });
        resolve(response.ok ? { data, response } : { error: data, response });
      }),
    );
  });
  return {
    asked,
    answer: async (status: number, body: unknown) => (waiting.shift()?.(status, body), flushPromises()),
  };
}
const units = ref({ length: 'mm', force: 'N' } as const);
const about = ref('tools a');

it('asks one at a time, and after it only for what the draft is by then', async () => {
  const { asked, answer } = server();
  const draft = shallowRef<Draft | null>({ name: '1' });
  const scope = effectScope();
  const { trial } = scope.run(() => useTrial('tools', draft, units, about)) as ReturnType<
    typeof useTrial<'tools'>
  >;
  for (const name of ['2', '3', '4']) {
    draft.value = { name };
    await flushPromises();
  }
  expect(asked).toEqual([{ name: '1' }]);
  await answer(200, { operations: ['first'] });
  expect(trial.value).toEqual({ operations: ['first'] });
  expect(asked).toEqual([{ name: '1' }, { name: '4' }]);
  await answer(200, { operations: ['last'] });
  expect(trial.value).toEqual({ operations: ['last'] });
  expect(asked).toHaveLength(2);
  scope.stop();
});

it('tells what is wrong with the draft, keeps the last answer, and goes on', async () => {
  const { answer } = server();
  const draft = shallowRef<Draft | null>({ name: '1' });
  const scope = effectScope();
  const { trial, problems, isOut } = scope.run(() => useTrial('tools', draft, units, about)) as ReturnType<
    typeof useTrial<'tools'>
  >;
  await answer(200, { operations: ['good'] });
  draft.value = { name: '2' };
  await flushPromises();
  const problem = { path: 'tool/capabilities/0/size', value: 'x', expected: 'a range' };
  await answer(422, { title: 'No', status: 422, problems: [problem] });
  expect(problems.value).toEqual([problem]);
  expect(trial.value).toEqual({ operations: ['good'] });
  draft.value = { name: '3' };
  await flushPromises();
  await answer(503, { title: 'Busy', status: 503 });
  expect([problems.value, isOut.value]).toEqual([[], true]);
  draft.value = { name: '4' };
  await flushPromises();
  await answer(200, { operations: ['again'] });
  expect([trial.value, isOut.value]).toEqual([{ operations: ['again'] }, false]);
  scope.stop();
});

it('never shows of one thing what was answered of another', async () => {
  const { answer } = server();
  const draft = shallowRef<Draft | null>({ name: 'a' });
  const scope = effectScope();
  const { trial } = scope.run(() => useTrial('tools', draft, units, about)) as ReturnType<
    typeof useTrial<'tools'>
  >;
  await answer(200, { operations: ['of a'] });
  draft.value = { name: 'a, drawn' };
  await flushPromises();
  about.value = 'tools b';
  draft.value = { name: 'b' };
  await flushPromises();
  expect(trial.value).toBeUndefined();
  await answer(200, { operations: ['of a, drawn'] });
  expect(trial.value).toBeUndefined();
  await answer(200, { operations: ['of b'] });
  expect(trial.value).toEqual({ operations: ['of b'] });
  scope.stop();
});
