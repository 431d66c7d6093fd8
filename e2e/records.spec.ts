import fs from 'node:fs';
import { expect, framesPass, test } from './fixtures';
import { makeRig } from './makeRig';
import { rigNamed } from './rigNamed';

test.use({ apart: 'records' });

test('a cut is timed by the keyboard, logged with its marks, and says what is behind it', async ({
  page,
  request,
}) => {
  const id = await rigNamed(request, 'Pad slicer');
  await page.clock.install();
  await page.goto(`/rig/${id}?stage=try`);
  await page.getByRole('button', { name: 'stopwatch' }).click();
  const watch = page.getByRole('dialog', { name: 'Time a cut' });
  await expect(watch).toBeVisible();
  await page.keyboard.press('Space');
  await expect(watch.getByRole('button', { name: /At 25 mm/ })).toBeVisible();
  await page.clock.fastForward(900);
  await page.keyboard.press('Space');
  await expect(watch.getByRole('button', { name: /At 50 mm/ })).toBeVisible();
  await page.clock.fastForward(1100);
  // A foot pedal types whatever key it was made to.
  await page.keyboard.press('b');
  await expect(watch.getByRole('listitem')).toHaveCount(2);
  await watch.getByLabel('already inside the foam').check();
  await watch.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('2 marks timed')).toBeVisible();
  const seconds = Number(await page.getByRole('textbox', { name: 'Seconds' }).inputValue());
  expect(seconds).toBeGreaterThan(1.9);
  expect(seconds).toBeLessThan(6);
  await expect(page.getByLabel('inside', { exact: true })).toBeChecked();
  await page.getByLabel('Too cold', { exact: true }).check();
  await page.getByRole('region', { name: 'Log a test cut' }).getByText('drag lines').click();
  await page.getByRole('button', { name: 'Log this cut' }).click();
  await expect(page.getByText('The range is narrower now')).toBeVisible();
  const opened = await (await request.get(`/api/rigs/${id}`)).json();
  const last = opened.cuts.at(-1).cut;
  expect(last.marks).toHaveLength(2);
  expect(last.timedFrom).toBe('in-foam');
  await page.getByRole('button', { name: 'what is behind the drag lines?' }).click();
  const behind = page.getByRole('dialog', { name: 'What is behind it: drag lines' });
  await expect(behind.getByRole('listitem').first()).toContainText('Too fast for this heat');
  await behind.getByRole('button', { name: /^Cut at/ }).click();
  await expect(behind).toBeHidden();
});

test('tuning visibly narrows the window', async ({ page, request }) => {
  const id = await rigNamed(request, 'Evening bow');
  await page.goto(`/rig/${id}?stage=try`);
  await expect(page.getByText('untuned: feeds ±35 %')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Next cut' })).toContainText('The most informative cut');
  const spread = async () => {
    const doc = await (await request.get(`/api/rigs/${id}/document`)).json();
    const [low, high] = (await (await request.post('/api/v1/solve', { data: doc })).json()).spread
      .fastestFeedMmS;
    return high / low;
  };
  const before = await spread();
  for (const seconds of ['10', '10.6']) {
    await page.getByRole('textbox', { name: 'Seconds' }).fill(seconds);
    await page.getByLabel(/^As fast as the wire/).check();
    await page.getByRole('button', { name: 'Log this cut' }).click();
    await expect(page.getByText('The range is narrower now').last()).toBeVisible();
  }
  await expect(page.getByText(/tuned by 2 cuts: feeds ±1\d %/)).toBeVisible();
  expect(await spread()).toBeLessThan(0.75 * before);
});

test('what is filled in while a cut is on its way to the log is the next one’s, and stays', async ({
  page,
  request,
}) => {
  const id = await rigNamed(request, 'Evening bow');
  await page.goto(`/rig/${id}?stage=try`);
  let arrive = () => {};
  const held = new Promise<void>((resolve) => (arrive = resolve));
  await page.route('**/api/rigs/*/cuts', async (route) => {
    await held;
    await route.continue();
  });
  const seconds = page.getByRole('textbox', { name: 'Seconds' });
  const note = page.getByPlaceholder('Note');
  await seconds.fill('11');
  await page.getByLabel('Good', { exact: true }).check();
  await note.fill('the first');
  await page.getByRole('button', { name: 'Log this cut' }).click();
  await expect(page.getByRole('button', { name: 'Logging …' })).toBeDisabled();
  await seconds.fill('12');
  await note.fill('the next');
  arrive();
  await expect(page.getByRole('button', { name: 'Log this cut' })).toBeEnabled();
  await expect(page.getByLabel('Good', { exact: true })).not.toBeChecked();
  await expect(seconds).toHaveValue('12');
  await expect(note).toHaveValue('the next');
  const { cuts } = (await (await request.get(`/api/rigs/${id}`)).json()) as {
    cuts: { cut: { note: string; seconds: number } }[];
  };
  expect(cuts.map((c) => [c.cut.note, c.cut.seconds]).filter(([n]) => String(n).startsWith('the '))).toEqual([
    ['the first', 11],
  ]);
});

test('a file asked for in the midst of a save is of what stands on the screen; where a save is lost it comes all the same', async ({
  page,
  request,
}) => {
  const id = await makeRig(request, 'Corner table', 'table', {
    wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 600 },
    control: { kind: 'volts', setting: 10 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 400 },
  });
  await page.goto(`/rig/${id}?stage=try`);
  let arrive = () => {};
  const held = new Promise<void>((resolve) => (arrive = resolve));
  let saves = 0;
  await page.route(`**/api/rigs/${id}`, async (route) => {
    if (route.request().method() !== 'PUT') return route.continue();
    if (saves++ > 0) return route.abort();
    await held;
    await route.continue();
  });
  const asked: string[] = [];
  page.on('request', (r) => void asked.push(`${r.method()} ${new URL(r.url()).pathname.split('/').pop()}`));
  const name = page.getByLabel('Name of the rig');
  const nameIn = async (press: Promise<void>) => {
    const [file] = await Promise.all([page.waitForEvent('download'), press]);
    return (JSON.parse(fs.readFileSync(await file.path(), 'utf8')) as { name: string }).name;
  };
  const press = async () => {
    await name.fill('Corner table, new');
    await page.getByRole('link', { name: 'Export' }).click();
    await expect.poll(() => saves).toBe(1);
    await framesPass(page, 10);
    expect(asked).not.toContain('GET document');
    arrive();
  };
  expect(await nameIn(press())).toBe('Corner table, new');
  await name.fill('Corner table, newer');
  expect(await nameIn(page.getByRole('link', { name: 'Export' }).click())).toBe('Corner table, new');
  await expect(page.getByText('Not saved, retrying')).toBeVisible();
});

test('a recipe is printed as one A6 page and read back', async ({ page, request }) => {
  const id = await rigNamed(request, 'Blade bow');
  await page.goto(`/rig/${id}?stage=try`);
  await page.getByRole('link', { name: 'Recipe card' }).click();
  await expect(page.getByRole('heading', { name: 'Recipe: Blade bow' })).toBeVisible();
  const lead = await page.locator('dl div', { hasText: 'Lead at' }).locator('b').innerText();
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Card as PDF, A6' }).click();
  const bytes = new Uint8Array(fs.readFileSync(await (await waiting).path()));
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const pdf = await getDocument({ data: bytes }).promise;
  expect(pdf.numPages).toBe(1);
  const sheet = await pdf.getPage(1);
  const [, , width, height] = sheet.view as [number, number, number, number];
  expect([Math.round((width * 25.4) / 72), Math.round((height * 25.4) / 72)]).toEqual([105, 148]);
  const items = (await sheet.getTextContent()).items as { str: string }[];
  const text = items
    .map((i) => i.str)
    .join(' ')
    .replace(/\s+/g, ' ');
  expect(text).toContain('Blade bow');
  expect(text).toContain('18.5 V');
  expect(text).toContain(lead.replace(/\s+/g, ' '));
  expect(text).toContain('16 cuts');
  expect(text).toContain('Power off as the last word');
});

test('backup, wipe, restore: all there; rubbish changes nothing', async ({ page, request }) => {
  await page.goto('/about');
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Take a backup' }).click();
  const file = await (await waiting).path();
  const whole = JSON.parse(fs.readFileSync(file, 'utf8'));
  expect(whole.rigs.length).toBeGreaterThan(5);
  expect(whole.pulls.length).toBeGreaterThan(5);
  for (const rig of (await (await request.get('/api/rigs')).json()) as { id: string }[])
    await request.delete(`/api/rigs/${rig.id}`);
  await request.delete('/api/demo');
  expect(await (await request.get('/api/rigs')).json()).toEqual([]);

  const bring = (name: string, body: string) =>
    page
      .getByLabel('Backup file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });
  const about = page.getByRole('region', { name: 'Backup' });
  await bring('torn.json', JSON.stringify(whole).slice(0, 5000));
  await expect(about).toContainText('it is not JSON, or torn');
  await bring('wrong.json', JSON.stringify({ ...whole, rigs: [{ ...whole.rigs[0], spoolId: 'nowhere' }] }));
  await about.getByRole('button', { name: 'Replace everything' }).click();
  await expect(about).toContainText('Nothing was changed');
  await expect(about).toContainText('Rigs 1, spool');
  expect(await (await request.get('/api/rigs')).json()).toEqual([]);

  await bring('whole.json', JSON.stringify(whole));
  await about.getByRole('button', { name: 'Replace everything' }).click();
  await expect(about).toContainText(`Restored: ${whole.rigs.length} rigs and ${whole.cuts.length} cuts`);
  const again = await (await request.get('/api/backup')).json();
  expect({ ...again, madeAt: '' }).toEqual({ ...whole, madeAt: '' });
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Blade bow' })).toBeVisible();
});

test('a foam nobody can name is found out by questions, or ends in do not cut', async ({ page, request }) => {
  await page.goto(`/rig/${await rigNamed(request, 'Panel table')}?stage=foam`);
  await page.getByRole('button', { name: 'what is this foam?' }).click();
  const path = page.getByRole('dialog', { name: 'What is this foam?' });
  for (const answer of ['none that I can find', 'no, bare foam', 'no, it stays and floats', /^fine powder/])
    await path.getByRole('button', { name: answer }).click();
  await expect(path.getByRole('status')).toContainText('Do not cut it hot');
  await path.getByRole('button', { name: 'Back' }).click();
  await path.getByRole('button', { name: 'nothing, or whole beads' }).click();
  await path.getByRole('button', { name: 'yes, beads' }).click();
  await path.getByRole('button', { name: 'it bends and springs back, tough' }).click();
  await expect(path.getByRole('status')).toContainText(/Most likely: .*\(EPP\)/);
  await path.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByLabel('Kind')).toHaveValue('epp');
});
