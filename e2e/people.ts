import type { Page } from '@playwright/test';

/*
 * Each worker has a shop of its own, so that two can write at once: the demo, and the same once more. Sessions of their people are
 * made once (people.setup.ts), so that not every test signs in anew.
 */

export const shops = ['tarnholt.example', 'second.example'] as const;

const index = Number(process.env.TEST_PARALLEL_INDEX ?? 0) % shops.length;

export const persons = ['lead', 'coordinator', 'hand'] as const;

export type Person = (typeof persons)[number];

export const session = (person: Person, shop: number) => `var/test-results/${person}-${shop}.json`;

export const people = {
  lead: session('lead', index),
  coordinator: session('coordinator', index),
  hand: session('hand', index),
};

/** Signs in on the page that asks for it, as somebody of this worker's shop. */
export async function signIn(page: Page, person: Person, shop: number = index): Promise<void> {
  await page.getByLabel('E-mail address').fill(`${person}@${shops[shop]}`);
  await page.getByLabel('Password').fill('cable-car');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
}

export const tower = '/cover?kit=pylon-backpack&scope=tower-7';
export const panel = '/cover?kit=panel-bench&scope=station-panel';
