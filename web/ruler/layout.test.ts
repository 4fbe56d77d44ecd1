import { describe, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { captionBeside } from './bars';
import { spread } from './drops';
import { gutterFor, laneAt, layOut } from './layout';
import { domainOf, sizeWords } from './scale';

const GUTTER = gutterFor(1000);

const tick = (area: number, family: 'gauge' | 'metric' = 'metric') => ({ family, label: String(area), area });

function drop(
  area: number,
  marks: Record<string, Schemas['StepStatus']> = { cut: 'covered' },
): Schemas['Drop'] {
  const status = Object.values(marks).includes('hole') ? 'hole' : 'covered';
  return {
    size: `${area} mm2`,
    family: 'metric',
    otherSize: null,
    area,
    lines: [`l${area}`],
    quantity: 3,
    status,
    marks,
  };
}

function bar(name: string, from: number, to: number, segments: Schemas['Segment'][] = []): Schemas['Bar'] {
  return {
    tool: name,
    name,
    from,
    to,
    stretches: [{ from, to, fit: 'proper' }],
    proven: null,
    segments,
    misses: [],
  };
}

const segment = (
  label: string,
  from: number,
  to: number,
  code: string | null = null,
): Schemas['Segment'] => ({
  label,
  code,
  from,
  to,
  proven: null,
});

function ruler(drops: Schemas['Drop'][], bars: Schemas['Bar'][] = []): Schemas['Ruler'] {
  return {
    ticks: [0.5, 1, 1.5, 2.5, 4, 6, 10, 16, 25].map((area) => tick(area)),
    lanes: [{ name: 'cut', bars }],
    drops,
  };
}

it('keeps what is away apart from what is there and reaches the same, however many there are', () => {
  const many = Array.from({ length: 6 }, (_, at) => bar(`Cutter ${at}`, 1, 10));
  const gone = { ...bar('Lent cutter', 1, 10), isAway: true };
  const [lane] = layOut(ruler([drop(4)], [...many, gone]), 1000, 'metric').lanes;
  expect(lane?.bars.map(({ name, isAway }) => [name, isAway])).toEqual([
    ['6 tools', false],
    ['Lent cutter', true],
  ]);
});

describe('a bar that is makeshift in part', () => {
  it('is drawn in two pieces, end to end, each as it is', () => {
    const knife = {
      ...bar('Cable knife', 4, 25),
      stretches: [
        { from: 4, to: 10, fit: 'makeshift' as const },
        { from: 10, to: 25, fit: 'proper' as const },
      ],
      proven: { from: 6, to: 16 },
    };
    const pieces = layOut(ruler([drop(4), drop(16)], [knife]), 900, 'metric').lanes[0]!.bars[0]!.segments;
    expect(pieces.map((piece) => piece.isMakeshift)).toEqual([true, false]);
    expect(pieces[0]!.x + pieces[0]!.width).toBeCloseTo(pieces[1]!.x, 5);
    expect(pieces[0]!.y).toBe(pieces[1]!.y);
    expect(pieces.every((piece) => piece.proven !== null)).toBe(true);
  });
});

describe('spread', () => {
  it('leaves places alone that stand apart', () => {
    expect(spread([10, 40, 90], 12, 0, 100)).toEqual([10, 40, 90]);
  });

  it('keeps order, distance and edges', () => {
    const moved = spread([50, 50, 51, 52, 98, 99], 10, 0, 100);
    for (let i = 1; i < moved.length; i++) expect(moved[i]! - moved[i - 1]!).toBeGreaterThan(6);
    expect(Math.min(...moved)).toBeGreaterThanOrEqual(-0.5);
    expect(Math.max(...moved)).toBeLessThanOrEqual(100.5);
  });

  it('shares out too little room evenly', () => {
    const moved = spread(
      Array.from({ length: 40 }, () => 50),
      12,
      0,
      100,
    );
    for (let i = 1; i < moved.length; i++) expect(moved[i]! - moved[i - 1]!).toBeCloseTo(100 / 39, 5);
  });
});

describe('domain', () => {
  it('holds all drop lines with room beside them', () => {
    const [low, high] = domainOf(ruler([drop(0.5), drop(50)]));
    expect(low).toBeLessThan(0.5);
    expect(high).toBeGreaterThan(50);
  });

  it('is never so narrow that one size fills it', () => {
    const [low, high] = domainOf(ruler([drop(1.5)]));
    expect(high / low).toBeGreaterThanOrEqual(12);
  });

  it('brings in a tool that would else be out of sight, but not one far away', () => {
    expect(domainOf(ruler([drop(1), drop(10)], [bar('thick', 25, 50)]))[1]).toBeGreaterThan(25);
    expect(domainOf(ruler([drop(1), drop(10)], [bar('far', 500, 900)]))[1]).toBeLessThanOrEqual(60);
  });
});

describe('caption', () => {
  it('stands to the right where it fits', () => {
    expect(captionBeside('Crimper', 200, 300, [100], [96, 800])).toMatchObject({ x: 304, text: 'Crimper' });
  });

  it('goes to the left of a drop line in the way', () => {
    const caption = captionBeside('Crimper', 300, 400, [410], [96, 800]);
    expect(caption.x + caption.width).toBeLessThanOrEqual(296);
  });

  it('is cut where both sides are short', () => {
    expect(captionBeside('Lug crimper, hexagon, long levers', 300, 400, [220, 460], [96, 800]).text).toMatch(
      /…$/,
    );
  });

  it('stands over the lines where nothing would be readable between them', () => {
    const name = 'Lug crimper, hexagon, long levers';
    expect(captionBeside(name, 300, 400, [290, 410], [96, 800])).toMatchObject({ x: 404, text: name });
    // At the right end of the ruler it goes to the left.
    expect(captionBeside(name, 700, 790, [690, 795], [96, 800]).x).toBeLessThan(600);
  });
});

describe('crosses', () => {
  const miss = (area: number, lines = 1, of = 1): Schemas['Miss'] => ({
    area,
    lines: Array.from({ length: lines }, (_, index) => `l${index}`),
    of,
    code: 'sheath.cold',
    text: 'The sheath does not come off.',
  });
  const broken = (misses: Schemas['Miss'][]) => ({ ...bar('Ring sheath stripper', 0.5, 16), misses });
  const crossesOf = (bars: Schemas['Bar'][], drops = [drop(1), drop(4)]) =>
    layOut(ruler(drops, bars), 1000, 'metric').lanes[0]!.bars.map(({ crosses }) => crosses);

  it('stand on the bar at the drop line', () => {
    const laid = layOut(ruler([drop(1), drop(4)], [broken([miss(4)])]), 1000, 'metric');
    const [cross] = laid.lanes[0]!.bars[0]!.crosses;
    const segment = laid.lanes[0]!.bars[0]!.segments[0]!;
    expect(cross!.x).toBe(laid.drops[1]!.x);
    expect(cross!.y).toBeGreaterThan(segment.y);
    expect(cross!.y).toBeLessThan(segment.y + segment.height);
  });

  it('are whole where no line is done, and half where some are', () => {
    expect(crossesOf([broken([miss(1, 2, 3), miss(4, 2, 2)])])[0]!.map(({ isWhole }) => isWhole)).toEqual([
      false,
      true,
    ]);
  });

  it('leave the name alone', () => {
    const laid = layOut(
      ruler([drop(1), drop(1.5), drop(2)], [broken([miss(1), miss(1.5), miss(2)])]),
      1000,
      'metric',
    );
    const [one] = laid.lanes[0]!.bars;
    const named = one!.segments.find(({ text }) => text !== null);
    const from = named?.textX ?? one!.caption!.x;
    const to = from + one!.name.length * 5.4;
    for (const cross of one!.crosses) expect(cross.x + 8 < from || cross.x - 8 > to).toBe(true);
  });
});

describe('many tools', () => {
  it('stand as one where they reach and fail alike', () => {
    const same = Array.from({ length: 4 }, (_, index) => bar(`stripper ${index}`, 1, 6));
    const bars = layOut(ruler([drop(1), drop(4)], [...same, bar('knife', 10, 25)]), 1000, 'metric').lanes[0]!
      .bars;
    expect(bars.map(({ name, tools }) => [name, tools.length])).toEqual([
      ['4 tools', 4],
      ['knife', 1],
    ]);
  });

  it('each have a bar while they are few', () => {
    const same = Array.from({ length: 3 }, (_, index) => bar(`stripper ${index}`, 1, 6));
    expect(layOut(ruler([drop(1)], same), 1000, 'metric').lanes[0]!.bars).toHaveLength(3);
  });

  it('take no more than six rows, and none of them is left out', () => {
    const many = Array.from({ length: 40 }, (_, index) =>
      bar(`crimper ${index}`, 1 + index / 50, 6 + index / 10),
    );
    const lane = layOut(ruler([drop(1), drop(4)], many), 1000, 'metric').lanes[0]!;
    expect(new Set(lane.bars.flatMap(({ segments }) => segments.map(({ y }) => y))).size).toBeLessThanOrEqual(
      6,
    );
    expect(lane.bars.flatMap(({ tools }) => tools)).toHaveLength(40);
    expect(lane.bars.filter(({ isRest }) => isRest)).toHaveLength(1);
  });
});

describe('folding', () => {
  const lanes = {
    ...ruler([drop(1, { cut: 'covered', strip: 'hole' })], [bar('snips', 1, 6)]),
    lanes: [
      { name: 'cut', bars: [bar('snips', 1, 6)] },
      { name: 'strip', bars: [bar('knife', 1, 6)] },
    ],
  };

  it('makes a covered lane a thin line with its dots, and leaves what is open', () => {
    const open = layOut(lanes, 1000, 'metric');
    const folded = layOut(lanes, 1000, 'metric', () => true);
    expect(folded.lanes.map(({ isFolded }) => isFolded)).toEqual([true, false]);
    expect(folded.height).toBeLessThan(open.height);
    expect(folded.drops[0]!.marks).toHaveLength(2);
    expect(folded.lanes[0]!.bars).toEqual([]);

    const byFinger = layOut(lanes, 1000, 'metric', () => true, 44);
    expect([byFinger.lanes[0]!.height, byFinger.lanes[0]!.markY]).toEqual([44, byFinger.lanes[0]!.y + 22]);
    expect(byFinger.height - folded.height).toBe(44 - folded.lanes[0]!.height);
  });

  it('knows which lane is at a height', () => {
    const laid = layOut(lanes, 1000, 'metric');
    expect(laneAt(laid, laid.lanes[1]!.y + 3)).toBe('strip');
    expect(laneAt(laid, laid.height + 50)).toBeNull();
  });

  it('washes nothing where nearly everything is open', () => {
    const drops = [1, 1.5, 2.5, 4, 6, 10].map((area) => drop(area, { cut: 'hole' }));
    expect(layOut(ruler(drops), 1000, 'metric').isCrowded).toBe(true);
    expect(
      layOut(ruler([...drops.slice(0, 2), ...[4, 6, 10].map((area) => drop(area))]), 1000, 'metric')
        .isCrowded,
    ).toBe(false);
  });
});

it('calls sizes by their series, and others by their area', () => {
  const ticks = [tick(2.5), { family: 'gauge' as const, label: '14', area: 2.08 }];
  expect(sizeWords(2.5, ticks, 'gauge')).toBe('2.5 mm²');
  expect(sizeWords(2.081, ticks, 'gauge')).toBe('14 AWG');
  expect(sizeWords(3.14159, ticks, 'metric')).toBe('3.14 mm²');
});

describe('layout', () => {
  it('puts thin wire left and thick right, on a logarithmic scale', () => {
    const { drops } = layOut(ruler([drop(1), drop(10), drop(100)]), 1000, 'gauge');
    const [a, b, c] = drops.map((one) => one.x);
    expect(b! - a!).toBeCloseTo(c! - b!, 0);
    expect(a!).toBeGreaterThan(GUTTER);
  });

  it('stacks bars that overlap and lets others share a row', () => {
    const { lanes } = layOut(
      ruler([drop(0.5), drop(16)], [bar('a', 0.5, 4), bar('b', 1.5, 6), bar('c', 10, 16)]),
      1100,
      'gauge',
    );
    const [a, b, c] = lanes[0]!.bars.map((one) => one.segments[0]!);
    expect(a!.y).not.toBe(b!.y);
    expect(c!.y).toBe(a!.y);
  });

  it('puts overlapping nests of one tool into rows below each other', () => {
    const nests = [
      segment('red', 0.33, 1.5, 'red'),
      segment('blue', 1.3, 2.5, 'blue'),
      segment('yellow', 3.3, 6, 'yellow'),
    ];
    const { lanes } = layOut(ruler([drop(0.5), drop(16)], [bar('crimper', 0.33, 6, nests)]), 1100, 'gauge');
    const [red, blue, yellow] = lanes[0]!.bars[0]!.segments;
    expect(blue!.y).toBeGreaterThan(red!.y);
    expect(yellow!.y).toBe(red!.y);
    expect([red!.band, blue!.band, yellow!.band]).toEqual(['red', 'blue', 'yellow']);
    // What is written stands behind the swatch.
    expect(red!.textX - red!.x).toBeGreaterThan(10);
  });

  it('gives every drop line room for a finger, up to half way to the next', () => {
    const { drops } = layOut(ruler([drop(0.5), drop(0.52), drop(16)]), 1100, 'gauge');
    for (const [index, laid] of drops.entries()) {
      const next = drops[index + 1];
      expect(laid.touch.x).toBeLessThan(laid.x);
      expect(laid.touch.width).toBeLessThanOrEqual(44);
      if (next) expect(laid.touch.x + laid.touch.width).toBeLessThanOrEqual(next.touch.x + 0.001);
    }
    expect(drops[2]!.touch.width).toBe(44);
  });

  it('ends a drop line at its last lane, and marks the hole', () => {
    const twoLanes = {
      ...ruler([drop(1, { cut: 'covered', lug: 'hole' }), drop(4)]),
      lanes: [
        { name: 'cut', bars: [] },
        { name: 'lug', bars: [] },
      ],
    };
    const { drops, lanes } = layOut(twoLanes, 900, 'gauge');
    expect(drops[0]!.bottom).toBe(lanes[1]!.markY);
    expect(drops[0]!.isOpen).toBe(true);
    expect(drops[1]!.bottom).toBe(lanes[0]!.markY);
  });

  it.each([
    [5, 1240],
    [50, 1240],
    [200, 780],
  ])('keeps %i sizes apart, in order and on the page at %i pixels', (count, width) => {
    const drops = Array.from({ length: count }, (_, i) => drop(0.1 * 1.04 ** i));
    const laid = layOut(ruler(drops, [bar('tool', 0.1, 50)]), width, 'metric');
    for (let i = 1; i < laid.drops.length; i++)
      expect(laid.drops[i]!.x).toBeGreaterThan(laid.drops[i - 1]!.x);
    expect(laid.drops[0]!.x).toBeGreaterThanOrEqual(GUTTER - 1);
    expect(laid.drops.at(-1)!.x).toBeLessThanOrEqual(width);
    const counts = laid.drops.filter((one) => one.count !== null).map((one) => one.x);
    for (let i = 1; i < counts.length; i++) expect(counts[i]! - counts[i - 1]!).toBeGreaterThan(6);
  });

  it('never lets two labels of an axis run into each other', () => {
    const crowded = {
      ...ruler([drop(1), drop(100)]),
      ticks: Array.from({ length: 200 }, (_, i) => tick(1 + i / 3)),
    };
    const { lower } = layOut(crowded, 700, 'gauge');
    const labelled = lower.filter((one) => one.label !== null);
    for (let i = 1; i < labelled.length; i++) expect(labelled[i]!.x - labelled[i - 1]!.x).toBeGreaterThan(12);
  });
});

describe('the ruler of two kits', () => {
  const whose = (of: Schemas['Whose'][]) => ({ ...drop(4), whose: { cut: of } });
  const barOf = (name: string, of: 'both' | 'one' | 'other') => ({ ...bar(name, 1, 10), whose: of });

  it('names what one alone has by its letter, and keeps it apart from what looks the same', () => {
    const bars = ['one', 'other', 'both', 'one', 'other'].map((of, at) =>
      barOf(`cutter ${at}`, of as 'both' | 'one' | 'other'),
    );
    const [lane] = layOut(ruler([whose(['both'])], bars), 1000, 'metric').lanes;
    expect(lane?.bars.map(({ name, whose: of }) => [name, of])).toEqual([
      ['A · 2 tools', 'one'],
      ['B · 2 tools', 'other'],
      ['cutter 2', 'both'],
    ]);
  });

  it('folds a lane only where neither stands out in it', () => {
    const canFold = (of: Schemas['Whose'][]) =>
      layOut(ruler([whose(of)]), 1000, 'metric').lanes.map((lane) => lane.canFold);
    expect([canFold(['both']), canFold(['both', 'one']), canFold(['other-better'])]).toEqual([
      [true],
      [false],
      [false],
    ]);
    expect(layOut(ruler([whose(['one'])]), 1000, 'metric').drops[0]?.marks[0]?.whose).toEqual(['one']);
  });

  it('gives what is pressed to fold a lane the room of a finger', () => {
    const heights = (folded?: number) =>
      layOut(ruler([whose(['both'])]), 1000, 'metric', () => false, folded).lanes.map(({ height }) => height);
    expect([heights(), heights(44)]).toEqual([[23], [44]]);
  });
});

it('says how many sizes share a drop line, and breaks a bar where one of them is missed', () => {
  const crowd = Array.from({ length: 60 }, (_, i) => drop(Number((1 * 1.004 ** i).toFixed(4))));
  const last = crowd[59]!;
  const missing = {
    ...bar('snip', 0.5, 10),
    misses: [{ area: last.area, lines: last.lines, of: 1, code: 'size.above' as const, text: 'Too thick.' }],
  };
  const laid = layOut(ruler([...crowd, drop(50)], [missing]), 1000, 'metric');
  expect(laid.drops.length).toBeLessThan(20);
  expect(laid.together).toBe(laid.drops.flatMap(({ of }) => (of.length > 1 ? of : [])).length);
  expect(laid.together).toBeGreaterThan(40);
  const holder = laid.drops.find(({ of }) => of.includes(last))!;
  expect(laid.lanes[0]!.bars[0]!.crosses.map(({ x }) => x)).toEqual([holder.x]);
  // The line with the counts has one more below it, where that is said.
  const alone = layOut(ruler([drop(1), drop(50)], [missing]), 1000, 'metric');
  expect([alone.together, laid.height - alone.height]).toEqual([0, 17]);
});
