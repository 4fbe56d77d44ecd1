import { expect, it } from 'vitest';
import { wantedWords, type SignOffWanted } from './signOffs';

it('says why a sign-off waits', () => {
  const wanted = (why: SignOffWanted['why'], on: string | null): SignOffWanted => ({
    person: { id: 'ada', name: 'Ada' },
    skill: 'crimp:lug',
    name: 'crimping lugs',
    why,
    on,
    tries: 30,
    good: 28,
  });
  expect(wantedWords(wanted('ready', null), '2027-03-01')).toBe('ready to be signed off, 28 of 30 good');
  expect(wantedWords(wanted('lapses', '2027-03-20'), '2027-03-01')).toBe('lapses after 20 Mar');
  expect(wantedWords(wanted('lapsed', '2026-12-31'), '2027-03-01')).toBe('lapsed after 31 Dec 2026');
});
