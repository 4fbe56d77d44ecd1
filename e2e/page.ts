import { expect, type Locator, type Page } from '@playwright/test';

/** The rows of the table, without its head. */
export const rows = (page: Page): Locator => page.locator('[data-row]');

/** Picks a unit or a theme in the menu of the person. */
export async function pick(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Units, theme and person' }).click();
  // Not check(): what is picked may ask the server something that puts a dialog over the menu at once.
  await page.getByRole('radio', { name, exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('radio', { name, exact: true })).toHaveCount(0);
}

/** Does something out of a menu of actions. */
export async function choose(page: Page, menu: string, action: string): Promise<void> {
  await page.getByRole('button', { name: menu }).click();
  await page.getByRole('menuitem', { name: action }).click();
}

/** A coverage of many lines: what the server says of a few, over and over. */
export async function manyLines(page: Page, count: number): Promise<void> {
  await page.route('**/api/v1/coverage?**', async (route) => {
    const response = await route.fetch();
    const coverage = await response.json();
    const lines = coverage.report.lines;
    coverage.report.lines = Array.from({ length: count }, (_, index) => {
      const line = lines[index % lines.length];
      const id = index < lines.length ? line.id : `${line.id}.${index}`;
      coverage.lines[id] = { ...coverage.lines[line.id], id };
      return { ...line, id };
    });
    await route.fulfill({ response, json: coverage });
  });
}
