import type { Schemas } from '@/api/client';

type Count = Schemas['ModelCount'];

/** How many more or fewer are there than are wanted. */
export const missing = ({ wanted, tags }: Count): number => wanted - tags.length;

/** What is planned and not there, and what is there and not planned, in a few words; "" where neither. */
export function unlikeWords(counts: Count[]): string {
  const sum = (of: Count[]) => of.reduce((all, one) => all + Math.abs(missing(one)), 0);
  const less = sum(counts.filter((one) => missing(one) > 0));
  const more = sum(counts.filter((one) => missing(one) < 0));
  return [less ? `${less} planned, not there` : '', more ? `${more} there, not planned` : '']
    .filter(Boolean)
    .join('; ');
}
