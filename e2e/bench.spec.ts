import { AxeBuilder } from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { people } from './people';

test.use({ storageState: people.hand });

const accessible = async (page: Page) =>
  expect(
    (await new AxeBuilder({ page }).analyze()).violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`),
  ).toEqual([]);

test('somebody at the bench goes from card to card, ticks what is done, and asks a number where it comes from', async ({
  page,
}) => {
  await page.goto('/bench?kit=pylon-backpack&scope=tower-7&line=drive-12');
  await expect(page.getByRole('heading', { name: /12 AWG hook-up.*Ring, yellow, M6/ })).toBeVisible();
  await expect(page.getByText('This kit makes it')).toBeVisible();
  const tug = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Tug' }) });
  await expect(tug).toContainText('more than a hand can know');
  const pull = page.getByRole('region', { name: 'Pull' });
  await pull.getByRole('button', { name: '311.4 N' }).click();
  await expect(
    pull.getByText('UL 486A-486B, 12 AWG – written down from memory of the source').filter({ visible: true }),
  ).toBeVisible();
  await page.getByRole('checkbox', { name: 'Identify is done' }).check();
  await page.getByRole('checkbox', { name: 'Cut is done' }).check();
  await page.reload();
  await expect(page.getByText(/2 of \d+ steps ticked/)).toBeVisible();
  await accessible(page);
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/line=beacon-splice/);
  await expect(page.getByRole('checkbox', { name: 'Identify is done' }).first()).not.toBeChecked();
  await page.getByRole('button', { name: 'Previous' }).click();
  await expect(page.getByRole('checkbox', { name: 'Cut is done' })).toBeChecked();
  await page.getByRole('button', { name: 'Begin anew' }).click();
  await expect(page.getByRole('checkbox', { name: 'Cut is done' })).not.toBeChecked();
});

test('a card with a hole cannot look complete', async ({ page }) => {
  await page.goto('/bench?kit=pylon-backpack&scope=tower-7&line=heat-15');
  await expect(page.getByText('Not complete: this kit cannot make it')).toBeVisible();
  const sheath = page
    .getByRole('listitem')
    .filter({ has: page.getByRole('heading', { name: /Take off the sheath/ }) });
  await expect(sheath).toContainText('No tool of this kit does it. A sheath stripper for round LSZH cable');
  await expect(sheath.getByRole('img', { name: 'hole' })).toBeVisible();
});

test('a calculation is asked in the address, answers with its source and a picture, and says what is wrong', async ({
  page,
}) => {
  await page.goto('/bench/reckon?what=notch');
  await page.getByLabel('Size').fill('14 AWG');
  await page.getByLabel('Construction').selectOption('stranded');
  await page.getByLabel('Over the insulation').fill('3,9');
  await page.getByLabel('Label of the hole').fill('12 AWG');
  await expect(page.getByRole('button', { name: 'ragged' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'The wire in the hole, to scale' })).toBeVisible();
  await expect(page).toHaveURL(/label=12/);
  await accessible(page);
  await page.getByLabel('Over the insulation').fill('1,000');
  await expect(page.getByRole('alert')).toContainText('decimal comma');
  await page.getByRole('link', { name: 'Pull force' }).click();
  await page.getByLabel('Terminal').selectOption('insulated');
  await expect(page.getByRole('button', { name: '222.4 N' })).toBeVisible();
});

test('every reason code has an example on the little ruler', async ({ page }) => {
  await page.goto('/tables/reasons');
  await page.getByRole('searchbox', { name: 'Search this table' }).fill('notch.cuts');
  const code = page.getByRole('listitem').filter({ hasText: 'notch.cuts-strands' });
  await expect(code).toContainText('it would cut strands');
  await expect(code.locator('svg').last()).toBeVisible();
  await accessible(page);
});

test('a table is found, searched, sorted and taken along', async ({ page }) => {
  await page.goto('/tables');
  await page.getByRole('link', { name: /Pull-out force/ }).click();
  await page.getByRole('searchbox', { name: 'Search this table' }).fill('abyc 2/0');
  await expect(page.getByRole('status').filter({ hasText: '1 row' })).toBeVisible();
  await page.getByRole('searchbox', { name: 'Search this table' }).fill('abyc');
  await page.getByRole('button', { name: 'force', exact: true }).click();
  await page.getByRole('button', { name: 'force', exact: false }).first().click();
  await expect(page.getByRole('row').nth(1)).toContainText('225');
  await accessible(page);
  const file = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As CSV' }).click();
  expect((await file).suggestedFilename()).toBe('pull-force.csv');
  await page.getByRole('link', { name: /Checks against sources outside/ }).click();
  await expect(page.getByRole('status').filter({ hasText: /\d\d rows/ })).toBeVisible();
  await expect(page.getByRole('cell', { name: 'no', exact: true })).toHaveCount(0);
});

test('the inlay list of a kit leads to its cards', async ({ page }) => {
  await page.goto('/crib/kits/pylon-backpack');
  await page.getByRole('link', { name: /Inlay list/ }).click();
  await expect(page.getByRole('heading', { name: 'Pylon backpack', level: 1 })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Diagonal cutter 200 mm' })).toContainText('1 ×');
  await accessible(page);
  await page.getByRole('link', { name: 'The cards of Tower 7: heating and rescue winch' }).click();
  await expect(page).toHaveURL(/bench\?kit=pylon-backpack&scope=tower-7/);
  await expect(page.getByText(/1 \/ 14/)).toBeVisible();
});

test.describe('the lead', () => {
  test.use({ storageState: people.lead });

  test('puts what was reckoned into the line it was asked for, and takes it back', async ({ page }) => {
    await page.goto('/bench?kit=cabin-bench&scope=masts&line=drive-ring');
    await page
      .getByRole('region', { name: /Sleeve/ })
      .getByRole('link', { name: 'reckon' })
      .click();
    await expect(page.getByLabel('Widest')).toHaveValue('3.2');
    await page.getByLabel('Narrowest').fill('2.8');
    await expect(page.getByRole('button', { name: '3/16 in' })).toBeVisible();
    await page.getByRole('button', { name: 'Put it into the line' }).click();
    const done = page.locator('.done');
    await expect(done).toContainText('Put into the line: Sleeve: stock size 3/16 in');
    await done.getByRole('button', { name: 'Undo' }).click();
    await expect(done).toContainText('Taken back');
  });
});
