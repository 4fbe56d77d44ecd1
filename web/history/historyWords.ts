import type { Schemas } from '@/api/client';
import { counted } from '@/shared/pretty';

type Entry = Schemas['HistoryEntry'];
type Change = Schemas['HistoryChange'];

const verbs: Record<Entry['event'], string> = {
  added: 'Added',
  changed: 'Changed',
  removed: 'Taken away',
  moved: 'Moved',
  copied: 'Copied',
  merged: 'Taken in',
  edited: 'Edited',
  imported: 'Brought in',
  undone: 'Taken back',
};

const ones: Record<string, string> = {
  lines: 'line',
  order: 'order of the lines of',
  wires: 'wire',
  terminals: 'terminal',
  tools: 'tool',
  kits: 'kit',
  scopes: 'scope',
};

/** What goes with a thing because people made it: its list stands where a line has its scope. */
function belonging({ list, id, scope }: Change): string | null {
  if (list === 'plans') return 'a plan that was accepted';
  return list === 'called' ? `what ${ones[scope ?? '']} ${id} is called` : null;
}

const nameOf = ({ id, before, after }: Change) => {
  const name = (after ?? before)?.['name' as never];
  return typeof name === 'string' ? `“${name}”` : id;
};

/** What a change is about: "line l1 of cabin". */
export const changeWords = (change: Change): string =>
  belonging(change) ??
  [ones[change.list] ?? change.list, nameOf(change), change.scope && `of ${change.scope}`]
    .filter(Boolean)
    .join(' ');

type Awaited = { id: number; name: string; arrivedAt: string | null };
const awaited = (plan: Change['before']) => (plan as { items?: Awaited[] } | null)?.items ?? [];

/** What has come of a plan with this entry, or has not after all; null where it is about something else. */
function arrival(changes: Change[]): string | null {
  const plan = changes.find(({ list, before, after }) => list === 'plans' && before && after);
  const was = Object.fromEntries(awaited(plan?.before ?? null).map((one) => [one.id, one.arrivedAt]));
  const item = awaited(plan?.after ?? null).find(
    ({ id, arrivedAt }) => (was[id] === null) !== (arrivedAt === null),
  );
  return item ? `${item.arrivedAt ? 'Arrived' : 'Not arrived after all'}: ${item.name}` : null;
}

/** An entry in a few words. */
export function entryWords({ event, changes, count, file, undoes }: Entry): string {
  // Of two things that are one, the one that is gone is named; of scopes the one that was put away.
  const gone = event === 'merged' ? changes.find(({ after }) => after === null) : undefined;
  const verb = gone ? 'Merged into another' : verbs[event];
  if (file !== undefined) return `${verb}: ${file}`;
  const came = event === 'changed' ? arrival(changes) : null;
  if (came !== null) return came;
  const [first] = changes;
  const what =
    first && (count === 1 || event === 'copied' || event === 'merged')
      ? changeWords(gone ?? changes.find(({ list }) => list === 'scopes') ?? first)
      : counted(count, first?.list === 'lines' ? 'line' : 'thing');
  return `${verb}: ${what}${undoes === undefined ? '' : ` (entry ${undoes})`}`;
}

const said = (value: unknown): string | null =>
  value === undefined ? null : typeof value === 'string' ? value : JSON.stringify(value);

/** Key by key what was before and what is after; of what came or went only its parts. */
export function whatChanged({
  before,
  after,
}: Change): { key: string; before: string | null; after: string | null }[] {
  const [was, is] = [before ?? {}, after ?? {}] as Record<string, unknown>[];
  return [...new Set([...Object.keys(was ?? {}), ...Object.keys(is ?? {})])]
    .filter((key) => key !== 'id' && key !== 'lines')
    .map((key) => ({ key, before: said(was?.[key]), after: said(is?.[key]) }))
    .filter((one) => one.before !== one.after);
}

const MODELS = ['wires', 'terminals', 'tools'];

/** Whether somebody may take it back: what a lead has written of wires, terminals and tools, only a lead does. */
export const mayTakeBack = (
  { count, changes, into }: Schemas['HistoryEntry'],
  role: string | undefined,
): boolean =>
  count > 0 &&
  (role === 'lead' || (into === undefined && !changes.some(({ list }) => MODELS.includes(list))));
