import type { Schemas } from '@/api/client';

/* What lies in a kit, as it is laid into it on paper. */

export interface InlayRow {
  tool: string;
  /** As it is planned; 0 of what is there all the same. */
  count: number;
  /** Tags of those that are in it. */
  there: string[];
  /** Those that belong into it and are not there, or do not count: each with why. */
  away: { tag: string; text: string }[];
}

/**
 * The tools of a kit in their order, then what is there without being planned.
 *
 * @param wall today's, of a kit that is kept by its things; without it what is planned is all that is told
 */
export function inlayOf(
  planned: { tool: string; count?: number | undefined }[],
  kit: string,
  wall?: Pick<Schemas['Wall'], 'things'>,
): InlayRow[] {
  const rows = new Map<string, InlayRow>(
    planned.map(({ tool, count }) => [tool, { tool, count: count ?? 1, there: [], away: [] }]),
  );
  for (const { tag, tool, home, kit: at, text, sign } of wall?.things ?? []) {
    const isThere = at === kit;
    if (!isThere && home !== kit) continue;
    const row = rows.get(tool) ?? { tool, count: 0, there: [], away: [] };
    rows.set(tool, row);
    if (isThere && !['retired', 'held', 'past'].includes(sign)) row.there.push(tag);
    else row.away.push({ tag, text });
  }
  return [...rows.values()];
}
