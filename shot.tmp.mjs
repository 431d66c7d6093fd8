import { chromium } from '@playwright/test';
const [, , ...args] = process.argv;
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-dev-shm-usage'],
});
for (const a of args) {
  const [name, url, size = '1280x800', scheme = 'light', full = ''] = a.split('|');
  const [width, height] = size.split('x').map(Number);
  const ctx = await browser.newContext({ viewport: { width, height }, colorScheme: scheme });
  const page = await ctx.newPage();
  page.on('console', (m) => {
    if (['error', 'warning'].includes(m.type())) console.log(name, m.type(), m.text().slice(0, 300));
  });
  page.on('pageerror', (e) => console.log(name, 'PAGEERROR', String(e).slice(0, 400)));
  await page.goto('http://127.0.0.1:3210' + url);
  await page.waitForTimeout(1500);
  await page.screenshot({ path: `/tmp/s/${name}.png`, fullPage: full === 'full' });
  const o = await page.evaluate(() => [
    document.documentElement.scrollWidth,
    innerWidth,
    document.documentElement.scrollHeight,
    innerHeight,
  ]);
  console.log(name, 'scroll', o.join(' '));
  await ctx.close();
}
await browser.close();
