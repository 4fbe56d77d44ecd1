import { expect, it } from 'vitest';
import { figureText, remarkOf, sourceText, type Figure } from './figures';

const figure = (of: Partial<Figure>): Figure => ({
  value: null,
  unit: null,
  source: 'UL 486A-486B, 12 AWG',
  recall: 'memory',
  note: null,
  ...of,
});
const metric = { length: 'mm', force: 'N' } as const;
const inches = { length: 'inch', force: 'lbf' } as const;

it('tells a value in the units that one reads', () => {
  expect(figureText('force', figure({ value: 311.3755, unit: 'N' }), metric)).toBe('311.4 N');
  expect(figureText('force', figure({ value: 311.3755, unit: 'N' }), inches)).toBe('70.01 lbf');
  expect(figureText('force', figure({ value: 2.3276, unit: 'mm' }), metric)).toBe('2.33 mm');
  expect(figureText('force', figure({ value: 25.4, unit: 'mm' }), inches)).toBe('1 in');
  expect(figureText('force', figure({ value: 3.3088, unit: 'mm2' }), metric)).toBe('3.31 mm²');
  expect(figureText('force', figure({ value: '2.5 mm2' }), metric)).toBe('2.5 mm²');
  expect(figureText('force', figure({ value: true }), metric)).toBe('yes');
  expect(figureText('force', figure({ value: 3 }), metric)).toBe('3');
  expect(figureText('force', figure({ value: null, unit: 'mm' }), metric)).toBe('–');
  expect(figureText('wall', figure({ value: 0.2719 }), metric)).toBe('27.2 %');
  expect(figureText('verdict', figure({ value: 'cuts-strands' }), metric)).toBe('cuts strands');
  expect(figureText('standard', figure({ value: 'IEC 60352-2' }), metric)).toBe('IEC 60352-2');
});

it('says where it comes from and how sure that is', () => {
  expect(sourceText(figure({}))).toBe('UL 486A-486B, 12 AWG – written down from memory of the source');
});

it('tells an answer in a few words, less what is none', () => {
  const answer = {
    name: figure({ value: '1/4 in' }),
    neededRatio: figure({ value: null }),
    cutLength: figure({ value: 15, unit: 'mm' }),
  };
  expect(remarkOf('Sleeve', answer, metric)).toBe('Sleeve: stock size 1/4 in, cut the sleeve to 15 mm');
});
