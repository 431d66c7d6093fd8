import { courseOf } from '@/core/practice/drills';
import { demonstration } from '@/core/practice/demonstrate';
import { placeAt, trackOf } from '@/core/practice/course';
import { practiceWire } from '@/core/practice/wire';
import { testRig } from '@/core/engine/testRigs';
import { accessible, expect, test } from './fixtures';

test.use({ apart: 'own rigs', seeded: false });
test.describe.configure({ timeout: 180_000 });

const RIG = testRig({ name: 'Practised', control: { kind: 'volts', setting: 20 } });

test('a taper is passed by two fingers, one on each end', async ({ browser, server }) => {
  const context = await browser.newContext({
    hasTouch: true,
    viewport: { width: 390, height: 844 },
    baseURL: server.url,
  });
  const page = await context.newPage();
  await page.clock.install();
  const answer = await page.request.post('/api/rigs', {
    data: { doc: RIG, foamStockId: null, spoolId: null, supplyId: null },
  });
  const { id } = ((await answer.json()) as { record: { id: string } }).record;
  const result = page.getByRole('region', { name: 'What it came to' });
  await page.goto(`/rig/${id}/practice?drill=taper`);
  await page.getByRole('button', { name: 'Lead it' }).click();
  const wire = practiceWire(RIG)!;
  const course = courseOf('taper', wire);
  const tracks = { near: trackOf(course.near, course.faces.near), far: trackOf(course.far, course.faces.far) };
  await page.locator('canvas[data-end="near"]').scrollIntoViewIfNeeded();
  const boxes = {
    near: (await page.locator('canvas[data-end="near"]').boundingBox())!,
    far: (await page.locator('canvas[data-end="far"]').boundingBox())!,
  };
  // Where a millimetre lies on each picture, asked of the page, which lays it out.
  const lay = await page
    .locator('canvas[data-end]')
    .evaluateAll((all) => all.map((c) => (c as HTMLElement).dataset['lay']!));
  const [near, far] = lay.map((l) => JSON.parse(l) as { x: number; y: number; scale: number });
  const at = (end: 'near' | 'far', arc: number) => {
    const [x, y] = placeAt(tracks[end], arc);
    const l = end === 'near' ? near! : far!;
    return { x: boxes[end].x + l.x + x * l.scale, y: boxes[end].y + l.y - y * l.scale };
  };
  const aims = demonstration(course);
  const cdp = await context.newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', i: number) =>
    cdp.send('Input.dispatchTouchEvent', {
      type,
      touchPoints:
        type === 'touchEnd'
          ? []
          : [
              { ...at('near', aims[i]!.near), id: 1 },
              { ...at('far', aims[i]!.far), id: 2 },
            ],
    });
  // A frame to each place the fingers are at, on a clock that stands meanwhile: a machine that does much else leads no worse.
  await page.clock.pauseAt(Date.now() + 60_000);
  await touch('touchStart', 0);
  const stage = page.getByRole('group', { name: /the bench/ });
  for (let i = 0; i < aims.length - 1 && (await stage.getAttribute('data-phase')) === 'leading';) {
    i = Math.min(aims.length - 1, Math.round(Number((await stage.getAttribute('data-t')) ?? 0) / 0.005) + 20);
    await touch('touchMove', i);
    await page.clock.fastForward(100);
  }
  await page.clock.resume();
  await expect(result).toBeVisible({ timeout: 30_000 });
  expect(Number(await result.getAttribute('data-points'))).toBeGreaterThan(85);
  await accessible(page);
  await context.close();
});
