import type { Schemas } from '@/api/client';
import type { SheetEdit } from '@/lines/sheet';
import { omit } from '@/shared/omit';
import { counted } from '@/shared/pretty';
import { versionOf, type Wanted } from './useLines';

type Line = Schemas['Line'];
type Kept = Schemas['LineKept'];

/** Those named come in this order in the places that they have together; all others stay. */
export function orderWith(ids: string[], moved: string[], before: string | null): string[] {
  const rest = ids.filter((id) => !moved.includes(id));
  const at = before === null ? rest.length : rest.indexOf(before);
  return [...rest.slice(0, at), ...moved, ...rest.slice(at)];
}

/** The stretch of the lines that changes its order: all others need not be named. */
export function stretchOf(before: string[], after: string[]): string[] {
  const first = before.findIndex((id, at) => id !== after[at]);
  if (first < 0) return [];
  const last = before.findLastIndex((id, at) => id !== after[at]);
  return after.slice(first, last + 1);
}

const plain = (line: Line): Schemas['LineDraft'] => omit(line, 'id');

/** What an edit of the sheet is for the server: one step, with the versions of the lines that were seen; null for nothing. */
export function editsOf(edit: SheetEdit, scope: string, kept: Kept[]): Wanted | null {
  switch (edit.kind) {
    case 'cells': {
      const byLine = new Map<string, { line: Line; cells: Record<string, string> }>();
      for (const { line, column, text } of edit.cells) {
        const cells = byLine.get(line.id)?.cells ?? {};
        byLine.set(line.id, { line, cells: { ...cells, [column]: text } });
      }
      const edits = [...byLine.values()].map(({ line, cells }) => ({
        id: line.id,
        version: versionOf(line, kept),
        cells,
      }));
      return edits.length ? { scope, edits, said: `Written: ${counted(edits.length, 'line')}` } : null;
    }
    case 'erase':
      return edit.lines.length
        ? {
            scope,
            edits: edit.lines.map((line) => ({ id: line.id, version: versionOf(line, kept), line: null })),
            said: `Taken out: ${counted(edit.lines.length, 'line')}`,
          }
        : null;
    case 'duplicate': {
      const last = edit.lines.at(-1);
      // Each copy follows the last of them, so the last copy is put down first.
      return last
        ? {
            scope,
            edits: edit.lines.toReversed().map((line) => ({ line: plain(line), after: last.id })),
            said: `Copied: ${counted(edit.lines.length, 'line')}`,
          }
        : null;
    }
    case 'arrange': {
      const ids = kept.map(({ id }) => id);
      const order = stretchOf(
        ids,
        orderWith(
          ids,
          edit.lines.map(({ id }) => id),
          edit.before?.id ?? null,
        ),
      );
      return order.length
        ? { scope, edits: [], order, said: `Moved: ${counted(edit.lines.length, 'line')}` }
        : null;
    }
  }
}
