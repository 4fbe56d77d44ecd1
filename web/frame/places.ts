/** The places of the program in the order of work. Those that are not built yet have no route and are not shown. */
export interface Place {
  name: string;
  title: string;
  key: string;
}

export const places: Place[] = [
  { name: 'today', title: 'Today', key: 'd' },
  { name: 'work', title: 'Work', key: 'w' },
  { name: 'cover', title: 'Cover', key: 'c' },
  { name: 'plan', title: 'Plan', key: 'p' },
  { name: 'bench', title: 'Bench', key: 'b' },
  { name: 'crib', title: 'Crib', key: 'r' },
  { name: 'supplies', title: 'Supplies', key: 'u' },
  { name: 'train', title: 'Train', key: 'n' },
  { name: 'tables', title: 'Tables', key: 't' },
  { name: 'shop', title: 'Shop', key: 's' },
];

/** The place that an address is in: what lies below one is a part of it. */
export const placeAt = (path: string): Place | undefined =>
  places.find(({ name }) => path === `/${name}` || path.startsWith(`/${name}/`));
