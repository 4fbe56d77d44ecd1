import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';
import { panel, people, tower } from './people';

test.setTimeout(180_000);
// They only read: any of them on either worker.
test.describe.configure({ mode: 'parallel' });

/** Findings of axe that somebody would run into; of the other theme what colours alone decide. */
async function findings(page: Page): Promise<string[]> {
  await page.waitForLoadState('networkidle');
  const found: string[] = [];
  for (const theme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: theme });
    await expect(page.locator(`.v-application.v-theme--${theme}`)).toBeVisible();
    const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] });
    const { violations } = await (theme === 'light' ? axe : axe.withRules(['color-contrast'])).analyze();
    for (const { id, impact, nodes } of violations) {
      if (impact === 'serious' || impact === 'critical')
        found.push(`${theme}, ${id}: ${nodes.map((node) => node.target.join(' ')).join(', ')}`);
    }
  }
  return found;
}

test('sign-in has no serious finding', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  expect(await findings(page)).toEqual([]);
});

test.describe('signed in', () => {
  test.use({ storageState: people.lead });

  test('an empty shop has no serious finding', async ({ page }) => {
    for (const list of ['kits', 'scopes']) {
      await page.route(`**/api/v1/${list}`, (route) => route.fulfill({ json: { data: [] } }));
    }
    await page.goto('/cover');
    await expect(page.getByRole('heading', { name: 'Three steps to the first verdict' })).toBeVisible();
    expect(await findings(page)).toEqual([]);
  });

  for (const [name, address] of [
    ['Cover with holes, and Why', `${tower}&line=winch-50&step=2`],
    ['Cover without', panel],
    ['all kits', '/cover/all'],
    ['Cover as if', `${tower}&asif=1&with=press-frame&without=hex-lug`],
    ['time and hands', '/cover/time?kit=cabin-bench&scope=boards&tool=bench-stripper&wage=4200&piece=12'],
    ['what to pack', '/cover/bag?kit=pylon-backpack&scope=tower-7'],
    ['how the shop tells things', '/shop/settings'],
    ['the house rules, one thought over', '/shop/rules?rules=%7B%22preset%22%3A%22aircraft%22%7D'],
    ['Work, and a line of it', '/work?kit=pylon-backpack&scope=tower-7&line=heat-15'],
    ['a table', '/work/table?kit=pylon-backpack&scope=tower-7'],
    ['the history', '/shop/history'],
    ['Crib', '/crib'],
    ['a tool', '/crib/tools/roll-fine'],
    ['a wire', '/crib/wires/heat-3x1.5'],
    ['a terminal', '/crib/terminals/ring-blue-m5'],
    ['a kit', '/crib/kits/pylon-backpack'],
    ['the shelf', '/crib/shelf/tools?one=oval-ratchet'],
    ['the kits', '/crib/kits'],
    ['Plan', '/plan?kit=pylon-backpack&scope=tower-7'],
    ['a card', '/bench?kit=pylon-backpack&scope=tower-7'],
    ['Reckon', '/bench/reckon?what=notch&size=12+AWG&construction=stranded&hole=2.2'],
    ['Supplies', '/supplies?scopes=cabin-lighting&times=cabin-lighting:12'],
    ['Train', '/train?away=pavo-lindh'],
    ['classes', '/train/classes'],
    ['a class', '/train/classes/first-day'],
    ['now and next', '/train/classes/first-day?see=now&at=08:40'],
    ['a person', '/train/people/nela-sorge?skill=crimp:open-barrel'],
    ['who comes in', '/shop/people'],
    ['one’s own account', '/shop/you'],
    ['a link that leads nowhere', '/enter#by=invitation&email=a@b.example&token=x'],
    ['Tables', '/tables'],
    ['Shop', '/shop'],
  ] as const) {
    test(`${name} has no serious finding`, async ({ page }) => {
      await page.goto(address);
      expect(await findings(page)).toEqual([]);
    });
  }
});
