import { expect, it } from 'vitest';
import { columnsOf, groupOf, rowsOf, rowsOnShelf, type ThingRow } from './thingColumns';

const valueOf = (list: 'tools' | 'wires' | 'terminals', key: string, row: ThingRow) =>
  columnsOf[list].find((column) => column.key === key)?.value?.(row);

it('makes rows of the pages of wires, each where it stands', () => {
  const wire = {
    id: 'w',
    name: 'A wire',
    size: '2.5 mm2',
    construction: 'fine',
    insulation: 'pvc',
    insulationOd: 3.6,
    version: 'v',
  };
  const [row] = rowsOf('wires', [{ data: [wire], spans: { w: 2.5 } }]) as [ThingRow];
  expect([row.name, row.area]).toEqual(['A wire', 2.5]);
  expect(['size', 'construction', 'od'].map((key) => valueOf('wires', key, row))).toEqual([
    '2.5 mm²',
    'fine',
    3.6,
  ]);
  expect(groupOf.wires(row)).toBe('PVC');
});

it('says of a tool what it does and in which kits it is', () => {
  const tool = {
    id: 't',
    name: 'Pliers',
    kind: 'sheath-stripper',
    capabilities: [{ op: 'cut' }, { op: 'strip-sheath' }, { op: 'cut' }],
    massGrams: 90,
  };
  const kits = [
    { id: 'k', name: 'Van', count: 2 },
    { id: 'l', name: 'Bench', count: 1 },
  ];
  const [row] = rowsOf('tools', [{ data: [{ id: 't', tool, kits, lanes: [] }] }]) as [ThingRow];
  expect(['does', 'kits', 'mass'].map((key) => valueOf('tools', key, row))).toEqual([
    'cut, sheath',
    'Van × 2, Bench',
    90,
  ]);
  expect(groupOf.tools(row)).toBe('sheath stripper');
});

it('orders terminals by what they take, thin first', () => {
  const of = (id: string, from: number) => ({
    data: [{ id, name: id, class: 'lug', size: 'x' }],
    spans: { [id]: { from, to: from * 2 } },
  });
  const rows = rowsOf('terminals', [of('b', 10), of('a', 2)]);
  const order = columnsOf.terminals.find(({ key }) => key === 'size')?.order;
  expect(rows.map((row) => order?.(row))).toEqual([10, 2]);
});

it('knows of the shelf what the shop has already', () => {
  const source = { source: 'x', recall: 'memory' } as const;
  const one = {
    id: 'w',
    thing: { id: 'w', name: 'Wire', size: '12 AWG', construction: 'solid', insulation: 'pvc' } as const,
    sources: { '': source },
    has: { id: 'w', name: 'Mine' },
    area: 3.31,
  };
  const [row] = rowsOnShelf([one]) as [ThingRow];
  expect([row.name, row.has?.name, row.area, row.span]).toEqual(['Wire', 'Mine', 3.31, undefined]);
});
