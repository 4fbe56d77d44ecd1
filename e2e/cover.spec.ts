import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { pick, rows } from './page';
import { panel, people, tower } from './people';

test.use({ storageState: people.lead });

interface Told {
  lines: { id: string; status: string; steps: { op: string; status: string; tool: string | null }[] }[];
}

/** What the command line says of the same workbook. */
function check(kit: string, scope: string): Told {
  const book = 'database/demo/tarnholt-ropeway.json';
  try {
    return JSON.parse(
      execFileSync('bin/gondrik', ['check', book, '--kit', kit, '--scope', scope, '--format', 'json'], {
        encoding: 'utf8',
      }),
    );
  } catch (error) {
    return JSON.parse((error as { stdout: string }).stdout);
  }
}

test('the hole is found by the eye: ruler, table, why', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes: 76 of 172 terminations cannot be made')).toBeVisible();
  const ruler = page.getByRole('group', { name: /Gauge ruler/ });
  const open = ruler.getByRole('button', { name: /hole/ });
  await expect(open).toHaveCount(5);

  const drop = ruler.getByRole('button', { name: /^50 mm², 4 terminations on 1 line, hole: lug$/ });
  await drop.hover({ position: { x: 7, y: 60 } });
  const row = page.getByRole('row', { name: /Lug 50 mm²/ });
  await expect(row).toHaveClass(/lit/);

  await drop.click({ position: { x: 7, y: 60 } });
  const why = page.getByRole('complementary', { name: 'Why' });
  await expect(why).toContainText('Nothing in this kit does it');
  await expect(why).toContainText(
    'A crimper with a hexagon, indent or three-point die for lugs, 50 mm², 2/0 AWG, without mains.',
  );
  await expect(why).toContainText('Nest “35” is for 2 AWG / 35 mm², not 50 mm².');
  await expect(page).toHaveURL(/line=winch-50&step=\d/);
});

test('the lines are kept to the holes, to an operation or a class, by the address, and what is open stands first', async ({
  page,
}) => {
  await page.goto(`${tower}&order=open`);
  await expect(rows(page).first()).toContainText('Ferrule 1.5 mm²');
  await expect(rows(page).nth(3)).toContainText('Lug 50 mm²');
  await page.getByLabel('Show', { exact: true }).selectOption('holes and faulty lines');
  await expect(page.getByRole('heading', { name: '5 of 14 lines' })).toBeVisible();
  await expect(page).toHaveURL(/only=open/);
  await page.getByLabel('Show', { exact: true }).selectOption('heat shrink');
  await expect(rows(page)).toHaveCount(1);
  await page.getByLabel('Order', { exact: true }).selectOption('as in the scope');
  await page.getByLabel('Show', { exact: true }).selectOption('all');
  await expect(rows(page).nth(3)).toContainText('Ferrule 0.5 mm²');
  // In groups that open and close.
  await page.getByLabel('Order', { exact: true }).selectOption('by class of terminal');
  await expect(page).toHaveURL(/order=by-class/);
  const ferrules = page.getByRole('rowheader', { name: 'ferrule 4', exact: true });
  await expect(rows(page).filter({ hasText: 'Ferrule 1.5 mm²' })).toBeVisible();
  await ferrules.click();
  await expect(rows(page).filter({ hasText: 'Ferrule 1.5 mm²' })).toHaveCount(0);
  await expect(ferrules).toHaveAttribute('aria-expanded', 'false');
});

test('two kits side by side: what one alone makes is loud, and leads to why', async ({ page }) => {
  await page.goto(tower);
  await page.getByRole('link', { name: 'Two kits' }).click();
  await page.getByLabel('Kit B').selectOption('Cabin bench');
  await expect(page).toHaveURL(/other=cabin-bench/);
  await expect(
    page.getByText('Pylon backpack makes all that Cabin bench makes, and 22 terminations more'),
  ).toBeVisible();
  await expect(page.getByText('neither makes 76 terminations')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Lines that differ: 4 of 14' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^35 mm², .*strip A alone; lug A alone/ })).toBeVisible();
  const lug = rows(page).filter({ hasText: 'Lug 35 mm²' });
  await expect(lug).toContainText('A alone');
  await page.getByRole('button', { name: 'The other way round' }).click();
  await expect(lug).toContainText('B alone');
  await expect(page).toHaveURL(
    /kit=cabin-bench&.*other=pylon-backpack|other=pylon-backpack.*kit=cabin-bench/,
  );
  await page.goBack();
  await expect(lug).toContainText('A alone');
  await lug.getByText('No tool: cut, strip, crimp, torque').click();
  await expect(page).toHaveURL(/\/cover\?.*kit=cabin-bench/);
  await expect(page.getByRole('complementary')).toContainText('35 mm²');
});

test('pointing at a row lights its drop line', async ({ page }) => {
  await page.goto(tower);
  await page.getByRole('row', { name: /Lug 35 mm²/ }).hover();
  const drop = page.getByRole('button', { name: /^35 mm²/ });
  await expect(drop).toHaveClass(/lit/);
});

for (const [kit, scope] of [
  ['pylon-backpack', 'tower-7'],
  ['panel-bench', 'station-panel'],
  ['panel-bench', 'tower-7'],
] as const) {
  test(`the table says what the command line says: ${kit} and ${scope}`, async ({ page }) => {
    // High enough for every row: those out of sight are not there.
    await page.setViewportSize({ width: 1280, height: 2400 });
    await page.goto(`/cover?kit=${kit}&scope=${scope}`);
    const told = check(kit, scope);
    await expect(rows(page)).toHaveCount(told.lines.length);
    for (const line of told.lines) {
      await expect(page.locator(`[data-cell="${line.id}/line"] svg`)).toHaveClass(
        new RegExp(`\\b${line.status}\\b`),
      );
      const statuses: Record<string, string[]> = {};
      for (const step of line.steps) {
        const seen = (statuses[step.op] ??= []);
        if (!seen.includes(step.status)) seen.push(step.status);
      }
      for (const [op, expected] of Object.entries(statuses)) {
        const marks = await page
          .locator(`[data-cell="${line.id}/${op}"] svg`)
          .evaluateAll((all) => [...new Set(all.map((mark) => mark.classList[1]))]);
        expect(marks, `${line.id} ${op}`).toEqual(expected);
      }
    }
  });
}

test('the address holds kit, scope, line and step', async ({ page, context }) => {
  await page.goto(tower);
  await page.locator('[data-cell="heat-15/strip-sheath"]').click();
  await expect(page).toHaveURL(/kit=pylon-backpack&scope=tower-7&line=heat-15&step=1/);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(other.getByRole('complementary', { name: 'Why' })).toContainText(
    'The sheath does not come off at 3 °C',
  );
  await other.getByRole('button', { name: 'See this line with Panel bench' }).click();
  await expect(other).toHaveURL(/kit=panel-bench/);
  await expect(other.getByRole('complementary', { name: 'Why' })).toContainText('No other tool of the kit');
});

test('the worst cell of all kits and scopes is found, and opens; kit and scope are picked', async ({
  page,
}) => {
  await page.goto('/cover');
  await expect(page.getByRole('heading', { name: 'All kits, all scopes' })).toBeVisible();
  const row = page.getByRole('row', { name: /^Tower 7/ });
  await expect(row).toContainText('none; Pylon backpack comes nearest');
  await row.getByRole('link', { name: /^Pylon backpack, Tower 7/ }).focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  // A kit that is kept by its things is shown as it is today, where nobody says which day.
  await expect(page.getByRole('button', { name: 'Today' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page).toHaveURL(/on=\d{4}-\d\d-\d\d/);
  await expect(page.getByText('2 holes')).toBeHidden();
  await page.getByRole('button', { name: 'On paper' }).click();
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.getByRole('combobox', { name: 'Kit' }).selectOption('Panel bench');
  await page.getByRole('combobox', { name: 'Scope' }).selectOption('Valley station: control panels');
  await expect(page.getByText('No hole: all 468 terminations can be made')).toBeVisible();
  await expect(page.getByText('12 lines without a backup')).toBeVisible();
});

test('units are switched for the whole page', async ({ page }) => {
  await page.goto(`${tower}&line=heat-15&step=1`);
  const why = page.getByRole('complementary', { name: 'Why' });
  await expect(why).toContainText('9.4 mm across; up to 16 mm goes in.');
  await pick(page, 'in');
  await expect(why).toContainText('0.370 in across; up to 0.630 in goes in.');
  const first = page.locator('[data-cell="drive-12/size"] .aligned').first();
  await expect(first).toHaveText('12 AWG');
  await pick(page, 'mm²');
  await expect(first).toHaveText('≈ 3.31 mm²');
  await page.reload();
  await expect(first).toHaveText('≈ 3.31 mm²');
});

test('by keyboard alone', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await expect(page.getByRole('grid')).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByPlaceholder('Search lines')).toBeFocused();
  await page.keyboard.type('heating');
  await expect(rows(page)).toHaveCount(2);
  await page.keyboard.press('Tab');
  while (!(await page.evaluate(() => document.activeElement?.closest('.rows') !== null)))
    await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('End');
  await page.keyboard.press('Home');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await expect(page.locator('[data-cell="heat-25/strip-sheath"]')).toBeFocused();
  await page.keyboard.press('Enter');
  const why = page.getByRole('complementary', { name: 'Why' });
  await expect(why).toContainText('Nothing in this kit does it');
  await page.keyboard.press('Escape');
  await expect(why).toBeHidden();
  await expect(page.locator('[data-cell="heat-25/strip-sheath"]')).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('g');
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { name: 'Import a workbook' })).toBeVisible();
});

test('a search is cleared by its cross', async ({ page }) => {
  await page.goto(tower);
  await page.getByPlaceholder('Search lines').fill('no such line');
  await expect(page.getByText('No line has “no such line”')).toBeVisible();
  await page.getByRole('button', { name: /clear/i }).click();
  await expect(rows(page)).toHaveCount(14);
});

test('the ruler is walked with the arrow keys', async ({ page }) => {
  await page.goto(tower);
  const drops = page.getByRole('group', { name: /Gauge ruler/ }).getByRole('button');
  await drops.first().focus();
  await page.keyboard.press('ArrowRight');
  await expect(drops.nth(1)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('complementary', { name: 'Why' })).toBeVisible();
});

test('it says what is wrong, and tries again', async ({ page }) => {
  let broken = true;
  await page.route('**/api/v1/coverage?**', (route) =>
    broken
      ? route.fulfill({
          status: 500,
          contentType: 'application/problem+json',
          body: JSON.stringify({
            type: 'about:blank',
            title: 'Something went wrong on our side',
            status: 500,
          }),
        })
      : route.continue(),
  );
  await page.goto(tower);
  await expect(page.getByRole('alert')).toContainText('Something went wrong on our side');
  broken = false;
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('2 holes')).toBeVisible();
});

test('an empty shop is told what belongs here', async ({ page }) => {
  for (const list of ['kits', 'scopes']) {
    await page.route(`**/api/v1/${list}`, (route) => route.fulfill({ json: { data: [] } }));
  }
  await page.goto('/cover');
  await expect(page.getByRole('heading', { name: 'Three steps to the first verdict' })).toBeVisible();
  await page.getByRole('link', { name: /Its workbook comes in/ }).click();
  await expect(page).toHaveURL(/\/shop/);
});

test('an unknown kit and an unknown address get a sentence', async ({ page }) => {
  await page.goto('/cover?kit=nobody&scope=tower-7');
  await expect(page.getByRole('alert')).toContainText('The shop has nothing of this kind under this id.');
  await page.goto('/somewhere/else');
  await expect(page.getByRole('heading', { name: 'Nothing is kept under this address' })).toBeVisible();
});

test('no verdict stands under another name than its own, however slow the answer is', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  let answer = (): void => {};
  const asked = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/v1/coverage?*kit=panel-bench*', async (route) => {
    await asked;
    await route.continue();
  });
  await page.getByRole('combobox', { name: 'Kit' }).selectOption('Panel bench');
  await expect(
    page.getByText('Holding Panel bench against Tower 7: heating and rescue winch …'),
  ).toBeVisible();
  await expect(page.getByText('2 holes')).toHaveCount(0);
  await expect(rows(page)).toHaveCount(0);
  answer();
  await expect(rows(page)).toHaveCount(14);
});

test('Back, Esc and the cross close Why, and the focus is where it was', async ({ page }) => {
  await page.goto(tower);
  const drop = page.getByRole('button', { name: /^50 mm², 4 terminations/ });
  const why = page.getByRole('complementary', { name: 'Why' });
  await drop.focus();
  await page.keyboard.press('Enter');
  await expect(why).toContainText('Nothing in this kit does it');
  await page.goBack();
  await expect(why).toBeHidden();
  await expect(drop).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(why).toBeVisible();
  await page.getByRole('navigation', { name: 'Steps of the line' }).getByRole('button').first().click();
  await page.keyboard.press('Escape');
  await expect(why).toBeHidden();
  await expect(page).toHaveURL(/scope=tower-7$/);
  await expect(drop).toBeFocused();
  await page.keyboard.press('Enter');
  // Another kit is no step that closing takes back.
  await why.getByRole('button', { name: 'See this line with Panel bench' }).click();
  await expect(why).toContainText('See this line with Pylon backpack');
  await expect(why).toContainText('Ratchet crimper, oval nests');
  // However far one has read.
  await why.evaluate((panel) => panel.parentElement?.scrollTo(0, 10_000));
  await expect(why.getByRole('button', { name: 'Close' })).toBeInViewport();
  await why.getByRole('button', { name: 'Close' }).click();
  await expect(why).toBeHidden();
  await expect(page).toHaveURL(/kit=panel-bench&scope=tower-7$/);
});

test('keys go on after a click on the units, and a search finds tools', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await pick(page, 'mm²');
  await page.keyboard.press('/');
  await expect(page.getByPlaceholder('Search lines')).toBeFocused();
  await page.keyboard.type('cable knife');
  await expect(rows(page)).toHaveCount(5);
  await pick(page, 'AWG');
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
});

test('kit and scope are still there after another place', async ({ page }) => {
  await page.goto(panel);
  await expect(page.getByText('No hole')).toBeVisible();
  await page.getByRole('link', { name: 'Shop' }).click();
  await expect(page.getByRole('heading', { name: 'Import a workbook' })).toBeVisible();
  await page.getByRole('link', { name: 'Cover', exact: true }).click();
  await expect(page).toHaveURL(/kit=panel-bench&scope=station-panel/);
});

test('a place whose code is gone after an update is asked for afresh, and then it is said', async ({
  page,
}) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  let refused = 0;
  await page.route('**/assets/ShopPlace-*.js', (route) => {
    refused++;
    return refused > 1 ? route.abort() : route.fulfill({ status: 404 });
  });
  await page.getByRole('link', { name: 'Shop' }).click();
  await expect(page.getByRole('alert')).toContainText('This part of the page cannot be loaded');
  await page.unroute('**/assets/ShopPlace-*.js');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('heading', { name: 'Import a workbook' })).toBeVisible();
});

test('a panel whose code is gone after an update is asked for afresh, and then it is said', async ({
  page,
}) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.route('**/assets/WhyPanel-*.js', (route) => route.fulfill({ status: 404 }));
  await page.locator('[data-cell="winch-50/crimp"]').click();
  await expect(page.getByRole('alert')).toContainText('This part of the page cannot be loaded');
  await page.unroute('**/assets/WhyPanel-*.js');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('complementary', { name: 'Why' })).toContainText('Nothing in this kit does it');
});

test('on paper there are the verdict, the ruler and every line, and nothing to click', async ({ page }) => {
  await page.goto(`${tower}&line=winch-50&step=2`);
  await expect(page.getByRole('complementary', { name: 'Why' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('banner')).toBeHidden();
  await expect(page.getByRole('complementary', { name: 'Why' })).toBeHidden();
  await expect(page.getByPlaceholder('Search lines')).toBeHidden();
  await expect(page.getByText('2 holes: 76 of 172 terminations cannot be made')).toBeVisible();
  await expect(page.getByRole('group', { name: /Gauge ruler/ })).toBeVisible();
  await expect(rows(page)).toHaveCount(14);
});

test('where colours are forced, the current place is still told', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await page.goto(tower);
  const bottom = (name: string) =>
    page
      .getByRole('link', { name, exact: true })
      .evaluate((link) => getComputedStyle(link).borderBottomColor);
  await expect(page.getByText('2 holes')).toBeVisible();
  expect(await bottom('Cover')).not.toBe(await bottom('Shop'));
});
