import { execFileSync } from 'node:child_process';
import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { people } from './people';

test.use({ storageState: people.lead });

/** What the command line plans for the same workbook. */
function planned(...options: string[]): { cost: number; coveredAfter: number; add: { tool: string }[] } {
  const book = 'database/demo/tarnholt-ropeway.json';
  try {
    return JSON.parse(
      execFileSync('bin/gondrik', ['plan', book, '--format', 'json', ...options], { encoding: 'utf8' }),
    );
  } catch (error) {
    return JSON.parse((error as { stdout: string }).stdout);
  }
}

const box = '/plan?kit=apprentice-box&scopes=boards,cabin-lighting';

test('from the holes to a buying list, as the command line plans it', async ({ page }) => {
  const told = planned('--kit', 'apprentice-box', '--scope', 'boards', '--scope', 'cabin-lighting');
  await page.goto(box);
  await expect(page.getByText(`Closes all 6 holes for €${(told.cost / 100).toFixed(2)}`)).toBeVisible();
  const moves = page.getByRole('region', { name: 'What to do' });
  await expect(moves.getByText('Leave out')).toHaveCount(told.add.length);
  await expect(page.getByRole('region', { name: 'Why this' })).toContainText('Proven');
  const list = page.getByRole('region', { name: 'Buying list' });
  await expect(list.getByRole('row')).toHaveCount(told.add.length + 1);
  const file = page.waitForEvent('download');
  await list.getByRole('link', { name: 'As CSV' }).click();
  expect((await file).suggestedFilename()).toBe('buying-list-apprentice-box.csv');
  const found = await new AxeBuilder({ page }).analyze();
  expect(found.violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
});

test('a tool is left out or held fast, and the plan answers; the address has it', async ({ page }) => {
  await page.goto(box);
  const moves = page.getByRole('region', { name: 'What to do' });
  const ferrule = moves.getByRole('listitem').filter({ hasText: 'Ferrule plier' });
  await ferrule.getByRole('button', { name: 'Leave out' }).click();
  await expect(page).toHaveURL(/without=ferrule-small/);
  const without = planned(
    '--kit',
    'apprentice-box',
    '--scope',
    'boards',
    '--scope',
    'cabin-lighting',
    '--without',
    'ferrule-small',
  );
  await expect(page.getByText(`for €${(without.cost / 100).toFixed(2)}`)).toBeVisible();
  await moves.getByRole('button', { name: 'Allow again' }).click();
  await ferrule.getByRole('button', { name: 'Hold fast' }).click();
  await expect(page).toHaveURL(/with=ferrule-small/);
  await expect(ferrule.getByRole('button', { name: 'Held fast' })).toHaveAttribute('aria-pressed', 'true');
  await page.goBack();
  await expect(page).not.toHaveURL(/with=/);
});

test('the budget is moved along the curve by keys', async ({ page }) => {
  await page.goto(box);
  const budget = page.getByRole('slider', { name: 'Budget' });
  await budget.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page).toHaveURL(/budget=19300/);
  const less = planned(
    '--kit',
    'apprentice-box',
    '--scope',
    'boards',
    '--scope',
    'cabin-lighting',
    '--budget',
    '19300',
  );
  await expect(page.getByText(`${less.coveredAfter} with this plan`)).toBeVisible();
  await budget.focus();
  await page.keyboard.press('End');
  await expect(page).not.toHaveURL(/budget/);
});

test('Cover shows the kit as the plan makes it, and the way back', async ({ page }) => {
  await page.goto('/plan?kit=pylon-backpack&scopes=tower-7');
  await page.getByRole('link', { name: 'See it on Cover' }).click();
  const note = page.getByRole('group', { name: 'As if' });
  await expect(note.getByRole('status')).toHaveText(/^▴ closes 5 lines \(76\)$/);
  await expect(page.getByText('No hole')).toBeVisible();
  await expect(page.getByRole('row', { name: /Ferrule 1.5 mm²/ }).getByText('closed')).toBeVisible();
  await note.getByRole('button', { name: 'As it is' }).click();
  await expect(page.getByText('2 holes: 76 of 172 terminations cannot be made')).toBeVisible();
});

test('a tool is taken out on Cover as if it were not there, and the hole leads to its plan', async ({
  page,
}) => {
  await page.goto('/cover?kit=pylon-backpack&scope=tower-7&line=winch-35&step=2');
  const panel = page.getByRole('complementary', { name: 'Why' });
  await expect(panel.getByRole('heading', { name: /Lug crimper, hexagon/ })).toBeVisible();
  await panel.getByRole('button', { name: 'As if it were not in the kit' }).click();
  await expect(page).toHaveURL(/without=hex-lug/);
  await expect(page.getByRole('group', { name: 'As if' })).toContainText('− Lug crimper');
  await expect(panel).toContainText('Nothing in this kit does it');
  await panel.getByRole('button', { name: 'Plan what to do about it' }).click();
  await expect(page).toHaveURL(/plan\?kit=pylon-backpack&scopes=tower-7/);
});

test('a plan is accepted, ticked off as it arrives, and closes the hole on Cover', async ({ page }) => {
  await page.goto('/plan?kit=pylon-backpack&scopes=tower-7');
  await page.getByRole('button', { name: 'Accept this plan' }).click();
  const accepted = page.getByRole('region', { name: 'Accepted' });
  await expect(accepted).toContainText('0 of 4 things arrived');
  await page.goto('/cover?kit=pylon-backpack&scope=tower-7');
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.goto('/plan?kit=pylon-backpack&scopes=tower-7');
  const ticks = accepted.getByRole('checkbox');
  for (let at = 0; at < 4; at++) {
    await ticks.nth(at).check();
    await expect(accepted).toContainText(`${at + 1} of 4 things arrived`);
  }
  await expect(accepted.getByRole('button', { name: 'Take back' })).toHaveCount(0);
  await page.goto('/cover?kit=pylon-backpack&scope=tower-7');
  await expect(page.getByText('No hole')).toBeVisible();
  // As it was, for those who come after.
  await page.goto('/plan?kit=pylon-backpack&scopes=tower-7');
  for (let at = 0; at < 4; at++) {
    await ticks.nth(at).uncheck();
    await expect(accepted).toContainText(`${3 - at} of 4 things arrived`);
  }
  await accepted.getByRole('button', { name: 'Take back' }).click();
  await expect(accepted).toHaveCount(0);
});

test('another terminal is planned with, written into the work, and taken back', async ({ page }) => {
  // A line is called by what it makes.
  const plan = page.getByRole('button', { name: /^Plan 20 AWG cabin wire → Push-on, open barrel/ });
  await page.goto(box);
  await page.getByText(/Another terminal would do/).click();
  await plan.click();
  await expect(page).toHaveURL(/swap=boards/);
  await expect(
    page.getByText(/20\sAWG cabin wire → Push-on, red, .* is planned so in this plan only/),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Accept this plan' })).toBeDisabled();
  await page.getByRole('button', { name: 'As it stands in the work' }).click();
  await page.getByRole('button', { name: /^Write Push-on, red, 6.3 mm into 20 AWG cabin wire/ }).click();
  await expect(
    page.getByText(/^20 AWG cabin wire → Push-on, open barrel, .*: Push-on, red, 6.3 mm/),
  ).toBeVisible();
  await expect(plan).toHaveCount(0);
  await page.locator('.done').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Taken back')).toBeVisible();
  await expect(plan).toBeAttached();
});

test('two plans stand side by side, and the list is printed', async ({ page }) => {
  await page.goto(box);
  await page.getByRole('button', { name: 'Keep it beside' }).click();
  await page.getByText('For whom, and what wants a second').click();
  await page.getByRole('checkbox', { name: 'crimp' }).check();
  const beside = page.getByRole('region', { name: 'Two plans side by side' });
  await expect(beside.getByRole('row', { name: /^asked/ })).toContainText('backup for crimp');
  await expect(page.getByText('a second one, as a backup').first()).toBeVisible();
  await beside.getByRole('button', { name: 'Go on with the other' }).click();
  await expect(page).not.toHaveURL(/[?&]backups=/);
  await beside.getByRole('button', { name: 'Put the other away' }).click();
  await expect(beside).toHaveCount(0);
  const href = (await page.getByRole('link', { name: 'As PDF' }).getAttribute('href')) ?? '';
  const type = await page.evaluate(async (of) => (await fetch(of)).headers.get('content-type'), href);
  expect(type).toBe('application/pdf');
});
