import { expect, test, type Locator } from '@playwright/test';
import { people } from './people';

/* A class: from a list of names to printed sheets, changed by dragging with conflicts at once, and somebody late. */

const leftOf = async (of: Locator): Promise<number> => (await of.boundingBox())?.x ?? 0;

test.describe('the coordinator', () => {
  test.use({ storageState: people.coordinator });

  test('goes from a list of names to sheets, draws one elsewhere, and plans anew for who is late', async ({
    page,
  }) => {
    await page.goto('/train');
    await page.getByRole('link', { name: 'Classes', exact: true }).click();
    await page.getByRole('button', { name: 'A new class' }).click();
    const sheet = page.getByRole('dialog', { name: 'A new class' });
    await sheet.getByLabel('What it is called').fill('Second day in the small room');
    await sheet.getByLabel('Who comes').fill('Jaro Fint\nEdda Morrow\nOskar Pell\nAn Unknown');
    await expect(sheet.getByText('New to the shop, and named in it with this: An Unknown.')).toBeVisible();
    await sheet.getByLabel('Who comes').fill('Jaro Fint\nEdda Morrow\nOskar Pell\nJaro Fint');
    await sheet.getByRole('button', { name: 'Make the class' }).click();
    await expect(sheet.getByText('“jaro fint” stands in it twice.')).toBeVisible();
    await sheet.getByLabel('Who comes').fill('Jaro Fint\nEdda Morrow\nOskar Pell\nSive Dahn');
    await sheet.getByRole('button', { name: 'Make the class' }).click();

    await expect(page.getByRole('heading', { name: 'Second day in the small room' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'How short it can be' })).toContainText(
      'it is proven that nothing is shorter',
    );
    const slots = page.getByRole('group', { name: 'Timetable' }).getByRole('button');
    await expect(slots).toHaveCount(24);
    await page.getByRole('button', { name: 'Keep this timetable' }).click();
    await expect(page.getByText('Kept: the timetable of Second day in the small room')).toBeVisible();
    await page.getByRole('button', { name: 'Hand out' }).click();
    const paper = page.waitForResponse((response) => response.url().includes('/sheets.pdf'));
    await page.getByRole('menuitem', { name: 'A sheet for each person' }).click();
    expect((await paper).headers()['content-type']).toBe('application/pdf');

    const edda = slots.filter({ hasText: 'Edda Morrow' });
    const [first, second] = [edda.first(), edda.nth(1)];
    const [was, stays] = [await leftOf(first), await leftOf(second)];
    const box = (await first.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 4 });
    await page.mouse.up();
    await expect(page.getByRole('status').filter({ hasText: 'cannot be so' })).toBeVisible();
    await expect(page.getByRole('list', { name: 'What is wrong' })).toContainText('Edda Morrow');
    // Of one person the slots stand as they begin: where the first now is, the others stand where they were.
    expect(Math.abs((await leftOf(second)) - stays)).toBeLessThan(2);
    await page.getByRole('button', { name: 'One step back' }).click();
    await expect(page.getByRole('list', { name: 'What is wrong' })).toHaveCount(0);
    expect(Math.abs((await leftOf(first)) - was)).toBeLessThan(2);

    const late = page.getByRole('form', { name: 'Somebody is late or missing' });
    await late.getByLabel('Late or missing').selectOption('Oskar Pell');
    await late.getByLabel('Comes at').fill('09:00');
    await late.getByLabel('Plan anew from').fill('08:10');
    await late.getByRole('button', { name: 'Plan the rest anew' }).click();
    await expect(page.getByRole('button', { name: 'Keep this timetable' })).toBeVisible();
    const oskar = slots.filter({ hasText: 'Oskar Pell' });
    for (const label of await oskar.evaluateAll((all) =>
      all.map((one) => one.getAttribute('aria-label') ?? ''),
    )) {
      expect((/, (\d\d:\d\d) to/.exec(label)?.[1] ?? '') >= '09:00', label).toBe(true);
    }
    // What had begun stays.
    expect(Math.abs((await leftOf(first)) - was)).toBeLessThan(2);
    await page.getByRole('button', { name: 'Keep this timetable' }).click();
    await expect(page.getByRole('button', { name: 'Hand out' })).toBeVisible();

    await page.goto(`${page.url()}?see=now&at=08:10`);
    await expect(page.getByRole('row', { name: /^Oskar Pell/ })).toContainText('50');
  });
});

test.describe('a hand', () => {
  test.use({ storageState: people.hand });

  test('reads when to be where, and moves nothing', async ({ page }) => {
    await page.goto('/train/classes/first-day');
    await expect(page.getByRole('group', { name: 'Timetable' }).getByRole('button').first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Keep this timetable' })).toHaveCount(0);
    await expect(page.getByRole('form', { name: 'Somebody is late or missing' })).toHaveCount(0);
    await page.getByRole('button', { name: 'Now and next' }).click();
    await expect(page.getByRole('table', { name: 'Now and next' })).toBeVisible();
  });
});
