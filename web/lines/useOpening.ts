import { watch } from 'vue';
import type { Schemas } from '@/api/client';
import { placeOf, stepAt, worstLineAt, worstStep, type LineRow } from './reading';
import { useOpened, type Opened } from './useOpened';

interface Parts {
  coverage: () => Schemas['Coverage'] | undefined;
  rows: () => LineRow[];
  /** Opens the panel at an address. */
  open: (query: { line: string; step: number | null }) => void;
  focusOn: (row: string, column: string) => void;
}

/** The ways into Why: from a cell, a drop line, a hole; and the way back where nothing else has the focus. */
export function useOpening({ coverage, rows, open, focusOn }: Parts) {
  const { opened, selected } = useOpened(rows);
  let before: Opened | null = null;
  watch(opened, (now) => now && (before = now), { immediate: true });

  function openLine(id: string, operation: string | null): void {
    const row = rows().find((one) => one.id === id);
    if (row) open({ line: id, step: stepAt(row.report, operation) ?? worstStep(row.report) });
  }

  return {
    opened,
    selected,
    openLine,
    openDrop(drop: Schemas['Drop'], lane: string | null): void {
      const all = coverage();
      const found = all && worstLineAt(all, drop, lane);
      if (found) openLine(found.line.id, found.operation);
    },
    openHole(hole: Schemas['Hole']): void {
      const all = coverage();
      const place = all && placeOf(all.report, hole);
      if (place) open(place);
    },
    focusWhereItWas(): void {
      if (!before) return;
      const { row, step } = before;
      focusOn(row.id, step === null ? 'line' : (row.report.steps[step]?.op ?? 'line'));
    },
  };
}
