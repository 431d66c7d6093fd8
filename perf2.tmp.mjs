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
await page.evaluate(() => {
  window.__t = [];
  window.__s = [];
  const dial = document.getElementById('dial');
  window.addEventListener(
    'input',
    () => {
      const t0 = performance.now();
      queueMicrotask(() => {});
      requestAnimationFrame(() => {
        const c = new MessageChannel();
        c.port1.onmessage = () => window.__t.push(performance.now() - t0);
        c.port2.postMessage(0);
      });
      setTimeout(() => 0);
      window.__last = t0;
    },
    true,
  );
  window.addEventListener(
    'input',
    () => {
      window.__s.push(performance.now() - window.__last);
    },
    false,
  );
});
const box = await page.locator('#dial').boundingBox();
const y = box.y + box.height / 2;
const x0 = box.x + box.width * 0.35;
await page.mouse.move(x0, y);
await page.mouse.down();
for (let i = 0; i < 400; i++) {
  await page.mouse.move(x0 + (i % 80) * 0.9, y);
  await page.waitForTimeout(12);
}
await page.mouse.up();
const { t, s } = await page.evaluate(() => ({ t: window.__t, s: window.__s }));
for (const [n, a] of [
  ['frame', t],
  ['sync', s],
]) {
  a.sort((p, q) => p - q);
  console.log(
    n,
    a.length,
    'median',
    a[a.length >> 1]?.toFixed(1),
    'p95',
    a[Math.floor(a.length * 0.95)]?.toFixed(1),
    'max',
    a[a.length - 1]?.toFixed(1),
  );
}
const client = await page.context().newCDPSession(page);
await client.send('Profiler.enable');
await client.send('Profiler.start');
await page.mouse.move(x0, y);
await page.mouse.down();
for (let i = 0; i < 200; i++) {
  await page.mouse.move(x0 + (i % 80) * 0.9, y);
  await page.waitForTimeout(12);
}
await page.mouse.up();
const { profile } = await client.send('Profiler.stop');
const self = {};
profile.samples.forEach((id, i) => (self[id] = (self[id] || 0) + profile.timeDeltas[i]));
const by = {};
for (const n of profile.nodes) {
  const k =
    n.callFrame.functionName +
    ' ' +
    n.callFrame.url.split('/').pop() +
    ':' +
    n.callFrame.lineNumber +
    ':' +
    n.callFrame.columnNumber;
  by[k] = (by[k] || 0) + (self[n.id] || 0);
}
console.log(
  Object.entries(by)
    .sort((a, b) => b[1] - a[1])
    .slice(0, 22)
    .map(([k, v]) => (v / 1000).toFixed(0) + 'ms ' + k)
    .join('\n'),
);
await browser.close();
