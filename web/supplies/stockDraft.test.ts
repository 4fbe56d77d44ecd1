import { expect, it } from 'vitest';
import { draftOf, fieldsOf, noPack, problemsOf } from './stockDraft';

const units = { length: 'mm', force: 'N' } as const;
const rings = {
  id: 'rings',
  item: { terminal: 'ring' },
  packs: [{ name: 'Bag of 100', pieces: 100, price: 1850 }],
  perWeek: 2.5,
  leadDays: 7,
  note: 'top shelf',
};

it('writes what it read, and of what is empty says nothing', () => {
  const { id, ...stock } = rings;
  expect(draftOf(fieldsOf(rings, units), rings.item, units)).toEqual(stock);
  expect(draftOf({ ...fieldsOf({}, units), packs: [noPack()] }, rings.item, units)).toEqual({
    item: { terminal: 'ring' },
  });
  expect(id).toBe('rings');
});

it('takes decimal commas, and its name for what is no terminal and no tube', () => {
  const fields = {
    ...fieldsOf({}, units),
    name: ' Flux ',
    perWeek: '0,5',
    packs: [{ name: 'Tin', pieces: '1', price: '5,90' }],
  };
  expect(draftOf(fields, {}, units)).toEqual({
    item: { name: 'Flux' },
    perWeek: 0.5,
    packs: [{ name: 'Tin', pieces: 1, price: 590 }],
  });
  expect(draftOf(fieldsOf({}, units), { sleeve: '6 mm', lined: true }, units)).toEqual({
    item: { sleeve: '6 mm', lined: true },
  });
});

it.each([
  ['a name', { name: ' ' }, true, 'name'],
  ['a figure that is none', { perWeek: 'many' }, false, 'perWeek'],
  ['half a day', { leadDays: '1.5' }, false, 'leadDays'],
  ['a pack without a name', { packs: [{ name: '', pieces: '5', price: '1' }] }, false, 'packs/0/name'],
  ['a pack of nothing', { packs: [{ name: 'Bag', pieces: '0', price: '1' }] }, false, 'packs/0/pieces'],
  [
    'a pack without a price',
    { packs: [noPack(), { name: 'Bag', pieces: '5', price: '' }] },
    false,
    'packs/1/price',
  ],
])('says where something is missing or wrong: %s', (_, more, isNamed, path) => {
  expect([...problemsOf({ ...fieldsOf({}, units), ...more }, isNamed, units).keys()]).toEqual([path]);
});

it('has nothing against an empty row and a stock without packs', () => {
  expect(problemsOf({ ...fieldsOf({}, units), packs: [noPack()] }, false, units).size).toBe(0);
});
