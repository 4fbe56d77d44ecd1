import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { choose } from './page';
import { people } from './people';

const ROWS = 300;
const BAD = 12;

/** A parts list of three hundred rows, every twenty-fifth of which has no number that is one. */
function partsList(): string {
  const rows = Array.from({ length: ROWS }, (_, at) => {
    const isBad = at % 25 === 7;
    return [isBad ? 'a few' : String(at + 1), '12', 'hook-up', 'ring yellow M6', `row ${at + 1}`].join('\t');
  });
  return ['Stk.\tGauge (AWG)\tWire\tTerminal\tRemarks', ...rows].join('\r\n');
}

test.use({ storageState: people.lead });

test('three hundred rows are pasted, twelve of them bad: the good ones are taken, the rest is mended', async ({
  page,
}) => {
  await page.goto('/work?kit=pylon-backpack&scope=tower-7');
  await choose(page, 'Do with the scope', 'New scope …');
  await page.getByLabel('Name').fill('Pasted');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/scope=pasted/);
  await page.getByRole('link', { name: 'Bring a table' }).click();
  await page.getByLabel('Paste a table here').evaluate((element, text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    element.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, partsList());
  // "Stk." is a word of this shop alone: nothing is guessed of it until somebody says what it is.
  await expect(page.getByText(`${ROWS} rows of pasted table are good for ${ROWS} lines.`)).toBeVisible();
  await page.getByLabel('Stk.').selectOption('how many');
  await expect(page.getByText(`${BAD} rows cannot be read yet`)).toBeVisible();
  await page.getByRole('button', { name: 'Show what is wrong' }).click();
  const grid = page.getByRole('grid', { name: 'Rows of the table' });
  await expect(grid).toHaveAttribute('aria-rowcount', String(BAD + 1));
  await expect(grid).toContainText('“a few” wants a whole number from 1 to 1000000');
  await page.getByRole('button', { name: `Take ${ROWS - BAD} lines` }).click();
  await expect(page.getByText(`Taken: ${ROWS - BAD} lines of pasted table`)).toBeVisible();
  await expect(page.getByText(`${BAD} rows cannot be read yet`)).toBeVisible();

  // A page that was closed offers the rest again.
  await page.reload();
  await expect(page.getByText(`${BAD} rows cannot be read yet`)).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download the rest' }).click(),
  ]);
  const rest = readFileSync(await download.path(), 'utf8')
    .trim()
    .split('\n');
  expect(rest).toHaveLength(BAD + 1);
  expect(rest[1]).toContain('a few: a whole number from 1 to 1000000');

  // One is mended where it stands, and taken too.
  await page.locator('[data-column="1"][data-cell]').first().dblclick();
  await page.getByRole('textbox', { name: 'Stk.' }).fill('8');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Take 1 line', exact: true }).click();
  await expect(page.getByText('Taken: 1 line of pasted table')).toBeVisible();
  await expect(page.getByText(`${BAD - 1} rows cannot be read yet`)).toBeVisible();
  await page.getByRole('button', { name: 'Let it go' }).click();

  await page.getByRole('link', { name: 'Back to the lines' }).click();
  await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', String(ROWS - BAD + 2));
  // Both takings are one step each.
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', String(ROWS - BAD + 1));
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(page.getByText('The scope has no lines yet').first()).toBeVisible();
  await choose(page, 'Do with the scope', 'Name, rules, note …');
  await page.getByRole('button', { name: 'Take the scope away' }).click();
  await expect(page.getByText('Taken away: Pasted')).toBeVisible();
});

test('a wire list becomes lines of both ends, and what it lacks is proposed', async ({ page }) => {
  await page.goto('/work/table?kit=pylon-backpack&scope=tower-7');
  await page.getByLabel('A table', { exact: true }).setInputFiles({
    name: 'wires.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      [
        'Wire no.;From;To;Wire;Color;Terminal from;Terminal to',
        'W1;X1:1;M1;12 AWG hook-up;RD;ring yellow M6;ring yellow M6',
        'W2;X1:2;M2;12 AWG hook-up;BK;ring yellow M6;',
        'W3;X1:3;M3;16 AWG hook-up;BK;TE-4711;ring blue M5',
      ].join('\n'),
    ),
  });
  await expect(page.getByText('2 rows of wires.csv are good for 1 line')).toBeVisible();
  await expect(page.getByRole('region', { name: 'A terminal that is missing' })).toContainText('TE-4711');
  await page.getByRole('button', { name: 'Let it go' }).click();
  await expect(page.getByText('Drop a parts list or a wire list here')).toBeVisible();
});
