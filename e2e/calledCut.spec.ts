import { build } from 'esbuild';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { forwardUntil, withoutSound } from './clock';
import { accessible, expect, framesPass, test } from './fixtures';
import { smallPiece } from './smallPiece';
import { hearing, wav } from './sound';

test.use({ apart: 'making' });

test('a rehearsed call from start to log, by keyboard alone, at 390 by 844', async ({ page, request }) => {
  test.slow();
  await page.setViewportSize({ width: 390, height: 844 });
  const { rig, plan } = await smallPiece(request);
  await page.goto(`/rig/${rig}/call?plan=${plan}`);
  await expect(page.getByRole('heading', { name: 'Small edge' })).toBeVisible();
  // The page listens once it runs in the browser.
  await expect(async () => {
    await page.keyboard.press('p');
    await expect(page.getByText('Heard: p.')).toBeVisible({ timeout: 1000 });
  }).toPass();
  const start = page.getByRole('button', { name: 'Rehearse without heat' });
  await expect(start).toBeDisabled();
  // Tab from check to check, space ticks.
  for (
    let i = 0;
    i < 40 &&
    !(await page.evaluate(() => (document.activeElement as HTMLInputElement)?.name === 'check.people'));
    i++
  )
    await page.keyboard.press('Tab');
  for (let i = 0; i < 6; i++) {
    await page.keyboard.press('Space');
    await page.keyboard.press('Tab');
  }
  await expect(start).toBeEnabled();
  await accessible(page);
  for (let i = 0; i < 10 && !(await start.evaluate((b) => b === document.activeElement)); i++)
    await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  const run = page.getByRole('region', { name: 'Pass 1 of 1' });
  await expect(run).toBeVisible();
  await accessible(page);
  await page.evaluate(() => (document.activeElement as HTMLElement)?.blur());
  await page.keyboard.press('Space');
  await expect(run).toHaveAttribute('data-running', 'true');
  await expect.poll(async () => Number(await run.getAttribute('data-place'))).toBeGreaterThan(0.2);
  for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowUp');
  await expect(run).toContainText('160 %');
  await expect(run).toHaveAttribute('data-next', '2', { timeout: 60_000 });
  // Hold and go on: nothing is skipped, and a reload finds the place again.
  await page.keyboard.press('Space');
  await expect(run).toHaveAttribute('data-running', 'false');
  const held = Number(await run.getAttribute('data-place'));
  await framesPass(page, 60);
  expect(Number(await run.getAttribute('data-place'))).toBe(held);
  await page.reload();
  await expect(page.getByText(/was left in pass 1/)).toBeVisible();
  for (const name of ['people', 'blank', 'templates']) await page.locator(`[name="check.${name}"]`).check();
  await start.press('Enter');
  await page.evaluate(() => (document.activeElement as HTMLElement)?.blur());
  await page.keyboard.press('Space');
  await expect(run).toHaveAttribute('data-running', 'true');
  await expect(run).toHaveAttribute('data-next', /^[23]$/);
  // It is written as the page paints.
  await expect(run).toHaveAttribute('data-place', /\d/);
  expect(Number(await run.getAttribute('data-place'))).toBeGreaterThan(held - 0.2);
  await expect(page.getByRole('region', { name: 'Afterwards' })).toBeVisible({ timeout: 60_000 });
  await page.getByLabel('Note').fill('Tip a little late at four.');
  await page.getByRole('button', { name: 'Into the log' }).press('Enter');
  await expect(page.getByText('The rehearsal is in the log.')).toBeVisible();
  await page.goto(`/log?rig=${rig}`);
  await expect(page.getByText(/Rehearsed cold: Small edge, right core 1/)).toBeVisible();
});

test('with heat: warm-up, a call, what was seen tunes the rig and sets the next pace', async ({
  page,
  request,
}) => {
  test.slow();
  const { rig, plan } = await smallPiece(request);
  const cuts = async () =>
    ((await (await request.get(`/api/rigs/${rig}`)).json()) as { cuts: unknown[] }).cuts.length;
  const before = await cuts();
  await withoutSound(page);
  await page.clock.install();
  await page.goto(`/rig/${rig}/call?plan=${plan}`);
  await expect(page.locator('[name^="check."]')).toHaveCount(6);
  for (const box of await page.locator('[name^="check."]').all()) await box.check();
  await page.getByRole('button', { name: 'With heat' }).click();
  await page.getByRole('button', { name: 'Power is on' }).click();
  const hot = page.getByRole('button', { name: 'It is hot: go on' });
  await forwardUntil(page, 60, () => hot.isVisible());
  await hot.click();
  const run = page.getByRole('region', { name: 'Pass 1 of 1' });
  await run.getByRole('button', { name: 'Start' }).click();
  await expect(run).toHaveAttribute('data-running', 'true');
  for (let i = 0; i < 7; i++) await run.getByRole('button', { name: 'Faster' }).click();
  await run.getByRole('button', { name: 'Hold' }).click();
  await expect(run.getByRole('alert')).toContainText('melting where it stands');
  await page.clock.fastForward(400);
  await run.getByRole('button', { name: 'Go on' }).click();
  const after = page.getByRole('region', { name: 'Afterwards' });
  await forwardUntil(page, 90, () => after.isVisible());
  await after.getByLabel('fine hairs').check();
  await after.getByLabel('It was').selectOption('good');
  await after.getByLabel('Root, thickest').fill('11.6');
  await expect(after).toContainText(/under plan|over plan/);
  await after.getByLabel('Station of the ridge').fill('3');
  await after.getByRole('button', { name: 'Add' }).click();
  await accessible(page);
  await after.getByRole('button', { name: 'Into the log' }).click();
  await expect(page.getByText(/its pace is the next one’s/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'The batch' })).toContainText('1 of 2');
  expect(await cuts()).toBe(before + 1);
  const events = (await (await request.get(`/api/rigs/${rig}/events`)).json()) as {
    event: { kind: string; pace: number; measured: object; ridges: object[] };
  }[];
  const ran = events
    .map((e) => e.event)
    .filter((e) => e.kind === 'run')
    .at(-1)!;
  expect(ran.pace).toBeLessThan(0.8);
  expect(ran).toMatchObject({ measured: { rootThickMm: 11.6 }, ridges: [{ station: 3 }] });
});

test('rendered offline for ten minutes, every cue lies within 5 ms of its time', async ({ page }) => {
  test.slow();
  // The program's own caller and voice, bundled for the page as its workers are.
  const root = path.resolve(import.meta.dirname, '..');
  const bundled = await build({
    stdin: {
      contents:
        "export { Caller } from '@/devices/voice/caller'; export { loadClips, voiceOn } from '@/devices/voice/audio';",
      resolveDir: root,
    },
    alias: { '@': path.join(root, 'src') },
    bundle: true,
    format: 'iife',
    globalName: 'called',
    write: false,
  });
  await page.goto('/about');
  const worst = await page.evaluate(`(async () => {
    ${bundled.outputFiles[0]!.text}
    const rate = 16000;
    const names = ['n1', 'n12', 'n20', 'half', 'corner', 'power-off'];
    const clips = await called.loadClips(names);
    if (clips.size !== names.length) throw new Error('clips: ' + clips.size);
    // A word every four seconds, ticks (tones) between: ten minutes.
    const cues = [];
    for (let t = 1; t < 600; t++)
      cues.push({ at: t, clip: t % 4 === 0 ? names[(t / 4) % names.length] : 'tick', kind: 'tick', n: t });
    const context = new OfflineAudioContext(1, 600 * rate, rate);
    let look = null;
    const caller = new called.Caller(called.voiceOn(context, clips), cues, { every: (_, call) => { look = call; return () => {}; } });
    caller.go();
    // Timers fire once a minute, as in a hidden page: the rendering stops there and looks.
    for (let m = 1; m < 10; m++) context.suspend(60 * m).then(() => { look(); return context.resume(); });
    const sound = (await context.startRendering()).getChannelData(0);
    const onset = (from, to, level) => { for (let i = from; i < to; i++) if (Math.abs(sound[i]) > level) return i / rate; return null; };
    // Where a clip itself first passes the level, after its start.
    const lead = (clip) => { const b = clips.get(clip); if (!b) return 0; const d = b.getChannelData(0); for (let i = 0; i < d.length; i++) if (Math.abs(d[i]) > 0.02) return i / b.sampleRate; return 0; };
    let worst = 0, missed = 0;
    for (const c of cues) {
      const at = onset(Math.round((c.at - 0.1) * rate), Math.round((c.at + 0.15) * rate), 0.02);
      if (at === null) { missed++; continue; }
      worst = Math.max(worst, Math.abs(at - lead(c.clip) - c.at));
    }
    return { worst, missed, cues: cues.length };
  })()`);
  expect(worst).toMatchObject({ missed: 0, cues: 599 });
  test.info().annotations.push({
    type: 'measured',
    description: `worst ${((worst as { worst: number }).worst * 1000).toFixed(2)} ms`,
  });
  expect((worst as { worst: number }).worst).toBeLessThan(0.005);
});

test.describe('a knock on the bench', () => {
  // Quiet, then a knock every three seconds: short, sudden, much louder than what is about it.
  const file = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-rod-knock-')), 'knock.wav');
  const knock = (t: number) => {
    const since = (t + 1.4) % 3;
    return (
      0.002 * Math.sin(311 * t) +
      (since < 0.08 ? 0.8 * Math.exp(-since / 0.012) * Math.sin(2 * Math.PI * 240 * since) : 0)
    );
  };
  fs.writeFileSync(file, wav(12, knock, 48000));

  test('heard by the microphone, is tried out before the heat, then holds the call', async ({
    playwright,
    server,
    request,
  }) => {
    test.slow();
    const { rig, plan } = await smallPiece(request);
    const browser = await playwright.chromium.launch(hearing(file));
    const page = await browser.newPage();
    await page.goto(`${server.url}/rig/${rig}/call?plan=${plan}`);
    await page.getByLabel('listen for knocks by the microphone').check();
    await expect(page.getByText('Heard: a knock.')).toBeVisible();
    for (const name of ['people', 'blank', 'templates']) await page.locator(`[name="check.${name}"]`).check();
    await page.getByRole('button', { name: 'Rehearse without heat' }).click();
    const run = page.getByRole('region', { name: 'Pass 1 of 1' });
    // The knocks themselves begin it, hold it and let it go on.
    await expect(run).toHaveAttribute('data-running', 'true', { timeout: 30_000 });
    await expect(run).toHaveAttribute('data-running', 'false', { timeout: 30_000 });
    await expect(run.getByRole('button', { name: 'Go on' })).toBeVisible();
    await browser.close();
  });
});
