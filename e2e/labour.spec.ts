import { expect, test } from '@playwright/test';
import { people } from './people';

/* How long the work takes and what it asks of a hand; timed at the bench, and weighed against a machine. */

test.describe('at the bench', () => {
  test.use({ storageState: people.hand });

  test('times pieces of a step by the card, and what is written down counts', async ({ page }) => {
    await page.goto('/bench?kit=cabin-bench&scope=boards');
    await page.getByRole('button', { name: 'Time ten pieces: Cut' }).click();
    const watch = page.getByRole('region', { name: 'Time for Cut' });
    await expect(watch.getByRole('button', { name: 'Start with the first piece' })).toBeFocused();
    await page.keyboard.press('Space');
    await expect(watch.getByRole('button', { name: /Piece 1 done/ })).toBeVisible();
    await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await watch.getByRole('button', { name: 'Enough' }).click();
    await expect(watch).toContainText('of 2 pieces');
    await watch.getByRole('button', { name: 'Write it down' }).click();
    await expect(watch).toHaveCount(0);

    await page.goto('/cover/time?kit=cabin-bench&scope=boards');
    const cut = page.getByRole('row', { name: /^cut / });
    await expect(cut).toContainText('2 pieces');
    // What things cost is not for everybody.
    await expect(page.getByRole('heading', { name: 'Does it pay?' })).toHaveCount(0);
  });
});

test.describe('who plans', () => {
  test.use({ storageState: people.coordinator });

  test('sees that a hand squeezes too often, weighs a machine, and goes to Plan with it', async ({
    page,
  }) => {
    await page.goto('/cover?kit=cabin-bench&scope=boards');
    await page.getByRole('link', { name: 'Time', exact: true }).click();
    await expect(page.getByText(/^40\d squeezes a day by one hand$/)).toBeVisible();
    await expect(page.getByRole('status').filter({ hasText: 'a machine’s work' })).toBeVisible();
    const spare = page.getByRole('region', { name: 'What would spare the hand' });
    await spare
      .getByRole('listitem')
      .filter({ hasText: 'Battery crimper' })
      .getByRole('button', { name: 'Does it pay?' })
      .click();
    const weigh = page.getByRole('region', { name: 'Does it pay?' });
    await expect(weigh).toContainText('Say what an hour of work costs.');
    await weigh.getByLabel('An hour of work').fill('42');
    await weigh.getByLabel('An hour of work').press('Enter');
    await expect(weigh.getByText(/is cheaper from [\d,]+ pieces on/)).toBeVisible();
    await expect(weigh.getByRole('img', { name: /Money over pieces/ })).toContainText('from ');
    await weigh.getByLabel('Made elsewhere, a piece').fill('0.05');
    await weigh.getByLabel('Made elsewhere, a piece').press('Enter');
    await expect(weigh.getByText(/Made elsewhere, at €0\.05 a piece, it is cheaper than here/)).toBeVisible();
    await page.reload();
    await expect(weigh.getByText(/is cheaper from [\d,]+ pieces on/)).toBeVisible();
    await spare
      .getByRole('listitem')
      .filter({ hasText: 'Battery crimper' })
      .getByRole('link', { name: 'Plan it' })
      .click();
    await expect(page).toHaveURL(/\/plan\?.*with=battery-crimper/);
  });

  test('asks how many of each tool a class needs', async ({ page }) => {
    await page.goto('/cover/time?kit=cabin-bench&scope=boards&by=table');
    await page.getByLabel('People, each all of it').fill('12');
    await page.getByLabel('People, each all of it').press('Enter');
    await page.getByLabel('in hours').fill('6');
    await page.getByLabel('in hours').press('Enter');
    await expect(page.getByText(/3 × Ratchet crimper, roll dies, 28–22 AWG/)).toBeVisible();
    await page.getByRole('link', { name: 'Plan a second for what they do' }).click();
    await expect(page).toHaveURL(/\/plan\?.*backups=/);
    await expect(page.getByRole('heading', { name: 'Plan', exact: true })).toBeVisible();
    await expect(page.getByText(/must be/)).toHaveCount(0);
  });
});
