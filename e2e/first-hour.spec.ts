import { expect, test, type Locator, type Page } from '@playwright/test';

/*
 * From a shop in which there is nothing to a hole of its own that is closed, as somebody goes who has never seen it; by mouse with every
 * action counted, and by keyboard alone.
 */
test.use({ storageState: { cookies: [], origins: [] } });

const cutter = 'Flush cutter 130 mm';
const stripper = 'Notched hand stripper, 10-18 AWG solid';
const holes = 'Closes both holes for €133.50';

/** Each attempt has a shop of its own. */
async function enter(page: Page, way: 'mouse' | 'keys', attempt: number): Promise<void> {
  await page.goto('/');
  await page.getByLabel('E-mail address').fill(`${way}${attempt}@nothing.example`);
  await page.getByLabel('Password').fill('cable-car');
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Three steps to the first verdict' })).toBeVisible();
}

test('from nothing to a closed hole in at most 25 actions', async ({ page }, { retry }) => {
  await enter(page, 'mouse', retry);
  let actions = 0;
  const press = async (what: Locator) => {
    actions++;
    await what.click();
  };
  const type = async (into: Locator, text: string) => {
    actions++;
    await into.fill(text);
  };
  const place = (name: string) => page.getByRole('link', { name, exact: true });

  await type(page.getByLabel('What the work is called'), 'Deck lights');
  await press(page.getByRole('button', { name: 'Write its lines' }));
  const line = page.getByLabel('A line of work');
  await type(line, '24 × 18 AWG fine silicone → ring red M4');
  await press(page.getByRole('button', { name: 'Take over: 18 AWG fine-stranded silicone lead' }));
  await expect(line).toHaveValue('24 × 18 AWG fine-stranded silicone lead → ring red M4');
  await press(page.getByRole('button', { name: /Take over: Ring, red, M4/ }));
  await expect(line).toHaveValue(/→ Ring, red, M4/);
  await press(page.getByRole('button', { name: 'Add', exact: true }));
  await expect(page.getByText('1 line', { exact: true })).toBeVisible();

  await press(place('Cover'));
  await expect(page.getByText('1 line in 1 scope.')).toBeVisible();
  await press(page.getByRole('link', { name: 'Tick on the shelf' }));
  await press(page.getByLabel(`Tick: ${cutter}`));
  await press(page.getByLabel(`Tick: ${stripper}`));
  await press(page.getByRole('button', { name: 'Take over 2 tools' }));
  await expect(page.getByText('Taken from the shelf: 2 tools')).toBeVisible();
  await press(place('Cover'));
  await type(page.getByLabel('What the kit is called'), 'Deck bag');
  await press(page.getByRole('button', { name: 'Pack it' }));
  await expect(page.getByText('2 holes: 24 of 24 terminations cannot be made')).toBeVisible();
  const toTheFirstVerdict = actions;

  await press(place('Plan'));
  await expect(page.getByText('Nothing that has a price closes any of the 2 holes')).toBeVisible();
  await type(page.getByLabel(/Price of Self-adjusting stripper/), '38,50');
  await press(page.getByRole('button', { name: 'Plan with it' }).first());
  await expect(page.getByText('Nothing that can be had makes one termination more')).toBeVisible();
  await expect(page.getByLabel(/Price of Self-adjusting stripper/)).toHaveCount(0);
  await type(page.getByLabel(/Price of Ratchet crimper, oval nests/), '95');
  await press(page.getByRole('button', { name: 'Plan with it' }).first());
  await expect(page.getByText(holes)).toBeVisible();
  await press(page.getByRole('button', { name: 'Accept this plan' }));
  for (const tool of ['Self-adjusting stripper', 'Ratchet crimper, oval nests']) {
    const arrival = page.getByRole('checkbox', { name: new RegExp(tool) });
    await press(arrival);
    await expect(arrival).toBeChecked();
    await expect(arrival).toBeEnabled();
  }
  await press(place('Cover'));
  await expect(page.getByText(/No holes|no hole/i).first()).toBeVisible();
  expect([toTheFirstVerdict, actions]).toEqual([14, 23]);
});

test('the same by keyboard alone', async ({ page }, { retry }) => {
  await enter(page, 'keys', retry);
  /** On with Tab until it stands there. */
  const tabTo = async (what: Locator) => {
    await expect(what).toBeVisible();
    for (let step = 0; step < 80; step++) {
      if (await what.evaluate((element) => element === document.activeElement)) return;
      await page.keyboard.press('Tab');
    }
    throw new Error('It is not in the order of the tab key');
  };
  const type = (text: string) => page.keyboard.type(text);
  const key = (name: string) => page.keyboard.press(name);
  /** No letter of a place is for a field. */
  const go = async (letter: string) => {
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await key('g');
    await key(letter);
  };

  await tabTo(page.getByLabel('What the work is called'));
  await type('Deck lights');
  await key('Enter');
  const line = page.getByLabel('A line of work');
  await expect(line).toBeVisible();
  await key('n');
  await expect(line).toBeFocused();
  await type('24 × 18 AWG fine silicone → ring red M4');
  await tabTo(page.getByRole('button', { name: 'Take over: 18 AWG fine-stranded silicone lead' }));
  await key('Enter');
  // The field has the focus again, for the words are in it.
  await expect(line).toHaveValue('24 × 18 AWG fine-stranded silicone lead → ring red M4');
  await expect(line).toBeFocused();
  await tabTo(page.getByRole('button', { name: /Take over: Ring, red, M4/ }));
  await key('Enter');
  await expect(line).toHaveValue(/→ Ring, red, M4/);
  await key('Enter');
  await expect(page.getByText('1 line', { exact: true })).toBeVisible();

  await go('c');
  await tabTo(page.getByRole('link', { name: 'Tick on the shelf' }));
  await key('Enter');
  for (const tool of [cutter, stripper]) {
    await tabTo(page.getByLabel('Find tools on the shelf'));
    await key('Control+a');
    await type(tool);
    await tabTo(page.getByLabel(`Tick: ${tool}`));
    await key('Space');
  }
  await tabTo(page.getByRole('button', { name: 'Take over 2 tools' }));
  await key('Enter');
  await expect(page.getByText('Taken from the shelf: 2 tools')).toBeVisible();
  await go('c');
  await tabTo(page.getByLabel('What the kit is called'));
  await type('Deck bag');
  await key('Enter');
  await expect(page.getByText('2 holes: 24 of 24 terminations cannot be made')).toBeVisible();
  await go('p');
  await tabTo(page.getByLabel(/Price of Self-adjusting stripper/));
  await type('38.50');
  await key('Enter');
  await expect(page.getByLabel(/Price of Self-adjusting stripper/)).toHaveCount(0);
  await tabTo(page.getByLabel(/Price of Ratchet crimper, oval nests/));
  await type('95');
  await key('Enter');
  await expect(page.getByText(holes)).toBeVisible();
});
