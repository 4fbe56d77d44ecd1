import type { Schemas } from '@/api/client';
import { counted, words } from '@/shared/pretty';

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
  confirmed: 'Confirmed',
  happened: 'Written down',
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
  people: 'person',
  assets: 'thing',
  stock: 'stock of',
  boxes: 'divided box',
  stations: 'station',
  exercises: 'exercise',
  sessions: 'class',
  log: 'what happened to',
  currency: 'what prices are in',
  settings: 'how the shop is called and tells things',
  rules: 'what the house judges by',
};

/** What things are called, by list and id. */
export type Names = Record<string, Record<string, string>>;

const quoted = (name: string | undefined) => (name === undefined ? null : `“${name}”`);

/** What goes with a thing because people made it: its list stands where a line has its scope. */
function belonging({ list, id, scope }: Change, names: Names): string | null {
  if (list === 'plans') return 'a plan that was accepted';
  if (list === 'proposed')
    return `what was proposed: ${ones[scope ?? '']} ${quoted(names[scope ?? '']?.[id]) ?? 'that is gone'}`;
  if (list !== 'called') return null;
  return `what ${ones[scope ?? '']} ${quoted(names[scope ?? '']?.[id]) ?? 'that is gone'} is called`;
}

/** A line is called by what it makes, anything else by its name. */
function nameOf({ list, id, before, after }: Change, names: Names): string | null {
  const thing = (after ?? before ?? {}) as Record<string, unknown>;
  if (list === 'lines') {
    const [wire, terminal] = [
      names.wires?.[String(thing.wire)] ?? (thing.wire ? 'a wire that is gone' : null),
      names.terminals?.[String(thing.terminal)] ?? (thing.terminal ? 'a terminal that is gone' : null),
    ];
    return `“${wire && terminal ? `${wire} → ${terminal}` : 'screw'}”`;
  }
  if (list === 'order') return quoted(names.scopes?.[id]);
  if (list === 'settings' || list === 'rules') return null;
  if (list === 'assets') return quoted(id);
  if (list === 'log') {
    const [asset, person, stock] = [thing.asset, thing.person, thing.stock].map((id) =>
      typeof id === 'string' ? id : undefined,
    );
    // A void speaks of an entry, all others of a thing or of somebody.
    return quoted(asset ?? names.people?.[person ?? ''] ?? names.stock?.[stock ?? ''] ?? 'an earlier entry');
  }
  return typeof thing.name === 'string' ? `“${thing.name}”` : quoted(names[list]?.[id]);
}

/** What a change is about: "line “12 AWG → Ring, yellow” of “Cabin 12”". */
export function changeWords(change: Change, names: Names): string {
  const said = belonging(change, names);
  if (said !== null) return said;
  const scope = change.scope === undefined ? null : quoted(names.scopes?.[change.scope]);
  return [ones[change.list] ?? change.list, nameOf(change, names), scope && `of ${scope}`]
    .filter(Boolean)
    .join(' ');
}

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
export function entryWords({ event, changes, count, file }: Entry, names: Names): string {
  // Of two things that are one, the one that is gone is named; of scopes the one that was put away.
  const gone = event === 'merged' ? changes.find(({ after }) => after === null) : undefined;
  const verb = gone ? 'Merged into another' : verbs[event];
  if (file !== undefined) return `${verb}: ${file}`;
  const came = event === 'changed' ? arrival(changes) : null;
  if (came !== null) return came;
  const [first] = changes;
  const what =
    first && (count === 1 || event === 'copied' || event === 'merged')
      ? changeWords(gone ?? changes.find(({ list }) => list === 'scopes') ?? first, names)
      : counted(count, first?.list === 'lines' ? 'line' : 'thing');
  return `${verb}: ${what}`;
}

/** Where a key names another thing: the list that it is of. */
const namedBy: Record<string, string> = {
  wire: 'wires',
  wireB: 'wires',
  terminal: 'terminals',
  tool: 'tools',
  home: 'kits',
  requires: 'tools',
};

/** A value as one reads it: things by their names, a list with commas, what is made of parts part by part. */
function said(key: string, value: unknown, names: Names): string | null {
  if (value === undefined) return null;
  if (value === true) return 'yes';
  if (Array.isArray(value)) return value.map((one) => said(key, one, names)).join('; ') || 'none';
  if (typeof value === 'object' && value !== null)
    return Object.entries(value)
      .map(([part, of]) =>
        part in namedBy ? said(part, of, names) : `${words(part)} ${said(part, of, names)}`,
      )
      .join(', ');
  if (typeof value !== 'string') return JSON.stringify(value);
  const list = namedBy[key];
  return list === undefined ? value : (names[list]?.[value] ?? 'one that is gone');
}

/** Key by key what was before and what is after; of what came or went only its parts. */
export function whatChanged(
  { before, after }: Change,
  names: Names,
): { key: string; before: string | null; after: string | null }[] {
  const [was, is] = [before ?? {}, after ?? {}] as Record<string, unknown>[];
  return [...new Set([...Object.keys(was ?? {}), ...Object.keys(is ?? {})])]
    .filter((key) => key !== 'id' && key !== 'lines')
    .map((key) => ({
      key: words(key),
      before: said(key, was?.[key], names),
      after: said(key, is?.[key], names),
    }))
    .filter((one) => one.before !== one.after);
}

const OF_THE_LEAD = ['wires', 'terminals', 'tools', 'currency', 'settings', 'rules', 'proposed', 'log'];

/** Of a proposal the thing and that it waits come and go together; whoever makes one takes that back. */
function isProposal(change: Change, changes: Change[]): boolean {
  const [list, id] = change.list === 'proposed' ? [change.scope, change.id] : ['proposed', change.id];
  return changes.some(
    (other) =>
      other.list === list && other.id === id && (change.list === 'proposed' || other.scope === change.list),
  );
}

/** Whether somebody may take it back: what only a lead writes, only a lead takes back. */
export const mayTakeBack = (
  { count, changes, into, event }: Schemas['HistoryEntry'],
  role: string | undefined,
): boolean =>
  count > 0 &&
  (role === 'lead' ||
    (into === undefined &&
      !changes.some(
        (change) =>
          OF_THE_LEAD.includes(change.list) &&
          !((event === 'added' || event === 'undone') && isProposal(change, changes)),
      )));
