import type { APIRequestContext, Page } from '@playwright/test';
import { forwardUntil, withoutSound } from './clock';
import { accessible, accessibleInBoth, expect, test } from './fixtures';
import { rigNamed } from './rigNamed';

test.use({ apart: 'making' });

async function piece(
  request: APIRequestContext,
  name: string,
  of: object,
): Promise<{ rig: string; plan: string }> {
  const rig = await rigNamed(request, 'Blade bow');
  const made = await request.post(`/api/rigs/${rig}/plans`, {
    data: { format: 'upwind-rod/plan', version: 1, name, ...of },
  });
  expect(made.status()).toBe(200);
  return { rig, plan: ((await made.json()) as { id: string }).id };
}

/** The call's page with the checks ticked that matter without heat; it hears keys. */
async function checked(page: Page, of: { rig: string; plan: string }): Promise<void> {
  await page.goto(`/rig/${of.rig}/call?plan=${of.plan}`);
  await expect(async () => {
    await page.keyboard.press('p');
    await expect(page.getByText('Heard: p.')).toBeVisible({ timeout: 1000 });
  }).toPass();
  for (const name of ['people', 'blank', 'templates']) await page.locator(`[name="check.${name}"]`).check();
}

test('one template, the block turned over: called through both faces by a pedal', async ({ page, request }) => {
  test.setTimeout(240_000);
  const end = { section: { kind: 'naca', code: '0020' }, chordMm: 30 };
  const of = await piece(request, 'Small fin', {
    piece: { spanMm: 640, root: end, tip: { ...end, chordMm: 26 } },
    template: { split: 'turned', firstCut: 'top', stations: 4, leadInMm: 25, tailMm: 25 },
  });
  await page.goto(`/rig/${of.rig}/templates?plan=${of.plan}`);
  const turning = page.getByRole('region', { name: 'Turning the block over' });
  await expect(turning).toContainText('its other face out');
  await expect(page.getByRole('region', { name: 'Both faces' }).getByRole('img')).toHaveCount(2);
  await accessible(page);

  await withoutSound(page);
  await page.clock.install();
  await checked(page, of);
  await page.getByRole('button', { name: 'Rehearse without heat' }).click();
  for (const pass of ['Pass 1 of 2', 'Pass 2 of 2']) {
    const run = page.getByRole('region', { name: pass });
    await expect(run).toBeVisible();
    await page.keyboard.press('p');
    await expect(run).toHaveAttribute('data-running', 'true');
    for (let i = 0; i < 7; i++) await page.keyboard.press('ArrowUp');
    // The pedal holds, and goes on.
    await page.clock.fastForward(400);
    await page.keyboard.press('p');
    await expect(run).toHaveAttribute('data-running', 'false');
    await page.clock.fastForward(400);
    await page.keyboard.press('p');
    await forwardUntil(page, 100, async () => (await run.count()) === 0);
    if (pass === 'Pass 1 of 2') {
      const list = page.getByRole('list', { name: 'Turn the block over' });
      await expect(list).toContainText('lay the offcut back');
      await expect(list).toContainText('Weights back on');
      await page.getByRole('button', { name: 'Nothing moved: go on' }).click();
    }
  }
  await expect(page.getByRole('heading', { name: 'Rehearsed' })).toBeVisible();
});

test('led by feel at 390 by 844: marked by key, told afterwards where the pace left the clean feeds, kept in the log', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.clock.install();
  const of = await piece(request, 'Felt edge', {
    piece: {
      spanMm: 640,
      root: { section: { kind: 'rectangle', height: 0.5 }, chordMm: 24 },
      tip: { section: { kind: 'rectangle', height: 0.5 }, chordMm: 20 },
    },
    template: { split: 'square', stations: 6, leadInMm: 25, tailMm: 25 },
  });
  await checked(page, of);
  await page.getByRole('checkbox', { name: /^Led by feel/ }).check();
  await page.getByRole('button', { name: 'Rehearse without heat' }).click();
  const run = page.getByRole('region', { name: 'Pass 1 of 1, led by feel' });
  await expect(run).toContainText('mark station 0');
  await accessibleInBoth(page);
  await page.evaluate(() => (document.activeElement as HTMLElement)?.blur());
  const mark = async (n: number) => {
    await page.keyboard.press('p');
    await expect(run).toHaveAttribute('data-marked', String(n));
  };
  // A bounce, here in the same moment, is no second mark; one too many is taken back.
  await page.evaluate(() => {
    for (const _ of [1, 2])
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'p', bubbles: true }));
  });
  await expect(run).toHaveAttribute('data-marked', '1');
  await expect(run).toContainText('clean from');
  await page.clock.fastForward(1700);
  await mark(2);
  await page.getByRole('button', { name: 'Take the last mark back' }).click();
  await expect(run).toHaveAttribute('data-marked', '1');
  await page.evaluate(() => (document.activeElement as HTMLElement)?.blur());
  for (let n = 2; n <= 7; n++) {
    // Much too fast for 4 mm of this foam.
    await page.clock.fastForward(350);
    await mark(n);
  }
  await expect(run).toContainText('lead it out level');
  // Within a hand's bounce of the last mark a press counts for nothing.
  await page.clock.fastForward(300);
  await run.getByRole('button', { name: 'It is out' }).click();
  const told = page.getByRole('region', { name: 'How it was led' });
  await expect(told).toContainText('Station 1 to 6: too fast');
  await expect(told).toContainText('is not foretold');
  await accessibleInBoth(page);
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth <= document.documentElement.clientWidth),
  ).toBe(true);
  await page.getByRole('button', { name: 'Into the log' }).click();
  await expect(page.getByText('The rehearsal is in the log.')).toBeVisible();
  const events = (await (await request.get(`/api/rigs/${of.rig}/events`)).json()) as {
    event: { kind: string; plan?: string; led?: { side: string; seconds: number[] }[]; pace?: number };
  }[];
  const kept = events.find((e) => e.event.kind === 'run' && e.event.plan === 'Felt edge')!.event;
  expect(kept.led![0]!.side).toBe('square');
  expect(kept.led![0]!.seconds).toHaveLength(7);
  expect(kept.led![0]!.seconds[0]).toBe(0);
  expect(kept.pace).toBeLessThan(1);
});

test('led by feel before: the next call goes by that pace, and says what it does to the core', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  const end = { section: { kind: 'rectangle', height: 0.5 }, chordMm: 24 };
  const of = await piece(request, 'Own pace', {
    piece: { spanMm: 640, pieces: 2, root: end, tip: end },
    template: { split: 'square', stations: 6, leadInMm: 25, tailMm: 25 },
  });
  await checked(page, of);
  await expect(page.locator('[name="call.ownPace"]')).toHaveCount(0);
  const run = {
    ...{ kind: 'run', at: new Date().toISOString(), planId: of.plan, plan: 'Own pace', hand: 'right' },
    ...{ piece: 1, rehearsal: false, finished: true, plannedS: 9, heldS: 90, pace: 10, note: '' },
    // One long stop: 60 s for 4 mm is outside the clean feeds of any foam.
    led: [{ side: 'square', seconds: [0, 2, 4, 64, 66, 68, 70] }],
  };
  expect((await request.post(`/api/rigs/${of.rig}/events`, { data: run })).status()).toBe(200);
  await checked(page, of);
  const own = page.getByRole('checkbox', { name: /^Called at your own pace/ });
  await expect(own).toHaveAccessibleName(
    /as it was led last time: .*s where the plan takes .*s; at \d of 6 ways it is held/,
  );
  await expect(own).not.toHaveAccessibleName(/changes the core/);
  await own.check();
  await expect(own).toHaveAccessibleName(
    /It changes the core most at station \d: .*mm (proud of|below) what the planned pace/,
  );
  await accessible(page);
  await page.getByRole('button', { name: 'Rehearse without heat' }).click();
  await expect(page.getByRole('region', { name: /^Pass 1 of 1/ })).toBeVisible();
  await page.goto(`/rig/${of.rig}/call?plan=${of.plan}`);
  await page.getByRole('checkbox', { name: /^Led by feel/ }).check();
  await expect(own).toHaveCount(0);
});
