import type { BreakEven, Labour, LabourSwap } from '@/data/labour';

export const swap = (name: string, more: Partial<LabourSwap> = {}): LabourSwap => ({
  tool: name.toLowerCase(),
  name,
  isInKit: false,
  with: [],
  operations: ['crimp'],
  pieces: 58,
  seconds: 120,
  squeezes: 58,
  price: 68000,
  ...more,
});

export const even = (more: Partial<BreakEven> = {}): BreakEven => ({
  pieces: 100,
  price: 24000,
  each: 10,
  eachWithIt: 4,
  from: 4001,
  months: 9.524,
  piece: null,
  isPieceCheaper: null,
  fromAgainstPiece: null,
  ...more,
});

export const labour = (more: Partial<Labour> = {}): Labour => ({
  kit: { id: 'bench', name: 'Bench' },
  scope: { id: 'boards', name: 'Boards', days: 4, pieces: null },
  all: { seconds: 9884, squeezes: 1618 },
  perDay: { seconds: 2471, squeezes: 404.5 },
  many: 300,
  remarks: [],
  lines: [],
  tools: [],
  untimed: [],
  rates: [],
  faster: [],
  lighter: [],
  even: null,
  ...more,
});
