import { expect, it } from 'vitest';
import { ticks } from '../crib.fixture';
import { sizesBetween } from '../draw/ranges';
import {
  beginnings,
  bandNests,
  begun,
  couldBeSet,
  fieldsOf,
  holesFor,
  lanesOf,
  methodWord,
  withAdded,
  withMethod,
  withRemoved,
  withSizeAt,
} from './capabilities';
import { valueAt, type Draft } from './paths';

const stripper = (positions: Draft[]): Draft => ({
  kind: 'stripper',
  capabilities: [{ op: 'strip', method: 'notch', insulation: ['pvc'], positions }],
});
const positionsOf = (tool: Draft) => (tool.capabilities as Draft[])[0]?.positions;

it('has the bands of the trade as nests', () => {
  expect(bandNests.map(({ label, size }) => `${label} ${size}`)).toEqual([
    'red 22-16 AWG / 0.5-1.5 mm2',
    'blue 16-14 AWG / 1.5-2.5 mm2',
    'yellow 12-10 AWG / 4-6 mm2',
  ]);
});

it('adds a notch where a lane was clicked, and takes it away again', () => {
  const empty = stripper([]);
  const one = withAdded(empty, 'capabilities/0/positions/solid', '12 AWG');
  expect(positionsOf(one)).toEqual([{ label: '12', solid: '12 AWG' }]);
  const two = withAdded(one, 'capabilities/0/positions/stranded', '2.5 mm2');
  expect(positionsOf(two)).toEqual([
    { label: '12', solid: '12 AWG' },
    { label: '2.5', stranded: '2.5 mm2' },
  ]);
  expect(withRemoved(two, 'capabilities/0/positions/1/stranded')).toEqual(one);
});

it('keeps a notch that is marked or measured otherwise too', () => {
  const tool = stripper([
    { label: '12', solid: '12 AWG', stranded: '14 AWG' },
    { label: 'x', stranded: '16 AWG', hole: 1.6 },
  ]);
  expect(positionsOf(withRemoved(tool, 'capabilities/0/positions/0/solid'))).toEqual([
    { label: '12', stranded: '14 AWG' },
    { label: 'x', stranded: '16 AWG', hole: 1.6 },
  ]);
  expect(positionsOf(withRemoved(tool, 'capabilities/0/positions/1/stranded'))).toEqual([
    { label: '12', solid: '12 AWG', stranded: '14 AWG' },
    { label: 'x', hole: 1.6 },
  ]);
});

it('makes holes for sizes, stranded one size finer in the same hole', () => {
  const sizes = sizesBetween('14-10 AWG', ticks).reverse();
  const finer = (size: string) => `${Number(size.split(' ')[0]) + 2} AWG`;
  expect(holesFor(sizes, 'both', finer)).toEqual([
    { label: '10', solid: '10 AWG', stranded: '12 AWG' },
    { label: '12', solid: '12 AWG', stranded: '14 AWG' },
    { label: '14', solid: '14 AWG', stranded: '16 AWG' },
  ]);
  expect(holesFor(['12 AWG'], 'stranded', finer)).toEqual([{ label: '12', stranded: '12 AWG' }]);
});

it('has holes or a range, as the method of a stripper has it', () => {
  const notched = begun('strip');
  expect(lanesOf(notched, 'c').map(({ title }) => title)).toEqual(['Solid', 'Stranded']);
  expect(fieldsOf(notched).map(({ key }) => key)).not.toContain('size');
  const adjusting = withMethod(notched, 'self-adjusting');
  expect(adjusting).toEqual({
    op: 'strip',
    insulation: [],
    method: 'self-adjusting',
    size: '20-10 AWG',
  });
  expect(fieldsOf(adjusting).map(({ key }) => key)).toContain('size');
  expect(withMethod(adjusting, 'die')).toEqual({
    op: 'strip',
    insulation: [],
    method: 'die',
    positions: [],
  });
});

it('draws each nest in a lane of its own, with its band and what is proven in it', () => {
  const lanes = lanesOf(
    {
      op: 'crimp',
      profile: 'oval',
      control: 'full-cycle',
      nests: [
        { label: 'B', code: 'blue', size: '16-14 AWG', proven: '14 AWG' },
        { label: 'any', code: 'series' },
      ],
      proven: '18 AWG',
    },
    'capabilities/0',
  );
  expect(lanes.map(({ title, adds }) => [title, adds])).toEqual([
    ['Nest B', undefined],
    ['Nest any', 'Give nest any a size'],
    ['Proven', undefined],
  ]);
  expect(lanes[0]?.ranges[0]).toMatchObject({
    path: 'capabilities/0/nests/0/size',
    code: 'blue',
    text: '16-14 AWG',
    proven: { text: '14 AWG' },
  });
});

it('says of a knife that a blade with a set depth is another method, and makes it that', () => {
  const knife: Draft = { op: 'strip', method: 'knife', size: '4-4/0 AWG', insulation: ['pvc'], small: true };
  expect(methodWord(knife)).toContain('no blade that is set to a depth');
  expect(couldBeSet(knife)).toBe(true);
  const set = withMethod(knife, 'set-depth');
  expect(set).toMatchObject({ method: 'set-depth', size: '4-4/0 AWG' });
  expect(methodWord(set)).toContain('square end');
  expect(couldBeSet(set)).toBe(false);
  expect(methodWord({ op: 'strip', method: 'die' })).toBeNull();
  expect(methodWord({ op: 'strip-sheath', method: 'score' })).toBeNull();
  expect(couldBeSet({ op: 'strip-sheath', method: 'score' })).toBe(false);
});

it.each([
  // Where the label is that of the size it follows; where somebody has written another it stays.
  [{ label: '18', solid: '18 AWG' }, 'positions/0/solid', '16 AWG', '16'],
  [{ label: 'b', solid: '18 AWG' }, 'positions/0/solid', '16 AWG', 'b'],
  [{ label: '', solid: '18 AWG' }, 'positions/0/solid', '16 AWG', '16'],
  [{ label: '18', stranded: '18 AWG' }, 'positions/0/stranded', '20 AWG', '20'],
  // Marked for both it is called by the solid one.
  [{ label: '18', solid: '18 AWG', stranded: '18 AWG' }, 'positions/0/stranded', '20 AWG', '18'],
  [{ label: '18', solid: '18 AWG' }, 'positions/0/solid', '', '18'],
  [{ label: '1.5', size: '1.5 mm2' }, 'nests/0/size', '2.5 mm2', '2.5'],
  [{ label: 'red', size: '22-16 AWG' }, 'nests/0/size', '22-18 AWG', 'red'],
])('has the label of a place follow its size: %j, %s', (place, path, text, label) => {
  const [list = ''] = path.split('/');
  expect((valueAt(withSizeAt({ [list]: [place] }, path, text), `${list}/0`) as { label: string }).label).toBe(
    label,
  );
});

it('begins a stripper with no insulation: it is asked', () => {
  for (const { tool } of beginnings)
    for (const one of (tool.capabilities ?? []) as Draft[])
      for (const key of ['insulation', 'materials']) expect(one[key] ?? []).toEqual([]);
  expect(fieldsOf(begun('strip')).find(({ key }) => key === 'insulation')?.asks).toContain('Mark each');
});
