/** Debian's Chromium, as the browser tests have it. */
export const bench = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

/** The state of a browser in which the demo's lead is signed in. */
export async function signedInPage(browser, url) {
  const page = await browser.newPage();
  await page.goto(url);
  await page.getByRole('button', { name: 'Ivo Marell' }).click();
  await page.getByRole('group', { name: /Gauge ruler/ }).waitFor();
  const state = await page.context().storageState();
  await page.close();
  return state;
}
