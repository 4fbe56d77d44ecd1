import { expect, test } from '@playwright/test';
import { people } from './people';

/* What pulls say of a crimper: read from a gauge, written down by keys, a drift that is seen and signed back. */

test('a hand pulls five crimps on the gauge and presses nothing but how they gave way; the lead takes it back', async ({
  browser,
}) => {
  const hand = await browser.newPage({ storageState: people.hand });
  await hand.goto('/crib/wall?thing=CR-01');
  const panel = hand.getByRole('complementary', { name: 'Thing CR-01' });
  await panel.getByText('Pull some, and write it down').click();
  await panel.getByRole('button', { name: 'Read them from the gauge “simulated”' }).click();
  for (const pull of [1, 2, 3, 4, 5]) {
    const live = panel.getByRole('group', { name: `Pull ${pull} of 5 on the gauge` });
    await expect(live.getByText('How did it give way?')).toBeVisible();
    // The force that rose: a curve of as many readings as the gauge sends in a second.
    await expect(live.locator('path.run')).toHaveAttribute('d', /(L.+){20}/);
    await hand.keyboard.press(pull === 2 ? '2' : '1');
    await expect(panel.getByRole('textbox', { name: `Force of pull ${pull}, N` })).toHaveValue(
      /^1\d\d\.\d N$/,
    );
    await expect(panel.getByLabel(`How pull ${pull} gave way`)).toHaveValue(
      pull === 2 ? 'pulled-out' : 'conductor',
    );
    // A crimp that broke cannot be pulled again: what was taken outlives the page.
    if (pull === 2) {
      await hand.reload();
      await panel.getByText('Pull some, and write it down').click();
      await expect(panel.getByRole('textbox', { name: 'Force of pull 2, N' })).toHaveValue(/ N$/);
      await panel.getByRole('button', { name: /Read them from the gauge/ }).click();
    }
  }
  const write = panel.getByRole('button', { name: 'Write them down' });
  await expect(write).toBeFocused();
  await hand.keyboard.press('Enter');
  await expect(hand.getByText('CR-01: 5 pulls written down')).toBeVisible();
  await expect(panel.getByText('26 subgroups of 5')).toBeVisible();
  await expect(panel.getByRole('textbox', { name: 'Force of pull 1, N' })).toHaveValue('');
  await hand.close();

  const lead = await browser.newPage({ storageState: people.lead });
  await lead.goto('/shop/history');
  await lead.getByRole('button', { name: 'Take back' }).first().click();
  await expect(lead.locator('.done')).toBeVisible();
  await lead.goto('/crib/wall?thing=CR-01');
  await expect(lead.getByText('25 subgroups of 5; in control')).toBeVisible();
  await lead.close();
});

test.describe('the lead', () => {
  test.use({ storageState: people.lead });

  test('pulls a subgroup by keys; one under what it must hold takes the crimper out, and is taken back', async ({
    page,
  }) => {
    await page.goto('/crib/wall?thing=CR-01');
    const panel = page.getByRole('complementary', { name: 'Thing CR-01' });
    await expect(panel.getByText('25 subgroups of 5; in control')).toBeVisible();
    await panel.getByText('Pull some, and write it down').click();
    await panel.getByRole('textbox', { name: 'Force of pull 1, N' }).focus();
    for (const force of ['158', '160.2', '151', '82']) {
      await page.keyboard.type(force);
      await page.keyboard.press('Enter');
    }
    await expect(panel.getByText('under 89 N')).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(panel.getByText('Pull 5: its force is missing')).toBeVisible();
    await page.keyboard.type('155');
    await page.keyboard.press('Enter');
    await expect(panel.getByText('Held back.')).toBeVisible();
    await expect(panel.getByText('26 subgroups of 5')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(panel.getByText('25 subgroups of 5; in control')).toBeVisible();
    await expect(panel.getByText('Held back.')).toBeHidden();
  });

  test('sees the drift of a crimper, and signs it back with a reason', async ({ page }) => {
    await page.goto('/today');
    await page.getByRole('link', { name: /CR-03/ }).first().click();
    const panel = page.getByRole('complementary', { name: 'Thing CR-03' });
    await expect(panel.getByText('Its pulls have moved since')).toBeVisible();
    await expect(
      panel.getByRole('listitem').filter({ hasText: 'beyond three sigma: this is no chance' }).first(),
    ).toBeVisible();
    const drawing = page.waitForEvent('download');
    await panel.getByRole('button', { name: 'As a drawing' }).click();
    expect((await drawing).suggestedFilename()).toBe('chart-CR-03.svg');
    // What it has made since wants looking at again.
    await expect(panel.getByRole('region', { name: 'Made since it was last good' })).toContainText(
      /Last known to be good on .* Up to \d+ terminations made in between/,
    );
    await panel.getByRole('textbox', { name: 'Why it is good again' }).fill('jaws set anew, five pulled');
    await page.keyboard.press('Enter');
    await expect(panel.getByText('Its pulls have moved since')).toBeHidden();
    await expect(panel.getByText('in control')).toBeVisible();
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(panel.getByText('Its pulls have moved since')).toBeVisible();
  });
});
