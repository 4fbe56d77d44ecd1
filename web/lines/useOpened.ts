import { computed, type ComputedRef } from 'vue';
import { useAddress } from '@/frame/useAddress';
import { worstStep, type LineRow } from './reading';

/** The line that is asked about, and which of its steps; null for a faulty line, which has none. */
export interface Opened {
  row: LineRow;
  step: number | null;
}

/** What the address opens: a line, and the step to explain first where it names none. */
export function useOpened(rows: () => LineRow[]): {
  opened: ComputedRef<Opened | null>;
  /** The cell of the table that it belongs to. */
  selected: ComputedRef<{ row: string; column: string } | null>;
} {
  const { asked } = useAddress();
  const opened = computed(() => {
    const row = rows().find((one) => one.id === asked('line'));
    if (!row) return null;
    const step = asked('step') === null ? null : Number(asked('step'));
    return { row, step: step !== null && row.report.steps[step] ? step : worstStep(row.report) };
  });
  const selected = computed(() => {
    if (!opened.value) return null;
    const { row, step } = opened.value;
    return { row: row.id, column: step === null ? 'line' : (row.report.steps[step]?.op ?? 'line') };
  });

  return { opened, selected };
}
