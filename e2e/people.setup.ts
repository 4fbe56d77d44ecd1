import { expect, test } from '@playwright/test';
import { people } from './people';

for (const [role, name, file] of [
  ['lead', 'Ivo Marell', people.lead],
  ['hand', 'Beno Tashe', people.hand],
] as const) {
  test(`sign in as the demo's ${role}`, async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name }).click();
    await page.getByRole('button', { name: 'Units, theme and person' }).click();
    await expect(page.getByText(`Tarnholt Ropeway · ${role}`)).toBeVisible();
    await page.context().storageState({ path: file });
  });
}
