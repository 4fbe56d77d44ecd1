import { expect, test } from '@playwright/test';
import { choose } from './page';
import { people } from './people';

/*
 * A list as it lies on the bench, fifteen lines with three mistakes, typed one after the other without looking up: the good ones
 * are written as they were meant, each mistake is told with its words, and mended.
 */
test.use({ storageState: people.lead });

const list = [
  '36 × 12 AWG hook-up → ring yellow M6',
  '24 x 16 AWG hook-up -> ring blue M5',
  '8 18 AWG hook-up into ring red M4',
  // No gauge of this wire: 17 AWG is not made.
  '10 × 17 AWG hook-up → ring red M4',
  '60 × 0.5 mm² flexible panel wire → ferrule 0.5',
  '40 × 0.75 mm² flexible panel wire → ferrule 0.75, 0.5 N·m',
  '12 ferrules 1.5 on 1.5 mm² flexible panel wire',
  // Red rings are of two studs.
  '6 × 16 AWG hook-up → ring red',
  '14 × 16 AWG hook-up → push-on blue',
  '4 × 16 mm² earth conductor → lug 16 mm² M8',
  '20 × 18 AWG hook-up → fork red M4, tight',
  // A splice has another end.
  '8 × 16 AWG hook-up → butt splice blue heat-shrink, wet',
  '2 × 16 AWG hook-up → fork blue M5, −5 °C',
  '30 × 1 mm² flexible panel wire → ferrule 1',
  '5 × 12 AWG hook-up → ring yellow M6, no mains',
];

test('fifteen lines of a paper list with three mistakes: nothing is lost, nothing is misread', async ({
  page,
}) => {
  await page.goto('/work?kit=pylon-backpack&scope=tower-7');
  await choose(page, 'Do with the scope', 'New scope …');
  // Its name is where the cursor stands.
  await expect(page.getByLabel('Name')).toBeFocused();
  await page.keyboard.type('A list on paper');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/scope=a-list-on-paper/);
  await expect(page.getByText('The scope has no lines yet').first()).toBeVisible();
  const line = page.getByLabel('A line of work');
  const told = page.locator('form.entry [role=alert]');
  const written = (count: number) =>
    expect(page.getByText(`${count} line${count === 1 ? '' : 's'}`, { exact: true })).toBeVisible();
  let good = 0;
  for (const text of list) {
    await line.fill(text);
    await line.press('Enter');
    if (text.includes('17 AWG')) {
      await expect(told).toContainText('Not understood: “17 AWG hook-up”');
      await line.fill(text.replace('17 AWG', '18 AWG'));
      await line.press('Enter');
    } else if (text.endsWith('ring red')) {
      await expect(told).toContainText('Which ring red?');
      await page.getByRole('button', { name: 'Ring, red, M4', exact: true }).first().click();
      await expect(line).toHaveValue(/→ Ring, red, M4$/);
      await line.press('Enter');
    } else if (text.includes('butt')) {
      await expect(told).toContainText('Which wire is at the other end of the splice?');
      await page.getByRole('button', { name: 'The same wire' }).click();
      await line.press('Enter');
    }
    good++;
    await expect(line).toHaveValue('');
  }
  await written(good);
  const row = (words: string) => page.getByRole('row').filter({ hasText: words });
  await expect(row('12 AWG hook-up')).toHaveCount(2);
  await expect(row('Butt splice, blue, heat-shrink')).toContainText('16 AWG hook-up');
  await expect(row('Ferrule 1.5 mm²')).toContainText('12');
  await expect(page.locator('.unwritten')).toHaveCount(0);
});
