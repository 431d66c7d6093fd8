import { chromium } from '@playwright/test';
import zlib from 'node:zlib';
const url = process.argv[2];
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-dev-shm-usage'],
});
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
let js = 0,
  gz = 0;
const files = [];
page.on('response', async (r) => {
  if (/\.js(\?|$)/.test(r.url())) {
    try {
      const b = await r.body();
      js += b.length;
      const g = zlib.gzipSync(b).length;
      gz += g;
      files.push([r.url().split('/').pop(), b.length, g]);
    } catch {}
  }
});
const t = Date.now();
await page.goto('http://127.0.0.1:3210' + url);
await page.waitForSelector('#dial');
console.log('dial at', Date.now() - t);
await page.waitForTimeout(2500);
console.log('js', js, 'gz', gz);
files
  .sort((a, b) => b[2] - a[2])
  .slice(0, 14)
  .forEach((f) => console.log(f.join(' ')));
const times = await page.evaluate(async () => {
  const dial = document.getElementById('dial');
  const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
  const out = [];
  for (let i = 0; i < 200; i++) {
    await new Promise((r) => setTimeout(r, 20));
    const v = 12 + (i % 100) * 0.1;
    const t0 = performance.now();
    set.call(dial, String(v));
    dial.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((r) =>
      requestAnimationFrame(() => {
        const c = new MessageChannel();
        c.port1.onmessage = () => r();
        c.port2.postMessage(0);
      }),
    );
    out.push(performance.now() - t0);
  }
  return out;
});
times.sort((a, b) => a - b);
console.log('slider ms median', times[100], 'p95', times[190], 'max', times[199]);
await browser.close();
