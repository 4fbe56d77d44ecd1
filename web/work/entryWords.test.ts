import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { answered, calledAmong, partsOf, whatIsOpen, whereNow } from './entryWords';

const entry = (more: Partial<Schemas['Entry']> = {}): Schemas['Entry'] => ({
  line: { wire: 'w12', terminal: 'ring', quantity: 40 },
  tokens: [],
  questions: [],
  unknown: [],
  drop: null,
  names: { wires: {}, terminals: {} },
  steps: [],
  wantsSecond: false,
  ...more,
});
const ask = (from: number, to: number): Schemas['EntryQuestion'] => ({
  about: 'terminal',
  from,
  to,
  text: 'Which ring?',
  candidates: ['ring', 'ring-m8'],
});

it('shows the whole text in stretches, counted in characters', () => {
  const text = '40 × 12 AWG → ring 𝛺, wet';
  const parts = partsOf(
    text,
    entry({
      tokens: [
        { from: 0, to: 2, text: '40', means: 'quantity' },
        { from: 5, to: 11, text: '12 AWG', means: 'wire', id: 'w12' },
        { from: 22, to: 25, text: 'wet', means: 'wet' },
      ],
      unknown: [{ from: 19, to: 20, text: '𝛺' }],
      questions: [ask(14, 18)],
    }),
  );
  expect(parts.map(({ kind, text }) => `${kind} ${text}`)).toEqual([
    'token 40',
    'plain ×',
    'token 12 AWG',
    'plain →',
    'asked ring',
    'unknown 𝛺',
    'plain ,',
    'token wet',
  ]);
});

it('tells what was not understood within a piece that was, by itself', () => {
  const parts = partsOf(
    '12 AWG odd PVC',
    entry({
      tokens: [{ from: 0, to: 14, text: '12 AWG odd PVC', means: 'wire', id: 'w12' }],
      unknown: [{ from: 7, to: 10, text: 'odd' }],
    }),
  );
  expect(parts.map(({ kind, text }) => `${kind} ${text}`)).toEqual(['token 12 AWG odd PVC', 'unknown odd']);
});

it('puts a candidate where it was asked', () => {
  expect(answered('vehicle 4 mm → ring', { ...ask(0, 12), about: 'wire' }, 'vehicle ⌀ 4 mm')).toBe(
    'vehicle ⌀ 4 mm → ring',
  );
  expect(answered('w12 → ring yellow, wet', ask(6, 17), 'ring-m8')).toBe('w12 → ring-m8, wet');
  expect(answered('w12 →', ask(5, 5), 'ring')).toBe('w12 → ring');
});

it('says what is open before anything is added', () => {
  expect(whatIsOpen(entry())).toBeNull();
  expect(whatIsOpen(entry({ questions: [ask(0, 1)], line: null }))).toBe('Which ring?');
  expect(whatIsOpen(entry({ unknown: [{ from: 0, to: 5, text: 'blorp' }] }))).toContain('“blorp”');
  expect(whatIsOpen(entry({ line: null }))).toContain('no wire or no terminal');
});

it('asks for the other end of a splice, until somebody says that it is not made', () => {
  expect(whatIsOpen(entry({ wantsSecond: true }))).toBe('Which wire is at the other end of the splice?');
  expect(whatIsOpen(entry({ wantsSecond: true }), true)).toBeNull();
});

it('writes a candidate as it is called, and by its id only where two are called so', () => {
  const names = { wires: {}, terminals: { ring: 'Ring M6', 'ring-m8': 'Ring M8', twin: 'Ring M6' } };
  expect(calledAmong(ask(0, 4), 'ring-m8', names)).toBe('Ring M8');
  expect(calledAmong(ask(0, 4), 'ring', names)).toBe('Ring M6');
  expect(calledAmong({ ...ask(0, 4), candidates: ['ring', 'twin'] }, 'ring', names)).toBe('ring');
  expect(calledAmong(ask(0, 4), '4 mm²', names)).toBe('4 mm²');
});

it('finds a piece of what was read where it stands by now', () => {
  const read = '24 × blue wire → ring M4';
  const piece = { from: 17, to: 24 };
  expect(whereNow(piece, read, read)).toBe(piece);
  // The wire before it has got its full name meanwhile.
  expect(whereNow(piece, read, '24 × 18 AWG 𝛺 lead → ring M4')).toEqual({ from: 21, to: 28 });
  expect(whereNow(piece, read, '24 × blue wire → fork M5')).toBeNull();
  expect(whereNow(piece, read, '24 × ring M4 → ring M4')).toBeNull();
  expect(whereNow({ from: 4, to: 4 }, read, 'something else')).toBeNull();
});
