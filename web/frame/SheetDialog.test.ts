import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { defineComponent, nextTick, ref } from 'vue';
import { createVuetify } from 'vuetify';
import { VDialog } from 'vuetify/components';
import SheetDialog from './SheetDialog.vue';

const isOpen = ref(false);
const submitted = vi.fn();
const Place = defineComponent({
  components: { SheetDialog },
  setup: () => ({ isOpen, submitted }),
  template: `<button id="opener" @click="isOpen = true">Make one</button>
    <SheetDialog v-model="isOpen" title="A new kit" :problem="{ title: 'No', detail: 'Taken', status: 409, type: 'x' }" @submit="submitted">
      <label>Name <input id="name" /></label><input id="note" />
      <template #buttons="{ leave }"><button type="button" id="leave" @click="leave">Leave it</button></template>
    </SheetDialog>`,
});
const element = (id: string) => document.getElementById(id) as HTMLElement;
const settled = () => new Promise((done) => setTimeout(done, 20));

beforeEach(() => {
  isOpen.value = false;
  submitted.mockClear();
});
afterEach(() => (document.body.innerHTML = ''));

it('has the focus in its first field, and gives it back to what opened it', async () => {
  vi.stubGlobal('visualViewport', new EventTarget());
  const place = mount(Place, {
    attachTo: document.body,
    global: { plugins: [createVuetify({ components: { VDialog } })] },
  });
  element('opener').focus();
  for (const leave of [
    () => element('leave').click(),
    () => element('name').dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true })),
  ]) {
    element('opener').click();
    await settled();
    expect(document.activeElement?.id).toBe('name');
    leave();
    await settled();
    expect(isOpen.value).toBe(false);
    expect(document.activeElement?.id).toBe('opener');
  }
  place.unmount();
});

it('says what was refused, and is sent with Enter', async () => {
  mount(Place, {
    attachTo: document.body,
    global: { plugins: [createVuetify({ components: { VDialog } })] },
  });
  isOpen.value = true;
  await nextTick();
  await settled();
  expect(document.querySelector('[role=alert]')?.textContent).toBe('No. Taken');
  document.querySelector('form')?.dispatchEvent(new Event('submit', { cancelable: true }));
  expect(submitted).toHaveBeenCalledOnce();
});
