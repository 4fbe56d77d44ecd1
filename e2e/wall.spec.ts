import { expect, test, type Page } from '@playwright/test';
import { people, tower } from './people';

/* Things one by one: given out and taken back by their tags, many at once, by two at once; and what that does to a kit on a day. */

const piece = (page: Page, tag: string) => page.getByRole('button', { name: new RegExp(`^${tag},`) });
const panel = (page: Page) => page.getByRole('complementary').first();

test('a hand takes a thing and brings it back on a tablet, by its tag', async ({ browser }) => {
  const page = await browser.newPage({
    storageState: people.hand,
    viewport: { width: 820, height: 1180 },
    hasTouch: true,
  });
  await page.goto('/crib/wall');
  await expect(page.getByText('134 things')).toBeVisible();
  await page.getByLabel('Find a thing').fill('fa-01');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/thing=FA-01/);
  await expect(panel(page)).toContainText('Lives in Cabin bench');
  // What is not a hand's to do is not offered.
  await expect(panel(page).getByRole('heading', { name: 'Done today' })).toHaveCount(0);
  await panel(page).getByRole('button', { name: 'Mira Oskan' }).tap();
  await expect(page.getByText('FA-01: given to Mira Oskan')).toBeVisible();
  await expect(piece(page, 'FA-01')).toHaveAccessibleName(/with Mira Oskan, out/);
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toHaveCount(0);
  await panel(page).getByRole('button', { name: 'It came back' }).tap();
  await expect(page.getByText('FA-01: came back')).toBeVisible();
  await expect(piece(page, 'FA-01')).toHaveAccessibleName(/, in$/);
  await expect(panel(page).getByRole('listitem').first()).toContainText('came back');
});

test('many go and come back as one, and the lead takes that back', async ({ browser }) => {
  const page = await browser.newPage({ storageState: people.lead });
  await page.goto('/crib/wall');
  await page.getByRole('button', { name: 'Mark several' }).click();
  for (const tag of ['EY-09', 'EY-10', 'LI-01']) await piece(page, tag).click();
  await expect(panel(page)).toContainText('3 things marked');
  await panel(page).getByLabel('Somebody else').fill('Van 2');
  await page.keyboard.press('Enter');
  await expect(page.getByText('3 things: given to Van 2')).toBeVisible();
  await expect(piece(page, 'LI-01')).toHaveAccessibleName(/with Van 2, out/);
  // Only those that are out, and those of them that go the same way.
  await page.getByRole('button', { name: /^Out \d/ }).click();
  await page.getByLabel('Find a thing').fill('van 2');
  await expect(page.getByText('3 of 134 things')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('Taken back')).toBeVisible();
  await expect(page.getByText('0 of 134 things')).toBeVisible();
});

test('of two who take one thing at once one is refused, and told since when it is out', async ({
  browser,
}) => {
  const [one, other] = await Promise.all(
    (['lead', 'coordinator'] as const).map(async (person) => {
      const page = await browser.newPage({ storageState: people[person] });
      await page.goto('/crib/wall?thing=HE-04');
      await expect(panel(page).getByRole('button', { name: 'Jorun Vale' })).toBeVisible();
      return page;
    }),
  );
  if (!one || !other) throw new Error('two are needed');
  await Promise.all(
    [one, other].map((page) => panel(page).getByRole('button', { name: 'Jorun Vale' }).click()),
  );
  const refusals = [one, other].map((page) => page.getByText('a thing that is in: this one is out since'));
  const written = [one, other].map((page) => page.getByText('HE-04: given to Jorun Vale'));
  await expect(async () => {
    const [refused, done] = await Promise.all(
      [refusals, written].map(
        async (of) => (await Promise.all(of.map((told) => told.count()))).filter(Boolean).length,
      ),
    );
    expect([refused, done]).toEqual([1, 1]);
  }).toPass();
  await one.reload();
  await panel(one).getByRole('button', { name: 'It came back' }).click();
  await expect(one.getByText('HE-04: came back')).toBeVisible();
});

test('along the year a hole opens on its day, and says by what', async ({ browser }) => {
  const page = await browser.newPage({ storageState: people.hand });
  await page.goto(tower);
  const year = page.getByRole('slider', { name: 'Day in the year from today on' });
  await expect(year).toHaveAttribute('aria-valuetext', 'On paper');
  await page.getByRole('button', { name: 'Today', exact: true }).click();
  await expect(page.getByText('70 of 172 terminations cannot be made')).toBeVisible();
  await year.focus();
  await page.keyboard.press('PageUp');
  await expect(page.getByText('102 of 172 terminations cannot be made')).toBeVisible();
  const told = page.getByRole('region', { name: 'The day' }).getByRole('status');
  await expect(told).toContainText('TQ-03, Torque screwdriver 0.4–2.5 N·m: Its verification is past');
  await expect(told).toContainText('32 terminations more cannot be made.');
  const on = new URL(page.url()).searchParams.get('on') ?? '';
  expect(on).toMatch(/^\d{4}-\d{2}-\d{2}$/);
  // By the mouse to the first day and back; what is shown is of the day in the address.
  const box = await year.boundingBox();
  if (!box) throw new Error('the year is not there');
  await page.mouse.move(box.x + box.width / 2, box.y + 15);
  await page.mouse.down();
  await page.mouse.move(box.x + 1, box.y + 15, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText('70 of 172 terminations cannot be made')).toBeVisible();
  expect(new URL(page.url()).searchParams.get('on') ?? '').not.toBe(on);
  await page.getByRole('button', { name: 'On paper' }).click();
  await expect(page).not.toHaveURL(/on=/);
});

test('today says what is missing, and the press that mends it stands beside it', async ({ browser }) => {
  const page = await browser.newPage({ storageState: people.lead });
  await page.goto('/today');
  const missing = page.getByRole('region', { name: 'Missing from its kit today' });
  const late = page.getByRole('region', { name: 'Should be back' });
  await expect(missing).toContainText('10 terminations cannot be made. Not in the kit: ST-04');
  await expect(page.getByRole('region', { name: 'To be done' })).toContainText('TQ-03');
  await expect(page.getByRole('region', { name: 'What comes next' })).toContainText(
    '32 terminations of Tower 7',
  );
  await late
    .getByRole('listitem')
    .filter({ hasText: 'ST-04' })
    .getByRole('button', { name: 'It came back' })
    .click();
  await expect(page.getByText('ST-04: came back')).toBeVisible();
  await expect(missing).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(missing).toContainText('ST-04');
  await missing.getByRole('link', { name: /Panel bench/ }).click();
  await expect(page).toHaveURL(/on=\d{4}/);
  await expect(page.getByText('10 of 468 terminations cannot be made')).toBeVisible();
});

test.describe('the lead', () => {
  test.use({ storageState: people.lead });

  test('makes a thing, the next by its tag, changes it, and takes it away', async ({ page }) => {
    await page.goto('/crib/wall');
    await page.getByRole('button', { name: 'New thing' }).click();
    const sheet = page.getByRole('dialog', { name: 'A new thing' });
    await sheet.getByRole('button', { name: 'Make it' }).click();
    await expect(sheet.getByText('A thing has a tag.')).toBeVisible();
    await sheet.getByLabel('Tag: what stands on its label').fill('TQ-03');
    await sheet.getByRole('combobox', { name: 'Model' }).selectOption({ label: 'Multimeter' });
    await sheet.getByRole('combobox', { name: 'Lives in' }).selectOption({ label: 'Panel bench' });
    await sheet.getByRole('button', { name: 'Make it' }).click();
    // There is one of that tag: it is said at its field, and nothing of what was written is lost.
    await expect(sheet.getByText('an id that no other asset of the shop has')).toBeVisible();
    await sheet.getByLabel('Tag: what stands on its label').fill('ME-98');
    await sheet.getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByText('Made: ME-98')).toBeVisible();
    await expect(sheet.getByLabel('Tag: what stands on its label')).toHaveValue('ME-99');
    await sheet.getByRole('button', { name: 'Done' }).click();

    await page.getByRole('button', { name: /ME-98/ }).click();
    await page.getByRole('button', { name: 'Change' }).click();
    const again = page.getByRole('dialog', { name: 'Thing ME-98' });
    await again.getByLabel('Note').fill('with the long leads');
    await again.getByRole('button', { name: 'Write' }).click();
    await expect(page.getByText('Written: ME-98')).toBeVisible();
    await expect(page.getByRole('complementary', { name: 'Thing ME-98' })).toContainText(
      'with the long leads',
    );
    await page.goto('/crib/kits/panel-bench');
    await expect(page.getByRole('region', { name: 'Its things' })).toContainText('ME-98');

    await page.goto('/crib/wall?thing=ME-98');
    await page.getByRole('button', { name: 'Change' }).click();
    await again.getByRole('button', { name: 'Take it away' }).click();
    await expect(page.getByText('Taken away: ME-98')).toBeVisible();
    await expect(page.getByRole('button', { name: /ME-98/ })).toHaveCount(0);
  });
});
