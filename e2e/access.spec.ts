import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { panel, people, tower } from './people';

test.setTimeout(120_000);

/** Findings of axe that somebody would run into. */
async function findings(page: Page): Promise<string[]> {
  await page.waitForLoadState('networkidle');
  const { violations } = await new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).analyze();
  return violations
    .filter((one) => one.impact === 'serious' || one.impact === 'critical')
    .map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ')).join(', ')}`);
}

for (const theme of ['light', 'dark'] as const) {
  test.describe(theme, () => {
    test.use({ colorScheme: theme });

    test('sign-in has no serious finding', async ({ page }) => {
      await page.goto('/');
      await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
      expect(await findings(page)).toEqual([]);
    });

    test.describe('signed in', () => {
      test.use({ storageState: people.lead });

      test('an empty shop has no serious finding', async ({ page }) => {
        for (const list of ['kits', 'scopes']) {
          await page.route(`**/api/v1/${list}`, (route) => route.fulfill({ json: { data: [] } }));
        }
        await page.goto('/cover');
        await expect(page.getByRole('link', { name: 'Import a workbook' })).toBeVisible();
        expect(await findings(page)).toEqual([]);
      });

      for (const [name, address] of [
        ['Cover with holes', tower],
        ['Cover without', panel],
        ['Why', `${tower}&line=winch-50&step=2`],
        ['Work', '/work?kit=pylon-backpack&scope=tower-7'],
        ['a line of Work', '/work?kit=pylon-backpack&scope=tower-7&line=heat-15'],
        ['a table', '/work/table?kit=pylon-backpack&scope=tower-7'],
        ['the history', '/shop/history'],
        ['Crib', '/crib'],
        ['a tool', '/crib/tools/roll-fine'],
        ['a wire', '/crib/wires/heat-3x1.5'],
        ['a terminal', '/crib/terminals/ring-blue-m5'],
        ['a kit', '/crib/kits/pylon-backpack'],
        ['the shelf', '/crib/shelf/tools?one=oval-ratchet'],
        ['Shop', '/shop'],
      ] as const) {
        test(`${name} has no serious finding`, async ({ page }) => {
          await page.goto(address);
          expect(await findings(page)).toEqual([]);
        });
      }
    });
  });
}
