/**
 * Times the steps of a rig's dial in the built program, dragged by a real mouse in headless Chromium: from the input
 * event to the end of the next animation frame's work (scripts, style and layout; forced at the end of the frame's own
 * callbacks), and to the first task after that frame, painting and hand-over included. Prints medians and 95th
 * percentiles. Then matches some 20 000 pairings in the page's worker and counts the page's frames the while. Ends with 1
 * where a figure is over its bound.
 */
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { chromium as browsers } from '@playwright/test';
import { chromium } from './chromium.mjs';
import { ensureBuild, ensurePackages } from './setup.mjs';

const root = path.resolve(import.meta.dirname, '..');
const BOUND_MS = 16;
const BOUND_MATCH_MS = 3000;
const BOUND_FPS = 50;
ensurePackages(root);
ensureBuild(root);
const port = await new Promise((resolve) => {
  const probe = net.createServer().listen(0, '127.0.0.1', () => {
    const { port: free } = probe.address();
    probe.close(() => resolve(free));
  });
});
const data = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-frames-'));
const server = spawn(process.execPath, ['scripts/server.mjs'], {
  cwd: root,
  stdio: 'ignore',
  env: {
    ...process.env,
    UPWIND_DATA: data,
    UPWIND_SEED: '1',
    PORT: String(port),
  },
});
const url = `http://127.0.0.1:${port}`;
for (let i = 0; i < 300; i++) {
  if (
    await fetch(`${url}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
  )
    break;
  await new Promise((r) => setTimeout(r, 100));
}
const rigs = await (await fetch(`${url}/api/rigs`)).json();
const browser = await browsers.launch(chromium());
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
over ||= await matchFrames();
await browser.close();
const ended = new Promise((r) => server.once('exit', r));
server.kill('SIGTERM');
await ended;
fs.rmSync(data, { recursive: true, force: true });
process.exit(over ? 1 : 0);

/** Forty spools at twelve lengths on fifteen supplies: how long the match takes, and how many frames the page draws. */
async function matchFrames() {
  const post = (kind, data) =>
    fetch(`${url}/api/drawer/${kind}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(data),
    });
  for (let i = 0; i < 36; i++)
    await post('spools', { name: `w${i}`, alloy: i % 3 ? 'nicr-80' : 'ss-304', diameterMm: 0.2 + 0.015 * i });
  for (let i = 0; i < 9; i++) {
    const bench = { kind: i % 3 ? 'bench' : 'brick', volts: 16 + 3 * i, maxAmps: 4 + i };
    await post('supplies', {
      name: `s${i}`,
      supply: bench,
      control: bench.kind === 'bench' ? 'volts' : 'none',
    });
  }
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(`${url}/match`);
  await page.getByRole('heading', { name: /pairings work/ }).waitFor({ timeout: 60000 });
  await page.getByLabel('Wire lengths').fill(Array.from({ length: 12 }, (_, i) => 1020 + 60 * i).join('; '));
  await page.evaluate(() => {
    window.frames = 0;
    const count = () => {
      window.frames++;
      requestAnimationFrame(count);
    };
    requestAnimationFrame(count);
  });
  const before = await page.evaluate(() => window.frames);
  const start = Date.now();
  await page.getByRole('button', { name: 'Find what works' }).click();
  await page.getByText('Stop looking').waitFor();
  await page.getByRole('heading', { name: /pairings work/ }).waitFor({ timeout: 60000 });
  const ms = Date.now() - start;
  const fps = ((await page.evaluate(() => window.frames)) - before) / (ms / 1000);
  const words = await page.getByRole('heading', { name: /pairings work/ }).textContent();
  console.log(
    `match: ${words}, ${ms} ms from the press to the answer (bound ${BOUND_MATCH_MS}), the page at ${fps.toFixed(0)} frames a second (bound ${BOUND_FPS})`,
  );
  await page.close();
  return !(ms < BOUND_MATCH_MS && fps >= BOUND_FPS);
}
