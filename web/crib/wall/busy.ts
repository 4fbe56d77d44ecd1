/* What rests on the things of a shop: those on which most does, and those on which nothing does. */

export type Business = 'busy' | 'idle';

/** So many are called the busiest. */
const BUSIEST = 12;

export interface Rests {
  tag: string;
  terminations: number;
}

/** Of the busiest, and of what is idle, how much rests on each; of equal ones with the last of the busiest all are named. */
export function ofBusiness(rests: Rests[], of: Business): Map<string, number> {
  const sorted = rests.toSorted((one, other) => other.terminations - one.terminations);
  const least = Math.max(1, sorted[BUSIEST - 1]?.terminations ?? 1);
  return new Map(
    sorted
      .filter(({ terminations }) => (of === 'idle' ? terminations === 0 : terminations >= least))
      .map(({ tag, terminations }) => [tag, terminations]),
  );
}
