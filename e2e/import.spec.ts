import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { people } from './people';

const book = () => JSON.parse(readFileSync('database/demo/tarnholt-ropeway.json', 'utf8'));

async function bring(page: Page, document: unknown, name = 'book.json'): Promise<void> {
  const buffer = Buffer.from(typeof document === 'string' ? document : JSON.stringify(document));
  await page.getByLabel('Workbook file').setInputFiles({ name, mimeType: 'application/json', buffer });
}

test.describe('the lead', () => {
  test.use({ storageState: people.lead });

  test('sees every problem of a broken workbook with its place and value', async ({ page }) => {
    const broken = book();
    broken.wires[0].size = '0.5 mm';
    broken.wires[1].construction = 'braided';
    broken.scopes[0].lines[2].wire = 'gone';
    await page.goto('/shop');
    await bring(page, broken, 'broken.json');
    await expect(page.getByRole('heading', { name: '3 problems in broken.json' })).toBeVisible();
    const rows = page.locator('.problems tbody tr');
    await expect(rows.nth(0)).toContainText('wires/0/size');
    await expect(rows.nth(0)).toContainText(
      'Is "0.5 mm" the outside diameter of the wire or the area of its conductor?',
    );
    await expect(rows.nth(1)).toContainText('"braided"');
    await expect(rows.nth(2)).toContainText('scopes/0/lines/2/wire');
    await bring(page, 'not a workbook');
    await expect(page.getByRole('heading', { name: '1 problem in book.json' })).toBeVisible();
  });

  test('brings a good workbook in, and a second time nothing changes', async ({ page }) => {
    // As the page says: what the shop has, changed and brought back. Its days are those of the shop, whichever day it is.
    await page.goto('/shop');
    const [own] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'Take what this shop has' }).click(),
    ]);
    const good = JSON.parse(readFileSync(await own.path(), 'utf8'));
    good.kits.push({ id: `spare-${Date.now()}`, name: 'Spare bag', tools: [{ tool: 'flush-cut' }] });
    await bring(page, good, 'good.json');
    await expect(page.getByRole('heading', { name: 'good.json is good. It would' })).toBeVisible();
    await expect(page.getByRole('row', { name: /^Kits 1 0 / })).toBeVisible();
    await page.getByRole('button', { name: 'Apply' }).click();
    await expect(page.getByRole('heading', { name: 'good.json is in the shop' })).toBeVisible();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(page.getByRole('heading', { name: 'good.json was taken back' })).toBeVisible();
    await page.getByRole('button', { name: 'Import another' }).click();
    await bring(page, good, 'good.json');
    await page.getByRole('button', { name: 'Apply' }).click();
    await expect(page.getByRole('heading', { name: 'good.json is in the shop' })).toBeVisible();
    await page.getByRole('button', { name: 'Import another' }).click();
    await bring(page, good, 'good.json');
    await expect(page.getByRole('heading', { name: 'good.json changes nothing' })).toBeVisible();
    await page.getByRole('link', { name: 'See what is covered' }).click();
    await page
      .getByRole('link', { name: /^Spare bag, / })
      .first()
      .click();
    await expect(page).toHaveURL(/kit=spare-/);
  });

  test('brings a table of what has happened: what is wrong by row, then all of it, taken back', async ({
    page,
  }) => {
    await page.goto('/shop');
    await bring(page, 'what,asset,condition\r\ncondition,CU-04,good\r\ncondition,CU-99,good\r\n', 'told.csv');
    await expect(page.getByText('“told.csv” is a table, not a workbook.')).toBeVisible();
    await page.getByRole('button', { name: 'what has happened to things' }).click();
    await expect(page.locator('.problems tbody tr')).toContainText('log.csv/3/asset"CU-99"');
    await bring(
      page,
      'what,asset,condition\r\ncondition,CU-04,good\r\ncondition,CU-05,good\r\n',
      'mended.csv',
    );
    await page.getByRole('button', { name: 'what has happened to things' }).click();
    await expect(page.getByText('2 rows written down.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.goto('/crib/wall?thing=CU-05');
    await expect(page.getByRole('complementary', { name: 'Thing CU-05' })).toContainText('taken back');
  });

  test('exports the shop as a workbook', async ({ page }) => {
    await page.goto('/shop');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('link', { name: 'Export the workbook' }).click(),
    ]);
    const exported = JSON.parse(readFileSync(await download.path(), 'utf8'));
    expect(exported.gondrik).toBe(1);
    expect(exported.wires.length).toBeGreaterThanOrEqual(book().wires.length);
  });
});

test.describe('a hand', () => {
  test.use({ storageState: people.hand });

  test('may look but neither import nor export', async ({ page }) => {
    await page.goto('/shop');
    await expect(page.getByText('Importing is for the shop lead and the coordinator.')).toBeVisible();
    await expect(page.getByLabel('Workbook file')).toHaveCount(0);
    await expect(page.getByText('Exporting, with what everything costs, is for')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Export the workbook' })).toHaveCount(0);
  });
});
