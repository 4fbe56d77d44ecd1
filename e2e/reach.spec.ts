import { expect, test } from '@playwright/test';
import { pick } from './page';
import { people, tower } from './people';

test.use({ storageState: people.lead });

test('a server out of reach is told, nothing goes away, and the page goes on by itself', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.getByPlaceholder('Search lines').fill('heat');
  await page.route('**/api/v1/**', (route) => route.abort('connectionrefused'));
  await pick(page, 'in');
  await expect(page.getByText('The server does not answer.').first()).toBeVisible();
  await expect(page.getByPlaceholder('Search lines')).toHaveValue('heat');

  await page.unroute('**/api/v1/**');
  await expect(page.getByText('The server does not answer.')).toHaveCount(0, { timeout: 15_000 });
  await expect(page.getByText('2 holes')).toBeVisible();
  await expect(page.getByPlaceholder('Search lines')).toHaveValue('heat');
});

test('it is told what stands behind a server that answers', async ({ page }) => {
  await page.goto(tower);
  await expect(page.getByText('2 holes')).toBeVisible();
  await page.route('**/api/v1/coverage?**', (route) =>
    route.fulfill({
      status: 503,
      contentType: 'application/problem+json',
      body: JSON.stringify({ type: 'about:blank', title: 'The database does not answer', status: 503 }),
    }),
  );
  await page.route('**/api/v1/health', (route) =>
    route.fulfill({
      status: 503,
      json: {
        ok: false,
        node: 1,
        database: { ok: false },
        disk: { ok: true, freeMegabytes: 900 },
        queue: { ok: true, waiting: 0 },
      },
    }),
  );
  await pick(page, 'in');
  await expect(page.getByText('The server is there, but its database does not answer.')).toBeVisible();
});
