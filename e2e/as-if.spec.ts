import { expect, test } from '@playwright/test';
import { people, tower } from './people';

test.use({ storageState: people.lead });

test('two ways out of a hole are tried, one is kept and taken back, and nothing was written before', async ({
  page,
}) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes: 76 of 172 terminations cannot be made')).toBeVisible();
  await page.getByRole('button', { name: 'As if …' }).click();
  const panel = page.getByRole('region', { name: 'Suppose something' });

  // From the shop: what needs something else brings it.
  await panel.getByRole('searchbox', { name: 'Put a tool in' }).fill('hexagon dies 10–95');
  await panel.getByRole('button', { name: 'Hexagon dies for the press, 10–95 mm²' }).click();
  await expect(page.getByText('1 hole: 70 of 172 terminations cannot be made')).toBeVisible();
  await expect(page.getByRole('status').getByText(/closes 2 lines \(6\)/)).toBeVisible();
  await page.getByLabel('Search lines').fill('lug 50');
  await expect(page.getByRole('row', { name: /Lug 50 mm²/ })).toContainText('closed');
  await page.getByLabel('Search lines').fill('');
  await expect(page.getByRole('button', { name: /^50 mm², 4 terminations.*better so/ })).toBeVisible();

  // A tool out, a rule, a terminal: the headline goes with each.
  await panel.getByLabel('Take a tool out').selectOption({ label: 'Ratchet crimper, oval nests' });
  await expect(page.getByRole('status').getByText(/opens 5 lines/)).toBeVisible();
  await page.getByRole('button', { name: 'With Ratchet crimper, oval nests after all' }).click();
  await panel.getByLabel('Judge otherwise').selectOption({ label: 'Does a makeshift count as covered?' });
  await panel.getByRole('radio', { name: 'Yes, it counts' }).check();
  await expect(page.getByText('makeshift counted')).toBeVisible();
  await panel
    .getByLabel('Another terminal on')
    .selectOption({ label: '18 AWG hook-up, imported drive into Ring, red, M4' });
  await panel.getByLabel('The other terminal').fill('ring red m5');
  await panel.getByRole('button', { name: 'Ring, red, M5' }).click();
  await expect(page.getByText('⇄ 18 AWG hook-up, imported drive into Ring, red, M5')).toBeVisible();

  // All of it stands in the address.
  await page.reload();
  await expect(page.getByText('⇄ 18 AWG hook-up, imported drive into Ring, red, M5')).toBeVisible();
  await expect(page.getByText('§ Does a makeshift count as covered? Yes, it counts')).toBeVisible();

  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText('It is so from now on')).toBeVisible();
  await expect(page).not.toHaveURL(/with=|rules=|swap=/);
  // The stud of the line is M4.
  await expect(
    page.getByText('1 hole and 1 faulty line: 84 of 172 terminations cannot be made'),
  ).toBeVisible();
  await expect(page.getByText('makeshift counted')).toBeVisible();
  await page.getByLabel('Search lines').fill('Ring, red, M5');
  await expect(page.getByRole('row', { name: /Ring, red, M5/ })).toBeVisible();

  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(page.getByText('2 holes: 76 of 172 terminations cannot be made')).toBeVisible();
});

test('what is supposed is sent to Plan, and to the whole house', async ({ page }) => {
  await page.goto(`${tower}&rules=${encodeURIComponent('{"makeshiftCounts":true}')}`);
  const note = page.locator('.supposed');
  await expect(note.getByText(/Does a makeshift count as covered\? Yes, it counts/)).toBeVisible();
  await note.getByRole('link', { name: 'Plan' }).click();
  await expect(page.getByText('Planned as if the house judged otherwise')).toBeVisible();
  await page.getByRole('button', { name: 'As it judges' }).click();
  await expect(page.getByText('Planned as if the house judged otherwise')).toHaveCount(0);
  await page.goBack();
  await page.goBack();
  await note.getByRole('link', { name: 'The whole house so?' }).click();
  await expect(page.getByRole('heading', { name: 'What it would do' })).toBeVisible();
  await expect(page.getByText('makeshift counts as covered').first()).toBeVisible();
});

test('what to pack is told for the work, as supposed, and Cover is printed on one sheet', async ({
  page,
}) => {
  await page.goto(`${tower}&with=press-frame,press-dies-mm2`);
  await page.getByRole('link', { name: 'What to pack' }).click();
  await expect(page.getByRole('heading', { name: /^\d+ tools in the bag/ })).toBeVisible();
  await expect(page.getByText('No fewer would do all that the kit does')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: 'Hydraulic hand press, frame' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^cut Diagonal cutter 200 mm/ })).toBeVisible();
  await page.goBack();
  const sheet = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Take along' }).click();
  await page.getByRole('menuitem', { name: /hang up/ }).click();
  expect((await sheet).suggestedFilename()).toBe('cover-pylon-backpack-tower-7.pdf');
});
