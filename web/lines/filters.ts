import type { Schemas } from '@/api/client';
import { operationWords, statusWords } from '@/shared/status';
import { pretty, words } from '@/shared/pretty';
import { operationsIn, type LineRow } from './reading';

/* Which lines of the table are shown, by a word of the address, in which order and in which groups. */

const OPEN: readonly Schemas['Status'][] = ['hole', 'faulty'];

type Filter = { id: string; name: string; has: (row: LineRow) => boolean };

/** What may be asked of the lines, with what none has left out: what is open, what is makeshift, what a supposition changes, an operation, a class. */
export function filtersOf(coverage: Schemas['Coverage'], rows: LineRow[]): Filter[] {
  const classes = [...new Set(rows.flatMap(({ terminal }) => (terminal ? [terminal.class] : [])))].sort();
  const all: Filter[] = [
    { id: 'open', name: 'holes and faulty lines', has: ({ report }) => OPEN.includes(report.status) },
    {
      id: 'makeshift',
      name: 'makeshift',
      has: ({ report }) => report.status === 'makeshift',
    },
    { id: 'changed', name: 'what would be otherwise', has: ({ change }) => change !== null },
    ...operationsIn(coverage.report).map((op) => ({
      id: `op-${op}`,
      name: `with ${operationWords[op]}`,
      has: ({ report }: LineRow) => report.steps.some((step) => step.op === op),
    })),
    ...classes.map((one) => ({
      id: `class-${one}`,
      name: words(one),
      has: ({ terminal }: LineRow) => terminal?.class === one,
    })),
  ];
  return all.filter(({ has }) => rows.some(has));
}

const RANK: Record<Schemas['Status'], number> = { faulty: 0, hole: 0, makeshift: 1, unjudged: 2, covered: 3 };

/** The lines that a word of the address asks for, all where it asks for nothing known; and what is open first, where that is asked. */
export function shownOf(
  rows: LineRow[],
  filters: Filter[],
  only: string | null,
  isOpenFirst: boolean,
): LineRow[] {
  const filter = filters.find(({ id }) => id === only);
  const shown = filter ? rows.filter(filter.has) : rows;
  return isOpenFirst
    ? [...shown].sort((one, other) => RANK[one.report.status] - RANK[other.report.status])
    : shown;
}

interface Grouping {
  id: string;
  name: string;
  of: (row: LineRow) => string;
}

/** What lines may be grouped by, with what would put all of them into one group left out. */
export function groupingsOf(coverage: Pick<Schemas['Coverage'], 'tools'>, rows: LineRow[]): Grouping[] {
  const crimpedBy = ({ report }: LineRow): string => {
    const tools = report.steps
      .filter(({ op }) => op === 'crimp')
      .map(({ tool }) => (tool ? (coverage.tools[tool]?.name ?? tool) : 'no tool'));
    return [...new Set(tools)].join(', ') || 'not crimped';
  };
  const all: Grouping[] = [
    { id: 'by-status', name: 'how they stand', of: ({ report }) => statusWords[report.status] },
    { id: 'by-size', name: 'size', of: ({ wire }) => (wire ? pretty(wire.size) : 'no wire') },
    { id: 'by-wire', name: 'wire', of: ({ wires }) => wires || 'no wire' },
    { id: 'by-class', name: 'class of terminal', of: ({ terminal }) => words(terminal?.class ?? 'screw') },
    { id: 'by-crimp', name: 'crimping tool', of: crimpedBy },
  ];
  return all.filter(({ of }) => new Set(rows.map(of)).size > 1);
}
