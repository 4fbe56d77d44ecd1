import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import NameShop from './NameShop.vue';
import { sessionKey } from './useSession';

const post = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { POST: post },
}));
beforeEach(() => post.mockReset());

function page() {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, { person: null, demo: [] });
  const view = mount(NameShop, { global: { plugins: [createVuetify(), [VueQueryPlugin, { queryClient }]] } });
  const [shop, name, email, password] = view.findAll('input');
  return {
    view,
    isAskedAnew: () => queryClient.getQueryState(sessionKey)?.isInvalidated,
    said: () => view.findAll('[role=alert]').map((one) => one.text()),
    send: async (...texts: string[]) => {
      const fields = [shop, name, email, password];
      for (const [at, text] of texts.entries()) await fields[at]?.setValue(text);
      await view.get('form').trigger('submit');
      await flushPromises();
    },
  };
}

it('asks for each that is missing at its field, then opens the shop and asks who is here', async () => {
  post.mockResolvedValue({ data: undefined, response: new Response(null, { status: 204 }) });
  const { said, send, isAskedAnew } = page();
  await send(' ', '', 'mira', '123456789');
  expect(said()).toHaveLength(4);
  expect(said()[3]).toBe('At least 10 characters: long is better than odd.');
  expect(post).not.toHaveBeenCalled();
  await send('Valley', 'Mira Sand', 'mira@valley.example', '1234567890');
  expect(post).toHaveBeenCalledExactlyOnceWith('/opening', {
    body: { shop: 'Valley', name: 'Mira Sand', email: 'mira@valley.example', password: '1234567890' },
  });
  expect(said()).toEqual([]);
  expect(isAskedAnew()).toBe(true);
});

it('says at its field what the server refuses, and below what belongs to none', async () => {
  const refused = (problem: object, status: number) => ({
    error: { type: 'about:blank', title: 'No', status, ...problem },
    response: new Response(null, { status }),
  });
  const { said, send } = page();
  const problems = [{ path: 'email', value: 'a@b', expected: 'an address that nobody else comes in with' }];
  post.mockResolvedValueOnce(refused({ detail: 'Nothing was changed.', problems }, 422));
  await send('Valley', 'Mira', 'a@b.example', '1234567890');
  expect(said()).toEqual(['an address that nobody else comes in with']);
  post.mockResolvedValueOnce(refused({ detail: 'The shop has a name already.' }, 409));
  await send('Valley', 'Mira', 'a@b.example', '1234567890');
  expect(said()).toEqual(['The shop has a name already.']);
});
