import { flushPromises, mount } from '@vue/test-utils';
import { beforeEach, expect, it } from 'vitest';
import { createMemoryHistory, createRouter, RouterView, type Router } from 'vue-router';
import { computed, defineComponent, h, useTemplateRef } from 'vue';
import SplitPlace from './SplitPlace.vue';
import { useAddress } from './useAddress';

/** A place that opens what the address names. */
const Place = defineComponent(() => {
  const { asked } = useAddress();
  const split = useTemplateRef<InstanceType<typeof SplitPlace>>('split');
  const held = computed(() => asked('kit') ?? '');
  return () =>
    h(
      SplitPlace,
      {
        ref: 'split',
        keys: ['line'],
        isOpen: asked('line') !== null,
        held: held.value,
        onLost: () => lost++,
      },
      {
        default: () => h('button', { id: 'row', onClick: () => split.value?.open({ line: 'a' }) }, 'row'),
        panel: ({ close }: { close: () => void }) => h('button', { id: 'close', onClick: close }, 'close'),
      },
    );
});

let router: Router;
let lost = 0;
let steps: string[] = [];

async function shown(address: string) {
  router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/:place', component: Place }] });
  await router.push(address);
  const view = mount(
    { render: () => h(RouterView) },
    { global: { plugins: [router] }, attachTo: document.body },
  );
  steps = [];
  router.afterEach((to) => void steps.push(to.fullPath));
  return view;
}

beforeEach(() => {
  lost = 0;
  document.body.innerHTML = '';
});

it('opens as a step that Esc and Back take back, with the focus where it was', async () => {
  const view = await shown('/cover?kit=bag');
  for (const leave of [
    () => view.find('.split').trigger('keydown', { key: 'Escape' }),
    () => router.back(),
  ]) {
    (view.find('#row').element as HTMLElement).focus();
    await view.find('#row').trigger('click');
    await flushPromises();
    expect(view.find('.panel').exists()).toBe(true);
    (view.find('#close').element as HTMLElement).focus();
    leave();
    await flushPromises();
    expect(view.find('.panel').exists()).toBe(false);
    expect(document.activeElement?.id).toBe('row');
  }
  expect(steps).toEqual([
    '/cover?kit=bag&line=a',
    '/cover?kit=bag',
    '/cover?kit=bag&line=a',
    '/cover?kit=bag',
  ]);
});

it('closes an address that was sent without going anywhere, and says that nobody opened it from here', async () => {
  const view = await shown('/cover?kit=bag&line=b');
  await view.find('#close').trigger('click');
  await flushPromises();
  expect(steps).toEqual(['/cover?kit=bag']);
  expect(lost).toBe(1);
});

it('does not take back another kit that was picked meanwhile', async () => {
  const view = await shown('/cover?kit=bag');
  await view.find('#row').trigger('click');
  await flushPromises();
  await router.replace('/cover?kit=van&line=a');
  await view.find('#close').trigger('click');
  await flushPromises();
  expect(router.currentRoute.value.fullPath).toBe('/cover?kit=van');
});
