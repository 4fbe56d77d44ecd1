import { expect, test, type Locator, type Page } from '@playwright/test';
import { people } from './people';

const undo = (page: Page) => page.locator('.done').getByRole('button', { name: 'Undo' }).click();
const ruler = (page: Page) => page.getByRole('group', { name: 'Sizes' }).first();
const trial = (page: Page) => page.getByRole('region', { name: 'On your own wires and terminals' });

/** Where a gauge stands on the ruler, from its label on the axis. */
async function atGauge(page: Page, label: string): Promise<number> {
  const box = await ruler(page)
    .locator('.tick text', { hasText: new RegExp(`^${label}$`) })
    .first()
    .boundingBox();
  return (box?.x ?? 0) + (box?.width ?? 0) / 2;
}
/** Drags what is under the middle of an element to a place along the ruler. */
async function dragTo(page: Page, from: Locator, x: number): Promise<void> {
  const box = await from.boundingBox();
  const y = (box?.y ?? 0) + (box?.height ?? 0) / 2;
  await page.mouse.move((box?.x ?? 0) + (box?.width ?? 0) / 2, y);
  await page.mouse.down();
  await page.mouse.move(x - 3, y, { steps: 6 });
  await page.mouse.move(x, y);
  await page.mouse.up();
}
async function takeAway(page: Page, said: string): Promise<void> {
  await page.getByRole('button', { name: 'Take away', exact: true }).click();
  await expect(page.getByText(`Taken away: ${said}`)).toBeVisible();
}

test.describe('the lead', () => {
  test.use({ storageState: people.lead });

  test('a tool stays inside a phone, and what is pressed does not touch', async ({ browser }) => {
    const page = await browser.newPage({
      storageState: people.lead,
      viewport: { width: 390, height: 800 },
      hasTouch: true,
    });
    await page.goto('/crib/tools/roll-fine');
    const more = page.getByRole('button', { name: /^One more in/ });
    await expect(more).toHaveCount(12);
    const tops = await more.evaluateAll((buttons) => buttons.map((button) => button.getBoundingClientRect()));
    const gaps = tops.slice(1).map(({ top }, index) => top - (tops[index]?.bottom ?? 0));
    expect(Math.min(...gaps)).toBeGreaterThan(2);
    // The table of its nests is wider, and scrolls by itself.
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(
      0,
    );
  });

  test('makes a notched stripper from nothing with the mouse, and the judgement follows', async ({
    page,
  }) => {
    await page.goto('/crib');
    await page.getByRole('button', { name: 'Make a tool' }).click();
    await page.getByRole('button', { name: 'Notched stripper' }).click();
    // What is missing is asked for at its field: the name, where the cursor then stands, and what it strips.
    await page.getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByLabel('Name: what it is')).toBeFocused();
    await expect(page.getByText('Which insulation does it strip?')).toBeVisible();
    await page.getByLabel('Name: what it is').fill('Mouse-made stripper');
    await page.getByRole('button', { name: 'pvc: no' }).click();
    const lane = page.getByRole('button', { name: 'Add a notch for solid wire' });
    for (const gauge of ['10', '12', '14', '16', '18', '20']) {
      const box = await lane.boundingBox();
      await page.mouse.click(await atGauge(page, gauge), (box?.y ?? 0) + 30);
    }
    await expect(page.getByRole('slider', { name: /whole bar/ })).toHaveCount(6);
    await expect(page.getByLabel('Hole 6, solid')).toHaveValue('20 AWG');
    await expect(trial(page).getByRole('heading').first()).toHaveText(/^Strips \d+ of your \d+ wires/);
    // A notch that was put in the wrong place is dragged to the right one, and lands on a size of the trade.
    await dragTo(
      page,
      page.getByRole('slider', { name: '20, whole bar, AWG' }),
      (await atGauge(page, '22')) + 4,
    );
    await expect(page.getByLabel('Hole 6, solid')).toHaveValue('22 AWG');
    await page.getByRole('button', { name: 'xlpe: no' }).click();
    await page.getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByText('Made: Mouse-made stripper')).toBeVisible();
    await expect(page).toHaveURL(/crib\/tools\/mouse-made-stripper$/);
    await page.goto('/crib?q=mouse-made');
    await expect(page.getByRole('grid').getByText('Mouse-made stripper')).toBeVisible();
    await page.getByRole('grid').getByText('Mouse-made stripper').click();
    await takeAway(page, 'Mouse-made stripper');
  });

  test('makes the same by keyboard alone', async ({ page }) => {
    await page.goto('/crib');
    await expect(page.getByRole('grid')).toBeVisible();
    await page.keyboard.press('n');
    await page.getByRole('button', { name: 'Notched stripper' }).focus();
    await page.keyboard.press('Enter');
    await page.getByLabel('Name: what it is').focus();
    await page.keyboard.type('Key-made stripper');
    const lane = page.getByRole('button', { name: 'Add a notch for solid wire' });
    await lane.focus();
    for (let count = 0; count < 6; count++) await page.keyboard.press('Enter');
    await expect(page.getByRole('slider', { name: /whole bar/ })).toHaveCount(6);
    await expect(page.getByLabel('Hole 1, solid')).toHaveValue('14 AWG');
    await expect(page.getByLabel('Hole 6, solid')).toHaveValue('24 AWG');
    const last = page.getByRole('slider', { name: '24, whole bar, AWG' });
    await last.focus();
    await page.keyboard.press('End');
    await expect(page.getByLabel('Hole 6, solid')).toHaveValue('4/0 AWG');
    await page.keyboard.press('Home');
    await page.keyboard.press('ArrowRight');
    await expect(page.getByLabel('Hole 6, solid')).not.toHaveValue('4/0 AWG');
    await page.keyboard.press('Delete');
    await expect(page.getByRole('slider', { name: /whole bar/ })).toHaveCount(5);
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('slider', { name: /whole bar/ })).toHaveCount(6);
    await page.getByRole('button', { name: 'pvc: no' }).focus();
    await page.keyboard.press('Space');
    await page.keyboard.press('Control+s');
    await expect(page.getByText('Made: Key-made stripper')).toBeVisible();
    await takeAway(page, 'Key-made stripper');
  });

  test('drags the end of a bar, sees the judgement change, and leaves it as it was', async ({ page }) => {
    await page.goto('/crib/tools/self-adjusting');
    const said = trial(page).getByRole('heading').first();
    await expect(said).toHaveText(/^Strips 1\d of your/);
    const before = await said.textContent();
    const marks = page.locator('.marks .covered');
    // They come after the words.
    await expect(marks).not.toHaveCount(0);
    const many = await marks.count();
    await dragTo(
      page,
      page.getByRole('slider', { name: 'Strips, thick end, AWG' }),
      await atGauge(page, '18'),
    );
    await expect(page.getByRole('textbox', { name: 'Sizes' })).toHaveValue(/^24-18 AWG/);
    await dragTo(
      page,
      page.getByRole('slider', { name: 'Strips, thick end, mm²' }),
      await atGauge(page, '20'),
    );
    await expect(said).not.toHaveText(before ?? '');
    await expect.poll(() => marks.count()).toBeLessThan(many);
    await expect(page.getByText('not written yet')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('textbox', { name: 'Sizes' })).toHaveValue(/^24-18 AWG/);
    await page.getByRole('button', { name: 'Leave it as it was' }).click();
    await expect(said).toHaveText(before ?? '');
  });

  test('makes a ratchet crimper with three nests, parts one, and says what is proven', async ({ page }) => {
    await page.goto('/crib/make/tools');
    await page.getByRole('button', { name: 'Crimper', exact: true }).click();
    await page.getByLabel('Name: what it is').fill('Three-nest ratchet');
    await page.getByRole('button', { name: 'Red, blue and yellow' }).click();
    await expect(trial(page).getByRole('heading').first()).toHaveText(/^Makes \d+ of your \d+ terminals/);
    await page.getByLabel('Proven at nest 3').fill('12 AWG');
    await expect(page.getByRole('slider', { name: 'yellow, proven, thick end, AWG' })).toBeVisible();
    await page.getByRole('button', { name: 'Part nest red in two' }).click();
    await expect(page.getByLabel('Sizes of nest 1')).toHaveValue('22-20 AWG / 0.5-0.75 mm2');
    await page.getByRole('button', { name: 'Back a step' }).click();
    await expect(page.getByLabel('Sizes of nest 1')).toHaveValue('22-16 AWG / 0.5-1.5 mm2');
    // What is no size is told at its place, and nothing is written.
    await page.getByLabel('Sizes of nest 2').fill('16-14');
    await expect(page.getByText('Is "16" a gauge or an area?')).toBeVisible();
    await page.getByLabel('Sizes of nest 2').fill('16-14 AWG / 1.5-2.5 mm2');
    await expect(page.getByText('Is "16" a gauge or an area?')).toHaveCount(0);
    await page.getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByText('Made: Three-nest ratchet')).toBeVisible();
    await page.getByRole('button', { name: 'One more in Panel bench' }).click();
    await expect(page.getByText('Panel bench: 1 × Three-nest ratchet')).toBeVisible();
    await expect(page.getByText('Used in 1 place')).toBeVisible();
    // It is used: it stays, and says where.
    await page.getByRole('button', { name: 'Take away', exact: true }).click();
    await expect(page.getByText('is used in 1 place; take it out there first')).toBeVisible();
    await page.getByRole('button', { name: 'One less in Panel bench' }).click();
    await expect(page.getByText('Used nowhere yet')).toBeVisible();
    await takeAway(page, 'Three-nest ratchet');
  });

  test('takes a terminal over from the shelf, sees its sources, and takes that back', async ({ page }) => {
    await page.goto('/crib/shelf/terminals');
    await page.getByLabel('Find terminals on the shelf').fill('ring bare 12-10');
    await page.getByRole('grid').getByText('Ring, bare, 12-10 AWG, M6').click();
    const panel = page.getByRole('region', { name: 'Ring, bare, 12-10 AWG, M6' });
    await expect(panel).toContainText('12–10 AWG');
    await expect(panel).toContainText('Studs and their holes');
    await panel.getByRole('button', { name: 'Take over' }).click();
    await expect(page.getByText('Taken from the shelf: Ring, bare, 12-10 AWG, M6')).toBeVisible();
    await panel.getByRole('link', { name: 'Ring, bare, 12-10 AWG, M6' }).click();
    await expect(page).toHaveURL(/crib\/terminals\/bare-ring-12-10-m6$/);
    await expect(page.getByRole('img', { name: /to scale/ })).toBeVisible();
    await undo(page);
    await expect(page.getByText(/^Taken back:/)).toBeVisible();
  });

  test('draws a wire, takes its diameter from a table, and is told from where', async ({ page }) => {
    await page.goto('/crib/make/wires');
    await page.getByLabel('Name: what it is').fill('Drawn wire');
    await page.getByLabel('Insulation', { exact: true }).selectOption('xlpe');
    await expect(page.getByText('Not stated: limits of diameter')).toBeVisible();
    await page
      .getByLabel('Take the diameter from a table')
      .selectOption({ label: '3.86 mm – XHHW-2, 12 AWG' });
    await expect(
      page.getByText('As NEC chapter 9, table 5 has it (XHHW-2, 12 AWG; from memory).'),
    ).toBeVisible();
    const field = page.getByLabel('Outside diameter of a core');
    await field.fill('0.15 in');
    await field.press('Tab');
    await expect(field).toHaveValue('3.81');
    await expect(page.getByText('Measured, or from elsewhere')).toBeVisible();
    await field.fill('1');
    await field.press('Tab');
    await expect(page.getByText('more than the bare conductor of 12 AWG')).toBeVisible();
    await field.fill('wide');
    await field.press('Tab');
    await expect(page.getByText('wants a length, like 3.9 mm or 0.15 in')).toBeVisible();
    await field.fill('3.81');
    await field.press('Tab');
    await page.getByLabel('with a sheath').check();
    await page.getByLabel('Cores').fill('3');
    await page.getByLabel('Cores').press('Tab');
    await expect(
      page.getByRole('img', { name: 'Cross-section, to scale' }).locator('.insulation'),
    ).toHaveCount(3);
    await page.getByRole('button', { name: 'Leave it as it was' }).click();
    await expect(page.getByLabel('Name: what it is')).toHaveValue('');
  });

  test('merges two that are one, and takes that back', async ({ page }) => {
    await page.goto('/crib/wires/hookup-12');
    await page.getByRole('button', { name: 'Make one like it' }).click();
    await expect(page.getByLabel('Name: what it is')).toHaveValue('12 AWG hook-up, imported drive, copy');
    await page.getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByText('says the same of itself')).toBeVisible();
    await page.getByRole('button', { name: 'Merge this one into it' }).click();
    await expect(page.getByText(/^Merged: 12 AWG hook-up, imported drive, copy into/)).toBeVisible();
    await expect(page).toHaveURL(/crib\/wires\/hookup-12$/);
    await undo(page);
    await page.goto('/crib/wires/12-awg-hook-up-imported-drive-copy');
    await takeAway(page, '12 AWG hook-up, imported drive, copy');
  });

  test('brings a table of wires of somebody else’s making, mends it, and takes it back', async ({ page }) => {
    await page.goto('/crib/table/wires');
    await page.getByLabel('A table', { exact: true }).setInputFiles({
      name: 'stock.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        'Part no;Description;Gauge (AWG);Stranding;Insulation;OD (in)\nX-1;Stock wire;12;stranded;PVC;0,130\nX-2;Odd wire;14;woven;PVC;0,111\n',
      ),
    });
    await expect(page.getByText('1 new, 0 changed, 0 as they are, 1 cannot be read yet')).toBeVisible();
    await expect(page.getByText('one of: solid, stranded, fine')).toBeVisible();
    const cell = page.locator('[data-cell="2/3"]');
    await cell.dblclick();
    await page.getByRole('textbox', { name: 'Stranding' }).fill('solid');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Take 2 wires' }).click();
    await expect(page.getByText('Taken: 2 wires')).toBeVisible();
    await undo(page);
    await expect(page.getByText('Taken back: Taken: 2 wires')).toBeVisible();
  });

  test('packs a kit, sees what it weighs and lacks, and holds it against the work', async ({ page }) => {
    await page.goto('/crib/kits');
    await expect(page.getByRole('grid')).toContainText('Pylon backpack');
    await page.getByRole('button', { name: 'Make a kit' }).click();
    await page.getByRole('textbox', { name: 'Name', exact: true }).fill('Press case');
    const add = page.getByLabel('A tool to put in');
    await add.fill('hexagon dies 10');
    await page.getByRole('button', { name: 'Hexagon dies for the press, 10–95 mm²' }).click();
    const whole = page.getByRole('region', { name: 'The kit as a whole' });
    await expect(whole).toContainText('1.20 kg');
    await expect(whole).toContainText('requires “Hydraulic hand press, frame”, which is not in it');
    await add.fill('press frame');
    await expect(
      page.getByRole('button', { name: 'Hydraulic hand press, frame', exact: true }),
    ).toBeVisible();
    await add.press('Enter');
    await expect(whole).toContainText('4.40 kg');
    await expect(whole).not.toContainText('which is not in it');
    await page.getByRole('button', { name: 'Hydraulic hand press, frame up' }).click();
    await page.getByRole('button', { name: 'One Hexagon dies for the press, 10–95 mm² more' }).click();
    await expect(whole).toContainText('5.60 kg');
    await page.getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByText('Made: Press case')).toBeVisible();
    await page.getByRole('link', { name: 'Hold it against the work' }).click();
    await expect(page).toHaveURL(/cover\?kit=press-case/);
    await page.goto('/crib/kits/press-case');
    await expect(page.getByRole('listitem').filter({ hasText: 'Hydraulic hand press, frame' })).toBeVisible();
    await takeAway(page, 'Press case');
  });

  test('two at one tool: the second sees what changed, and nothing of either is lost', async ({
    page,
    browser,
  }) => {
    const context = await browser.newContext({ storageState: people.lead });
    const other = await context.newPage();
    const note = (of: Page) => of.getByLabel('Note', { exact: true });
    await page.goto('/crib/tools/cable-cut');
    await other.goto('/crib/tools/cable-cut');
    await note(page).fill('mine');
    await note(other).fill('theirs');
    await other.getByRole('button', { name: 'Write', exact: true }).click();
    await expect(other.getByText('Written: Cable cutter, 25 mm jaw')).toBeVisible();
    const conflict = page.getByLabel('Two wrote on one tool');
    await expect(conflict).toContainText(/Ivo Marell changed it at/, { timeout: 15_000 });
    await expect(conflict.getByRole('row')).toContainText(['It is now', 'notemine']);
    await expect(note(page)).toHaveValue('mine');
    await expect(page.getByRole('button', { name: 'Write', exact: true })).toBeDisabled();
    await page.getByRole('button', { name: 'Write mine over it' }).click();
    await expect(page.getByText('Written: Cable cutter, 25 mm jaw')).toBeVisible();
    await expect(note(other)).toHaveValue('mine', { timeout: 15_000 });
    await undo(page);
    await expect(note(page)).toHaveValue('theirs');
    // Shown at once; only when the other page has heard of it, it is done.
    await expect(note(other)).toHaveValue('theirs');
    await other.locator('.done').getByRole('button', { name: 'Undo' }).click();
    await expect(note(other)).toHaveValue('');
    await context.close();
  });
});

test.describe('a hand', () => {
  test.use({ storageState: people.hand });

  test('looks at a tool and what it does, and changes nothing', async ({ page }) => {
    await page.goto('/crib/tools/notch-10-18');
    await expect(trial(page).getByRole('heading').first()).toHaveText(/^Strips \d+ of your/);
    await expect(page.getByText('The shop lead writes wires, terminals and tools')).toBeVisible();
    await expect(page.getByLabel('Name: what it is')).not.toBeEditable();
    await expect(page.getByRole('slider')).toHaveCount(0);
    await expect(page.getByLabel('Price')).toHaveCount(0);
    await page.goto('/crib/shelf/tools');
    await expect(page.getByRole('grid')).toBeVisible();
    await expect(page.getByRole('button', { name: /Take over/ })).toHaveCount(0);
  });

  test('nothing of a row stands outside it at the width of a tablet', async ({ page }) => {
    await page.setViewportSize({ width: 820, height: 1180 });
    await page.goto('/crib/tools');
    await expect(page.getByText('47 tools')).toBeVisible();
    const heights = await page.getByRole('gridcell').evaluateAll((cells) =>
      cells.flatMap((cell) => {
        const row = cell.closest('[role=row]')?.getBoundingClientRect().height ?? 0;
        const words = document.createRange();
        words.selectNodeContents(cell);
        const inIt = cell.childElementCount ? [...cell.children] : [words];
        return inIt.map((one) => one.getBoundingClientRect().height - row);
      }),
    );
    expect(heights.length).toBeGreaterThan(20);
    expect(Math.max(...heights)).toBeLessThanOrEqual(0);
  });
});
