import { expect, it } from 'vitest';
import { writtenColumns } from './sheet';

const names = { w: '3 × 1.5 mm² heating cable, low-smoke', s: '12 AWG', f: 'Ferrule 1.5 mm²' };
const nameOf = (_: string, id: string) => names[id as 'w'];
const columns = (lines: object[], wanted: string[] = []) =>
  Object.fromEntries(
    writtenColumns(lines as never, wanted, nameOf).map(({ key, width }) => [key, Math.round(width)]),
  );

it('has the columns that a line says or somebody wants, and no others', () => {
  const line = { id: 'l', wire: 's', terminal: 'f', quantity: 2 };
  expect(Object.keys(columns([line]))).toEqual(['wire', 'terminal', 'quantity', 'verdict']);
  expect(Object.keys(columns([line, { ...line, wet: true }], ['stud']))).toEqual([
    'wire',
    'terminal',
    'quantity',
    'verdict',
    'stud',
    'wet',
  ]);
});

it('is as wide as the longest name, within limits', () => {
  const [short, long] = [columns([{ wire: 's', terminal: 'f' }]), columns([{ wire: 'w', terminal: 'f' }])];
  expect(long.wire! - short.wire!).toBeGreaterThan(100);
  expect(long.wire).toBeGreaterThan(names.w.length * 6);
  expect(columns([{ wire: 'w', wireB: 's', note: 'x'.repeat(500) }]).note).toBe(200);
  expect(columns([{ wire: 's', wet: true }]).wet).toBe(56);
  expect(columns([{ wire: 'w', wireB: 'w' }]).wireB).toBe(200);
});

it('has room for its own name', () => {
  const { noMains, ambient } = columns([{ wire: 's', noMains: true, ambient: 8 }]);
  expect(noMains).toBeGreaterThan('No mains'.length * 8);
  expect(ambient).toBeGreaterThan('Worked at'.length * 8);
});
