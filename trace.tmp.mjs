import { chromium } from '@playwright/test';
const url = process.argv[2];
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-dev-shm-usage'],
});
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await page.goto('http://127.0.0.1:3210' + url);
await page.waitForSelector('#dial');
await page.waitForTimeout(2500);
const box = await page.locator('#dial').boundingBox();
const y = box.y + box.height / 2,
  x0 = box.x + box.width * 0.35;
await page.mouse.move(x0, y);
await page.mouse.down();
for (let i = 0; i < 30; i++) {
  await page.mouse.move(x0 + (i % 80) * 0.9, y);
  await page.waitForTimeout(12);
}
await browser.startTracing(page, { categories: ['devtools.timeline', 'cc', 'benchmark'] });
for (let i = 0; i < 200; i++) {
  await page.mouse.move(x0 + (i % 80) * 0.9, y);
  await page.waitForTimeout(12);
}
const buf = await browser.stopTracing();
await page.mouse.up();
const ev = JSON.parse(buf.toString()).traceEvents;
const main = ev.find((e) => e.name === 'EventDispatch')?.tid;
const sum = {},
  cnt = {};
for (const e of ev)
  if (e.ph === 'X' && e.tid === main && e.dur) {
    sum[e.name] = (sum[e.name] || 0) + e.dur;
    cnt[e.name] = (cnt[e.name] || 0) + 1;
  }
console.log(
  Object.entries(sum)
    .sort((a, b) => b[1] - a[1])
    .slice(0, 26)
    .map(([k, v]) => `${(v / 200000).toFixed(2)} ms/step  n=${cnt[k]} ${k}`)
    .join('\n'),
);
await browser.close();
