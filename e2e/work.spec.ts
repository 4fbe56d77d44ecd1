import { expect, test, type Locator, type Page } from '@playwright/test';
import { choose } from './page';
import { people, signIn } from './people';

const undo = (page: Page) => page.locator('.done').getByRole('button', { name: 'Undo' }).click();
/** As a spreadsheet puts it there. */
const paste = (onto: Locator, text: string) =>
  onto.evaluate((element, words) => {
    const data = new DataTransfer();
    data.setData('text/plain', words);
    const target = element.contains(document.activeElement) ? document.activeElement : element;
    target?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, text);
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
    await undo(page);
    await expect(page.getByText(/^Taken back: Added: 7 ×/)).toBeVisible();
    await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', String(before));
  });

  test('is asked where it could be two, and nothing is guessed', async ({ page }) => {
    await page.goto(work);
    await page.getByLabel(field).fill('6x 16 AWG hook-up > ring M4, blorp');
    await expect(page.getByText('Which ring M4?')).toBeVisible();
    await page.getByRole('button', { name: 'Ring, red, M4' }).click();
    await expect(page.getByLabel(field)).toHaveValue('6x 16 AWG hook-up > Ring, red, M4, blorp');
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
    await page
      .getByRole('combobox', { name: 'Scope', exact: true })
      .selectOption('Valley station: control panels');
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
    // As in a sheet, one goes on below.
    await expect(page.locator('[data-cell="heat-25/quantity"]')).toBeFocused();
    await undo(page);
    await expect(cell).toHaveText('36');
    // What is no count is told with what was typed, and left as it was. A number starts to write by itself.
    await cell.focus();
    await page.keyboard.type('4x4');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert')).toContainText(
      'heat-15, quantity: “4x4” is refused, it wants a whole number',
    );
    await expect(cell).toHaveText('36');
    await page.getByRole('alert').getByRole('button', { name: 'Dismiss' }).click();
  });

  test('takes lines out with Delete, and puts them back where they stood', async ({ page }) => {
    await page.goto(work);
    const grid = page.getByRole('grid');
    await page.locator('[data-cell="heat-25/wire"]').focus();
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Delete');
    await expect(page.getByText('Taken out: 2 lines')).toBeVisible();
    await expect(grid).toHaveAttribute('aria-rowcount', '13');
    await undo(page);
    await expect(grid).toHaveAttribute('aria-rowcount', '15');
    await expect(page.locator('[data-row="heat-25"]')).toHaveAttribute('aria-rowindex', '3');
    await expect(page.locator('[data-row="feeder-4"]')).toHaveAttribute('aria-rowindex', '4');
  });

  test('is edited by keys like a sheet: words, fill down, copy, move, and every step back and forth', async ({
    page,
  }) => {
    await page.goto(work);
    const cell = (line: string, column: string) => page.locator(`[data-cell="${line}/${column}"]`);
    const row = (line: string) => page.locator(`[data-row="${line}"]`);
    await cell('heat-15', 'terminal').focus();
    await page.keyboard.press('F2');
    await page.getByRole('combobox', { name: 'Terminal' }).fill('ferrule 2.5');
    await page.keyboard.press('Tab');
    await expect(cell('heat-15', 'terminal')).toHaveText('Ferrule 2.5 mm²');
    await expect(cell('heat-15', 'quantity')).toBeFocused();
    // What was written is judged at once: the wire is too thin for it.
    await expect(row('heat-15')).toContainText(/2\.5 mm²/);
    // The topmost of the marked cells for those below.
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Control+d');
    await expect(cell('heat-25', 'quantity')).toHaveText('36');
    // A column that no line says yet, written and emptied.
    await choose(page, 'Add a column', 'Clamp');
    await cell('heat-15', 'clamp').focus();
    await page.keyboard.type('round');
    await page.keyboard.press('Enter');
    await expect(cell('heat-15', 'clamp')).toHaveText('round');
    await cell('heat-15', 'clamp').focus();
    await page.keyboard.press('Delete');
    await expect(cell('heat-15', 'clamp')).toHaveText('');
    // Down by one, and a copy below.
    await cell('heat-15', 'wire').focus();
    await page.keyboard.press('Alt+ArrowDown');
    await expect(row('heat-15')).toHaveAttribute('aria-rowindex', '3');
    await page.keyboard.press('Alt+Shift+ArrowDown');
    await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '16');
    // All six steps back, by key, and one forth.
    const steps = ['Copied', 'Moved', 'Written', 'Written', 'Written', 'Written'];
    for (const step of steps) {
      await page.keyboard.press('Control+z');
      await expect(page.getByText(new RegExp(`^Taken back: ${step}`))).toBeVisible();
      await page.waitForTimeout(300);
    }
    await expect(cell('heat-15', 'terminal')).toHaveText('Ferrule 1.5 mm²');
    await expect(cell('heat-25', 'quantity')).toHaveText('24');
    await expect(row('heat-15')).toHaveAttribute('aria-rowindex', '2');
    await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '15');
    await page.keyboard.press('Control+y');
    await expect(cell('heat-15', 'terminal')).toHaveText('Ferrule 2.5 mm²');
    await page.keyboard.press('Control+z');
    await expect(cell('heat-15', 'terminal')).toHaveText('Ferrule 1.5 mm²');
  });

  test('takes a range of a spreadsheet, and lines are dragged by their handle', async ({ page }) => {
    await page.goto(work);
    const cell = (line: string, column: string) => page.locator(`[data-cell="${line}/${column}"]`);
    await cell('heat-15', 'quantity').focus();
    await paste(page.getByRole('grid'), '5\n6\n7');
    await expect(cell('feeder-4', 'quantity')).toHaveText('7');
    await expect(page.getByText('Written: 3 lines')).toBeVisible();
    await undo(page);
    await expect(cell('feeder-4', 'quantity')).toHaveText('10');
    const handle = page.locator('[data-row="heat-15"] [data-handle]');
    const goal = await page.locator('[data-row="feeder-4"]').boundingBox();
    await handle.hover();
    await page.mouse.down();
    await page.mouse.move((goal?.x ?? 0) + 30, (goal?.y ?? 0) + 30, { steps: 5 });
    await page.mouse.up();
    await expect(page.locator('[data-row="heat-15"]')).toHaveAttribute('aria-rowindex', '4');
    await undo(page);
    await expect(page.locator('[data-row="heat-15"]')).toHaveAttribute('aria-rowindex', '2');
  });

  test('two on one line: the second sees both, with who and when, and takes either or both', async ({
    page,
    context,
  }) => {
    await page.goto(work);
    const other = await context.newPage();
    // This page does not hear of others.
    await other.route('**/api/v1/version', (route) => route.abort());
    await other.goto(work);
    const write = async (who: typeof page, count: string) => {
      const cell = who.locator('[data-cell="feeder-4/quantity"]');
      await cell.dblclick();
      await who.getByRole('textbox', { name: 'Count' }).fill(count);
      await who.keyboard.press('Enter');
      return cell;
    };
    await expect(other.locator('[data-cell="feeder-4/quantity"]')).toHaveText('10');
    await expect(await write(page, '12')).toHaveText('12');
    const theirs = await write(other, '20');
    const conflict = other.getByRole('alert', { name: 'Two wrote on one line' });
    await expect(conflict).toContainText('Ivo Marell changed it at');
    await expect(conflict.getByRole('row', { name: 'Count 20 12' })).toBeVisible();
    await conflict.getByRole('button', { name: 'Write mine over it' }).click();
    await expect(theirs).toHaveText('20');
    // The first hears of it within seconds, without a word.
    await expect(page.locator('[data-cell="feeder-4/quantity"]')).toHaveText('20');
    await expect(await write(page, '21')).toHaveText('21');
    await write(other, '30');
    await conflict.getByRole('button', { name: 'Keep both' }).click();
    await expect(other.getByRole('grid')).toHaveAttribute('aria-rowcount', '16');
    await expect(other.locator('[data-row]').filter({ hasText: '5 × 4 mm²' })).toHaveCount(2);
    await undo(other);
    await expect(other.getByRole('grid')).toHaveAttribute('aria-rowcount', '15');
    await expect(theirs).toHaveText('21');
    // Back to how it was.
    await expect(await write(other, '10')).toHaveText('10');
    await other.close();
  });

  test('a session that ends in mid-edit costs nothing that was typed', async ({ page, context }) => {
    await page.goto(work);
    const cell = page.locator('[data-cell="heat-15/quantity"]');
    await cell.dblclick();
    await page.getByRole('textbox', { name: 'Count' }).fill('41');
    const cookies = await context.cookies();
    await context.clearCookies();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Your session has ended' })).toBeVisible();
    await signIn(page, 'lead');
    await expect(page.getByRole('alert').filter({ hasText: 'Not written.' })).toBeVisible();
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(cell).toHaveText('41');
    await undo(page);
    await expect(cell).toHaveText('36');
    await context.clearCookies();
    await context.addCookies(cookies);
  });

  test('what never came to the server is offered again when the page is opened', async ({ page }) => {
    await page.goto(work);
    const sent = page.waitForRequest('**/api/v1/scopes/tower-7/changes');
    await page.route('**/api/v1/scopes/tower-7/changes', () => undefined, { times: 1 });
    const cell = page.locator('[data-cell="heat-15/quantity"]');
    await cell.dblclick();
    await page.getByRole('textbox', { name: 'Count' }).fill('42');
    await page.keyboard.press('Enter');
    await sent;
    await page.reload();
    await expect(page.getByRole('alert')).toContainText('It was not written before the page was left');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(cell).toHaveText('42');
    await undo(page);
    await expect(cell).toHaveText('36');
  });

  test('writes one bench from nothing by keyboard, is told three mistakes, and puts it away', async ({
    page,
  }) => {
    await page.goto(work);
    await choose(page, 'Do with the scope', 'New scope …');
    await page.getByLabel('Name').fill('Bench by the window');
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/scope=bench-by-the-window/);
    await expect(page.getByText('The scope has no lines yet').first()).toBeVisible();
    await page.keyboard.press('n');
    await expect(page.getByLabel(field)).toBeFocused();
    const lines = [
      '14 × 12 AWG hook-up → ring yellow M6',
      '8 16 AWG hook-up into ring blue',
      '120 ferrules 1.5 on panel wire 1.5',
      // The place is wet, the wire too thin, the stud another.
      '3 × 12 AWG hook-up → ring yellow M6, wet',
      '2 × 16 AWG hook-up → ring yellow M6',
      '4 × 12 AWG hook-up → ring yellow M6, M8',
    ];
    for (const [index, line] of lines.entries()) {
      await page.keyboard.type(line);
      await expect(page.getByLabel('What was read')).toBeVisible();
      await page.keyboard.press('Enter');
      const question = page.locator('.question button').first();
      await expect(page.getByRole('grid').or(question)).toBeVisible();
      if (await question.isVisible()) {
        await question.click();
        await page.getByLabel(field).press('Enter');
      }
      await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', String(index + 2));
      await expect(page.getByLabel(field)).toHaveValue('');
    }
    await expect(page.locator('.row.open')).not.toHaveCount(0);
    await expect(page.getByRole('grid')).toContainText('A wet place wants heat-shrink');
    await expect(page.getByRole('grid')).toContainText('16 AWG is too thin for the terminal');
    await expect(page.getByRole('grid')).toContainText('The hole is for M6, the stud is M8');
    await choose(page, 'Do with the scope', 'Name, rules, note …');
    await page.getByLabel('Days that the quantities').fill('5');
    const sheet = page.getByRole('dialog');
    await sheet.getByText('Solder, heat and sleeves').click();
    await sheet.getByRole('button', { name: 'Otherwise: Must a termination in a wet place' }).click();
    await sheet.getByRole('radio', { name: 'No', exact: true }).check();
    await page.getByRole('button', { name: 'Write', exact: true }).click();
    await expect(page.getByText('Written: Bench by the window')).toBeVisible();
    await expect(page.getByRole('grid')).not.toContainText('A wet place wants heat-shrink');
    await choose(page, 'Do with the scope', 'Name, rules, note …');
    await page.getByRole('button', { name: 'Take the scope away' }).click();
    await expect(page.getByText('Taken away: Bench by the window')).toBeVisible();
    await undo(page);
    await expect(page.getByText('Taken back: Taken away: Bench by the window')).toBeVisible();
    await page.goto('/work?kit=pylon-backpack&scope=bench-by-the-window');
    await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '7');
    await choose(page, 'Do with the scope', 'Name, rules, note …');
    await page.getByRole('button', { name: 'Take the scope away' }).click();
    await expect(page.getByText('Taken away: Bench by the window')).toBeVisible();
  });

  test('a wire that is missing is made where it is missed', async ({ page }) => {
    await page.goto(work);
    await page.getByLabel(field).fill('4 × bell wire 16 AWG pvc → ring blue M5');
    const make = page.getByRole('region', { name: 'A wire that is missing' });
    await expect(make).toContainText('Still open: construction.');
    await make.getByLabel('Construction').selectOption('stranded');
    await make.getByRole('button', { name: 'Make this wire' }).click();
    await expect(page.getByText('Made: bell wire 16 AWG pvc')).toBeVisible();
    await expect(make).toHaveCount(0);
    await expect(page.getByLabel('What was read')).toContainText('bell wire 16 AWG pvc');
    await undo(page);
    await expect(make).toBeVisible();
    await page.getByLabel(field).fill('');
  });

  test('work is looked at with no kit in hand, and a line says all it carries', async ({ page }) => {
    await page.goto(work);
    await page.getByRole('combobox', { name: 'Kit in hand' }).selectOption('No kit in hand');
    await expect(page.getByText('172 terminations, not judged: no kit in hand')).toBeVisible();
    await page.locator('[data-cell="heat-15/verdict"]').click();
    const panel = page.getByRole('complementary', { name: 'Why' });
    await expect(panel).toContainText('With a kit in hand');
    await expect(panel.getByLabel('Torque')).toHaveValue('0.8 N·m');
    await panel.getByLabel('Torque').fill('9 lbf·in');
    await panel.getByLabel('Torque').press('Enter');
    await expect(panel.getByLabel('Torque')).toHaveValue('9 lbf·in');
    await expect(page.locator('[data-cell="heat-15/torque"]')).toHaveText('9 lbf·in');
    await panel.getByRole('button', { name: 'A step by hand' }).click();
    await panel.getByLabel('Which step').selectOption('pull test');
    await panel.getByLabel('Why').last().fill('asked for by the inspector');
    await panel.getByRole('button', { name: 'Write' }).click();
    await expect(panel).toContainText('pull test, asked for by the inspector');
    await expect(panel).toContainText('Changed by Ivo Marell');
    await undo(page);
    await page.keyboard.press('Escape');
    await page
      .locator('h1')
      .focus()
      .catch(() => undefined);
    await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
    await expect(page.locator('[data-cell="heat-15/torque"]')).toHaveText('0.8 N·m');
  });

  test('what was done stands in the history, and is taken back from there', async ({ page }) => {
    await page.goto(work);
    const cell = page.locator('[data-cell="heat-15/quantity"]');
    await cell.dblclick();
    await page.getByRole('textbox', { name: 'Count' }).fill('37');
    await page.keyboard.press('Enter');
    await expect(cell).toHaveText('37');
    await page.goto('/shop/history?about=lines/tower-7/heat-15');
    const first = page.getByRole('listitem').first();
    await expect(first).toContainText('Ivo Marell');
    await first
      .getByText(
        'Changed: line “3 × 1.5 mm² heating cable, low-smoke → Ferrule 1.5 mm²” of “Tower 7: heating and rescue winch”',
      )
      .click();
    await expect(first).toContainText(/quantity:\s*36\s*37/);
    await first.getByRole('button', { name: 'Take back' }).click();
    await expect(page.getByText(/^Taken back: Changed/)).toBeVisible();
    await page.goto(work);
    await expect(cell).toHaveText('36');
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
    await page.route('**/api/v1/scopes/tower-7/changes', (route) =>
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
    await expect(page.getByRole('alert')).toContainText('Not written: “3 × 16 AWG hook-up → ring blue”.');
    await page.reload();
    await page.getByRole('button', { name: 'Mend it' }).click();
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
