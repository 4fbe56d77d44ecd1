import { execFileSync } from 'node:child_process';
import { test } from '@playwright/test';
import { tower } from './people';

const folder = 'docs/screenshots';

test('pictures of the main views', async ({ page }) => {
  const shoot = async (name: string) => {
    await page.waitForLoadState('networkidle');
    await page.mouse.move(0, 0);
    await page.waitForTimeout(400);
    await page.screenshot({ path: `${folder}/${name}.png` });
  };
  await page.goto('/');
  await page.getByRole('button', { name: 'Ivo Marell' }).waitFor();
  await page.getByRole('button', { name: 'Ivo Marell' }).click();
  await page.getByRole('heading', { name: 'Today', exact: true }).waitFor();

  await page.goto('/cover/all');
  await page.getByRole('link', { name: /^Pylon backpack, Tower 7/ }).waitFor();
  await shoot('all-kits');

  await page.goto(tower);
  await shoot('cover');

  await page.goto('/plan?kit=pylon-backpack&scopes=tower-7,masts&mass=11000');
  await page.getByRole('slider', { name: 'Budget' }).waitFor();
  await shoot('plan');

  await page.goto('/work?kit=pylon-backpack&scope=tower-7');
  await page.getByLabel('A line of work').fill('6x 16 AWG hook-up > ring M4, -5 °C, blorp');
  await page.getByText('Which ring M4?').waitFor();
  await shoot('work');
  await page.getByLabel('A line of work').fill('');

  await page.goto('/work/table?kit=pylon-backpack&scope=tower-7');
  const rows = [
    ['Qty', 'Gauge (AWG)', 'Wire', 'Terminal', 'Torque [lbf·in]', 'Wet', 'Remarks'],
    ['14', '12', 'hook-up', 'ring yellow M6', '22', '', 'drive frame'],
    ['8', '16', 'hook-up', 'ring blue M5', '', 'yes', 'lamp bracket'],
    ['a few', '16', 'hook-up', 'ring blue M5', '', '', ''],
    ['6', '18', 'hook-up', 'ring', '', '', 'door switch'],
    ['4', '10', 'mast lead', 'ring yellow M6', '', '', ''],
  ];
  await page.getByLabel('A table', { exact: true }).setInputFiles({
    name: 'drive-frame.tsv',
    mimeType: 'text/tab-separated-values',
    buffer: Buffer.from(rows.map((cells) => cells.join('\t')).join('\n')),
  });
  await page.getByText('3 rows cannot be read yet').waitFor();
  await shoot('work-table');
  await page.getByRole('button', { name: 'Let it go' }).click();
  // Something that was done, and taken back.
  await page.goto('/work?kit=pylon-backpack&scope=tower-7');
  await page.locator('[data-cell="feeder-4/quantity"]').dblclick();
  await page.getByRole('textbox', { name: 'Count' }).fill('12');
  await page.keyboard.press('Enter');
  await page.getByText('Written: 1 line').waitFor();
  await page.locator('.done').getByRole('button', { name: 'Undo' }).click();
  await page.getByText('Taken back').waitFor();
  for (const [name, address, seen] of [
    ['crib-tool-nests', '/crib/tools/roll-fine', /^Makes \d/],
    ['train', '/train?away=rike-almsted', /^crimping lugs/],
    ['timetable', '/train/classes/first-day?at=09:20', /saved/],
    ['now-next', '/train/classes/first-day?see=now&at=08:40', /Jaro Fint/],
    [
      'as-if',
      `${tower}&asif=1&with=press-frame,press-dies-mm2&swap=tower-7/drive-18:ring-red-m5&rules=${encodeURIComponent('{"makeshiftCounts":true}')}`,
      /closes 2 lines/,
    ],
    [
      'house-rules',
      `/shop/rules?rules=${encodeURIComponent('{"preset":"marine","hammerLugs":"accept"}')}`,
      /would stand otherwise/,
    ],
    [
      'supplies',
      '/supplies?scopes=cabin-lighting&times=cabin-lighting:12&weeks=3',
      /less than small packs alone/,
    ],
    ['today', '/today', /^What comes next/],
    ['crib-wall', '/crib/wall?thing=CR-03', /^What has happened/],
    ['bench-card', '/bench?kit=pylon-backpack&scope=tower-7&line=drive-12', /This kit makes it/],
    ['tables', '/tables/outside-checks', /GNU units/],
  ] as const) {
    await page.goto(address);
    await page.getByText(seen).first().waitFor();
    await shoot(name);
  }

  // A pull on the simulated gauge, of which nothing is written down.
  await page.goto('/crib/wall?thing=CR-01');
  await page.getByText('Pull some, and write it down').click();
  await page.getByRole('button', { name: /Read them from the gauge/ }).click();
  await page.getByText('How did it give way?').waitFor();
  await shoot('pull-live');

  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto(tower);
  await page.getByRole('slider', { name: 'Day in the year from today on' }).focus();
  await page.keyboard.press('PageUp');
  await page.getByText('102 of 172').waitFor();
  await shoot('cover-day-dark');
  await page.emulateMedia({ colorScheme: 'light' });

  // The sheet that a lead hangs up, as it comes out of the printer.
  const sheet = await page.evaluate(async () => {
    const answer = await fetch('/api/v1/coverage.pdf?kit=pylon-backpack&scope=tower-7');
    return [...new Uint8Array(await answer.arrayBuffer())];
  });
  execFileSync('pdftoppm', ['-png', '-r', '80', '-singlefile', '-', `${folder}/cover-sheet`], {
    input: Buffer.from(sheet),
  });
});
