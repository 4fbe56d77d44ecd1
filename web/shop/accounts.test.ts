import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { Account } from '@/data/accounts';
import { sessionKey } from '@/session/useSession';
import AccountRow from './AccountRow.vue';
import AskInForm from './AskInForm.vue';
import LinkNote from './LinkNote.vue';

const asked = vi.hoisted(() => ({ POST: vi.fn(), PUT: vi.fn(), DELETE: vi.fn(), GET: vi.fn() }));
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: asked,
}));

const account = (more: Partial<Account> = {}): Account => ({
  id: 7,
  name: 'Beno Tashe',
  email: 'beno@x.example',
  role: 'hand',
  person: null,
  joinedAt: '2027-01-01T00:00:00Z',
  lastSeenAt: null,
  leftAt: null,
  isYou: false,
  ...more,
});
const link = (of: Account) => ({ account: of, link: 'http://x/enter#token', until: '2027-03-08T12:00:00Z' });

beforeEach(() => {
  for (const method of Object.values(asked)) method.mockReset();
  asked.GET.mockResolvedValue({
    data: {
      data: [
        { id: 'ada', name: 'Ada Lind' },
        { id: 'bo', name: 'Bo Ek' },
      ],
    },
    response: new Response(),
  });
});

function global() {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, {
    person: { id: 1, shopId: 1, role: 'lead', maySetUpTheShop: true, person: null },
    demo: [],
  });
  return { plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient }] as never] };
}

it('asks in who is written as somebody of the shop as them, and another as nobody named', async () => {
  asked.POST.mockResolvedValue({ data: link(account()), response: new Response() });
  const view = mount(AskInForm, { props: { accounts: [account({ person: 'bo' })] }, global: global() });
  await flushPromises();
  // Who has an account is not asked in again.
  expect(view.findAll('datalist option').map((option) => option.attributes('value'))).toEqual(['Ada Lind']);
  const [name, email] = view.findAll('input');
  for (const [written, person] of [
    ['ada lind', 'ada'],
    ['Cy Roe', null],
  ] as const) {
    await name!.setValue(` ${written} `);
    await email!.setValue(' her@x.example ');
    await view.find('select').setValue('coordinator');
    await view.find('form').trigger('submit');
    await flushPromises();
    expect(asked.POST.mock.lastCall).toEqual([
      '/accounts',
      { body: { name: written, email: 'her@x.example', role: 'coordinator', person } },
    ]);
  }
  expect(view.emitted('made')).toHaveLength(2);
  expect(name!.element.value).toBe('');
});

it('asks for a name and an address before it asks anybody in', async () => {
  const view = mount(AskInForm, { props: { accounts: [] }, global: global() });
  await view.findAll('input')[1]!.setValue('no address');
  await view.find('form').trigger('submit');
  expect(view.findAll('[role="alert"]').map((alert) => alert.text())).toEqual([
    'Who is it?',
    'An address like nela@shop.example.',
  ]);
  expect(asked.POST).not.toHaveBeenCalled();
});

it('says when somebody was here, and what can be done', () => {
  const shown = (more: Partial<Account>) =>
    mount(AccountRow, { props: { account: account(more), taken: new Set<string>() }, global: global() });
  const buttons = (view: ReturnType<typeof shown>) => view.findAll('button').map((button) => button.text());
  const joined = shown({});
  expect([joined.find('.when').text(), buttons(joined)]).toEqual([
    'not seen yet',
    ['New password', 'Take out'],
  ]);
  const waits = shown({ joinedAt: null });
  expect([waits.find('.when').text(), buttons(waits)]).toEqual([
    'asked in, has not come yet',
    ['New link', 'Take out'],
  ]);
  const left = shown({ leftAt: '2027-02-01T10:00:00Z', lastSeenAt: '2027-01-31T10:00:00Z' });
  expect(left.find('.when').text()).toMatch(/^left /);
  expect(buttons(left)).toEqual(['Bring back']);
  expect(shown({ lastSeenAt: '2027-01-31T10:00:00Z' }).find('.when').text()).toMatch(/^here /);
});

it('changes one thing of an account and leaves the rest, and tells a refusal where it was pressed', async () => {
  asked.PUT.mockResolvedValue({
    error: { title: 'The shop needs a lead', detail: 'Make somebody else a lead first.', status: 409 },
    response: new Response(null, { status: 409 }),
  });
  const view = mount(AccountRow, {
    props: { account: account({ person: 'bo' }), taken: new Set(['ada', 'bo']) },
    global: global(),
  });
  await flushPromises();
  const [role, person] = view.findAll('select');
  expect(person!.findAll('option').map((option) => option.text())).toEqual(['nobody named', 'Bo Ek']);
  await role!.setValue('lead');
  await flushPromises();
  expect(asked.PUT.mock.lastCall![1].body).toEqual({ name: 'Beno Tashe', role: 'lead', person: 'bo' });
  await person!.setValue('');
  await flushPromises();
  expect(asked.PUT.mock.lastCall![1].body).toEqual({ name: 'Beno Tashe', role: 'hand', person: null });
  expect(view.find('[role="alert"]').text()).toContain('Make somebody else a lead first.');
});

it('copies the link, or marks it where a page may not copy', async () => {
  const write = vi.fn().mockResolvedValueOnce(undefined).mockRejectedValueOnce(new Error('not here'));
  Object.defineProperty(navigator, 'clipboard', { value: { writeText: write }, configurable: true });
  const view = mount(LinkNote, {
    props: { link: link(account()) },
    global: global(),
    attachTo: document.body,
  });
  const copy = view.findAll('button')[0]!;
  await copy.trigger('click');
  await flushPromises();
  expect([write.mock.calls[0], copy.text()]).toEqual([['http://x/enter#token'], 'Copied']);
  await copy.trigger('click');
  await flushPromises();
  const field = view.find('input').element;
  expect([field.selectionStart, field.selectionEnd]).toEqual([0, field.value.length]);
});
