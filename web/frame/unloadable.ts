import { ref } from 'vue';
import type { Schemas } from '@/api/client';

/*
 * After an update of the server the parts of the page that was are gone: once a fresh page is asked for, and when that does not
 * help either, it is said.
 */

/** What to tell when a part of the page could not be loaded; null when all is well. */
export const unloadable = ref<Schemas['Problem'] | null>(null);

const RELOADED = 'gondrik.reloaded';
/** Milliseconds within which a second miss at the same address is no chance. */
const LATELY = 60_000;

/** A part that was wanted at an address has not come. */
export function missed(address: string): void {
  const [before, at] = JSON.parse(sessionStorage.getItem(RELOADED) ?? '["", 0]') as [string, number];
  if (navigator.onLine && (before !== address || Date.now() - at > LATELY)) {
    sessionStorage.setItem(RELOADED, JSON.stringify([address, Date.now()]));
    window.location.assign(address);
    return;
  }
  unloadable.value = {
    type: 'about:blank',
    title: 'This part of the page cannot be loaded',
    status: 0,
    detail: 'The server does not give it out, or is out of reach. Nothing was lost; try again in a moment.',
  };
}

/** The place that was wanted has come. */
export function arrived(): void {
  unloadable.value = null;
}
