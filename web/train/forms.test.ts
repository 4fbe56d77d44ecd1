import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import { sessionKey } from '@/session/useSession';
import type { SkillOnDay } from '@/data/skills';
import { keptPractice } from './practice';
import PracticeForm from './PracticeForm.vue';
import SignOffForm from './SignOffForm.vue';
import { record, skill } from './train.fixture';

const post = vi.hoisted(() => vi.fn());
vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { POST: post },
}));

beforeEach(() => {
  sessionStorage.clear();
  post.mockReset();
  post.mockResolvedValue({ data: { entries: [], change: 1 }, response: new Response() });
});

function plugins(own: string | null) {
  const queryClient = new QueryClient();
  queryClient.setQueryData(sessionKey, {
    person: { id: 1, shopId: 1, role: 'lead', maySetUpTheShop: true, person: own },
    demo: [],
  });
  return { plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient }] as never] };
}
const sent = () =>
  (post.mock.calls[0]?.[1] as { body: { entries: Record<string, unknown>[] } }).body.entries[0];

function practice() {
  const view = mount(PracticeForm, {
    props: { record: record(), skill: 'crimp:lug' },
    global: plugins('bo'),
  });
  return {
    view,
    keys: (...pressed: string[]) =>
      Promise.all(pressed.map((key) => view.find('.pieces').trigger('keydown', { key }))),
  };
}

it('takes pieces by keys alone, and writes them down as one', async () => {
  const { view, keys } = practice();
  await keys('g', 'G', '2', '9', 'Backspace', '1', '3');
  expect(view.find('.pieces b').text()).toBe('2 of 4 good');
  expect(keptPractice('ada')?.pieces).toEqual(['good', 'good', 'strands-cut', 'other']);
  await keys('Enter');
  await flushPromises();
  expect(sent()).toMatchObject({
    what: 'practice',
    person: 'ada',
    tries: 4,
    good: 2,
    faults: ['strands-cut'],
  });
  expect(view.findAll('ol li')).toHaveLength(0);
  expect(keptPractice('ada')).toBeNull();
});

it('goes on where it was when the page comes back, and not with another skill', async () => {
  const first = practice();
  await first.keys('g', 'g');
  first.view.unmount();
  expect(practice().view.find('.pieces b').text()).toBe('2 of 2 good');
  const other = mount(PracticeForm, { props: { record: record(), skill: 'cut' }, global: plugins('bo') });
  expect(other.find('.pieces b').text()).toBe('0 of 0 good');
});

it('asks for a piece before it writes', async () => {
  const { view, keys } = practice();
  await keys('Enter');
  expect(view.find('[role="alert"]').text()).toContain('No piece yet');
  expect(post).not.toHaveBeenCalled();
});

function signing(known: SkillOnDay | undefined, own: string | null) {
  return mount(SignOffForm, {
    props: { record: record(known ? [known] : []), skill: 'crimp:lug', skillName: 'crimping lugs', known },
    global: plugins(own),
  });
}

it('signs off as who is here, with what practice has shown as the first word', async () => {
  const view = signing(
    skill('crimp:lug', { level: 'practised', tries: 20, good: 19, lastTen: 0.9, mayAsk: true }),
    'bo',
  );
  expect(view.find('p.muted').exists()).toBe(false);
  expect(view.findAll('option').map((option) => option.text())).not.toContain('Ada');
  await view.find('.year').trigger('click');
  await view.find('form').trigger('submit');
  await flushPromises();
  expect(sent()).toEqual({
    what: 'skill',
    person: 'ada',
    by: 'bo',
    skill: 'crimp:lug',
    level: 'signed-off',
    until: '2028-02-29',
    note: 'Practice: 19 of 20 good, 90 % of the last ten.',
  });
});

it('asks who saw it and what was seen', async () => {
  const view = signing(undefined, null);
  expect(view.find('p.muted').text()).toContain('20 pieces');
  await view.find('form').trigger('submit');
  expect(view.findAll('[role="alert"]').map((alert) => alert.text())).toEqual([
    'Who saw it? Another person signs off.',
    'What was seen?',
  ]);
  await view.find('select').setValue('cy');
  await view.find('.year').trigger('click');
  await view.findAll('button').at(-1)!.trigger('click');
  await flushPromises();
  // What was only shown needs no evidence, and does not lapse.
  expect(sent()).toEqual({ what: 'skill', person: 'ada', by: 'cy', skill: 'crimp:lug', level: 'shown' });
});

it('takes a sign-off back with a reason, and sets no day then', async () => {
  const view = signing(skill('crimp:lug', { level: 'signed-off' }), 'bo');
  expect([view.find('h3').text(), view.find('input[type="date"]').exists()]).toEqual([
    'Take the sign-off back',
    false,
  ]);
  await view.find('form').trigger('submit');
  expect(view.find('[role="alert"]').text()).toBe('Why is it taken back?');
  await view.find('textarea').setValue('wings left open');
  await view.find('form').trigger('submit');
  await flushPromises();
  expect(sent()).toMatchObject({ level: 'withdrawn', by: 'bo', note: 'wings left open' });
});
