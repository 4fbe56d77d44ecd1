import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { pretty, prose } from '@/shared/pretty';
import { coverage } from './coverage.fixture';
import {
  awayBy,
  changeOf,
  holeOf,
  operationsIn,
  placeOf,
  rowsOf,
  stepAt,
  worstLineAt,
  worstStep,
} from './reading';

function step(
  op: Schemas['Operation'],
  status: Schemas['StepStatus'],
  wire = 'w',
  unbacked = false,
): Schemas['Step'] {
  return { op, status, wire, tool: null, position: null, unbacked, reasons: [] };
}

function line(id: string, status: Schemas['Status'], steps: Schemas['Step'][]): Schemas['ReportLine'] {
  return { id, status, checks: [], steps };
}

const hole = (op: Schemas['Operation'], lines: string[], wires: string[]): Schemas['Hole'] => ({
  op,
  name: `${op} it`,
  lines,
  wires,
  quantity: 1,
  wanted: { text: `${op} ${wires.join()}` },
  nearest: null,
});

it('opens the worst step first: a hole, a makeshift, what has no backup, the last', () => {
  expect(worstStep(line('a', 'hole', [step('cut', 'makeshift'), step('strip', 'hole')]))).toBe(1);
  expect(worstStep(line('a', 'makeshift', [step('cut', 'covered'), step('strip', 'makeshift')]))).toBe(1);
  expect(worstStep(line('a', 'covered', [step('cut', 'covered', 'w', true), step('strip', 'covered')]))).toBe(
    0,
  );
  expect(worstStep(line('a', 'covered', [step('cut', 'covered'), step('strip', 'covered')]))).toBe(1);
  expect(worstStep(line('a', 'faulty', []))).toBeNull();
});

const report = {
  lines: [
    line('a', 'covered', [step('torque', 'covered')]),
    line('b', 'hole', [step('cut', 'hole', 'w1'), step('cut', 'hole', 'w2')]),
  ],
  holes: [hole('cut', ['b'], ['w1']), hole('cut', ['b'], ['w2'])],
} as unknown as Schemas['Report'];

it('opens the worst line of a drop, and where a lane was meant, the worst one there', () => {
  const data = coverage();
  const [, thick] = data.ruler.drops;
  const at = (lane: string | null) => {
    const found = worstLineAt(data, thick!, lane);
    return [found?.line.id, found?.operation];
  };
  expect(at(null)).toEqual(['open', null]);
  expect(at('lug')).toEqual(['open', 'crimp']);
  expect(at('insulated')).toEqual(['splice', 'crimp']);
  expect(at('cut')[1]).toBe('cut');
  expect(worstLineAt(data, { ...thick!, lines: [] }, null)).toBeUndefined();
});

it('opens the step of an operation that is open, else the first', () => {
  const two = line('a', 'hole', [step('cut', 'covered'), step('crimp', 'covered'), step('crimp', 'hole')]);
  expect(stepAt(two, 'crimp')).toBe(2);
  expect(stepAt(two, 'cut')).toBe(0);
  expect(stepAt(two, 'solder')).toBeNull();
});

it('finds a line by all that stands in its row', () => {
  const [good, open] = rowsOf(coverage(), 'gauge');
  expect(good!.words).toContain('ratchet crimper');
  expect(open!.words).toContain('no tool');
  expect(open!.words).toContain('50 mm² battery lead');
});

it('tells the holes of the two ends of a splice apart', () => {
  expect(holeOf(report, 'b', step('cut', 'hole', 'w2'))?.wanted.text).toBe('cut w2');
  expect(holeOf(report, 'a', step('cut', 'hole', 'w2'))).toBeUndefined();
});

it('opens a hole at its own step', () => {
  expect(placeOf(report, report.holes[1]!)).toEqual({ line: 'b', step: 1 });
  expect(placeOf(report, hole('crimp', ['b'], ['w1']))).toBeUndefined();
});

it('shows operations in the order of work', () => {
  expect(operationsIn(report)).toEqual(['cut', 'torque']);
});

it('raises the figure of mm² and sets ranges with a dash', () => {
  expect(pretty('16 AWG is within 22-10 AWG / 0.2-6 mm2.')).toBe('16 AWG is within 22–10 AWG / 0.2–6 mm².');
  expect(pretty('A self-adjusting stripper, 2/0 AWG / 35-50 mm2.')).toBe(
    'A self-adjusting stripper, 2/0 AWG / 35–50 mm².',
  );
  expect(pretty('UL 486A-486B')).toBe('UL 486A-486B');
  expect(prose('above 5 °C, 1.5 mm2, 2 AWG of 2 pulls')).toBe(
    'above 5\u00a0°C, 1.5\u00a0mm², 2\u00a0AWG of 2 pulls',
  );
});

it('tells what a line has become, where something is supposed of the kit', () => {
  expect(changeOf(undefined, 'hole')).toBeNull();
  expect(changeOf('hole', 'hole')).toBeNull();
  expect(changeOf('hole', 'makeshift')).toBe('closed');
  expect(changeOf('covered', 'hole')).toBe('opened');
  expect(changeOf('makeshift', 'covered')).toBe('better');
  expect(changeOf('covered', 'makeshift')).toBe('worse');
  // No tool mends a faulty line: it can be made as little as one in a hole.
  expect(changeOf('faulty', 'covered')).toBe('closed');
  expect(changeOf('makeshift', 'faulty')).toBe('opened');
  expect(changeOf('hole', 'faulty')).toBe('worse');
  expect(changeOf('faulty', 'hole')).toBe('better');
});

it('tells of each tool that is away all that is told of its things', () => {
  const away = (asset: string, tool: string, text: string) => ({
    asset,
    tool,
    code: 'asset.away' as const,
    since: null,
    until: null,
    text,
  });
  const told = awayBy([
    away('A', 'cutter', 'Lent.'),
    away('B', 'press', 'Past.'),
    away('C', 'cutter', 'Failed.'),
  ]);
  expect([...told]).toEqual([
    ['cutter', 'A. Lent. C. Failed.'],
    ['press', 'B. Past.'],
  ]);
  expect(awayBy(undefined).size).toBe(0);
});
