import type { Page } from '@playwright/test';
import { courseOf } from '@/core/practice/drills';
import { demonstration } from '@/core/practice/demonstrate';
import { play, traceOf } from '@/core/practice/play';
import { practiceWire } from '@/core/practice/wire';
import type { Rig } from '@/core/documents/rig';
import { testRig } from '@/core/engine/testRigs';
import { chromium } from '../scripts/chromium.mjs';
import { forwardUntil } from './clock';
import { FIGURE } from './figure';
import { accessible, expect, framesPass, test } from './fixtures';

// The bare browser has no pointer to lock.
test.use({ apart: 'practice', seeded: false, launchOptions: chromium({ whole: true }) });
test.describe.configure({ timeout: 180_000 });

/** A quick rig, so that a drill takes seconds. */
const RIG = testRig({ name: 'Practised', control: { kind: 'volts', setting: 20 } });
const AT = '2026-05-02T18:10:00Z';
const NO_LINKS = { foamStockId: null, spoolId: null, supplyId: null };

async function made(page: Page, rig: Rig = RIG): Promise<string> {
  const answer = await page.request.post('/api/rigs', { data: { doc: rig, ...NO_LINKS } });
  return ((await answer.json()) as { record: { id: string } }).record.id;
}
const result = (page: Page) => page.getByRole('region', { name: 'What it came to' });

test('a drill is passed by keyboard alone, kept, played again and deleted', async ({ page }) => {
  const id = await made(page);
  await page.clock.install();
  await page.goto(`/rig/${id}/practice`);
  await expect(page.getByRole('heading', { name: 'Practice bench' })).toBeVisible();
  await accessible(page);
  // From the top of the page to the bench, by the keyboard.
  const lead = page.getByRole('button', { name: 'Lead it' });
  await expect(async () => {
    await page.keyboard.press('Tab');
    await expect(lead).toBeFocused({ timeout: 50 });
  }).toPass({ intervals: [0] });
  await page.keyboard.press('Enter');
  const bench = page.getByRole('group', { name: /the bench/ });
  await expect(bench).toBeFocused();
  for (let i = 0; i < 10; i++) await page.keyboard.press('ArrowUp');
  await page.keyboard.press(' ');
  await expect(page.getByRole('heading', { name: 'Clean' })).toBeVisible({ timeout: 30_000 });
  await accessible(page);
  await forwardUntil(page, 90, () => result(page).isVisible());
  expect(Number(await result(page).getAttribute('data-points'))).toBeGreaterThan(90);
  await expect(page.getByText('Kept with your practice')).toBeVisible();
  // Nothing of it is in the log of real cuts.
  const log = (await (await page.request.get(`/api/rigs/${id}`)).json()) as { cuts: unknown[] };
  expect(log.cuts).toEqual([]);
  await page.goto('/practice');
  await accessible(page);
  await page.getByRole('link', { name: 'Play it' }).click();
  await expect(page.getByRole('heading', { name: 'Clean' })).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(result(page)).toContainText('played again');
  await page.goto('/practice');
  await page.getByRole('button', { name: /Delete/ }).click();
  await expect(page.getByText('Nothing led yet')).toBeVisible();
});

test('an unknown bench is read, cut and found out', async ({ page }) => {
  const id = await made(page);
  await page.goto(`/rig/${id}/practice?drill=unknown`);
  const read = page.getByRole('button', { name: 'Set, wait, read' });
  await expect(read).not.toHaveCount(0);
  for (const button of await read.all()) await button.click();
  await expect(page.locator('table').getByText('–')).toHaveCount(0);
  await page.getByRole('button', { name: 'Test cut' }).click();
  await expect(page.getByRole('region', { name: 'Test cuts' }).getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('Max feed').fill('6');
  await page.getByRole('button', { name: 'That is it' }).click();
  await expect(result(page)).toContainText('It hid');
  await expect(page.getByText('Kept with your practice')).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Another bench' }).click();
  await page.getByRole('button', { name: 'Show me' }).click();
  await expect(result(page)).toHaveAttribute('data-points', '100');
});

test('a score is the server’s own: a trace is led again there; rubbish is refused by field', async ({
  page,
}) => {
  const id = await made(page);
  const wire = practiceWire(RIG)!;
  const course = courseOf('corner', wire);
  const trace = traceOf(
    { rig: RIG, drill: 'corner', course, warm: true },
    demonstration(course, course.feed, false),
  );
  const kept = await page.request.post('/api/practice', { data: { rigId: id, at: AT, trace } });
  expect(kept.status()).toBe(200);
  const record = (await kept.json()) as { id: string; score: { points: number } };
  expect(record.score.points).toBe(play(trace).points);
  expect(await (await page.request.get(`/api/practice/${record.id}`)).json()).toEqual(
    JSON.parse(JSON.stringify(trace)),
  );
  const told = await page.request.post('/api/v1/practice', { data: trace });
  expect(((await told.json()) as { losses: { reason: string }[] }).losses[0]!.reason).toContain('Corner');
  for (const [bad, path] of [
    [{ ...trace, near: [1.5] }, 'trace.near[0]'],
    [{ ...trace, course: { ...course, near: [[0, 0]] } }, 'trace.course.near'],
    [{ ...trace, kind: 'other' }, 'trace.kind'],
    [{ ...trace, rig: { ...RIG, control: { kind: 'volts', setting: 0.1 } } }, 'rig'],
  ] as const) {
    const refused = await page.request.post('/api/practice', { data: { rigId: id, at: AT, trace: bad } });
    expect(refused.status()).toBe(422);
    expect(((await refused.json()) as { error: { path: string } }).error.path).toBe(path);
  }
});

test('the pointer may be locked to the wire, and lets go on Esc; a reader hears what goes on', async ({
  page,
}) => {
  const id = await made(page);
  await page.goto(`/rig/${id}/practice?drill=feed`);
  await page.getByRole('button', { name: 'Lead it' }).click();
  const stage = page.getByRole('group', { name: /the bench/ });
  await page.getByRole('button', { name: 'Lock the pointer' }).click();
  await expect.poll(() => page.evaluate(() => document.pointerLockElement?.tagName ?? null)).toBe('CANVAS');
  for (let i = 0; i < 40; i++) {
    await page.mouse.move(300 + 4 * i, 300);
    await framesPass(page, 1);
  }
  await expect.poll(async () => Number(await stage.getAttribute('data-aimed'))).toBeGreaterThan(8);
  await expect(page.locator('[aria-live="polite"]').first()).toContainText(/In air|Clean|Drags|Melts|Stands/);
  await page.evaluate(() => document.exitPointerLock());
  await page.getByRole('button', { name: 'Let go' }).click();
  await expect(result(page)).toContainText('of the cut was not made');
});

test('what a finger aims at is painted in the next frame', async ({ page }) => {
  const id = await made(page);
  await page.goto(`/rig/${id}/practice?drill=feed`);
  await page.getByRole('button', { name: 'Lead it' }).click();
  const seen = await page.locator('canvas[data-end="near"]').evaluate(async (canvas) => {
    const { x, y, scale } = JSON.parse(canvas.dataset['lay']!) as { x: number; y: number; scale: number };
    const stage = canvas.closest<HTMLElement>('[data-phase]')!;
    const box = canvas.getBoundingClientRect();
    const at = (type: string, mm: number) =>
      canvas.dispatchEvent(
        new PointerEvent(type, {
          bubbles: true,
          pointerId: 1,
          clientX: box.left + x + mm * scale,
          clientY: box.top + y - 10 * scale,
        }),
      );
    canvas.setPointerCapture = () => {};
    const out: number[] = [];
    at('pointerdown', -8);
    for (let mm = -7; mm < 12; mm++) {
      await new Promise(requestAnimationFrame);
      at('pointermove', mm);
      // The page's own frame was asked for before this one: it has painted when this one is called.
      await new Promise(requestAnimationFrame);
      out.push(Number(stage.dataset['aimed']) - (mm + 10));
    }
    return out;
  });
  expect(Math.max(...seen.map(Math.abs))).toBeLessThan(0.2);
});

test(
  'a frame is painted and led in less than its share of a second, also on a slower processor',
  FIGURE,
  async ({ page }) => {
    const id = await made(page);
    const cdp = await page.context().newCDPSession(page);
    for (const [rate, drill] of [
      [1, 'feed'],
      [4, 'taper'],
    ] as const) {
      await page.goto(`/rig/${id}/practice?drill=${drill}`);
      await cdp.send('Emulation.setCPUThrottlingRate', { rate });
      await page.getByRole('button', { name: 'Show me' }).click();
      await page.waitForTimeout(3000);
      const frames = await page.getByRole('group', { name: /the bench/ }).evaluate(async (box) => {
        const all: number[] = [];
        const work: number[] = [];
        let last = performance.now();
        for (let i = 0; i < 150; i++) {
          await new Promise(requestAnimationFrame);
          const now = performance.now();
          all.push(now - last);
          work.push(Number((box as HTMLElement).dataset['frameMs']));
          last = now;
        }
        const mid = (list: number[]) => list.sort((a, b) => a - b)[Math.floor(list.length / 2)]!;
        return { frame: mid(all), work: mid(work) };
      });
      console.log(
        `${drill} at 1/${rate} of the speed: a frame each ${frames.frame.toFixed(1)} ms, ${frames.work.toFixed(2)} ms of work`,
      );
      // The work of a frame, not the machine's own pace: a shared machine may drop frames of an empty page too.
      expect(frames.work).toBeLessThan(rate === 1 ? 1000 / 60 : 1000 / 50);
      await cdp.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    }
  },
);
