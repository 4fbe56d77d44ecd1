import { measured } from '@/shared/measures';
import type { Units } from '@/settings/units';

/* A subgroup of pulls as somebody writes it down. */

/** How a termination gave way, as one ticks it. */
export const modes = [
  { id: 'conductor', says: 'conductor broke' },
  { id: 'pulled-out', says: 'pulled out' },
  { id: 'terminal', says: 'terminal broke' },
  { id: 'insulation', says: 'only the insulation held' },
] as const;
export type Mode = (typeof modes)[number]['id'];

/** What was pulled, as the entry states it: ids of wire and terminal, the label of the nest. */
export interface PullOf {
  wire: string;
  terminal?: string;
  nest?: string;
}

/** A trial has a chart of its own, beside that of its nest: what is pulled otherwise would speak against what is made as always. */
export const triedIn = (of: PullOf, tried: string): PullOf =>
  tried.trim() ? { ...of, nest: [of.nest, tried.trim()].filter(Boolean).join(': ') } : of;

export interface Pull {
  text: string;
  mode: Mode | '';
}

export const noPull = (): Pull => ({ text: '', mode: '' });

/** As many fields as are to be pulled, with all that was pulled already: a crimp that broke cannot be pulled again. */
export function forMany(pulls: Pull[], many: number): Pull[] {
  const kept = pulls.filter(({ text }) => text.trim());
  return [...kept, ...Array.from({ length: Math.max(0, many - kept.length) }, noPull)];
}

/** What was copied out of a spreadsheet: a force in each cell, whatever stands between them. */
export const pasted = (text: string): string[] =>
  text
    .split(/[\t\r\n;]+|\s{2,}|(?<=\d) (?=[-−]?\d)/)
    .map((cell) => cell.trim())
    .filter(Boolean);

/** A force in N; null for what is none, or no force that anything gives way at. */
export function forceOf(text: string, units: Units): number | null {
  const force = measured(text, 'force', units);
  return force !== null && force > 0 ? force : null;
}

/** The members of the entry; null as long as a field says nothing or nothing right. */
export function subgroupOf(pulls: Pull[], units: Units): { forces: number[]; modes?: Mode[] } | null {
  const forces = pulls.map(({ text }) => forceOf(text, units)).filter((force) => force !== null);
  if (!forces.length || forces.length < pulls.length) return null;
  const told = pulls.map(({ mode }) => mode).filter((mode) => mode !== '');
  return { forces, ...(told.length === pulls.length ? { modes: told } : {}) };
}
