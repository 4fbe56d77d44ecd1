import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { usePair } from './usePair';

const named = (...ids: string[]) => ids.map((id) => ({ id, name: id }));
beforeEach(() => sessionStorage.clear());

async function at(
  path: string,
  mayBeWithoutKit = false,
  kits: { id: string; name: string; tracked?: boolean }[] = named('bag', 'van'),
) {
  const place = path.split(/[/?]/)[1] ?? '';
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['cover', 'bench', 'work'].map((name) => ({
      path: `/${name}`,
      name,
      component: { render: () => null },
    })),
  });
  await router.push(path);
  const known = ref(kits);
  let made!: ReturnType<typeof usePair>;
  mount(
    {
      setup: () => (
        (made = usePair(
          place,
          () => known.value,
          () => named('tower', 'cabin'),
          mayBeWithoutKit,
        )),
        () => null
      ),
    },
    { global: { plugins: [router] } },
  );
  await flushPromises();
  return { made, known, query: () => router.currentRoute.value.query };
}

it.each([
  ['/cover', { kit: 'bag', scope: 'tower' }],
  ['/cover?kit=van', { kit: 'van', scope: 'tower' }],
  ['/cover?scope=cabin', { kit: 'bag', scope: 'cabin' }],
  ['/cover?kit=van&scope=cabin&line=l', { kit: 'van', scope: 'cabin', line: 'l' }],
])('says of %s what is in hand, the first where nothing is said', async (path, says) => {
  expect((await at(path)).query()).toEqual(says);
});

it('shows on Cover a kit that is kept by its things as it is today, where nobody says which', async () => {
  vi.useFakeTimers({ now: new Date('2027-03-04T12:00:00'), toFake: ['Date'] });
  const kits = [{ id: 'kept', name: 'Kept', tracked: true }, ...named('bag')];
  const today = { on: '2027-03-04' };
  expect((await at('/cover', false, kits)).query()).toEqual({ kit: 'kept', scope: 'tower', ...today });
  expect(JSON.parse(sessionStorage.getItem('gondrik.pair') ?? '')).toMatchObject({ isTracked: true });
  // What the address says stays: a kit on paper, another day; and elsewhere there is no day.
  expect((await at('/cover?kit=kept&scope=tower', false, kits)).query()).toEqual({
    kit: 'kept',
    scope: 'tower',
  });
  expect((await at('/cover?on=2027-05-06', false, kits)).query()).toMatchObject({ on: '2027-05-06' });
  expect((await at('/cover?kit=bag', false, kits)).query()).toEqual({ kit: 'bag', scope: 'tower' });
  expect((await at('/bench', false, kits)).query()).not.toHaveProperty('on');
  vi.useRealTimers();
});

it('goes on with what was in hand, in another place too, unless it is gone', async () => {
  await at('/cover?kit=van&scope=cabin');
  expect((await at('/bench')).query()).toEqual({ kit: 'van', scope: 'cabin' });
  expect((await at('/bench', false, named('box'))).query()).toEqual({ kit: 'box', scope: 'cabin' });
});

it('waits for the kits, or does without where work may', async () => {
  const { query, known } = await at('/cover', false, []);
  expect(query()).toEqual({});
  known.value = named('bag');
  await flushPromises();
  expect(query()).toEqual({ kit: 'bag', scope: 'tower' });
  sessionStorage.clear();
  const work = await at('/work', true, []);
  expect(work.query()).toEqual({ kit: '', scope: 'tower' });
  expect(work.made.pair.value).toEqual({ kit: '', scope: 'tower' });
});

it('supposes something of the kit on Cover alone', async () => {
  const query = 'kit=bag&scope=tower&with=snips&without=pliers';
  expect((await at(`/cover?${query}`)).made.pair.value).toEqual({
    kit: 'bag',
    scope: 'tower',
    with: 'snips',
    without: 'pliers',
  });
  const bench = await at(`/bench?${query}`);
  expect(bench.made.pair.value).toEqual({ kit: 'bag', scope: 'tower' });
  expect(bench.made.held.value).toBe('bag tower');
});

it('has no kit at the bench where none is in hand', async () => {
  expect((await at('/bench?kit=&scope=tower')).made.pair.value.kit).not.toBe('');
});
