import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { readAnew } from '@/api/readAnew';
import { tagAfter, useThingDraft } from './useThingDraft';

const { get, put } = vi.hoisted(() => ({ get: vi.fn(), put: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: get, PUT: put },
}));

it('keeps what is written while others write, and writes over what was seen when it was begun', async () => {
  const there = { id: 'A', tool: 'cutter', note: 'old', version: 'first' };
  get.mockImplementation(() => Promise.resolve({ data: { ...there }, response: new Response() }));
  put.mockImplementation(() => Promise.resolve({ data: there, response: new Response() }));
  const queryClient = new QueryClient();
  let of = {} as ReturnType<typeof useThingDraft>;
  mount(
    { setup: () => ((of = useThingDraft(ref('A'))), () => null) },
    { global: { plugins: [[VueQueryPlugin, { queryClient }]] } },
  );
  await flushPromises();
  expect([of.isKnown.value, of.draft.value.note]).toEqual([true, 'old']);
  of.put('note', 'mine');
  Object.assign(there, { note: 'theirs', version: 'second' });
  await readAnew(queryClient);
  expect(of.seen.data.value?.version).toBe('second');
  expect(of.draft.value).toEqual({ id: 'A', tool: 'cutter', note: 'mine' });
  await of.write();
  expect(put).toHaveBeenCalledExactlyOnceWith('/assets/{id}', {
    params: { path: { id: 'A' }, header: { 'If-Match': '"first"' } },
    body: { id: 'A', tool: 'cutter', note: 'mine' },
  });
  of.put('note', '');
  expect(of.draft.value).toEqual({ id: 'A', tool: 'cutter' });
});

it.each([
  ['CR-09', 'CR-10'],
  ['CR-99', 'CR-100'],
  ['press7', 'press8'],
  ['12', '13'],
  ['press', ''],
  ['', ''],
])('after %j comes %j', (tag, next) => expect(tagAfter(tag)).toBe(next));
