import { expect, test } from '@playwright/test';
import { people, tower } from './people';

test.describe('the lead', () => {
  test.use({ storageState: people.lead });

  test('answers a house rule, having seen what it does, and takes it back', async ({ page }) => {
    await page.goto('/tables/schools');
    await page
      .getByRole('row', { name: /Refuse them.*the house’s answer/ })
      .getByRole('link')
      .click();
    // The question that was asked about, with what either school says.
    const taps = page.locator('[data-rule=taps]');
    await expect(taps).toBeInViewport();
    await expect(taps.getByText('In a dry place and for a lamp they save an hour.')).toBeVisible();
    await expect(taps.getByRole('radio', { name: 'No' })).toBeChecked();

    await page.getByLabel('Preset', { exact: true }).selectOption('Aircraft');
    const aside = page.getByRole('complementary', { name: 'What it does' });
    await expect(aside.getByText(/\d+ of \d+ kits against scopes would stand otherwise/)).toBeVisible();
    await expect(aside.getByText(/more terminations cannot be made/).first()).toBeVisible();
    await aside.getByRole('button', { name: 'Leave it as it is: Preset' }).click();
    await expect(aside.getByRole('button', { name: 'Judge so from now on' })).toHaveCount(0);

    await page.locator('[data-rule=makeshiftCounts]').getByRole('radio', { name: 'Yes, it counts' }).check();
    await expect(aside.getByText('makeshift counts as covered').first()).toBeVisible();
    // What is thought over can be sent to somebody.
    await page.reload();
    await expect(
      page.locator('[data-rule=makeshiftCounts]').getByText('now: No, it is told apart'),
    ).toBeVisible();
    await aside.getByRole('button', { name: 'Judge so from now on' }).click();
    await expect(page.getByRole('button', { name: /Undo/ })).toBeVisible();
    await expect(page.locator('[data-rule=makeshiftCounts]')).toContainText('≠ Building');
    await expect(aside.getByText('Does a makeshift count as covered? Yes, it counts')).toBeVisible();

    await page.getByRole('button', { name: /Undo/ }).click();
    await expect(
      page.locator('[data-rule=makeshiftCounts]').getByRole('radio', { name: 'No, it is told apart' }),
    ).toBeChecked();
  });

  test('sees where a scope says otherwise, and answers there', async ({ page }) => {
    await page.goto('/shop/rules');
    const scope = page.locator('details', { hasText: 'Valley station: control panels' });
    await scope.locator('summary').click();
    await expect(scope).toContainText('the house:');
    await scope.getByRole('link', { name: 'To its own answers' }).click();
    const sheet = page.getByRole('dialog');
    await expect(sheet.getByLabel('Preset', { exact: true })).toHaveValue('panel');
    await expect(sheet.getByText('by the preset').first()).toBeAttached();
  });
});

test.describe('a hand', () => {
  test.use({ storageState: people.hand });

  test('reads what the house judges by and answers nothing', async ({ page }) => {
    await page.goto('/shop/rules');
    await expect(page.getByText('The shop lead answers.')).toBeVisible();
    await expect(page.locator('[data-rule=taps] input').first()).toBeDisabled();
    await expect(page.getByText('What was answered otherwise')).toHaveCount(0);
    // And works on.
    await page.goto(tower);
    await expect(page.getByText('2 holes: 76 of 172 terminations cannot be made')).toBeVisible();
  });
});
