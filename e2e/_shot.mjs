import { chromium } from '@playwright/test';
const [, , path, out, w = '1280', h = '800', scheme = 'light', who = 'Ivo Marell', js = ''] = process.argv;
const b = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu'],
});
const p = await b.newPage({ viewport: { width: +w, height: +h }, colorScheme: scheme });
p.on('console', (m) => m.type() === 'error' && console.log('console', m.text()));
p.on('pageerror', (e) => console.log('pageerror', e.message));
await p.goto('http://127.0.0.1:8470/');
await p.getByRole('button', { name: who }).click();
await p.waitForTimeout(600);
await p.goto('http://127.0.0.1:8470' + path);
await p.waitForLoadState('networkidle');
await p.waitForTimeout(500);
if (js) {
  const f = new Function('p', `return (async () => { ${js} })()`);
  const r = await f(p);
  if (r !== undefined) console.log(JSON.stringify(r));
  await p.waitForTimeout(500);
}
await p.screenshot({ path: out });
await b.close();
