import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { entryWords } from './entryWords';
import { wallOf } from './wall.fixture';

const of = { id: 'e1', on: '2027-03-04', asset: 'C-1' };

it.each<[Schemas['LogEntry'], string]>([
  [{ ...of, what: 'out', to: { person: 'ada' }, due: '2027-03-10' }, 'given to Ada, back by 2027-03-10'],
  [{ ...of, what: 'out', to: { person: 'gone' } }, 'given to somebody who is gone'],
  [{ ...of, what: 'out', to: { kit: 'bench' } }, 'given to Bench'],
  [{ ...of, what: 'out', to: { text: 'Cable crew' }, note: 'Tower 7' }, 'given to Cable crew – Tower 7'],
  [{ ...of, what: 'back' }, 'came back'],
  [{ ...of, what: 'back', condition: 'seldom' }, 'came back: to the seldom drawer'],
  [
    { ...of, what: 'condition', condition: 'retired', note: 'Jaws out of line' },
    'out of service – Jaws out of line',
  ],
  [{ ...of, what: 'moved', to: 'van' }, 'moved to Van'],
  [{ ...of, what: 'moved', to: null }, 'moved to the shelf'],
  [{ ...of, what: 'cycles', cycles: 3950 }, 'counter at 3950'],
  [
    { ...of, what: 'done', due: 'verification', certificate: 'TR-1' },
    'verification passed, certificate TR-1',
  ],
  [{ ...of, what: 'done', due: 'oil', result: 'fail' }, 'oil failed'],
  [{ ...of, what: 'pull', wire: 'w', forces: [80, 92.5] }, 'pulled: 80 N, 92.5 N'],
  [{ ...of, what: 'cleared', note: 'Measured again.' }, 'cleared – Measured again.'],
])('tells what happened: %o', (entry, words) => {
  expect(entryWords(entry, wallOf([]))).toBe(words);
});
