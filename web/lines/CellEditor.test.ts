import { flushPromises, mount } from '@vue/test-utils';
import { expect, it, vi } from 'vitest';
import { ref } from 'vue';
import CellEditor from './CellEditor.vue';

vi.mock('@/data/things', () => ({ useNames: () => ref([{ id: 'w1', name: 'Hook-up 18' }]) }));

const editor = (column = 'wire', start: string | null = null) =>
  mount(CellEditor, {
    attachTo: document.body,
    props: { column, title: 'Wire', value: 'w1', start },
  });

it.each([
  [{ key: 'Enter' }, 'down'],
  [{ key: 'Tab' }, 'next'],
  [{ key: 'Tab', shiftKey: true }, 'back'],
])('writes with %o and goes on %s, once', async (press, onward) => {
  const cell = editor();
  await cell.get('input').setValue('w2');
  await cell.get('input').trigger('keydown', press);
  await cell.get('input').trigger('blur');
  expect(cell.emitted('write')).toEqual([['w2', onward]]);
});

it('writes nothing after Esc, and all that was typed when somebody goes elsewhere', async () => {
  const left = editor();
  await left.get('input').setValue('w2');
  await left.get('input').trigger('keydown', { key: 'Escape' });
  await left.get('input').trigger('blur');
  expect(left.emitted('write')).toBeUndefined();

  const gone = editor();
  await gone.get('input').setValue('w3');
  await gone.get('input').trigger('blur');
  expect(gone.emitted('write')).toEqual([['w3', 'stay']]);
});

it('begins with the letter that opened it, or with what stands there, marked', async () => {
  expect((editor('wire', 'h').get('input').element as HTMLInputElement).value).toBe('h');
  const field = editor().get('input').element as HTMLInputElement;
  await flushPromises();
  expect([field.value, field.selectionStart, field.selectionEnd]).toEqual(['w1', 0, 2]);
});

it('offers what the shop has, or what the column knows', () => {
  expect(
    editor('wire')
      .findAll('option')
      .map((one) => one.attributes('value')),
  ).toEqual(['Hook-up 18']);
  const prep = editor('prep').findAll('option');
  expect(prep.map((one) => one.attributes('value'))).toContain('none');
});
