import { expect, test } from '@playwright/test';
import { people } from './people';

const work = '/work?kit=pylon-backpack&scope=tower-7';
const field = 'A line of work';

test.describe('the lead', () => {
  test.use({ storageState: people.lead });

  test('writes a line by keyboard alone, sees it judged before it is there, and takes it back', async ({
    page,
  }) => {
    await page.goto('/crib');
    await expect(page.getByRole('grid')).toBeVisible();
    await page.keyboard.press('g');
    await page.keyboard.press('w');
    await expect(page.getByLabel(field)).toBeVisible();
    await page.goto(work);
    await expect(page.getByText('2 holes')).toBeVisible();
    const before = await page.getByRole('grid').getAttribute('aria-rowcount');
    await page.keyboard.press('n');
    await expect(page.getByLabel(field)).toBeFocused();
    await page.keyboard.type('7 × 12 AWG hook-up → ring yellow M6, wet');
    const read = page.getByLabel('What was read');
    await expect(read).toContainText('12 AWG hook-up, imported drive');
    await expect(read).toContainText('Ring, yellow, M6');
    await expect(
      page.getByText('A wet place wants heat-shrink, a sealed terminal or a lined sleeve.'),
    ).toBeVisible();
    await page.keyboard.type(', lined sleeve');
    await expect(page.getByText('A wet place wants')).toHaveCount(0);
    await page.keyboard.press('Enter');
    await expect(
      page.getByText('Added: 7 × Ring, yellow, M6 on 12 AWG hook-up, imported drive'),
    ).toBeVisible();
    await expect(page.getByLabel(field)).toHaveValue('');
    await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', String(Number(before) + 1));
    await expect(page.locator('.row.lit')).toBeInViewport();
    await expect(page.locator('.row.lit')).toContainText('Ring, yellow, M6');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText(/^Taken back: Added: 7 ×/)).toBeVisible();
    await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', String(before));
  });

  test('is asked where it could be two, and nothing is guessed', async ({ page }) => {
    await page.goto(work);
    await page.getByLabel(field).fill('6x 2/0 winch feeder > lug M10, blorp');
    await expect(page.getByText('Which lug M10?')).toBeVisible();
    await page.getByRole('button', { name: 'Lug 2/0 AWG, M10' }).click();
    await expect(page.getByLabel(field)).toHaveValue('6x 2/0 winch feeder > lug-2-0-m10, blorp');
    await expect(page.getByText('not understood')).toBeVisible();
    await page.getByLabel(field).press('Enter');
    await expect(page.getByRole('alert')).toContainText('Not understood: “blorp”');
    await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '15');
  });

  test('nothing that was typed is lost with the page', async ({ page }) => {
    await page.goto(work);
    await page.getByLabel(field).fill('3 × 16 AWG hook-up → ring');
    await page.reload();
    await expect(page.getByLabel(field)).toHaveValue('3 × 16 AWG hook-up → ring');
    await page.getByRole('combobox', { name: 'Scope' }).selectOption('Valley station: control panels');
    await expect(page.getByLabel(field)).toHaveValue('');
  });

  test('writes how many of a line in its place, and takes that back', async ({ page }) => {
    await page.goto(work);
    const cell = page.locator('[data-cell="heat-15/quantity"]');
    await expect(cell).toHaveText('36');
    await cell.dblclick();
    await page.getByRole('textbox', { name: 'Count' }).fill('40');
    await page.keyboard.press('Enter');
    await expect(cell).toHaveText('40');
    await expect(page.getByText('2 holes: 80 of 176 terminations cannot be made')).toBeVisible();
    await expect(cell).toBeFocused();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(cell).toHaveText('36');
    // What is no count is left as it was.
    await cell.focus();
    await page.keyboard.press('Enter');
    await page.getByRole('textbox', { name: 'Count' }).fill('many');
    await page.keyboard.press('Enter');
    await expect(cell).toHaveText('36');
  });

  test('takes lines out with Delete, and puts them back where they stood', async ({ page }) => {
    await page.goto(work);
    const grid = page.getByRole('grid');
    await page.locator('[data-cell="heat-25/line"]').focus();
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Delete');
    await expect(page.getByText('Taken out: 2 lines')).toBeVisible();
    await expect(grid).toHaveAttribute('aria-rowcount', '13');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(grid).toHaveAttribute('aria-rowcount', '15');
    await expect(page.locator('[data-row="heat-25"]')).toHaveAttribute('aria-rowindex', '3');
    await expect(page.locator('[data-row="feeder-4"]')).toHaveAttribute('aria-rowindex', '4');
  });

  test('two on one line: the second sees both, and decides', async ({ page, context }) => {
    await page.goto(work);
    const other = await context.newPage();
    await other.goto(work);
    const write = async (who: typeof page, count: string) => {
      const cell = who.locator('[data-cell="feeder-4/quantity"]');
      await cell.dblclick();
      await who.getByRole('textbox', { name: 'Count' }).fill(count);
      await who.keyboard.press('Enter');
      return cell;
    };
    await expect(page.locator('[data-cell="feeder-4/quantity"]')).toHaveText('10');
    await expect(other.locator('[data-cell="feeder-4/quantity"]')).toHaveText('10');
    await expect(await write(page, '12')).toHaveText('12');
    // The other page has not heard of it yet.
    const theirs = await write(other, '20');
    await expect(other.getByRole('alert')).toContainText('Somebody has changed this line meanwhile');
    await expect(other.getByRole('alert')).toContainText(/You wrote\s*× 20\s*It is now\s*× 12/);
    await other.getByRole('button', { name: 'Write mine over it' }).click();
    await expect(theirs).toHaveText('20');
    // Back to how it was.
    await expect(await write(other, '10')).toHaveText('10');
    await other.close();
  });

  test('finds the hole of the kit without leaving Work', async ({ page }) => {
    await page.goto(work);
    await page.getByRole('button', { name: /Crimping lug/ }).click();
    await expect(page.getByRole('complementary', { name: 'Why' })).toContainText(
      'Nothing in this kit does it',
    );
    await expect(page).toHaveURL(/\/work\?.*line=winch-50/);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('complementary', { name: 'Why' })).toBeHidden();
  });

  test('is told what was refused, and keeps what was typed', async ({ page }) => {
    await page.goto(work);
    await page.route('**/api/v1/scopes/tower-7/lines', (route) =>
      route.fulfill({
        status: 409,
        contentType: 'application/problem+json',
        body: JSON.stringify({
          type: 'urn:gondrik:problem:changed',
          title: 'Somebody has changed this meanwhile',
          status: 409,
          detail: 'Look again.',
        }),
      }),
    );
    await page.getByLabel(field).fill('3 × 16 AWG hook-up → ring blue');
    await page.getByLabel(field).press('Enter');
    await expect(page.getByRole('alert')).toContainText('Somebody has changed this meanwhile');
    await expect(page.getByLabel(field)).toHaveValue('3 × 16 AWG hook-up → ring blue');
  });
});

test.describe('a hand', () => {
  test.use({ storageState: people.hand });

  test('reads, and adds nothing', async ({ page }) => {
    await page.goto(work);
    await page.getByLabel(field).fill('3 × 16 AWG hook-up → ring blue');
    await expect(page.getByLabel('What was read')).toContainText('Ring, blue, M5');
    await expect(page.getByRole('button', { name: 'Add', exact: true })).toHaveCount(0);
    await expect(page.getByText('Adding is for the shop lead and the coordinator')).toBeVisible();
    await page.getByLabel(field).press('Enter');
    await expect(page.getByText(/^Added/)).toHaveCount(0);
  });
});
