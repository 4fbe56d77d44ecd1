import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { placesOf } from './drops';
import { domainOf, scaleOver } from './scale';
import { thinned, together } from './thin';

type Drop = Schemas['Drop'];

function drop(area: number, more: Partial<Drop> = {}): Drop {
  return {
    size: `${area} mm2`,
    family: 'metric',
    otherSize: null,
    area,
    lines: [`l${area}`],
    quantity: 2,
    status: 'covered',
    marks: { cut: 'covered' },
    ...more,
  };
}
const hole = (area: number) => drop(area, { status: 'hole', marks: { cut: 'covered', lug: 'hole' } });
const scaleOf = (drops: Drop[], width = 1000) =>
  scaleOver(domainOf({ ticks: [], lanes: [], drops }), 96, width);
const crowd = (of: (area: number) => Drop, count: number, from = 1) =>
  Array.from({ length: count }, (_, i) => of(Number((from * 1.004 ** i).toFixed(4))));

it('leaves each size its line where all stand near their place', () => {
  const drops = [0.5, 0.52, 0.75, 1, 1.31, 1.5, 2.5, 67.4, 70].map((area) => drop(area));
  expect(thinned(drops, scaleOf(drops)).map(({ of }) => of.length)).toEqual(drops.map(() => 1));
});

it('puts a crowd together until each line is near its place, and leaves the others alone', () => {
  const drops = [drop(0.2), ...crowd(drop, 60), drop(50)];
  const scale = scaleOf(drops);
  const standing = thinned(drops, scale);
  expect(standing.flatMap(({ of }) => of)).toEqual(drops);
  expect(standing.length).toBeLessThan(20);
  expect([standing[0]?.of.length, standing.at(-1)?.of.length]).toEqual([1, 1]);
  const places = placesOf(
    standing.map((one) => one.drop),
    scale,
  );
  standing.forEach((one, i) =>
    expect(Math.abs((places[i] ?? 0) - scale.clip(one.drop.area))).toBeLessThanOrEqual(30),
  );
});

it('keeps holes apart from what is covered for as long as it can, and never drops one', () => {
  const drops = [...crowd(drop, 20), ...crowd(hole, 20, 1.09)];
  const standing = thinned(drops, scaleOf([...drops, drop(60)]));
  expect(standing.length).toBeLessThan(drops.length);
  for (const { of } of standing) expect(new Set(of.map(({ status }) => status)).size).toBe(1);
  // Rather what is made well with what is made badly, even where the hole is nearer.
  const bad = (area: number) => drop(area, { status: 'makeshift', marks: { cut: 'makeshift' } });
  const turns = [drop, bad, drop, bad, hole, drop, bad, hole, drop, bad];
  let area = 1;
  const close = turns.map((of, i) => of((area *= turns[i + 1] === hole || of === hole ? 1.0005 : 1.003)));
  const few = thinned([...close, drop(60)], scaleOf([...close, drop(60)]));
  expect(few.length).toBeLessThan(close.length);
  for (const { of } of few)
    expect(new Set(of.map(({ status }) => status === 'hole')).size, JSON.stringify(of)).toBe(1);
  // In no room at all they stand together, and the hole is what is seen.
  const mixed = thinned([drop(1), hole(1.0001), drop(1.0002)], scaleOver([1, 1.0003], 96, 96.1));
  expect(mixed.map((one) => one.drop.status)).toContain('hole');
});

it('tells of a line with several sizes from where to where, all lines once, the worst of each lane, and whose', () => {
  const drops = [
    drop(1, { lines: ['a', 'b'], whose: { cut: ['both'] } }),
    drop(1.001, {
      lines: ['b', 'c'],
      status: 'makeshift',
      marks: { cut: 'makeshift', strip: 'covered' },
      whose: { cut: ['one', 'both'], strip: ['other'] },
    }),
  ];
  expect(together(drops)).toEqual({
    size: '1 mm2 to 1.001 mm2',
    family: 'metric',
    otherSize: null,
    area: Math.sqrt(1.001),
    lines: ['a', 'b', 'c'],
    quantity: 4,
    status: 'makeshift',
    marks: { cut: 'makeshift', strip: 'covered' },
    whose: { cut: ['both', 'one'], strip: ['other'] },
  });
  expect(together([drop(1, { marks: { cut: 'makeshift' } }), drop(2)]).marks).toEqual({ cut: 'makeshift' });
  expect(together([drop(1)])).toEqual(drop(1));
  expect(together([hole(1), drop(2)])).toMatchObject({ status: 'hole', marks: { lug: 'hole' } });
  expect(together([drop(1), drop(2)])).not.toHaveProperty('whose');
});
