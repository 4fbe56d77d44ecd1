import { QueryClient, QueryObserver } from '@tanstack/vue-query';
import { flushPromises } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { readAnew } from './readAnew';

/** A shop of so many lines, whose answers come when they are told to. */
function slowly() {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } });
  const waiting: (() => void)[] = [];
  let lines = 288;
  const queryFn = () => {
    const now = lines;
    return new Promise<number>((resolve) => waiting.push(() => resolve(now)));
  };
  return {
    client,
    queryFn,
    write: () => lines++,
    answered: async () => (await flushPromises(), waiting.shift()?.(), flushPromises()),
    lines: () => client.getQueryData(['shop', 'coverage']),
  };
}

it('does not keep what was asked for the first time before the write and answered after it', async () => {
  const { client, queryFn, write, answered, lines } = slowly();
  new QueryObserver(client, { queryKey: ['shop', 'coverage'], queryFn }).subscribe(() => undefined);
  write();
  const read = readAnew(client);
  await answered();
  expect(lines()).toBe(288);
  await answered();
  await read;
  expect(lines()).toBe(289);
});

it('lets who looks at it next ask again, where nobody looks at it', async () => {
  const { client, queryFn, write, answered } = slowly();
  const asked = client.query({ queryKey: ['shop', 'coverage'], queryFn });
  write();
  const read = readAnew(client);
  await answered();
  await Promise.all([asked, read]);
  expect(client.getQueryState(['shop', 'coverage'])?.isInvalidated).toBe(true);
});

it('reads what is there over, and nothing of who is signed in', async () => {
  const { client, queryFn, write, answered, lines } = slowly();
  client.setQueryData(['session'], 1);
  client.setQueryData(['shop', 'coverage'], 288);
  new QueryObserver(client, { queryKey: ['shop', 'coverage'], queryFn }).subscribe(() => undefined);
  write();
  const read = readAnew(client);
  await answered();
  await read;
  expect(lines()).toBe(289);
  expect(client.getQueryState(['session'])?.isInvalidated).toBe(false);
});
