import type { Schemas } from '@/api/client';
import { torqueText } from '@/shared/measures';
import { prose } from '@/shared/pretty';
import { operationWords, orderOfWork, statusWords } from '@/shared/status';

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
  /** What is made, and of what. */
  title: string;
  wires: string;
  /** What it is otherwise than with the kit as it is, where something is supposed of the kit. */
  change: 'closed' | 'opened' | 'better' | 'worse' | null;
  /** All that a search may find it by, in small letters. */
  words: string;
}

export function operationsIn(report: Schemas['Report']): Schemas['Operation'][] {
  const used = new Set(report.lines.flatMap((line) => line.steps.map((step) => step.op)));
  return orderOfWork.filter((operation) => used.has(operation));
}

const RANK: Schemas['Status'][] = ['covered', 'makeshift', 'hole', 'faulty'];

const isMade = (status: Schemas['Status']) => status === 'covered' || status === 'makeshift';

/** What a line has become, against what it was: what can be made now is closed, what cannot any more is opened. */
export function changeOf(was: Schemas['Status'] | undefined, is: Schemas['Status']): LineRow['change'] {
  if (was === undefined || was === is) return null;
  if (isMade(was) !== isMade(is)) return isMade(is) ? 'closed' : 'opened';
  return RANK.indexOf(is) < RANK.indexOf(was) ? 'better' : 'worse';
}

/** What the rows are read from: what a report speaks of by id is beside it. */
export type ToRead = Pick<
  Schemas['Coverage'],
  'report' | 'ruler' | 'lines' | 'wires' | 'terminals' | 'tools' | 'was'
>;

export function rowsOf(coverage: ToRead, first: 'gauge' | 'metric'): LineRow[] {
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
    const wireB = line.wireB ? (coverage.wires[line.wireB] ?? null) : null;
    const terminal = line.terminal ? (coverage.terminals[line.terminal] ?? null) : null;
    const title = terminal?.name ?? `Screw, ${torqueText(line.torque ?? 0)}`;
    const wires = [wire, wireB].flatMap((one) => (one ? [one.name] : [])).join(' and ');
    const tools = report.steps.map(({ tool }) => (tool ? coverage.tools[tool]?.name : 'no tool'));
    return [
      {
        id: line.id,
        line,
        report,
        wire,
        wireB,
        terminal,
        title,
        wires,
        change: changeOf(coverage.was?.lines[line.id], report.status),
        words: [line.id, title, wires, wire?.size, wireB?.size, report.status, ...tools]
          .join(' ')
          .toLowerCase(),
        size: drop && drop.family !== first ? [...other, ...written] : [...written, ...other],
      },
    ];
  });
}

/** The drops with that of a line which is not written yet; at a size that has one already it stands in its place. */
export function withDraft(ruler: Schemas['Ruler'], draft: Schemas['Drop'] | null): Schemas['Ruler'] {
  if (!draft) return ruler;
  const others = ruler.drops.filter(({ area }) => area !== draft.area);
  return { ...ruler, drops: [...others, draft].sort((one, other) => one.area - other.area) };
}

/** How the kit in hand does a line, in a few words: what is wrong with it, which steps it lacks, what is makeshift. */
/** Terminations of a line in all of the work: where the scope is written for one piece its count is of one. */
export const terminationsOf = (
  { scope, lines }: Pick<Schemas['Coverage'], 'scope' | 'lines'>,
  line: string,
): number => (lines[line]?.quantity ?? 1) * (scope.pieces?.count ?? 1);

export const verdictWords = ({ report }: LineRow): string => judgedWords(report);

/** The same of what is judged by itself. */
export function judgedWords(report: {
  status: Schemas['Status'];
  checks: { fit: string; text: string }[];
  steps: { op: Schemas['Operation']; status: Schemas['StepStatus'] }[];
}): string {
  const open = report.checks.filter(({ fit }) => fit !== 'proper').map(({ text }) => prose(text));
  const worst = report.steps.filter(({ status }) => status === report.status);
  const steps = [...new Set(worst.map(({ op }) => operationWords[op]))].join(', ');
  switch (report.status) {
    case 'faulty':
      return open.join(' ');
    case 'hole':
      return `No tool: ${steps}`;
    case 'makeshift':
      return open.join(' ') || `Makeshift: ${steps}`;
    default:
      return statusWords[report.status];
  }
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

const rank: Record<Schemas['Status'], number> = { faulty: 0, hole: 1, makeshift: 2, unjudged: 3, covered: 4 };

/** The steps of an operation as a cell shows them: those of a splice that are alike stand once. */
export function stepsOf(report: Schemas['ReportLine'], operation: string): Schemas['Step'][] {
  const seen = new Set<string>();
  return report.steps.filter((step) => {
    const key = `${step.op} ${step.status} ${step.tool} ${step.position}`;
    return step.op === operation && !seen.has(key) && seen.add(key);
  });
}

/** The step of an operation to explain: the one that is open, else the first; null where the line has none. */
export function stepAt(report: Schemas['ReportLine'], operation: string | null): number | null {
  const open = report.steps.findIndex((step) => step.op === operation && step.status === 'hole');
  const any = open >= 0 ? open : report.steps.findIndex((step) => step.op === operation);
  return any >= 0 ? any : null;
}

/**
 * The line to open for a drop line: the worst one of its lines, and where a lane of it was meant, the worst one there with the
 * operation.
 */
export function worstLineAt(
  coverage: Schemas['Coverage'],
  drop: Schemas['Drop'],
  lane: string | null,
): { line: Schemas['ReportLine']; operation: string | null } | undefined {
  const lines = coverage.report.lines.filter((line) => drop.lines.includes(line.id));
  const inLane = lines.flatMap((line) => {
    const classOf = coverage.terminals[coverage.lines[line.id]?.terminal ?? '']?.class;
    const step = line.steps
      .filter(({ op }) => op === lane || (op === 'crimp' && classOf === lane))
      .sort((a, b) => rank[a.status] - rank[b.status])[0];
    return step ? [{ line, operation: step.op, status: step.status }] : [];
  });
  const found = inLane.sort((a, b) => rank[a.status] - rank[b.status])[0];
  if (found) return found;
  const worst = [...lines].sort((a, b) => rank[a.status] - rank[b.status])[0];
  return worst && { line: worst, operation: null };
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

type Away = NonNullable<Schemas['Coverage']['day']>['away'];

/** Why tools that belong into the kit do not count in it on the day: what is told of each of their things, by the tool. */
export function awayBy(away: Away = []): ReadonlyMap<string, string> {
  const told = new Map<string, string>();
  for (const { asset, tool, text } of away) {
    const before = told.get(tool);
    told.set(tool, `${before ? `${before} ` : ''}${asset}. ${text}`);
  }
  return told;
}
