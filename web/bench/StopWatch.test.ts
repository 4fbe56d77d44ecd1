import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query';
import { flushPromises, mount } from '@vue/test-utils';
import { createPinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { createVuetify } from 'vuetify';
import type { Happened } from '@/data/wall';
import StopWatch from './StopWatch.vue';

const log = vi.hoisted((): { entries: unknown[]; refuses: boolean } => ({ entries: [], refuses: false }));
vi.mock('@/data/wall', () => ({
  writeLog: (entries: Happened[]) => {
    if (log.refuses) return Promise.reject(new Error('Out of reach'));
    log.entries.push(...entries);
    return Promise.resolve({
      data: { entries: [], change: 7 },
      response: new Response(null, { status: 201 }),
    });
  },
}));

beforeEach(() => {
  log.entries = [];
  log.refuses = false;
  vi.useFakeTimers({ now: 1_000_000 });
});
afterEach(() => vi.useRealTimers());

const shown = (hand: { id: string; name: string } | null = null) =>
  mount(StopWatch, {
    props: { op: 'strip', tool: 'jaws', name: 'Strip', hand, mayTakeBack: false },
    global: {
      plugins: [createVuetify(), createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
    attachTo: document.body,
  });

async function press(view: ReturnType<typeof shown>, after: number): Promise<void> {
  await vi.advanceTimersByTimeAsync(after);
  await view.get('.press').trigger('click');
}

it('times ten pieces by one key, and writes down the mean in whose hands it was', async () => {
  const view = shown({ id: 'nela', name: 'Nela' });
  expect(document.activeElement).toBe(view.get('.press').element);
  await press(view, 0);
  for (let piece = 0; piece < 10; piece++) await press(view, 6350);
  expect(view.find('.press').exists()).toBe(false);
  expect(view.get('.mean').text().replaceAll(/\s+/g, ' ')).toBe('6.4 s a piece, of 10 pieces, Nela’s hands');
  await view
    .findAll('button')
    .find((of) => of.text() === 'Write it down')
    ?.trigger('click');
  await flushPromises();
  expect(log.entries).toEqual([
    { what: 'timed', tool: 'jaws', op: 'strip', pieces: 10, seconds: 63.5, person: 'nela' },
  ]);
  expect(view.emitted('close')).toHaveLength(1);
});

it('begins a piece again that went wrong, and is content with fewer', async () => {
  const view = shown();
  await press(view, 0);
  await press(view, 5000);
  await vi.advanceTimersByTimeAsync(40_000);
  await view.get('.press').trigger('keydown', { key: 'Backspace' });
  await press(view, 7000);
  expect(view.get('.pieces').text()).toContain('8 pieces to go');
  await view
    .findAll('button')
    .find((of) => of.text() === 'Enough')
    ?.trigger('click');
  expect(view.get('.mean').text()).toContain('6 s');
  await view
    .findAll('button')
    .find((of) => of.text() === 'Write it down')
    ?.trigger('click');
  await flushPromises();
  expect(log.entries).toEqual([{ what: 'timed', tool: 'jaws', op: 'strip', pieces: 2, seconds: 12 }]);
});

it('keeps what was timed where it cannot be written down, and says why', async () => {
  log.refuses = true;
  const view = shown();
  await press(view, 0);
  await press(view, 5000);
  await view
    .findAll('button')
    .find((of) => of.text() === 'Enough')
    ?.trigger('click');
  await view
    .findAll('button')
    .find((of) => of.text() === 'Write it down')
    ?.trigger('click');
  await flushPromises();
  expect(view.get('[role=alert]').text()).not.toBe('');
  expect(view.get('.mean').text()).toContain('5 s');
  expect(view.emitted('close')).toBeUndefined();
});
