import { expect, test } from '@playwright/test';
import { signIn } from './people';

// A session of its own, for it is ended here.
test.use({ serviceWorkers: 'allow' });

test('a card is worked with the network unplugged, and signing out takes it away', async ({
  page,
  context,
}) => {
  await page.goto('/bench?kit=pylon-backpack&scope=tower-7');
  await signIn(page, 'hand');
  await expect(page.getByText(/All \d+ cards can be read without a network/)).toBeVisible();
  await page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state);
  const first = await page.getByRole('heading', { level: 2 }).first().textContent();

  await context.setOffline(true);
  await page.reload();
  await expect(page.getByText(/Kept on this device/)).toBeVisible();
  await expect(page.getByText('The server does not answer.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 2 }).first()).toHaveText(first ?? '');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^2 \/ \d+$/)).toBeVisible();
  const tick = page.getByRole('checkbox').first();
  await tick.check();
  await page.reload();
  await expect(tick).toBeChecked();
  await expect(page.getByRole('heading', { name: 'Mind first' })).toBeVisible();

  await context.setOffline(false);
  await expect(page.getByText(/Kept on this device/)).toHaveCount(0);
  await expect(tick).toBeChecked();
  await tick.uncheck();

  // Signed out without a server: it holds here at once, and the server is told later.
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Units, theme and person' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.goto('/bench?kit=pylon-backpack&scope=tower-7');
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  const left = page.waitForResponse(
    (response) => response.request().method() === 'DELETE' && response.url().endsWith('/api/v1/session'),
  );
  await context.setOffline(false);
  expect((await left).ok()).toBe(true);
});
