import { expect, it } from 'vitest';
import { thing } from '@/data/wall.fixture';
import { countsOf, isSought, stripsOf } from './strips';
import { wallOf } from './wall.fixture';

const out = (to: string, kit: string | null = null) => ({
  to,
  person: null,
  kit,
  since: '2027-03-01',
  due: null,
});
const tags = (wall = wallOf([]), sought = {}) =>
  Object.fromEntries(
    stripsOf(wall, sought).map(({ id, boxes }) => [
      id,
      boxes.flatMap(({ things }) => things.map((piece) => `${piece.thing.tag} ${piece.place}`)),
    ]),
  );

it('lays things out by kit and along the sizes: the thinner first, what has none last', () => {
  const wall = wallOf([
    thing('M-1', { tool: 'meter' }),
    thing('S-1', { tool: 'shears' }),
    thing('C-2'),
    thing('C-1'),
    thing('F-1', { tool: 'fine' }),
    thing('X-1', { home: null, kit: null }),
  ]);
  expect(tags(wall)).toEqual({
    van: ['F-1 own', 'C-1 own', 'C-2 own', 'S-1 own', 'M-1 own'],
    bench: [],
    '': ['X-1 own'],
  });
});

it('leaves the place of what is out empty, and shows it where it is for a while', () => {
  const wall = wallOf([
    thing('C-1', { out: out('Bench', 'bench'), kit: 'bench' }),
    thing('C-2', { out: out('Ada') }),
    thing('P-1', { home: 'paper', kit: 'paper' }),
  ]);
  expect(tags(wall)).toEqual({
    van: ['C-1 empty', 'C-2 empty'],
    bench: ['C-1 borrowed'],
    // A kit on paper has a strip as soon as there is a thing in it.
    paper: ['P-1 own'],
    '': [],
  });
});

it('has copies of a kit in its strip, box by box, those that are empty too', () => {
  const like = (id: string, name: string, of: string | null) => ({
    id,
    name,
    tracked: true,
    unlikePaper: [],
    like: of,
    drift: [],
  });
  const wall = {
    ...wallOf([
      thing('C-1', { home: 'box' }),
      thing('C-2', { home: 'two' }),
      thing('F-2', { home: 'two', tool: 'fine' }),
      thing('C-4', { home: 'four' }),
    ]),
    kits: [
      like('box', 'Box', null),
      like('two', 'Box 2', 'box'),
      like('three', 'Spare', 'two'),
      like('four', 'Boxer', 'box'),
      like('bench', 'Bench', null),
      like('one', 'One', 'other'),
      like('other', 'Other', 'one'),
      like('tail', 'Tail', 'one'),
    ],
  };
  const strips = stripsOf(wall);
  expect(strips.map(({ id, count }) => [id, count])).toEqual([
    ['box', 4],
    ['bench', 0],
    ['one', 0],
    ['other', 0],
    ['tail', 0],
    ['', 0],
  ]);
  expect(strips[0]!.boxes.map(({ label, things }) => [label, things.map(({ thing }) => thing.tag)])).toEqual([
    ['1', ['C-1']],
    ['2', ['F-2', 'C-2']],
    ['Spare', []],
    ['Boxer', ['C-4']],
  ]);
  expect(strips[1]!.boxes.map(({ label }) => label)).toEqual(['']);
});

const calibration = {
  kind: 'calibration' as const,
  done: null,
  next: '2027-04-01',
  cyclesLeft: null,
  code: null,
  since: null,
};

it('finds things by words, of who has them too, and by how they are', () => {
  const wall = wallOf([
    thing('C-1', { out: { ...out('Ada'), person: 'ada' }, sign: 'overdue', note: 'Red handle' }),
    thing('S-1', { tool: 'shears', serial: '77-1' }),
    thing('S-2', { tool: 'shears', home: null, serial: '78-1' }),
    thing('D-1', { dues: [calibration] }),
  ]);
  const found = (sought: Parameters<typeof isSought>[1]) =>
    wall.things.filter((one) => isSought(one, sought, wall)).map(({ tag }) => tag);
  expect(found({ words: 'cable SHEARS' })).toEqual(['S-1', 'S-2']);
  expect(found({ words: 'ada' })).toEqual(['C-1']);
  expect(found({ words: 'red cutter' })).toEqual(['C-1']);
  expect(found({ words: '77' })).toEqual(['S-1']);
  expect(found({ words: 'c-1 shears' })).toEqual([]);
  expect(found({ words: 'van calibration' })).toEqual(['D-1']);
  expect(found({ words: 'shelf' })).toEqual(['S-2']);
  expect(found({ sign: 'overdue' })).toEqual(['C-1']);
  expect(found({ tags: new Map([['S-1', 4]]) })).toEqual(['S-1']);
  expect(found({ tags: null })).toHaveLength(4);
});

it('counts how things are', () => {
  const counts = countsOf([thing('A'), thing('B', { sign: 'past' }), thing('C', { sign: 'past' })]);
  expect([...counts]).toEqual([
    ['in', 1],
    ['past', 2],
  ]);
});
