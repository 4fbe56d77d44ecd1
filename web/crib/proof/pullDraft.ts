import type { Pull } from './pulls';

/* What was pulled and is not written down yet stays with the browser: a crimp that broke cannot be pulled again. */

export interface PullDraft {
  /** Which of the settings pulled before, as its key; '' for another. */
  picked: string;
  wire: string;
  terminal: string;
  nest: string;
  tried: string;
  pulls: Pull[];
}

const keyOf = (tag: string): string => `gondrik.pulls.${tag}`;

export function keptPulls(tag: string): PullDraft | null {
  try {
    return JSON.parse(sessionStorage.getItem(keyOf(tag)) ?? 'null') as PullDraft | null;
  } catch {
    return null;
  }
}

/** Null when they are written down, and one in which nothing was pulled, leave nothing behind. */
export function keepPulls(tag: string, draft: PullDraft | null): void {
  if (draft?.pulls.some(({ text }) => text.trim())) sessionStorage.setItem(keyOf(tag), JSON.stringify(draft));
  else sessionStorage.removeItem(keyOf(tag));
}
