import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { LineRow } from '@/lines/reading';
import LineDetails from './LineDetails.vue';

vi.mock('@/api/client', async (original) => ({
  ...(await original<typeof import('@/api/client')>()),
  api: { GET: () => new Promise(() => undefined) },
}));

const row = (id: string, torque: number) =>
  ({ id, line: { id, wire: 'w', terminal: 't', torque } }) as unknown as LineRow;
const shown = () =>
  mount(LineDetails, {
    props: { row: row('l1', 0.8), scope: 's', mayWrite: true },
    global: {
      plugins: [createPinia(), createVuetify(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  });

it('keeps what is typed while the line is read anew, and writes it', async () => {
  const view = shown();
  const torque = view.get<HTMLInputElement>('input[aria-label="Torque"]');
  expect(torque.element.value).toBe('0.8 N·m');
  torque.element.value = '9 lbf·in';
  await torque.trigger('input');
  await view.setProps({ row: row('l1', 0.8) });
  expect(torque.element.value).toBe('9 lbf·in');
  await torque.trigger('change');
  expect(view.emitted('cell')).toEqual([['torque', '9 lbf·in']]);
});

it('shows another line as it is, whatever was typed at the one before', async () => {
  const view = shown();
  const torque = view.get<HTMLInputElement>('input[aria-label="Torque"]');
  torque.element.value = '9';
  await torque.trigger('input');
  await view.setProps({ row: row('l2', 1.2) });
  expect(view.get<HTMLInputElement>('input[aria-label="Torque"]').element.value).toBe('1.2 N·m');
});
