import { beforeEach, expect, it } from 'vitest';
import { keepPulls, keptPulls, type PullDraft } from './pullDraft';

const draft = (text: string): PullDraft => ({
  picked: 'k',
  wire: '',
  terminal: '',
  nest: 'red',
  tried: '',
  pulls: [{ text, mode: 'conductor' }],
});

beforeEach(() => sessionStorage.clear());

it('keeps what was pulled with each thing until it is written down', () => {
  keepPulls('CR-01', draft('83.2 N'));
  keepPulls('CR-02', draft('12'));
  expect(keptPulls('CR-01')).toEqual(draft('83.2 N'));
  keepPulls('CR-01', null);
  expect(keptPulls('CR-01')).toBeNull();
  expect(keptPulls('CR-02')?.pulls[0]?.text).toBe('12');
});

it('leaves nothing of a form in which nothing was pulled', () => {
  keepPulls('CR-01', draft('83.2 N'));
  keepPulls('CR-01', draft(' '));
  expect(sessionStorage).toHaveLength(0);
});

it('goes on where what was kept cannot be read', () => {
  sessionStorage.setItem('gondrik.pulls.CR-01', '{');
  expect(keptPulls('CR-01')).toBeNull();
});
