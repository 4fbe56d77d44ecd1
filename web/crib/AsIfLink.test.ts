import { mount } from '@vue/test-utils';
import { ref } from 'vue';
import { expect, it, vi } from 'vitest';
import { todayHere } from '@/shared/days';
import AsIfLink from './AsIfLink.vue';

const last = vi.hoisted((): { kit: string | null; scope: string | null } => ({ kit: 'van', scope: 'tower' }));
vi.mock('@/data/pairs', () => ({
  useKitsAndScopes: () => ({
    kits: ref([
      { id: 'bag', name: 'Bag', tracked: false },
      { id: 'van', name: 'Van', tracked: true },
    ]),
    scopes: ref([
      { id: 'empty', name: 'Empty', lines: 0 },
      { id: 'masts', name: 'Masts', lines: 3 },
      { id: 'tower', name: 'Tower', lines: 9 },
    ]),
  }),
  useLastPair: () => ref(last),
}));
const Link = { name: 'RouterLink', props: ['to'], template: '<a href="#"><slot /></a>' };
const link = () =>
  mount(AsIfLink, {
    props: { tool: 'press', isIn: (kit: string) => kit === 'bag' },
    global: { stubs: { RouterLink: Link } },
  }).getComponent(Link);

it('supposes a tool in the kit that was looked at last, as it stands today, or out of it', () => {
  const van = link();
  expect([van.text(), van.props('to')]).toEqual([
    'As if Van had it',
    { name: 'cover', query: { kit: 'van', scope: 'tower', on: todayHere(), with: 'press' } },
  ]);
  Object.assign(last, { kit: null, scope: 'gone' });
  const bag = link();
  expect([bag.text(), bag.props('to')]).toEqual([
    'As if Bag had it not',
    { name: 'cover', query: { kit: 'bag', scope: 'masts', without: 'press' } },
  ]);
});
