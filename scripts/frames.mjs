/**
 * Times the steps of a rig's dial in the built program, dragged by a real mouse in headless Chromium: from the input
 * event to the end of the next animation frame's work (scripts, style and layout; forced at the end of the frame's own
 * callbacks), and to the first task after that frame, painting and hand-over included. Prints medians and 95th
 * percentiles; ends with 1 where the first is over its bound.
 */
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { chromium } from '@playwright/test';
import { ensureBuild, ensurePackages } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
const BOUND_MS = 16;
ensurePackages(root);
ensureBuild(root);
const port = await new Promise((resolve) => {
  const probe = net.createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address();
    probe.close(() => resolve(free));
  });
});
const data = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-frames-'));
const server = spawn(
  process.execPath,
  ['node_modules/next/dist/bin/next', 'start', '-p', String(port), '-H', '127.0.0.1'],
  {
    cwd: root,
    stdio: 'ignore',
    env: {
      ...process.env,
      NODE_ENV: 'production',
      NEXT_MANUAL_SIG_HANDLE: 'true',
      UPWIND_DATA: data,
      UPWIND_SEED: '1',
      UPWIND_ALLOWED_HOSTS: `127.0.0.1:${port}`,
    },
  },
);
const url = `http://127.0.0.1:${port}`;
for (let i = 0; i < 300; i++) {
  if (await fetch(`${url}/api/health`).then((r) => r.ok, () => false)) break; // prettier-ignore
  await new Promise((r) => setTimeout(r, 100));
}
const rigs = await (await fetch(`${url}/api/rigs`)).json();
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-dev-shm-usage'],
});
let over = false;
for (const name of ['Blade bow', 'Panel table']) {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(`${url}/rig/${rigs.find((r) => r.doc.name === name).id}?stage=power`);
  await page.waitForSelector('canvas');
  await page.waitForTimeout(2000);
  await page.evaluate(() => {
    window.work = [];
    window.painted = [];
    window.addEventListener(
      'input',
      () => {
        const start = performance.now();
        requestAnimationFrame(() => {
          void document.body.offsetHeight;
          window.work.push(performance.now() - start);
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => window.painted.push(performance.now() - start);
          port2.postMessage(0);
        });
      },
      true,
    );
  });
  const box = await page.locator('#dial').boundingBox();
  const y = box.y + box.height / 2;
  const from = box.x + box.width * 0.3;
  await page.mouse.move(from, y);
  await page.mouse.down();
  for (let i = 0; i < 260; i++) {
    await page.mouse.move(from + (i % 87) * 0.9, y);
    await page.waitForTimeout(12);
  }
  await page.mouse.up();
  const { work, painted } = await page.evaluate(() => ({ work: window.work, painted: window.painted }));
  const at = (list, share) => [...list.slice(-200)].sort((a, b) => a - b)[Math.floor(199 * share)].toFixed(1);
  console.log(
    `${name}: ${work.length} steps; work ${at(work, 0.5)} ms median, ${at(work, 0.95)} ms at 95 % (bound ${BOUND_MS}); with painting ${at(painted, 0.5)} and ${at(painted, 0.95)} ms`,
  );
  over ||= !(Number(at(work, 0.95)) < BOUND_MS);
  await page.close();
}
await browser.close();
const ended = new Promise((r) => server.once('exit', r));
server.kill('SIGTERM');
await ended;
fs.rmSync(data, { recursive: true, force: true });
process.exit(over ? 1 : 0);
