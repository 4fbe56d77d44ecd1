import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { createPinia } from 'pinia';
import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import { createVuetify } from 'vuetify';
import type { Thing } from '@/data/wall';
import { keyOf, type Chart } from './chart';
import LivePull from './LivePull.vue';
import PullForm from './PullForm.vue';

const gauges = ref<{ data: { id: string; isThere: boolean; isPulling: boolean }[] | null }>();
const pulled = vi.hoisted(() => vi.fn());
vi.mock('@/data/gauges', async (original) => ({
  ...(await original<typeof import('@/data/gauges')>()),
  useGauges: () => ({ data: gauges }),
}));
vi.mock('../wall/useHandling', () => ({
  useHandling: () => ({ pulled, isPending: ref(false), problem: ref(null) }),
}));

const chart = (nest: string, n: number, required: number | null = null) =>
  ({ wireId: 'w', terminalId: 't', wire: 'Wire', terminal: 'Ring', nest, n, required }) as Chart;
const charts = [chart('red', 3, 89), chart('blue', 5)];
const there = (isThere: boolean) => ({ data: [{ id: 'bench', isThere, isPulling: false }] });

beforeEach(() => {
  sessionStorage.clear();
  pulled.mockReset();
  gauges.value = there(true);
  vi.stubGlobal(
    'EventSource',
    class extends EventTarget {
      static readonly CLOSED = 2;
      readyState = 1;
      close() {}
    },
  );
});

function shown() {
  const view = mount(PullForm, {
    attachTo: document.body,
    props: { thing: { tag: 'CR-01' } as Thing, charts },
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });
  Element.prototype.scrollIntoView = () => {};
  const forces = () => view.findAll<HTMLInputElement>('input.mono').map(({ element }) => element.value);
  const read = () => view.findAll('button').find((button) => button.text().startsWith('Read them'));
  return { view, forces, read };
}

it('takes pull after pull from the gauge, and offers to write what is whole', async () => {
  const { view, forces, read } = shown();
  await read()!.trigger('click');
  for (const text of ['158.2 N', '36.1 lbf', '80.0 N']) {
    view.findComponent(LivePull).vm.$emit('pulled', text, 'conductor');
    await nextTick();
  }
  expect(forces()).toEqual(['158.2 N', '36.1 lbf', '80.0 N']);
  expect(view.findComponent(LivePull).exists()).toBe(false);
  // What each must hold is 89 N.
  expect(view.findAll('.pull b').map((under) => under.text())).toEqual(['under 89 N']);
  await view.find('form').trigger('submit');
  expect(pulled).toHaveBeenCalledExactlyOnceWith(
    {
      wire: 'w',
      terminal: 't',
      nest: 'red',
      forces: [158.2, 160.5808, 80],
      modes: ['conductor', 'conductor', 'conductor'],
    },
    3,
  );
});

it('goes on telling a pull whose gauge does not answer any more', async () => {
  const { view, read } = shown();
  await read()!.trigger('click');
  gauges.value = there(false);
  await flushPromises();
  expect(view.findComponent(LivePull).exists()).toBe(true);
  expect(view.text()).not.toContain('No gauge answers');
  view.findComponent(LivePull).vm.$emit('stop');
  await nextTick();
  expect(view.text()).toContain('No gauge answers');
  expect(read()).toBeUndefined();
});

it('loses nothing that was pulled when another setting is picked, nor when the page is loaded anew', async () => {
  const first = shown();
  await first.view.findAll('input.mono')[0]!.setValue('158');
  await first.view.find('select').setValue(keyOf(charts[1]!));
  expect(first.forces()).toEqual(['158', '', '', '', '']);
  first.view.unmount();
  const again = shown();
  expect(again.forces()).toEqual(['158', '', '', '', '']);
  expect(again.view.find<HTMLSelectElement>('select').element.value).toBe(keyOf(charts[1]!));
});

it('says what is missing, at its field, and writes nothing', async () => {
  const { view } = shown();
  await view.findAll('input.mono')[0]!.setValue('158');
  await view.findAll('input.mono')[1]!.setValue('much');
  await view.find('form').trigger('submit');
  expect(view.find('[role=alert]').text()).toBe(
    'Pull 2: “much” is no force; write it like 56.2 or 12.6 lbf.',
  );
  expect(document.activeElement).toBe(view.findAll('input.mono')[1]!.element);
  expect(pulled).not.toHaveBeenCalled();
});

it('says so where what reads the gauges does not run, and of a shop without one nothing', async () => {
  gauges.value = { data: null };
  const { view, read } = shown();
  expect(view.text()).toContain('What reads the gauges does not run');
  gauges.value = { data: [] };
  await flushPromises();
  expect(view.text()).not.toMatch(/gauge/i);
  expect(read()).toBeUndefined();
});
