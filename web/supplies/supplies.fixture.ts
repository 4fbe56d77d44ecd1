import type { Supplies, Supply } from '@/data/supplies';

/** An item of the shelf that has enough of everything, but for what is said. */
export const supply = (name: string, more: Partial<Supply> = {}): Supply => ({
  stock: name.toLowerCase(),
  key: `name/${name}`,
  item: { name },
  name,
  unit: 'pieces',
  looks: null,
  need: 0,
  have: 100,
  book: 100,
  short: 0,
  reserve: 0,
  brought: 0,
  reorderPoint: 0,
  reorder: false,
  runsOut: null,
  lasts: null,
  open: 0,
  perWeek: 0,
  leadDays: 0,
  note: null,
  countedOn: null,
  rests: false,
  buy: [],
  ...more,
});

export const shelf = (items: Supply[], order: Partial<NonNullable<Supplies['order']>> = {}): Supplies => ({
  on: '2027-03-10',
  scopes: [],
  items,
  sizes: [],
  unsized: [],
  order: {
    boxes: [],
    tools: [],
    cost: 0,
    total: order.cost ?? 0,
    left: 0,
    packages: 0,
    packByPack: null,
    isProven: true,
    bound: 0,
    ...order,
  },
});
