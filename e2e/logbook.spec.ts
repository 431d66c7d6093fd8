import fs from 'node:fs';
import type { Page } from '@playwright/test';
import { accessible, expect, standsStill, test } from './fixtures';
import { rigNamed } from './rigNamed';

test.use({ apart: 'logbook' });

const rows = (page: Page) => page.getByRole('group', { name: 'Entries, table' }).locator('tbody tr');

/** Opens the first entry of the list: a press that comes before the page has woken up opens nothing. */
async function openFirst(page: Page) {
  const dialog = page.getByRole('dialog');
  await expect(async () => {
    if (!(await dialog.isVisible())) await rows(page).first().getByRole('button').click({ timeout: 2000 });
    await expect(dialog).toBeVisible({ timeout: 2000 });
  }).toPass();
  return dialog;
}

test('what is asked of the logbook, and a stage of a rig, stay as they are asked while others save', async ({
  page,
  request,
}) => {
  const other = await rigNamed(request, 'Panel table');
  const bow = await rigNamed(request, 'Blade bow');
  const remark = () => ({ kind: 'remark', at: new Date().toISOString(), note: 'saved elsewhere' });
  // The answer to what the page asks for anew waits for `come`.
  let come = () => {};
  const asks = (path: string) => {
    const held = new Promise<void>((resolve) => (come = resolve));
    return page.route(
      (url) => url.pathname === path && url.searchParams.has('_rsc'),
      async (route) => {
        await held;
        await route.continue().catch(() => undefined);
      },
    );
  };
  const anew = (path: string) =>
    page.waitForRequest((r) => new URL(r.url()).pathname === path && r.url().includes('_rsc'));
  /** Until the page is drawn anew, and whatever follows from it. */
  const drawn = async (path: string) => {
    const answer = page.waitForResponse((r) => new URL(r.url()).pathname === path && r.url().includes('_rsc'));
    come();
    await answer;
    await page.waitForLoadState('networkidle');
    await standsStill(page);
  };

  await page.goto('/log');
  await page.getByRole('searchbox', { name: 'Search' }).fill('wire');
  await expect(page).toHaveURL(/q=wire/);
  await asks('/log');
  const first = await page.getByRole('heading', { level: 1 }).elementHandle();
  const log = anew('/log');
  expect((await request.post(`/api/rigs/${other}/events`, { data: remark() })).ok()).toBe(true);
  await log;
  await page.getByLabel('It cut').selectOption('limit');
  await expect(page.getByRole('status').first()).toContainText('found');
  await drawn('/log');
  await expect(page).toHaveURL(/grade=limit&q=wire/);
  expect(await first!.evaluate((e) => e.isConnected)).toBe(true);
  await expect(page.getByLabel('It cut')).toHaveValue('limit');

  await page.goto(`/rig/${bow}?stage=foam`);
  const stages = page.getByRole('navigation', { name: 'Stages' });
  await stages.getByRole('button', { name: /Wire/ }).click();
  await expect(page).toHaveURL(/stage=wire/);
  await asks(`/rig/${bow}`);
  const nav = await stages.elementHandle();
  const rig = anew(`/rig/${bow}`);
  expect((await request.post(`/api/rigs/${other}/events`, { data: remark() })).ok()).toBe(true);
  await rig;
  // It is seen at once, whatever the address waits for.
  await stages.getByRole('button', { name: /Power/ }).click();
  await expect(page.locator('[name="supply.volts"]')).toBeVisible();
  await drawn(`/rig/${bow}`);
  await expect(page).toHaveURL(/stage=power/);
  expect(await nav!.evaluate((e) => e.isConnected)).toBe(true);
  await expect(page.locator('[name="supply.volts"]')).toBeVisible();
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('the time line is filtered, sorted, searched, kept as a view; two cuts lie side by side', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Logbook' }).click();
  await expect(page.getByRole('status').first()).toContainText(/\d+ entries/);
  const all = await rows(page).count();
  await page.getByLabel('It cut').selectOption('limit');
  await expect(page.getByRole('status').first()).toContainText('found');
  await expect(async () => expect(await rows(page).count()).toBeLessThan(all)).toPass();
  for (const row of await rows(page).all()) await expect(row).toContainText('limit');
  await page.getByRole('button', { name: 'keep this view …' }).click();
  await page.getByLabel('Name of the view').fill('Limits');
  await page.getByLabel('Name of the view').press('Enter');
  await expect(page.getByRole('button', { name: 'Limits', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await page.getByRole('button', { name: 'clear' }).click();
  await expect(rows(page)).toHaveCount(all);
  await page.getByRole('searchbox', { name: 'Search' }).fill('kink');
  await expect(rows(page)).toHaveCount(1);
  await expect(rows(page).first()).toContainText('New wire');
  await page.getByRole('button', { name: 'Limits', exact: true }).click();
  await page.getByRole('button', { name: 'feed' }).click();
  await expect(page.getByRole('columnheader', { name: 'feed' })).toHaveAttribute('aria-sort', 'descending');
  await expect(page).toHaveURL(/grade=limit&sort=feed/);
  await page.reload();
  await expect(page.getByRole('columnheader', { name: 'feed' })).toHaveAttribute('aria-sort', 'descending');
  const boxes = page.getByRole('checkbox', { name: /^Compare the cut/ });
  await boxes.nth(0).check();
  await boxes.nth(1).check();
  const two = page.getByRole('region', { name: 'Two cuts compared' });
  await expect(two).toContainText(/\d+ of 16 lines differ/);
  await accessible(page);
});

test('a kept view stays when the page hears of changes, and one that another window keeps or forgets follows', async ({
  page,
  request,
}) => {
  const views = page.getByRole('group', { name: 'Kept views' });
  await page.goto('/log?grade=good');
  await page.getByRole('button', { name: 'keep this view …' }).click();
  await page.getByLabel('Name of the view').fill('Good ones');
  await page.getByRole('button', { name: 'keep', exact: true }).click();
  await expect(views.getByRole('button', { name: 'Good ones', exact: true })).toBeVisible();
  // Another window keeps one: the page hears of it and asks anew.
  const kept = await request.post('/api/log/views', { data: { name: 'Snagged', query: 'seen=snag' } });
  expect(kept.status()).toBe(200);
  await expect(views.getByRole('button', { name: 'Snagged', exact: true })).toBeVisible();
  await expect(views.getByRole('button', { name: 'Good ones', exact: true })).toBeVisible();
  await page.reload();
  await expect(views.getByRole('button', { name: 'Good ones', exact: true })).toBeVisible();
  const all = (await kept.json()) as { id: string; name: string }[];
  await request.delete(`/api/log/views/${all.find((v) => v.name === 'Snagged')!.id}`);
  await expect(views.getByRole('button', { name: 'Snagged', exact: true })).toHaveCount(0);
  await views.getByRole('button', { name: 'Forget the view Good ones' }).click();
  await expect(views.getByRole('button', { name: 'Good ones', exact: true })).toHaveCount(0);
});

test('one rig over time: charts, how each cut moved it, its wire, power on and off', async ({
  page,
  request,
}) => {
  const id = await rigNamed(request, 'Blade bow');
  await page.goto(`/log?rig=${id}`);
  const wire = page.getByRole('region', { name: 'The wire that is on' });
  await expect(wire).toContainText('Sep 26, 2026');
  await expect(wire).toContainText('1.4 h');
  await wire.getByRole('button', { name: 'Power is on' }).click();
  await expect(wire.getByRole('status')).toContainText('Under power since');
  await page.getByRole('button', { name: 'Over time' }).click();
  const time = page.getByRole('region', { name: 'Over time' });
  await expect(time.getByRole('heading', { name: /How each cut moved the numbers/ })).toBeVisible();
  await expect(time).toContainText(/After 16 cuts .* it wants \d\.\d\d times the model’s heat, give or take/);
  await accessible(page);
  await wire.getByRole('button', { name: 'Power off' }).click();
  await expect(wire.getByRole('status')).toContainText('Noted: power off');
  await wire.getByRole('button', { name: 'I hung a new wire …' }).click();
  await wire.getByRole('button', { name: 'A new wire is on' }).click();
  const today = new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short', year: 'numeric' }).format();
  await expect(wire.locator('dl')).toContainText(today);
  await expect(wire.locator('dl')).toContainText('0 min');
  await page.goto(`/log?rig=${id}&kinds=hang,hot`);
  await expect(rows(page).filter({ hasText: /New wire Nickel/ })).toHaveCount(2);
  await expect(rows(page).filter({ hasText: 'Under power' })).toHaveCount(3);
  await expect(rows(page)).toHaveCount(5);
});

test('a cut is measured afterwards and gets a picture, which the backup brings back', async ({
  page,
  request,
}) => {
  const id = await rigNamed(request, 'Panel table');
  await page.goto(`/log?rig=${id}&kinds=cut`);
  const dialog = await openFirst(page);
  await dialog.getByText('Measured afterwards').click();
  await dialog.getByRole('textbox', { name: 'Or: block before' }).fill('100');
  await dialog.getByRole('textbox', { name: 'both halves after' }).fill('98.8');
  // A photo is no gauge: what it gives is noted with its range, and the kerf that was gauged stays.
  await dialog.getByRole('button', { name: 'Take the difference' }).click();
  const face = page.getByRole('dialog', { name: 'A cut face on a photo' });
  await dialog.getByRole('button', { name: 'From a photo of the face' }).click();
  const shot = test.info().outputPath('face.png');
  fs.writeFileSync(shot, await page.screenshot());
  await face.locator('input[type=file]').setInputFiles(shot);
  await face.getByRole('button', { name: 'Kerf', exact: true }).click();
  await face.getByRole('button', { name: 'Kerf, other side: arrow keys move it' }).press('ArrowUp');
  await face.getByRole('button', { name: 'Add a ridge' }).click();
  await expect(face.getByRole('status')).toHaveText(/^By photo, not gauged: kerf .* ± .*; 1 ridge\.$/);
  await accessible(page);
  await face.getByRole('button', { name: 'Take it' }).click();
  await expect(face).toBeHidden();
  await expect(dialog.getByLabel('Note')).toHaveValue(/By photo, not gauged/);

  await dialog.getByLabel('Sanded').selectOption({ label: 'at the exit' });
  await dialog.getByRole('textbox', { name: 'Minutes of sanding' }).fill('4');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(dialog).toBeHidden();
  await expect(rows(page).first()).toContainText(/1\.20\smm/);
  await openFirst(page);
  await expect(dialog).toContainText('at the exit, 4');
  // A picture drawn by the browser itself, wider than is kept.
  const png = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(2400, 1200);
    const c = canvas.getContext('2d')!;
    c.fillStyle = '#357';
    c.fillRect(0, 0, 2400, 1200);
    const blob = await canvas.convertToBlob({ type: 'image/png' });
    return [...new Uint8Array(await blob.arrayBuffer())];
  });
  const bring = (name: string, mimeType: string, buffer: Buffer) =>
    dialog.getByLabel('Picture of this cut', { exact: true }).setInputFiles({ name, mimeType, buffer });
  await bring('face.png', 'image/png', Buffer.from(png));
  await expect(dialog.getByRole('img', { name: 'face.png' })).toBeVisible();
  await bring('rubbish.png', 'image/png', Buffer.from('no picture'));
  await expect(dialog.getByRole('alert')).toContainText('rubbish.png is no picture');
  const [photo] = (await (await request.get(`/api/rigs/${id}/photos`)).json()) as {
    id: string;
    width: number;
    height: number;
  }[];
  expect(photo).toMatchObject({ width: 1600, height: 800 });
  const bytes = await (await request.get(`/api/photos/${photo!.id}`)).body();
  expect([bytes[0], bytes[1]]).toEqual([0xff, 0xd8]);
  const backup = await (await request.get('/api/backup')).json();
  expect(backup.photos).toHaveLength(1);
  await request.delete(`/api/photos/${photo!.id}`);
  expect((await request.get(`/api/photos/${photo!.id}`)).status()).toBe(404);
  expect((await request.post('/api/backup', { data: backup })).status()).toBe(200);
  expect(await (await request.get(`/api/photos/${photo!.id}`)).body()).toEqual(bytes);
  const evil = { ...backup, photos: [{ ...backup.photos[0], id: '../../evil' }] };
  expect((await request.post('/api/backup', { data: evil })).status()).toBe(422);
  expect((await request.post(`/api/rigs/${id}/photos`, { data: Buffer.from('GIF89a') })).status()).toBe(422);
  expect((await request.post(`/api/rigs/${id}/photos`, { data: Buffer.alloc(4 << 20) })).status()).toBe(413);
});

test('own files come back exactly; a torn one names its line and changes nothing; a stranger is mapped', async ({
  page,
  request,
}) => {
  const csv = await (await request.get('/api/log/csv')).text();
  const json = await (await request.get('/api/log/json')).text();
  const send = (text: string, form = 'csv') => request.post('/api/log/import', { data: { text, form } });
  expect(await (await send(csv)).json()).toMatchObject({ cuts: 0, rigs: 0 });
  expect(await (await send(json, 'json')).json()).toMatchObject({ cuts: 0, rigs: 0 });
  // Into the same rigs without their cuts: line for line the same file.
  const lines = (
    (await (await request.get('/api/log?kinds=cut&limit=500')).json()) as {
      entries: { id: string; rigId: string }[];
    }
  ).entries;
  for (const e of lines) await request.delete(`/api/rigs/${e.rigId}/cuts/${e.id}`);
  expect(await (await request.get('/api/log/csv')).text()).not.toBe(csv);
  const torn = await send(csv.slice(0, csv.length - 200));
  expect(torn.status()).toBe(422);
  expect((await torn.json()).errors[0].error.path).toMatch(/^line \d+/);
  expect(((await (await request.get('/api/log?kinds=cut')).json()) as { total: number }).total).toBe(0);
  expect(await (await send(csv)).json()).toMatchObject({ cuts: lines.length, already: 0 });
  expect(await (await request.get('/api/log/csv')).text()).toBe(csv);
  expect((await send('x'.repeat(17 << 20))).status()).toBe(413);
  expect((await send('[{', 'json')).status()).toBe(422);
  expect((await send('a,b\n1,2\n')).status()).toBe(422);

  await page.goto('/log');
  await page.getByRole('button', { name: 'Import cuts …' }).click();
  const dialog = page.getByRole('dialog');
  const file = (name: string, text: string) =>
    dialog
      .getByLabel('File with cuts')
      .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  const sheet = 'Date;Knob;Speed (in/min);How;Comment\n31.5.2026;17;7;good;"=SUM(A1)"\n1.6.2026;17;x;good;\n';
  await file('mine.csv', sheet);
  await expect(dialog).toContainText('a spreadsheet; say what its columns are');
  await dialog.getByLabel('They belong to').selectOption({ label: 'Evening bow' });
  await dialog.getByLabel('Days are written').selectOption({ label: '31.5.2026 or 31/5/2026' });
  await expect(dialog.getByLabel('Feed is the column')).toHaveValue('Speed (in/min)');
  await dialog.getByLabel('Setting is the column').selectOption({ label: 'none' });
  await accessible(page);
  await dialog.getByRole('button', { name: 'Import them' }).click();
  await expect(dialog.getByRole('alert')).toContainText('line 3, Speed (in/min): “x” is not a number');
  await file('mine.csv', sheet.replace(';x;', ';7.5;'));
  await dialog.getByLabel('They belong to').selectOption({ label: 'Evening bow' });
  await dialog.getByLabel('Setting is the column').selectOption({ label: 'none' });
  await dialog.getByRole('button', { name: 'Import them' }).click();
  await expect(dialog.getByRole('status')).toContainText('2 cuts imported');
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('searchbox', { name: 'Search' }).fill('SUM(');
  await expect(rows(page)).toHaveCount(1);
  await expect(rows(page).first()).toContainText('=SUM(A1)');
  await expect(rows(page).first()).toContainText('Evening bow');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Cuts as CSV' }).click();
  expect(fs.readFileSync(await (await download).path(), 'utf8')).toContain(`"'=SUM(A1)"`);
});

test('the sheet of a rig is one page of A4', async ({ request }) => {
  const id = await rigNamed(request, 'Blade bow');
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const data = new Uint8Array(await (await request.get(`/api/rigs/${id}/sheet`)).body());
  const pdf = await getDocument({ data }).promise;
  expect(pdf.numPages).toBe(1);
  const sheet = await pdf.getPage(1);
  const [, , width, height] = sheet.view as [number, number, number, number];
  expect([Math.round((width * 25.4) / 72), Math.round((height * 25.4) / 72)]).toEqual([210, 297]);
  const items = (await sheet.getTextContent()).items as { str: string }[];
  const text = items
    .map((i) => i.str)
    .join(' ')
    .replace(/\s+/g, ' ');
  for (const said of [
    'Blade bow',
    '18.5 V',
    'Fuse',
    '4 A, glass',
    'longer than free',
    'Hz',
    'does not say that the rig is safe',
  ])
    expect(text).toContain(said);
});
