import { expect, it } from 'vitest';
import { forceOf, forMany, noPull, pasted, subgroupOf, triedIn, type Pull } from './pulls';

const N = { length: 'mm', force: 'N' } as const;
const LBF = { length: 'mm', force: 'lbf' } as const;
const pull = (text: string, mode: Pull['mode'] = ''): Pull => ({ text, mode });

it.each([
  ['52.1\t50.8\t49', ['52.1', '50.8', '49']],
  ['52.1\r\n50.8\r\n', ['52.1', '50.8']],
  ['52.1 50.8 N', ['52.1', '50.8 N']],
  ['52,1; 50,8', ['52,1', '50,8']],
  ['56', ['56']],
  ['', []],
])('takes %j apart as a spreadsheet copies it', (text, cells) => expect(pasted(text)).toEqual(cells));

it.each([
  ['52.1', N, 52.1],
  ['52,1', N, 52.1],
  ['10 lbf', N, 44.4822],
  ['10', LBF, 44.4822],
  ['0', N, null],
  ['-4', N, null],
  ['NaN', N, null],
  ['5 kg', N, null],
  ['', N, null],
] as const)('reads %j', (text, units, force) => expect(forceOf(text, units)).toBe(force));

it('is a subgroup once every field says a force', () => {
  expect(subgroupOf([pull('52.1'), pull('')], N)).toBeNull();
  expect(subgroupOf([], N)).toBeNull();
  expect(subgroupOf([pull('52.1'), pull('much')], N)).toBeNull();
  expect(subgroupOf([pull('52.1', 'conductor'), pull('50')], N)).toEqual({ forces: [52.1, 50] });
  expect(subgroupOf([pull('52.1', 'conductor'), pull('50', 'pulled-out')], N)).toEqual({
    forces: [52.1, 50],
    modes: ['conductor', 'pulled-out'],
  });
});

it('keeps a trial apart from what is pulled of the nest as always', () => {
  const of = { wire: 'w', terminal: 't', nest: 'red' };
  expect(triedIn(of, ' ')).toBe(of);
  expect(triedIn(of, ' stripped 2 mm ')).toEqual({ ...of, nest: 'red: stripped 2 mm' });
  expect(triedIn({ wire: 'w' }, 'no grip')).toEqual({ wire: 'w', nest: 'no grip' });
});

it('keeps what was pulled when another many are to be pulled', () => {
  const three = [pull('52.1', 'conductor'), pull(' '), pull('50')];
  expect(forMany(three, 5)).toEqual([pull('52.1', 'conductor'), pull('50'), noPull(), noPull(), noPull()]);
  expect(forMany(three, 2)).toEqual([pull('52.1', 'conductor'), pull('50')]);
  expect(forMany(three, 1)).toEqual([pull('52.1', 'conductor'), pull('50')]);
  expect(forMany([], 2)).toEqual([noPull(), noPull()]);
});
