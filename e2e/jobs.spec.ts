import type { APIRequestContext, Page } from '@playwright/test';
import { accessibleInBoth, expect, test } from './fixtures';

test.use({ apart: 'jobs' });

interface Made {
  frame?: Record<string, unknown>;
  wire: Record<string, unknown>;
  control: Record<string, unknown>;
  foam: Record<string, unknown>;
  supply?: Record<string, unknown>;
  cut?: Record<string, unknown>;
}
async function make(request: APIRequestContext, name: string, kind: string, parts: Made): Promise<string> {
  const doc = {
    format: 'upwind-rod/rig',
    version: 1,
    name,
    frame: { kind },
    supply: { kind: 'bench', volts: 30, maxAmps: 10 },
    leads: { fuseA: 8, switchA: 10, areaMm2: 4, lengthMm: 600 },
    tension: kind === 'hand-tool' ? { kind: 'fixed' } : { setN: 20 },
    ...parts,
  };
  const answer = await request.post('/api/rigs', {
    data: { doc, foamStockId: null, spoolId: null, supplyId: null },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
  return ((await answer.json()) as { record: { id: string } }).record.id;
}
const field = (page: Page, name: string) => page.locator(`[name="${name}"]`);
/** No scrolling at the desk, nothing cut off sideways at the bench, and no fault of accessibility in either theme. */
async function looksRight(page: Page, bench: boolean): Promise<void> {
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800);
  if (bench) {
    await page.setViewportSize({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await page.setViewportSize({ width: 1280, height: 800 });
  }
  await accessibleInBoth(page);
}
/** A figure of the worksheet by its name. */
const figure = (page: Page, name: string) =>
  page.getByText(name, { exact: true }).locator('xpath=following-sibling::span[1]').locator('b');
const job = (page: Page) => page.getByRole('status', { name: 'Job' });

test('a slicer from new to ten measured sheets that narrow the tuning', async ({ page, request }) => {
  test.slow();
  const id = await make(request, 'New slicer', 'slicer', {
    wire: { alloy: 'nicr-80', diameterMm: 0.25, lengthMm: 500 },
    control: { kind: 'amps', setting: 1.3 },
    foam: { kind: 'eps', densityKgM3: 15, widthMm: 300, heightMm: 120 },
  });
  await page.goto(`/rig/${id}?stage=job`);
  await page.getByRole('button', { name: 'Plan sheets' }).click();
  await expect(job(page)).toHaveText('Saved');
  await expect(field(page, 'blockMm.1')).toHaveValue('300');
  await field(page, 'sheetMm').fill('4');
  await expect(job(page)).toHaveText('Saved');
  await expect(page.getByRole('img', { name: /sheets of 4.00 mm/ })).toBeVisible();
  await looksRight(page, false);
  // What is asked for and cannot be is told, and undone by one key.
  await field(page, 'supportsMm').fill('200');
  await expect(page.getByText('Supports nearer than the block is wide')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(page.getByText('Supports nearer than the block is wide')).toBeHidden();

  await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /Make/ }).click();
  await expect(page.getByText(/Lay spacers of/)).toBeVisible();
  await page.getByRole('button', { name: 'Enter four corners' }).click();
  await field(page, 'cornersMm.0').fill('4.3');
  await field(page, 'cornersMm.2').fill('4.3');
  await expect(page.getByText(/Raise the right end by/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Remove' }).first().click();
  await page.getByRole('button', { name: 'Enter a stack' }).click();
  await field(page, 'stack.heightMm').fill('39');
  await expect(page.getByText(/It tells a kerf of/)).toBeVisible();
  const tuning = async () =>
    ((await (await request.get(`/api/rigs/${id}`)).json()) as { tuning: { shownSd: number } }).tuning.shownSd;
  const before = await tuning();
  await page.getByRole('button', { name: 'Log this kerf' }).click();
  await expect(page.getByText('It is in the log. The range is narrower now.')).toBeVisible();
  expect(await tuning()).toBeLessThan(0.65 * before);
  await page.getByRole('button', { name: 'Log what was made' }).click();
  await expect(page.getByText('It is in the logbook.')).toBeVisible();
  for (const paper of ['A4', 'letter']) {
    const waiting = page.waitForEvent('download');
    await page.getByRole('link', { name: `Print, ${paper}` }).click();
    expect((await waiting).suggestedFilename()).toBe('Sheets.job.pdf');
  }
  await looksRight(page, true);
  await page.goto('/log');
  await expect(page.getByRole('row', { name: /New slicer.*Made/ })).toBeVisible();
  const copy = await request.post(`/api/rigs/${id}/duplicate`);
  const made = ((await copy.json()) as { record: { id: string } }).record.id;
  const jobs = (await (await request.get(`/api/rigs/${made}/jobs`)).json()) as { doc: { sheetMm: number } }[];
  expect(jobs.map((j) => j.doc.sheetMm)).toEqual([4]);
});

test('a ring on a table: its hole is cut first', async ({ page, request }) => {
  const id = await make(request, 'Ring table', 'table', {
    wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 300, lie: 'vertical' },
    control: { kind: 'amps', setting: 2.3 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 50 },
  });
  await page.goto(`/rig/${id}?stage=job`);
  await page.getByRole('button', { name: 'Plan a disc or ring' }).click();
  await expect(field(page, 'outerMm')).toHaveValue('120');
  await field(page, 'innerMm').fill('60');
  await expect(page.getByRole('img', { name: /its hole of 60.0 mm is cut first/ })).toBeVisible();
  await field(page, 'innerMm').fill('130');
  await expect(page.getByText('must be less than outerMm')).toBeVisible();
  await field(page, 'innerMm').fill('60');
  await looksRight(page, false);
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /Make/ }).click();
  await expect(page.getByText('Cut the hole first')).toBeVisible();
  const steps = await page.locator('ol li').allInnerTexts();
  const [hole, pin, outer] = [/hole first/, /radius of 30.0/, /radius of 60.0/].map((x) =>
    steps.findIndex((s) => x.test(s)),
  );
  expect(hole).toBeGreaterThanOrEqual(0);
  expect(pin).toBeGreaterThan(hole!);
  expect(outer).toBeGreaterThan(pin!);
  await looksRight(page, true);
});

test('a bevel whose longer wire is too much for the supply, and the fix that cures it', async ({
  page,
  request,
}) => {
  const id = await make(request, 'Bevel table', 'table', {
    wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 300, lie: 'vertical' },
    control: { kind: 'amps', setting: 2.3 },
    supply: { kind: 'bench', volts: 9, maxAmps: 5 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 50 },
  });
  await page.goto(`/rig/${id}?stage=job`);
  await page.getByRole('button', { name: 'Plan strips' }).click();
  await expect(page.getByText('Voltage too low')).toBeHidden();
  await field(page, 'tiltDeg').fill('55');
  await expect(page.getByRole('heading', { name: /Voltage too low/ })).toBeVisible();
  await page.getByTitle('Try it: can be undone').first().click();
  await expect(page.getByRole('heading', { name: /Voltage too low/ })).toBeHidden();
  await expect(figure(page, 'Wire, tilted')).toHaveText('523 mm');
});

test('a loop too thin for its feed is told, and a slower feed mends it', async ({ page, request }) => {
  const id = await make(request, 'Thin loop', 'hand-tool', {
    wire: { alloy: 'ss-304', diameterMm: 0.4, lengthMm: 160 },
    control: { kind: 'amps', setting: 1.9 },
    foam: { kind: 'xps', densityKgM3: 40, widthMm: 100 },
    cut: { reserve: 0.9 },
  });
  await page.goto(`/rig/${id}?stage=job`);
  await page.getByRole('button', { name: 'Plan a groove' }).click();
  await field(page, 'depthMm').fill('50');
  await field(page, 'toleranceMm').fill('0.3');
  await expect(
    page.getByRole('heading', { name: /The loop (bends too far|is bent out of shape)/ }).first(),
  ).toBeVisible();
  const { record } = (await (await request.get(`/api/rigs/${id}`)).json()) as {
    record: { doc: Record<string, unknown>; revision: number };
  };
  await request.put(`/api/rigs/${id}`, {
    data: { base: record.revision, doc: { ...record.doc, cut: { reserve: 0.35 } } },
  });
  await page.goto(`/rig/${id}?stage=job`);
  await expect(page.getByRole('img', { name: /A loop/ })).toBeVisible();
  await expect(
    page.getByRole('heading', { name: /The loop (bends too far|is bent out of shape)/ }),
  ).toHaveCount(0);
  await looksRight(page, false);
});
