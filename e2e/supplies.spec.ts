import { expect, test } from '@playwright/test';
import { people } from './people';

/* The shelf: counted and filled at the bench, and an order for a class. */

const item = /Bullet, red.*count, fill or take/;

test.describe('at the bench, with a tablet', () => {
  test.use({ storageState: people.hand, viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('counts what is there and writes down what came', async ({ page }) => {
    await page.goto('/supplies?q=bullet');
    const row = page.getByRole('button', { name: item });
    await expect(row).toContainText('26 of');
    await row.tap();
    await page.getByRole('button', { name: '25', exact: true }).tap();
    await expect(page.getByText('Then there are 25.')).toBeVisible();
    await page.getByRole('button', { name: 'Done', exact: true }).tap();
    await expect(row).toContainText('25 of');
    await row.tap();
    await page.getByText('Came', { exact: true }).tap();
    await page.getByRole('textbox', { name: 'How many' }).fill('3');
    await page.getByRole('button', { name: 'Done', exact: true }).tap();
    await expect(row).toContainText('28 of');
    // What it costs is not for everybody.
    await expect(page.getByRole('heading', { name: 'To buy' })).toHaveCount(0);
    await row.tap();
    await page.getByText('Taken', { exact: true }).tap();
    await page.getByRole('textbox', { name: 'How many' }).fill('2');
    await page.getByRole('textbox', { name: 'How many' }).press('Enter');
    await expect(row).toContainText('26 of');
  });
});

test.describe('who orders', () => {
  test.use({ storageState: people.coordinator });

  test('orders for a class of twelve: by divided box, cheaper than pack by pack, and enough for three weeks', async ({
    page,
  }) => {
    await page.goto('/supplies');
    // So many as the work asks for at the moment: other places write lines meanwhile.
    await expect(page.getByText(/\d+ of \d+ items are short\./)).toBeVisible();
    await page.getByText('For all work').click();
    // Whatever scopes there are: other specs make some meanwhile.
    const others = page
      .getByRole('listitem')
      .filter({ has: page.getByLabel(/^How many times/) })
      .filter({ hasNotText: 'Cabin 12' })
      .getByRole('checkbox', { checked: true });
    while ((await others.count()) > 0) await others.first().uncheck();
    const times = page.getByLabel('How many times Cabin 12');
    await times.fill('12');
    await times.press('Tab');
    await expect(page.getByText('For 12 × Cabin 12')).toBeVisible();
    await expect(page.getByText(/Within three weeks/)).toBeVisible();
    await page.getByRole('button', { name: 'Order for three weeks of it, too' }).click();
    await expect(page.getByText(/Within three weeks/)).toHaveCount(0);
    const order = page.getByRole('region', { name: 'What to buy' });
    await expect(order).toContainText('Divided box, insulated terminals');
    await expect(order).toContainText(/€[\d.]+ less than small packs alone/);
    await expect(page).toHaveURL(/times=cabin-lighting:12/);
    await page.reload();
    await expect(order).toContainText('Divided box, insulated terminals');
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'The order as a file' }).click();
    await page.getByRole('menuitem', { name: 'As a table (CSV)' }).click();
    expect((await download).suggestedFilename()).toBe('order.csv');
  });

  test('begins to keep a stock of what none was kept of, and takes it back', async ({ page }) => {
    await page.goto('/supplies?q=twin+ferrule+2+×+1.5');
    const row = page.getByRole('button', { name: /Twin ferrule 2 × 1.5/ });
    await expect(row).toContainText('no stock is kept of it');
    await row.click();
    await page.getByRole('button', { name: 'Another pack' }).click();
    await page.getByLabel('Pack', { exact: true }).fill('Bag of 50');
    await page.getByLabel('Holds').fill('50');
    await page.getByRole('button', { name: 'Keep a stock of it', exact: true }).click();
    await expect(page.getByText('An amount, like 18.50.')).toBeVisible();
    await page.getByLabel('Costs').fill('5.20');
    await page.getByRole('button', { name: 'Keep a stock of it', exact: true }).click();
    await expect(row).toContainText('1 × Bag of 50');
    await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
    await expect(row).toContainText('no stock is kept of it');
  });
});
