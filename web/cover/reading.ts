import type { Schemas } from '@/api/client';
import { orderOfWork } from '@/shared/status';

/*
 * Reading a coverage: what the table, the ruler and the panel ask of it. No rule of the job stands here.
 */

/** One row of the line table. */
export interface LineRow {
  id: string;
  line: Schemas['Line'];
  report: Schemas['ReportLine'];
  wire: Schemas['Wire'] | null;
  wireB: Schemas['Wire'] | null;
  terminal: Schemas['Terminal'] | null;
  /** The size in the family that somebody wants first, and in the other. */
  size: { text: string; isWritten: boolean }[];
}

export function operationsIn(report: Schemas['Report']): Schemas['Operation'][] {
  const used = new Set(report.lines.flatMap((line) => line.steps.map((step) => step.op)));
  return orderOfWork.filter((operation) => used.has(operation));
}

export function rowsOf(coverage: Schemas['Coverage'], first: 'gauge' | 'metric'): LineRow[] {
  const dropOf = new Map(
    coverage.ruler.drops.flatMap((drop) => drop.lines.map((line) => [`${line} ${drop.size}`, drop] as const)),
  );
  return coverage.report.lines.flatMap((report) => {
    const line = coverage.lines[report.id];
    if (!line) return [];
    const wire = line.wire ? (coverage.wires[line.wire] ?? null) : null;
    const drop = wire
      ? (dropOf.get(`${line.id} ${wire.size}`) ??
        coverage.ruler.drops.find((one) => one.lines.includes(line.id)))
      : undefined;
    const written = wire ? [{ text: wire.size, isWritten: true }] : [];
    const other = drop?.otherSize ? [{ text: drop.otherSize, isWritten: false }] : [];
    return [
      {
        id: line.id,
        line,
        report,
        wire,
        wireB: line.wireB ? (coverage.wires[line.wireB] ?? null) : null,
        terminal: line.terminal ? (coverage.terminals[line.terminal] ?? null) : null,
        size: drop && drop.family !== first ? [...other, ...written] : [...written, ...other],
      },
    ];
  });
}

/** The step to explain first: the worst, and of these the one nearest to the start of the work. */
export function worstStep(line: Schemas['ReportLine']): number | null {
  if (line.steps.length === 0) return null;
  for (const status of ['hole', 'makeshift'] as const) {
    const index = line.steps.findIndex((step) => step.status === status);
    if (index >= 0) return index;
  }
  const unbacked = line.steps.findIndex((step) => step.unbacked);
  return unbacked >= 0 ? unbacked : line.steps.length - 1;
}

const rank: Record<Schemas['Status'], number> = { faulty: 0, hole: 1, makeshift: 2, covered: 3 };

/** The line to open for a drop line: the worst one of its lines. */
export function worstLine(report: Schemas['Report'], ids: string[]): Schemas['ReportLine'] | undefined {
  return report.lines
    .filter((line) => ids.includes(line.id))
    .sort((a, b) => rank[a.status] - rank[b.status])[0];
}

/** The hole that a step of a line belongs to. */
export function holeOf(
  report: Schemas['Report'],
  line: string,
  step: Schemas['Step'],
): Schemas['Hole'] | undefined {
  const fitting = report.holes.filter((hole) => hole.op === step.op && hole.lines.includes(line));
  return fitting.find((hole) => step.wire !== null && hole.wires.includes(step.wire)) ?? fitting[0];
}

/** Where to open a hole: its first line, at the step that is in it; a splice may have two of one operation. */
export function placeOf(
  report: Schemas['Report'],
  hole: Schemas['Hole'],
): { line: string; step: number } | undefined {
  const line = report.lines.find((one) => one.id === hole.lines[0]);
  const step = line?.steps.findIndex((one) => one.status === 'hole' && holeOf(report, line.id, one) === hole);
  return line && step !== undefined && step >= 0 ? { line: line.id, step } : undefined;
}
