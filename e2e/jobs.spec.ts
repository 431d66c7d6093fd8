import type { Page } from '@playwright/test';
import { accessibleInBoth, expect, saved, test } from './fixtures';
import { makeRig } from './makeRig';

test.use({ apart: 'making' });

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
const toMake = (page: Page) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /Make/ }).click();
const job = (page: Page) => page.getByRole('status', { name: 'Job' });

test('a slicer from new to ten measured sheets that narrow the tuning', async ({ page, request }) => {
  test.slow();
  const id = await makeRig(request, 'New slicer', 'slicer', {
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

  await toMake(page);
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
  const id = await makeRig(request, 'Ring table', 'table', {
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
  await toMake(page);
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
  const id = await makeRig(request, 'Bevel table', 'table', {
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
  await looksRight(page, false);
  await toMake(page);
  await looksRight(page, true);
});

test('a loop too thin for its feed is told, and a slower feed mends it', async ({ page, request }) => {
  const id = await makeRig(request, 'Thin loop', 'hand-tool', {
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
  await expect(page.getByText(/Go at .* or slower, or take wire of/).first()).toBeVisible();
  await page
    .getByRole('button', { name: /^Cut at/ })
    .first()
    .click();
  await expect(page.getByRole('img', { name: /A loop/ })).toBeVisible();
  await expect(
    page.getByRole('heading', { name: /The loop (bends too far|is bent out of shape)/ }),
  ).toHaveCount(0);
  await looksRight(page, false);
  await toMake(page);
  await expect(page.getByText(/Draw the loop at/)).toBeVisible();
  await looksRight(page, true);
});

const DRAWING = `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="60mm" viewBox="0 0 100 60">
<path d="M0 0H100V60L50 40L0 60Z"/></svg>`;

test('a free shape comes from a drawing, a job from its own document, and a tone leads the push', async ({
  page,
  request,
}) => {
  const id = await makeRig(request, 'Shape table', 'table', {
    wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 300, lie: 'vertical' },
    control: { kind: 'amps', setting: 2.3 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 60 },
  });
  await page.goto(`/rig/${id}?stage=job`);
  await page.getByRole('button', { name: 'Plan a cut-out or shape' }).click();
  await expect(page.getByRole('img', { name: /a hole of 80.0 mm by 40.0 mm/ })).toBeVisible();
  await field(page, 'keep').selectOption('piece');
  await page.getByRole('button', { name: 'Outline from a drawing' }).click();
  const file = page.getByLabel('Drawing', { exact: true });
  await file.setInputFiles({ name: 'bad.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg>') });
  await expect(page.getByText('The outline stays as it was.')).toBeVisible();
  await file.setInputFiles({ name: 'panel.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(DRAWING) });
  await expect(page.getByRole('radio', { name: '100 mm × 60.0 mm' })).toBeVisible();
  await accessibleInBoth(page);
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(
    page.getByRole('img', { name: /a piece of 100 mm by 60.0 mm; its template is .* larger/ }),
  ).toBeVisible();
  await expect(job(page)).toHaveText('Saved');
  await looksRight(page, false);
  const [kept] = (await (await request.get(`/api/rigs/${id}/jobs`)).json()) as { id: string }[];
  const out = await (await request.get(`/api/jobs/${kept!.id}/document`)).text();
  await page.getByRole('button', { name: 'More' }).click();
  const into = page.getByLabel('Job’s document');
  await into.setInputFiles({
    name: 'no.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"kind":"disc"}'),
  });
  await expect(page.getByText(/no.json .*Nothing was added/)).toBeVisible();
  await into.setInputFiles({ name: 'panel.job.json', mimeType: 'application/json', buffer: Buffer.from(out) });
  await expect
    .poll(async () => ((await (await request.get(`/api/rigs/${id}/jobs`)).json()) as unknown[]).length)
    .toBe(2);
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Plan strips' }).click();
  await toMake(page);
  const tone = page.getByRole('button', { name: 'Sound the tone' });
  await tone.click();
  await expect(page.getByRole('button', { name: 'Stop the tone', pressed: true })).toBeVisible();
  await page.getByRole('button', { name: 'Stop the tone' }).click();
  await expect(tone).toBeVisible();
  await page.getByRole('button', { name: 'Log that it sinks in' }).click();
  await expect(page.getByText('It is in the log. The range is narrower now.')).toBeVisible();
});

test('small batteries out of a shop: volts open and under load, sheets a set, and a set that is too small', async ({
  page,
  request,
}) => {
  const id = await makeRig(request, 'Battery slicer', 'slicer', {
    wire: { alloy: 'nicr-80', diameterMm: 0.25, lengthMm: 320 },
    supply: {
      kind: 'battery',
      volts: 12,
      maxAmps: null,
      battery: { chemistry: 'lead-acid', cells: 6, ampHours: 7 },
    },
    control: { kind: 'none' },
    foam: { kind: 'eps', densityKgM3: 15, widthMm: 200, heightMm: 120 },
  });
  await page.goto(`/rig/${id}?stage=power`);
  await page.locator('[name="small"]').selectOption('d');
  await field(page, 'inSeries').fill('6');
  await field(page, 'inParallel').fill('2');
  await expect(page.getByText(/Open 9\.30\sV, under load \d\.\d+\sV, for \d+\sh/)).toBeVisible();
  // Another chemistry takes the ohms of the set with it.
  await field(page, 'supply.battery.chemistry').selectOption('lead-acid');
  await expect(page.locator('[name="small"]')).toHaveValue('');
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.locator('[name="small"]')).toHaveValue('d');
  // Leaving sends what is unsaved, beside the next page's own reading.
  await saved(page);
  await page.goto(`/rig/${id}?stage=job`);
  await page.getByRole('button', { name: 'Plan sheets' }).click();
  await expect(figure(page, 'Battery, open')).toHaveText('9.30 V');
  await expect(figure(page, 'Sheets a set or charge')).toHaveText(/^\d+$/);
});
