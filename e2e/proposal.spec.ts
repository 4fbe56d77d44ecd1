import { expect, test } from '@playwright/test';
import { people } from './people';

/*
 * A terminal that the shop lacks is proposed by the coordinator where it is missed and counts at once; the lead finds it waiting,
 * says that it is right, and may take that back.
 */
test('what a coordinator proposes counts, and waits for the lead', async ({ browser }) => {
  const coordinator = await browser.newPage({ storageState: people.coordinator });
  await coordinator.goto('/work?kit=pylon-backpack&scope=tower-7');
  const line = coordinator.getByLabel('A line of work');
  await line.fill('2 × 12 AWG hook-up, imported drive → olive pin lug');
  const missing = coordinator.getByRole('region', { name: 'A terminal that is missing' });
  await expect(missing).toContainText('It counts at once, and the shop lead is asked to look at it.');
  await missing.getByLabel('Class').selectOption('bare');
  // What is missing is asked for at its field.
  await missing.getByRole('button', { name: 'Propose this terminal' }).click();
  await expect(missing.getByLabel('Sizes')).toBeFocused();
  await coordinator.keyboard.type('12-10 AWG');
  await coordinator.keyboard.press('Enter');
  await expect(coordinator.getByText('Proposed: olive pin lug')).toBeVisible();
  await line.press('Enter');
  const back = coordinator.getByRole('button', { name: 'Undo', exact: true }).first();
  const written = coordinator.getByRole('gridcell', { name: 'olive pin lug' });
  await expect(written).toBeVisible();
  await back.click();
  await expect(written).toHaveCount(0);

  const lead = await browser.newPage({ storageState: people.lead });
  await lead.goto('/crib/terminals');
  const waiting = lead.getByRole('region', { name: 'Proposed' });
  await expect(waiting).toContainText('1 terminal made by a coordinator; look whether it is right.');
  await waiting.getByRole('link', { name: 'olive pin lug' }).click();
  await expect(waiting).toContainText('it counts, and you have still to say');
  await waiting.getByRole('button', { name: 'It is right' }).click();
  await expect(lead.getByText('Confirmed: olive pin lug')).toBeVisible();
  await expect(waiting).toHaveCount(0);
  await lead.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(waiting).toBeVisible();
  // It is the coordinator's to take back.
  await back.click();
  await expect(coordinator.getByText('Taken back: Proposed: olive pin lug')).toBeVisible();
  await lead.goto('/crib/terminals');
  await expect(lead.getByText('45 terminals')).toBeVisible();
  await expect(waiting).toHaveCount(0);
});

test('what prices are in is picked by the lead, and stands at every price', async ({ browser }) => {
  const lead = await browser.newPage({ storageState: people.lead });
  await lead.goto('/shop');
  await lead.getByRole('link', { name: /currency/ }).click();
  await lead.getByLabel('Prices are in').selectOption('CHF');
  await expect(lead.getByText('Prices are in CHF: Swiss Franc')).toBeVisible();
  const coordinator = await browser.newPage({ storageState: people.coordinator });
  await coordinator.goto('/plan?kit=pylon-backpack&scopes=tower-7');
  await expect(coordinator.getByText(/CHF\s\d+\.\d\d/).first()).toBeVisible();
  await lead.getByRole('button', { name: 'Undo', exact: true }).click();
  // Who looks at it hears of it.
  await expect(coordinator.getByText(/€\d+\.\d\d/).first()).toBeVisible();
  await expect(coordinator.getByText(/CHF/)).toHaveCount(0);
});
