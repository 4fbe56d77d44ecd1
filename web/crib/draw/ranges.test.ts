import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ticks } from '../crib.fixture';
import {
  moved,
  parted,
  sizesBetween,
  snapped,
  spansOf,
  stepped,
  withEnd,
  withFamily,
  withoutFamily,
} from './ranges';

const families = ['gauge', 'metric'] as const;
const labels = (family: (typeof families)[number]) =>
  ticks.filter((tick) => tick.family === family).map(({ label }) => label);

describe('what is written', () => {
  it.each([
    ['22-16 AWG', [['gauge', '22', '16']]],
    ['16-22 AWG', [['gauge', '22', '16']]],
    [
      '22-16 AWG / 0.5-1.5 mm2',
      [
        ['gauge', '22', '16'],
        ['metric', '0.5', '1.5'],
      ],
    ],
    [
      '1/0-4/0 AWG / 50-120 mm²',
      [
        ['gauge', '1/0', '4/0'],
        ['metric', '50', '120'],
      ],
    ],
    ['2,5 mm²', [['metric', '2.5', '2.5']]],
    ['AWG 12', [['gauge', '12', '12']]],
    ['20 AWG-8 AWG', [['gauge', '20', '8']]],
    ['8 B&S', [['gauge', '8', '8']]],
    ['250 kcmil', [['gauge', '250', '250']]],
  ])('%s', (text, spans) => {
    expect(spansOf(text)?.map(({ family, thin, thick }) => [family, thin.label, thick.label])).toEqual(spans);
  });

  it.each(['', '12', '12 mm', 'blue', '12 AWG / 14 AWG', '60 AWG', '10-5 mm2 AWG'])(
    '%s is no range',
    (text) => {
      expect(spansOf(text)).toBeNull();
    },
  );

  it('has the areas of the core for every size of the trade', () => {
    for (const { family, label, area } of ticks) {
      const [span] = spansOf(`${label} ${family === 'gauge' ? 'AWG' : 'mm2'}`) ?? [];
      expect(Math.abs((span?.thin.area ?? 0) / area - 1), label).toBeLessThan(1e-9);
    }
  });
});

describe('what is dragged', () => {
  const range = fc
    .record({
      family: fc.constantFrom(...families),
      one: fc.nat(22),
      other: fc.nat(22),
      beside: fc.constantFrom(null, '0.2-7 mm2', '2,5 mm²', '13 AWG', '23 AWG-11 AWG'),
    })
    .map(({ family, one, other, beside }) => {
      const all = labels(family);
      const text = `${all[one % all.length]}-${all[other % all.length]} ${family === 'gauge' ? 'AWG' : 'mm2'}`;
      const isOther = beside !== null && spansOf(beside)?.[0]?.family !== family;
      return { family, beside: isOther ? beside : null, text: isOther ? `${text} / ${beside}` : text };
    });
  const area = fc.double({ min: 0.001, max: 500, noNaN: true });

  it('never leaves the sizes of the trade, and leaves what is beside it as it was typed', () => {
    fc.assert(
      fc.property(
        range,
        area,
        fc.constantFrom('thin', 'thick'),
        fc.integer({ min: -30, max: 30 }),
        (one, to, end, by) => {
          for (const next of [
            withEnd(one.text, one.family, end, to, ticks),
            moved(one.text, one.family, by, ticks),
          ]) {
            const spans = spansOf(next);
            const own = spans?.find(({ family }) => family === one.family);
            expect(labels(one.family)).toContain(own?.thin.label);
            expect(labels(one.family)).toContain(own?.thick.label);
            expect(own?.thin.area ?? 1).toBeLessThanOrEqual(own?.thick.area ?? 0);
            if (one.beside) expect(next).toContain(one.beside);
          }
        },
      ),
    );
  });

  it('stays as wide in sizes when it is moved whole, and comes back', () => {
    fc.assert(
      fc.property(range, fc.integer({ min: -4, max: 4 }), ({ family, text }, by) => {
        const width = (of: string) => {
          const span = spansOf(of)?.find((one) => one.family === family);
          const at = (label = '') => labels(family).indexOf(label);
          return Math.abs(at(span?.thick.label) - at(span?.thin.label));
        };
        const there = moved(text, family, by, ticks);
        expect(width(there)).toBe(width(text));
      }),
    );
  });

  it.each([
    ['22-16 AWG', 'gauge', 'thick', 2.08, '22-14 AWG'],
    ['22-16 AWG', 'gauge', 'thick', 0.1, '22 AWG'],
    ['22-16 AWG / 0.5-1.5 mm2', 'metric', 'thick', 2.3, '22-16 AWG / 0.5-2.5 mm2'],
    ['22-13 AWG', 'gauge', 'thin', 0.2, '24-13 AWG'],
    ['16 AWG', 'gauge', 'thin', 0.82, '18-16 AWG'],
    ['22-16 AWG', 'gauge', 'thin', 0.326, '22-16 AWG'],
  ] as const)('%s: its %s end %s at %d mm² is %s', (text, family, end, to, next) => {
    expect(withEnd(text, family, end, to, ticks)).toBe(next);
  });

  it('goes step by step along the series, and stops at its ends', () => {
    expect(stepped(ticks, 'gauge', snapped(ticks, 'gauge', 3.3).area, 1).label).toBe('10');
    expect(stepped(ticks, 'gauge', 3.3, -2).label).toBe('16');
    expect(stepped(ticks, 'gauge', 107, 5).label).toBe('4/0');
    expect(stepped(ticks, 'metric', 0.05, -3).label).toBe('0.05');
  });
});

describe('what is made of a range', () => {
  it('gets the other family at the nearest sizes, and loses it again', () => {
    expect(withFamily('22-16 AWG', 'metric', ticks)).toBe('22-16 AWG / 0.34-1.5 mm2');
    expect(withoutFamily('22-16 AWG / 0.34-1.5 mm2', 'metric')).toBe('22-16 AWG');
    expect(withoutFamily('22-16 AWG', 'gauge')).toBe('22-16 AWG');
  });

  it('parts in two at the middle of its sizes', () => {
    expect(parted('22-16 AWG / 0.5-1.5 mm2', ticks)).toEqual([
      '22-20 AWG / 0.5-0.75 mm2',
      '18-16 AWG / 1-1.5 mm2',
    ]);
    expect(parted('12 AWG', ticks)).toBeNull();
    expect(parted('nothing', ticks)).toBeNull();
  });

  it('names every size between its ends, thin first', () => {
    expect(sizesBetween('20-10 AWG', ticks)).toEqual([
      '20 AWG',
      '18 AWG',
      '16 AWG',
      '14 AWG',
      '12 AWG',
      '10 AWG',
    ]);
    expect(sizesBetween('0.5-1.5 mm2', ticks)).toEqual(['0.5 mm2', '0.75 mm2', '1 mm2', '1.5 mm2']);
  });
});
