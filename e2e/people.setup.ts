import { expect, test } from '@playwright/test';
import { persons, session, shops, signIn } from './people';

for (const shop of shops.keys()) {
  for (const person of persons) {
    test(`sign in as the ${person} of ${shops[shop]}`, async ({ page }) => {
      await page.goto('/');
      await signIn(page, person, shop);
      await page.getByRole('button', { name: 'Units, theme and person' }).click();
      await expect(page.getByText(`Tarnholt Ropeway · ${person}`)).toBeVisible();
      await page.context().storageState({ path: session(person, shop) });
    });
  }
}
