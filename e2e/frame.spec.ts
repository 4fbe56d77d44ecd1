import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { manyLines, pick, rows } from './page';
import { panel, people, tower } from './people';

test.use({ storageState: people.lead });

const widths = [
  [1280, 800],
  [1024, 768],
  [820, 1180],
  [390, 800],
] as const;

const over = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);

for (const [width, height] of widths) {
  test(`eight places have room at ${width}, and nothing runs off the page`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const address of [
      tower,
      panel,
      `${tower}&line=winch-50`,
      '/work',
      '/bench',
      '/crib',
      '/tables',
      '/shop',
    ]) {
      await page.goto(address);
      await page.waitForLoadState('networkidle');
      expect(await over(page), address).toBeLessThanOrEqual(0);
    }
    await page.goto(tower);
    await expect(page.getByText('2 holes')).toBeVisible();
    // All the places there will be: those that are missing yet stand in as links of the same kind.
    const nav = await page.getByRole('navigation', { name: 'Places' }).evaluate((bar) => {
      const link = bar.querySelector('a:not(.here)');
      bar.querySelectorAll('a:not(.here)').forEach((one) => one.remove());
      for (const title of ['Work', 'Plan', 'Bench', 'Crib', 'Train', 'Tables', 'Shop']) {
        const copy = link?.cloneNode(true) as HTMLElement;
        copy.textContent = title;
        bar.append(copy);
      }
      const heights = [...bar.querySelectorAll('a')].map((one) => one.getBoundingClientRect().height);
      return {
        places: heights.length,
        least: Math.min(...heights),
        isWhole: bar.scrollWidth <= bar.clientWidth,
        scrolls: getComputedStyle(bar).overflowX === 'auto',
      };
    });
    expect(nav.places).toBe(8);
    expect(nav.least).toBeGreaterThanOrEqual(width < 760 ? 48 : 30);
    expect(nav.isWhole || (nav.scrolls && width < 760)).toBe(true);
    expect(await over(page)).toBeLessThanOrEqual(0);
  });
}

test('at a glance: the hole, at least eight of its lines, and the door to its reason', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes: 76 of 172 terminations cannot be made')).toBeInViewport();
  await expect(page.getByRole('button', { name: /Sheath of round LSZH cable/ })).toBeInViewport();
  for (const drop of await page.getByRole('button', { name: /hole: / }).all())
    await expect(drop).toBeInViewport();
  const seen = await rows(page).evaluateAll(
    (all) =>
      all.filter((row) => {
        const { top, bottom } = row.getBoundingClientRect();
        const grid = row.closest('[role=grid]')?.getBoundingClientRect() ?? { top: 0, bottom: 0 };
        return top >= grid.top && bottom <= Math.min(grid.bottom, innerHeight) + 1;
      }).length,
  );
  expect(seen).toBeGreaterThanOrEqual(8);
});

test('the picture itself answers why the tool that looks right does not count', async ({ page }) => {
  await page.goto(tower);
  const bar = page.locator('.tool', { hasText: 'Ring sheath stripper' });
  await expect(bar.locator('.cross.whole')).toHaveCount(3);
  await bar.locator('.bar').hover();
  const tip = page.getByRole('tooltip');
  await expect(tip).toContainText('Ring sheath stripper 4–16 mm');
  await expect(tip).toContainText('The sheath does not come off at 3 °C');
  await page.mouse.move(0, 0);
  await expect(tip).toHaveCount(0);
  await page.getByRole('button', { name: /^1\.5 mm², 44 terminations/ }).focus();
  await expect(tip).toContainText('Ring sheath stripper 4–16 mm: The sheath does not come off at 3 °C');
});

test('covered lanes fold, and each opens at its name', async ({ page }) => {
  await page.goto(tower);
  const lane = page.getByRole('button', { name: 'ferrule' });
  await expect(lane).toHaveAttribute('aria-expanded', 'false');
  await lane.click();
  await expect(lane).toHaveAttribute('aria-expanded', 'true');
  await expect(page.locator('.tool', { hasText: 'Ferrule' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Show covered lanes' }).click();
  await expect(page.getByRole('button', { name: 'insulated' })).toHaveAttribute('aria-expanded', 'true');
  await page.getByRole('button', { name: 'Fold covered lanes' }).click();
  await expect(lane).toHaveAttribute('aria-expanded', 'false');
  // Where all is covered there is nothing else to look at: nothing folds.
  await page.goto(panel);
  await expect(page.getByRole('button', { name: 'ferrule', exact: true })).toHaveAttribute(
    'aria-expanded',
    'true',
  );
});

test.describe('by finger', () => {
  test.use({ hasTouch: true, viewport: { width: 820, height: 1180 } });

  test('a bar says what it is at a touch', async ({ page }) => {
    await page.goto(tower);
    await page.locator('.tool', { hasText: 'Cable cutter' }).locator('.bar').tap();
    await expect(page.getByRole('tooltip')).toContainText('Cable cutter, 25 mm jaw');
    const box = await page.getByRole('button', { name: 'Units, theme and person' }).boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(44);
  });
});

test('at twice the size everything can still be reached', async ({ page }) => {
  // What a zoom of 200 % leaves of 1280 × 800.
  await page.setViewportSize({ width: 640, height: 400 });
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  expect(await over(page)).toBeLessThanOrEqual(0);
  const cell = page.locator('[data-cell="winch-50/crimp"]');
  await rows(page).first().locator('.cell').first().focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Control+Home');
  await page.getByPlaceholder('Search lines').fill('Lug 50');
  await cell.click();
  await expect(page.getByRole('complementary', { name: 'Why' })).toContainText('Nothing in this kit does it');
  await page.keyboard.press('Escape');
  await expect(cell).toBeFocused();
});

test('nothing moves for who wants it still', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
  const longest = await page.evaluate(() =>
    Math.max(
      0,
      ...[...document.querySelectorAll('*')].map(
        (one) => parseFloat(getComputedStyle(one).transitionDuration) || 0,
      ),
    ),
  );
  expect(longest).toBeLessThanOrEqual(0.001);
});

test('on a slow network it is said what is waited for', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.route('**/api/v1/coverage?**', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 1500));
    await route.continue();
  });
  await page.getByRole('combobox', { name: 'Kit' }).selectOption('Panel bench');
  await expect(
    page.getByText('Holding Panel bench against Tower 7: heating and rescue winch …'),
  ).toBeVisible();
  await expect(page.getByRole('progressbar')).toBeVisible();
  await expect(rows(page)).not.toHaveCount(0);
  // In other units the verdict stays: it is the same one.
  await pick(page, 'in');
  await expect(page.getByText('as it was before, until the answer comes')).toBeVisible();
  await expect(page.getByText('as it was before, until the answer comes')).toHaveCount(0);
});

test('a screen reader hears the ruler', async ({ page }) => {
  await page.goto(tower);
  const ruler = page.getByRole('group', { name: /Gauge ruler/ });
  await expect(ruler).toMatchAriaSnapshot(`
    - group /Gauge ruler/:
      - button "0.5 mm², 40 terminations on 2 lines, makeshift"
      - button "18 AWG, 14 terminations on 1 line, covered"
      - button /16 AWG/
      - 'button "1.5 mm², 44 terminations on 2 lines, hole: sheath"'
  `);
  await expect(page.getByRole('grid')).toMatchAriaSnapshot(`
    - grid:
      - row "Line Size Count cut sheath strip crimp sleeve torque"
      - rowgroup:
        - row /Ferrule 1.5 mm²/:
          - rowheader /hole Ferrule 1.5 mm²/
  `);
});

test('somebody without a mouse changes units and comes back to where they were', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  const menu = page.getByRole('button', { name: 'Units, theme and person' });
  await menu.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: 'AWG', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'mm²', exact: true })).toBeChecked();
  await page.keyboard.press('Escape');
  await expect(menu).toBeFocused();
  await expect(page.locator('[data-cell="drive-12/size"] .aligned').first()).toHaveText('≈ 3.31 mm²');
});

test('the forces of the sentences are told in pounds', async ({ page }) => {
  const asked = page.waitForRequest(/force=lbf/);
  await page.goto(tower);
  await pick(page, 'lbf');
  await asked;
});

test('a thousand lines: few of them are there, and any of them is reached', async ({ page }) => {
  await manyLines(page, 1000);
  await page.goto(tower);
  await expect(page.getByText('1000 lines')).toBeVisible();
  await expect(page.getByRole('grid')).toHaveAttribute('aria-rowcount', '1001');
  expect(await page.evaluate(() => document.querySelectorAll('*').length)).toBeLessThanOrEqual(2000);
  await rows(page).first().locator('.cell').first().click();
  await expect(page.getByRole('complementary', { name: 'Why' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('complementary', { name: 'Why' })).toBeHidden();
  await page.keyboard.press('Control+End');
  await expect(page.locator('[aria-rowindex="1001"]')).toBeInViewport();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('Shift+ArrowDown');
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.keyboard.press('Control+C');
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied.split('\n')).toHaveLength(2);
  // What the ruler lights is brought into sight.
  await page.keyboard.press('Control+Home');
  await page.getByRole('button', { name: /^2\/0 AWG/ }).focus();
  await expect(page.locator('[data-row="winch-2-0"], .row.lit').first()).toBeInViewport();
});

test('the head and the first column stay in sight', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 700 });
  await page.goto(panel);
  const grid = page.getByRole('grid');
  await expect(rows(page).first()).toBeVisible();
  await grid.evaluate((one) => one.scrollTo({ left: 400, top: 300 }));
  await expect(page.getByRole('columnheader', { name: 'Line' })).toBeInViewport();
  const left = await grid.evaluate((one) => one.getBoundingClientRect().left);
  for (const head of await page.getByRole('rowheader').all())
    expect((await head.boundingBox())?.x).toBeCloseTo(left, 0);
});

test('the ruler is saved as a picture that stands on its own', async ({ page }) => {
  await page.goto(tower);
  const taken = async (title: RegExp) => {
    await page.getByRole('button', { name: 'Take along' }).click();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('menuitem', { name: title }).click(),
    ]);
    return download;
  };
  // In dots it is as wide as two of the page's pixels each, and no empty sheet.
  const dots = await taken(/PNG/);
  expect(dots.suggestedFilename()).toBe('pylon-backpack-tower-7.png');
  const png = readFileSync(await dots.path());
  const wide = await page.locator('.ruler .body > svg').evaluate((one) => one.getBoundingClientRect().width);
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect(png.readUInt32BE(16)).toBe(2 * wide);
  expect(png.length).toBeGreaterThan(20_000);
  const download = await taken(/SVG/);
  expect(download.suggestedFilename()).toBe('pylon-backpack-tower-7.svg');
  const picture = readFileSync(await download.path(), 'utf8');
  expect(picture).toContain('Ring sheath stripper 4–16 mm');
  expect(picture).toContain('>sheath<');
  expect(picture).not.toMatch(/var\(|class=|tabindex/);
  // Drawn by itself it is no empty sheet: the ring of a hole is red where it stands.
  await page.setContent(picture);
  await expect(page.locator('svg circle').first()).toBeVisible();
});

test('the crib shows each tool with what it reaches', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('r');
  await expect(page).toHaveURL(/crib/);
  const row = page.getByRole('row', { name: /Diagonal cutter 200 mm/ });
  await expect(row).toContainText('Pylon backpack, Panel bench');
  await expect(row.getByRole('img', { name: /reaches/ })).toBeVisible();
  await page.getByRole('button', { name: 'In kits' }).click();
  await expect(page.getByRole('columnheader', { name: 'In kits' })).toHaveAttribute('aria-sort', 'ascending');
});
