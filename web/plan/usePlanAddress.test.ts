import { flushPromises, mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import { createMemoryHistory, createRouter } from 'vue-router';
import { usePlanAddress } from './usePlanAddress';

const known = {
  kits: () => [{ id: 'bag' }, { id: 'van' }, { id: 'kept', tracked: true }],
  scopes: () => [{ id: 'old', archived: true }, { id: 'tower' }, { id: 'cabin' }],
};

async function at(query: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/plan', component: { render: () => null } }],
  });
  await router.push(`/plan?${query}`);
  let address!: ReturnType<typeof usePlanAddress>;
  mount({ setup: () => ((address = usePlanAddress(known)), () => null) }, { global: { plugins: [router] } });
  return {
    address,
    asked: () => address.asked.value,
    says: async (act: () => unknown) => {
      act();
      await flushPromises();
      return Object.fromEntries(Object.entries(router.currentRoute.value.query));
    },
    back: async () => {
      router.back();
      await flushPromises();
      return router.currentRoute.value.query;
    },
  };
}

it.each([
  ['', { scopes: 'tower', kit: 'bag' }],
  ['kit=van&scope=cabin', { scopes: 'cabin', kit: 'van' }],
  ['kit=&scopes=cabin,gone,tower', { scopes: 'cabin,tower' }],
  ['kit=gone&scope=gone', { scopes: 'tower', kit: 'bag' }],
  ['scope=old', { scopes: 'old', kit: 'bag' }],
  ['budget=5000&mass=900', { scopes: 'tower', kit: 'bag', budget: 5000, mass: 900 }],
  ['budget=-1&mass=1.5&grip=many', { scopes: 'tower', kit: 'bag' }],
  ['steps=1', { scopes: 'tower', kit: 'bag', steps: '1' }],
  ['with=a,,b&without=c', { scopes: 'tower', kit: 'bag', with: 'a,b', without: 'c' }],
  ['means=buy', { scopes: 'tower', kit: 'bag' }],
  ['means=buy,borrow', { scopes: 'tower', kit: 'bag', means: 'buy,borrow', months: 1 }],
  ['means=borrow&months=6', { scopes: 'tower', kit: 'bag', means: 'borrow', months: 6 }],
  ['months=6', { scopes: 'tower', kit: 'bag' }],
  ['on=2027-03-04', { scopes: 'tower', kit: 'bag' }],
  [
    'kit=kept&on=2027-03-04',
    { scopes: 'tower', kit: 'kept', on: '2027-03-04', means: 'buy,renew,call-back' },
  ],
  ['kit=kept&on=2027-03-04&means=buy', { scopes: 'tower', kit: 'kept', on: '2027-03-04' }],
  ['kit=kept&on=soon', { scopes: 'tower', kit: 'kept' }],
  [
    'makeshift=1&oneHanded=1&noMains=1',
    { scopes: 'tower', kit: 'bag', makeshift: '1', oneHanded: '1', noMains: '1' },
  ],
  ['makeshift=0&oneHanded=yes', { scopes: 'tower', kit: 'bag' }],
  [
    'grip=200&span=80&backups=crimp&swap=l:t&rules={}',
    { scopes: 'tower', kit: 'bag', grip: 200, span: 80, backups: 'crimp', swap: 'l:t', rules: '{}' },
  ],
])('asks of %s', async (query, question) => {
  expect((await at(query)).asked()).toEqual(question);
});

it('holds a tool fast or leaves it out, never both, and lets go of it again', async () => {
  const { address, says } = await at('with=a&without=b');
  expect(await says(() => address.bar('a'))).toEqual({ without: 'b,a' });
  expect(await says(() => address.pin('b'))).toEqual({ with: 'b', without: 'a' });
  expect(await says(() => address.pin('b'))).toEqual({ without: 'a' });
  expect(await says(() => address.bar('a'))).toEqual({});
});

it('leaves behind what belongs to another kit or other work', async () => {
  const { address, says, back } = await at('kit=bag&with=a&without=b&budget=100&swap=l:t&means=move');
  expect(await says(() => address.pickKit('van'))).toEqual({ kit: 'van', means: 'move' });
  expect(await back()).toMatchObject({ kit: 'bag', with: 'a' });
  expect(await says(() => address.toggleScope('cabin'))).toMatchObject({ scopes: 'tower,cabin', with: 'a' });
  expect(address.budget.value).toBeUndefined();
});

it('plans for at least one scope, and by at least one means', async () => {
  const { address, says } = await at('scopes=cabin&means=move');
  expect(await says(() => address.toggleScope('cabin'))).toMatchObject({ scopes: 'cabin' });
  expect(await says(() => address.toggleMeans('move'))).toEqual({ scopes: 'cabin' });
  expect(address.means.value).toEqual(['buy']);
  expect(await says(() => address.toggleMeans('move'))).toMatchObject({ means: 'buy,move' });
  expect(await says(() => address.toggleMeans('move'))).toEqual({ scopes: 'cabin' });
});

it('asks on a day for what the kit has already, too, until somebody says otherwise', async () => {
  const { address, says } = await at('kit=kept&on=2027-03-04');
  expect(await says(() => address.toggleMeans('renew'))).toMatchObject({ means: 'buy,call-back' });
  expect(await says(() => address.toggleMeans('renew'))).toMatchObject({ means: 'buy,call-back,renew' });
  expect(await says(() => address.say({ on: null, means: null }))).toEqual({ kit: 'kept' });
  expect(address.means.value).toEqual(['buy']);
});

it('plans a line with one other terminal at a time', async () => {
  const { address, says } = await at('swap=tower/one:ring,tower/two:fork');
  expect(await says(() => address.exchange('tower/one', 'pin'))).toEqual({
    swap: 'tower/two:fork,tower/one:pin',
  });
  expect(await says(() => address.exchange('tower/two', null))).toEqual({ swap: 'tower/one:pin' });
});

it('changes places with the plan beside it', async () => {
  const { address, says } = await at('kit=bag&scope=tower&budget=900&with=a');
  await says(() => address.keepBeside());
  await says(() => address.say({ budget: 100, with: null }));
  const now = await says(() => address.exchangeBeside());
  expect(address.asked.value).toEqual({ kit: 'bag', scopes: 'tower', budget: 900, with: 'a' });
  expect(address.beside.value).toEqual({ kit: 'bag', scopes: 'tower', budget: 100 });
  expect(now.scope).toBeUndefined();
});
