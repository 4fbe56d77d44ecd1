import { expect, it } from 'vitest';
import { thing } from '@/data/wall.fixture';
import { inlayOf } from './inlay';

const planned = [{ tool: 'cutter', count: 2 }, { tool: 'meter' }];

it('tells what is planned of a kit that is not kept by its things', () => {
  expect(inlayOf(planned, 'van')).toEqual([
    { tool: 'cutter', count: 2, there: [], away: [] },
    { tool: 'meter', count: 1, there: [], away: [] },
  ]);
});

it('names the things to take, those that are away with why, and what nobody planned', () => {
  const out = { to: 'Ada', person: 'ada', kit: null, since: '2027-03-01', due: null };
  const things = [
    thing('C-2'),
    thing('C-1', { out, text: 'Lent to Ada.' }),
    thing('M-1', { tool: 'meter', sign: 'past', text: 'Past.' }),
    thing('S-1', { tool: 'shears', home: 'bench', kit: 'van' }),
    thing('B-1', { home: 'bench', kit: 'bench' }),
  ];
  expect(inlayOf(planned, 'van', { things })).toEqual([
    { tool: 'cutter', count: 2, there: ['C-2'], away: [{ tag: 'C-1', text: 'Lent to Ada.' }] },
    { tool: 'meter', count: 1, there: [], away: [{ tag: 'M-1', text: 'Past.' }] },
    { tool: 'shears', count: 0, there: ['S-1'], away: [] },
  ]);
});
