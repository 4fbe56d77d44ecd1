/** So many of a tool, as a kit of the workbook has it. */
export interface Entry {
  tool: string;
  /** 1 where nothing is said. */
  count?: number;
}

export type Packing = { add: string } | { move: number; by: number } | { count: number; by: number };

const entry = (tool: string, count: number): Entry => ({ tool, ...(count === 1 ? {} : { count }) });

/** The same kit with one tool more, one put elsewhere, or so many of one; none of it takes it out. */
export function packed(entries: Entry[], how: Packing): Entry[] {
  if ('add' in how) return [...entries, entry(how.add, 1)];
  if ('move' in how) {
    const next = [...entries];
    const [taken] = next.splice(how.move, 1);
    if (taken) next.splice(how.move + how.by, 0, taken);
    return next;
  }
  return entries.flatMap((one, at) => {
    if (at !== how.count) return [one];
    const count = (one.count ?? 1) + how.by;
    return count > 0 ? [entry(one.tool, count)] : [];
  });
}

/** What of a tool counts for the whole of a kit. */
export interface Weighed {
  name: string;
  kind: string;
  massGrams?: number;
  price?: number;
  requires?: string[];
}

/** What a kit weighs and costs, and of how many tools that is not known; price is null where nobody may know it. */
export function weighed(
  entries: Entry[],
  tools: ReadonlyMap<string, Weighed>,
): { mass: number; unweighed: number; price: number | null; unpriced: number } {
  const known = entries.flatMap(({ tool, count = 1 }) => {
    const one = tools.get(tool);
    return one ? [{ ...one, count }] : [];
  });
  const sum = (of: 'massGrams' | 'price') => known.reduce((all, one) => all + (one[of] ?? 0) * one.count, 0);
  const isPriced = known.some(({ price }) => price !== undefined);
  return {
    mass: sum('massGrams'),
    unweighed: known.filter(({ massGrams }) => massGrams === undefined).length,
    price: isPriced ? sum('price') : null,
    unpriced: known.filter(({ price }) => price === undefined).length,
  };
}
