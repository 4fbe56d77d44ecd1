import { expect, test } from '@playwright/test';
import { people } from './people';

/* What is due, done for many at once; and a label before the camera. */

test.use({ storageState: people.lead });

test('ticks what was done, each with its certificate, and takes it back', async ({ page }) => {
  await page.goto('/crib/due');
  const past = page.getByRole('region', { name: 'Past' });
  await expect(past).toContainText('TQ-06');
  const many = await page.getByRole('listitem').count();
  await past.getByRole('checkbox', { name: 'TQ-06 verification' }).check();
  await page.getByRole('checkbox', { name: 'TQ-03 verification' }).check();
  await page.getByLabel('Certificate of TQ-06').fill('K-118');
  await page.getByLabel('Certificate of TQ-03').fill('K-119');
  await page.getByRole('button', { name: 'Passed today' }).click();
  await expect(page.getByText('2 dues: passed today')).toBeVisible();
  await expect(past).toHaveCount(0);
  await expect(page.getByRole('listitem')).toHaveCount(many - 2);
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click();
  await expect(past).toContainText('TQ-06');
  await expect(page.getByRole('listitem')).toHaveCount(many);
});

test('makes an address for calendars, shows it once, and takes it back', async ({ page, request }) => {
  await page.goto('/crib/due');
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = await page.getByLabel('Address of the calendar').inputValue();
  expect(await (await request.get(address)).text()).toContain('SUMMARY:TQ-03: verification');
  await page.reload();
  await expect(page.getByText(/There is an address since/)).toBeVisible();
  await expect(page.getByLabel('Address of the calendar')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('button', { name: 'Make an address' })).toBeVisible();
  expect((await request.get(address)).status()).toBe(404);
});

/** A camera that shows what it is told to, and a browser that reads codes: neither is in the one that tests run in. */
const CAMERA = `
  window.labels = [];
  window.BarcodeDetector = class {
    async detect() { return window.labels.map((rawValue) => ({ rawValue })); }
  };
  Object.defineProperty(navigator, 'mediaDevices', { value: {
    async getUserMedia() {
      const canvas = document.createElement('canvas');
      const pen = canvas.getContext('2d');
      setInterval(() => pen.fillRect(0, 0, 1, 1), 50);
      return canvas.captureStream(20);
    },
  } });
`;

test('reads labels by the camera: one is opened, many are marked for a van', async ({ page }) => {
  await page.addInitScript(CAMERA);
  const show = (...labels: string[]) =>
    page.evaluate((now) => Object.assign(window, { labels: now }), labels);
  await page.goto('/crib/wall');
  await page.getByRole('button', { name: 'Scan' }).click();
  await expect(page.getByText('Hold a label before the camera.')).toBeVisible();
  await show('XX-99');
  await expect(page.getByText('“XX-99” is the tag of no thing here.')).toBeVisible();
  await show('TQ-03');
  await expect(page.getByRole('complementary', { name: 'Thing TQ-03' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Camera' })).toHaveCount(0);
  await page.keyboard.press('Escape');

  await show();
  await page.getByRole('button', { name: 'Mark several' }).click();
  await page.getByRole('button', { name: 'Scan' }).click();
  await show('CU-04');
  await expect(page.getByText('CU-04: marked, 1 thing by now')).toBeVisible();
  await show('CU-05', 'CU-06');
  await expect(page.getByRole('heading', { name: '3 things marked' })).toBeVisible();
  // A reader in the hand types the tag and Enter.
  await page.getByLabel('Find a thing').fill('cu-15');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: '4 things marked' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Print their labels' })).toHaveAttribute(
    'href',
    '/api/v1/labels.pdf?tags=CU-04%2CCU-05%2CCU-06%2CCU-15',
  );
});
