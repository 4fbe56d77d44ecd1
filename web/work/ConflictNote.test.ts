import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { clock } from '@/shared/format';
import ConflictNote from './ConflictNote.vue';
import type { Conflict } from './useLines';

const theirs = {
  id: 'winch-50',
  version: 'v2',
  wire: 'w6',
  terminal: 'ring-m8',
  quantity: 4,
} as Schemas['LineKept'];
const at = '2027-01-09T14:05:00Z';
const shown = (mine: Conflict['mine'], changed: Conflict['changed'] = { by: 'Bruna', at }) =>
  mount(ConflictNote, {
    props: {
      conflict: { wanted: { scope: 's', edits: [mine], said: 'x' }, mine, theirs, changed },
      names: { w6: '6 AWG', w10: '10 AWG', 'ring-m8': 'Ring M8' },
    },
    global: { stubs: { VBtn: { template: '<button><slot /></button>' } } },
  });
const rowsOf = (note: ReturnType<typeof shown>) =>
  note.findAll('tbody tr').map((row) =>
    row
      .findAll('th, td')
      .map((cell) => cell.text())
      .join(' | '),
  );

it('has what each of the two wrote side by side, with who and when', () => {
  const note = shown({ id: 'winch-50', version: 'v1', cells: { terminal: 'ring-m6' } });
  expect(rowsOf(note)).toEqual(['Terminal | ring-m6 | Ring M8', 'Count | as it was | 4']);
  expect(note.text()).toContain(`Bruna changed it at ${clock(at)}`);
  expect(note.text()).toContain('6 AWG → Ring M8: nothing of yours was written yet');
});

it('names nobody where nobody is known', () => {
  const mine = { id: 'winch-50', version: 'v1', line: { wire: 'w10', quantity: 9 } } as never;
  expect(shown(mine, { by: null, at }).text()).toContain('Somebody changed it at');
  expect(shown(mine, null).text()).toContain('Somebody has changed it meanwhile');
  expect(rowsOf(shown(mine))).toEqual(['Wire | 10 AWG | 6 AWG', 'Count | 9 | 4']);
});

it('offers mine, theirs or both; of a line that was taken out there is no both', async () => {
  const note = shown({ id: 'winch-50', version: 'v1', cells: { quantity: '9' } });
  for (const button of note.findAll('button')) await button.trigger('click');
  expect(note.emitted('settle')).toEqual([['mine'], ['theirs'], ['both']]);

  const removal = shown({ id: 'winch-50', version: 'v1', line: null });
  expect(removal.findAll('button').map((button) => button.text())).toEqual([
    'Take it out all the same',
    'Leave theirs',
  ]);
});
