import type { Schemas } from '@/api/client';
import type { Matrix, MatrixCell } from '@/data/matrix';
import { counted } from '@/shared/pretty';

/* What the matrix of kits and scopes draws, and in which order. */

export type Order = 'shop' | 'worst';

export interface MatrixRow {
  scope: Matrix['scopes'][number];
  /** Of the scope; 0 for one without lines. */
  terminations: number;
  /** One for each kit, in the order of the columns. */
  cells: MatrixCell[];
  /** Ids of the kits that do all of it. */
  whole: string[];
  /** The kit that comes nearest, where none does all of it. */
  nearest: MatrixCell | null;
}

const open = ({ headline }: MatrixCell) => headline.hole + headline.faulty;

export const isWhole = (cell: MatrixCell): boolean => cell.headline.terminations > 0 && open(cell) === 0;

/** The scopes with lines that no kit does all of. */
export function openScopesOf({ scopes, cells }: Matrix): Matrix['scopes'] {
  const ids = (of: MatrixCell[]) => new Set(of.map(({ scope }) => scope));
  const whole = ids(cells.filter(isWhole));
  const withLines = ids(cells.filter(({ headline }) => headline.terminations > 0));
  return scopes.filter(({ id }) => withLines.has(id) && !whole.has(id));
}

/** The mark of a cell: as bad as the worst of it; null for a scope without lines. */
export function markOf({ headline }: MatrixCell): Schemas['Status'] | null {
  if (headline.terminations === 0) return null;
  if (headline.hole > 0) return 'hole';
  if (headline.faulty > 0) return 'faulty';
  return headline.makeshift > 0 ? 'makeshift' : 'covered';
}

/** "83 %", cut off as the share is: 100 % means that nothing is missing. */
export const shareOf = ({ headline }: MatrixCell): string =>
  headline.share === null ? '–' : `${Math.round(headline.share * 100)}`;

const sum = (cells: MatrixCell[], of: (cell: MatrixCell) => number) =>
  cells.reduce((total, cell) => total + of(cell), 0);

/** The kits in the order of the columns: as the shop has them, or the one with the least open first. */
export function columnsOf({ kits, cells }: Matrix, order: Order): Matrix['kits'] {
  if (order === 'shop') return kits;
  const left = new Map(
    kits.map(({ id }) => [
      id,
      sum(
        cells.filter(({ kit }) => kit === id),
        open,
      ),
    ]),
  );
  return [...kits].sort((one, other) => (left.get(one.id) ?? 0) - (left.get(other.id) ?? 0));
}

/** A row for each scope: as the shop has them, or first what no kit does all of, of these what is farthest from it first. */
export function rowsOf(matrix: Matrix, order: Order): MatrixRow[] {
  const byPair = new Map(matrix.cells.map((cell) => [`${cell.kit} ${cell.scope}`, cell]));
  const columns = columnsOf(matrix, order);
  const rows = matrix.scopes.map((scope): MatrixRow => {
    const cells = columns.flatMap(({ id }) => byPair.get(`${id} ${scope.id}`) ?? []);
    const whole = cells.filter(isWhole).map(({ kit }) => kit);
    const terminations = cells[0]?.headline.terminations ?? 0;
    const nearest = [...cells].sort((one, other) => open(one) - open(other))[0] ?? null;
    return { scope, terminations, cells, whole, nearest: whole.length || !terminations ? null : nearest };
  });
  if (order === 'shop') return rows;
  const rank = ({ nearest, terminations }: MatrixRow) => (nearest ? open(nearest) : terminations ? 0 : -1);
  return [...rows].sort((one, other) => rank(other) - rank(one));
}

/** For the ear and for who points at it. */
export function cellWords(cell: MatrixCell, kit: string, scope: string): string {
  const { terminations, covered, makeshift, hole, faulty } = cell.headline;
  if (terminations === 0) return `${kit}, ${scope}: no lines`;
  const parts = [
    hole
      ? `${counted(cell.holes, 'hole')}, ${counted(hole, 'termination')} of ${terminations} cannot be made`
      : '',
    faulty ? `${faulty} faulty` : '',
    makeshift ? `${makeshift} makeshift` : '',
    !hole && !faulty && !makeshift ? `all ${terminations} covered` : `${covered} covered`,
  ];
  return `${kit}, ${scope}: ${parts.filter(Boolean).join('; ')}`;
}
