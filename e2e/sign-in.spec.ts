import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { pick } from './page';
import { people, signIn, tower } from './people';

test('the demo accounts are offered, and one click is enough', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'The demo is loaded' })).toBeVisible();
  await page.getByRole('button', { name: 'Sanna Quist' }).click();
  await expect(page.getByRole('heading', { name: 'Missing from its kit today' })).toBeVisible();
  await page.getByRole('button', { name: 'Units, theme and person' }).click();
  await page.getByText('Sign out').click();
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
});

test('a wrong password is told and keeps what was typed', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('E-mail address').fill('nobody@tarnholt.example');
  await page.getByLabel('Password').fill('guess');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('alert')).toHaveText('Address and password do not belong together.');
  await expect(page.getByLabel('E-mail address')).toHaveValue('nobody@tarnholt.example');
});

test('a request without the token is refused', async ({ page, baseURL }) => {
  await page.goto('/');
  const status = await page.evaluate(async () => {
    document.cookie = 'XSRF-TOKEN=; max-age=0; path=/';
    const body = JSON.stringify({ email: 'lead@tarnholt.example', password: 'cable-car' });
    const headers = { 'Content-Type': 'application/json', Accept: 'application/json' };
    return (await fetch('/api/v1/session', { method: 'POST', headers, body })).status;
  });
  expect(status).toBe(419);
  expect(baseURL).toContain('127.0.0.1');
});

test('the list of keys does not open over the sign-in', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await page.keyboard.press('?');
  await page.waitForTimeout(300);
  await expect(page.getByRole('heading', { name: 'Keys' })).toHaveCount(0);
});

async function endSession(page: Page, context: BrowserContext) {
  // An answer that is still under way brings its cookie back: until none does.
  await expect(async () => {
    await context.clearCookies();
    await page.waitForTimeout(300);
    expect(await context.cookies()).toEqual([]);
  }).toPass();
  await pick(page, 'in');
  await expect(page.getByRole('heading', { name: 'Your session has ended' })).toBeVisible();
}

test.describe('with a session', () => {
  test.use({ storageState: people.lead });

  test('a session that ends is asked for again, and the page is as it was', async ({ page, context }) => {
    await page.goto(`${tower}&line=winch-50&step=2`);
    await page.getByPlaceholder('Search lines').fill('winch');
    await endSession(page, context);
    await signIn(page, 'lead');
    await expect(page.getByPlaceholder('Search lines')).toHaveValue('winch');
    await expect(page.getByRole('complementary', { name: 'Why' })).toContainText(
      'Nothing in this kit does it',
    );
  });

  test('somebody else who signs in is shown nothing of it', async ({ page, context }) => {
    await page.goto(tower);
    await page.getByPlaceholder('Search lines').fill('winch');
    await endSession(page, context);
    await signIn(page, 'hand');
    await expect(page.getByText('2 holes')).toBeVisible();
    await expect(page.getByPlaceholder('Search lines')).toHaveValue('');
  });
});
