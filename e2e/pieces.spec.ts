import type { APIRequestContext, Page } from '@playwright/test';
import { accessibleInBoth, expect, standsStill, test } from './fixtures';
import { sampleRig } from './sampleRig';
import { rigNamed } from './rigNamed';

test.use({ apart: 'making' });

async function bowOf(request: APIRequestContext): Promise<string> {
  return rigNamed(request, 'Blade bow');
}
interface Plan {
  id: string;
  doc: {
    name: string;
    piece: { root: { section: Record<string, unknown>; chordMm: number }; tip: Record<string, unknown> };
    method: Record<string, unknown>;
  };
}
const plansOf = async (request: APIRequestContext, id: string) =>
  (await (await request.get(`/api/rigs/${id}/plans`)).json()) as Plan[];

/** Text and pages of a PDF. */
async function readPdf(bytes: Buffer) {
  const pdfjs = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const doc = await pdfjs.getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const texts: string[] = [];
  for (let i = 1; i <= doc.numPages; i++)
    texts.push(
      (await (await doc.getPage(i)).getTextContent()).items.map((x) => ('str' in x ? x.str : '')).join(' '),
    );
  return texts;
}
const end = (page: Page, name: 'Root' | 'Tip') => page.getByRole('group', { name, exact: true });

/** Plans one more piece and waits until it is the one that is open. */
async function newPiece(page: Page): Promise<void> {
  const pieces = page.getByRole('combobox', { name: 'Piece', exact: true });
  const before = await pieces.inputValue();
  await page.getByRole('button', { name: 'New', exact: true }).click();
  await expect(pieces).not.toHaveValue(before);
  await expect(page.getByRole('status', { name: 'Piece' })).toHaveText('Saved');
}

test('a blade from two sections to printed templates', async ({ page, request }) => {
  const id = await bowOf(request);
  await page.goto(`/rig/${id}?stage=shape`);
  await newPiece(page);
  await end(page, 'Root').getByLabel('Digits').fill('2415');
  await end(page, 'Root').getByLabel('Chord').fill('200');
  await end(page, 'Tip').getByLabel('Digits').fill('24');
  await expect(end(page, 'Tip').getByRole('alert')).toContainText('four or five digits');
  await end(page, 'Tip').getByLabel('Digits').fill('23012');
  await end(page, 'Tip').getByLabel('Chord').fill('130');
  await page.getByLabel('Washout').fill('4');
  const follow = page.getByRole('region', { name: 'What falls out of the block?' });
  await expect(follow.getByText('Kerf, tip')).toBeVisible();
  await expect(follow.getByText(/under|[+−]/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Forecast' }).click();
  await expect(page.getByRole('table', { name: /Largest deviations/ })).toBeVisible();
  await page.getByRole('button', { name: 'In the block' }).click();
  await expect(page.getByRole('img', { name: /core in its block/ })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(async () => {
    const made = (await plansOf(request, id)).at(-1)!;
    expect(made.doc.piece).toMatchObject({
      root: { section: { kind: 'naca', code: '2415' }, chordMm: 200 },
      tip: { section: { code: '23012' }, chordMm: 130 },
    });
  }).toPass();
  await page.getByRole('link', { name: 'Templates' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Templates' })).toBeVisible();
  await expect(page.getByRole('img', { name: /Root template, bottom/ })).toBeVisible();
  await page.getByLabel('Paper').selectOption('a3');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'All of them, PDF' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toContain('templates.pdf');
  const fs = await import('node:fs/promises');
  const texts = await readPdf(await fs.readFile((await file.path())!));
  expect(texts[0]).toContain('print at 100 %');
  expect(texts[0]).toContain('Root face: leading edge');
  for (const label of ['ROOT · TOP', 'ROOT · BOTTOM', 'TIP · TOP', 'TIP · BOTTOM'])
    expect(texts.join(' ')).toContain(label);
  // Changed here, it is so on the rig's page too when one goes back.
  await page.getByRole('textbox', { name: 'Stations' }).fill('16');
  await expect(page.getByRole('status', { name: 'Piece' })).toHaveText('Saved');
  await page.goBack();
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /^8/ }).click();
  await expect(page.getByLabel('Stations a pass')).toHaveValue('16');
  await page.goForward();
  // What was measured after pinning shows what it would cut.
  const mount = page.getByRole('region', { name: 'Mounting sheet' });
  const wanted = async (name: string, k: number) =>
    Number.parseFloat((await mount.getByLabel(name).nth(k).getAttribute('placeholder'))!);
  for (const k of [0, 1]) {
    const nose = await wanted('Leading edge over the bench', k);
    const tail = await wanted('Trailing edge over the bench', k);
    const front = await wanted('Leading edge from the front', k);
    await mount.getByLabel('Leading edge over the bench').nth(k).fill(String(nose));
    await mount
      .getByLabel('Trailing edge over the bench')
      .nth(k)
      .fill(String(k === 1 ? tail + 2 : tail));
    await mount.getByLabel('Leading edge from the front').nth(k).fill(String(front));
  }
  // 2 mm over a chord of 130: 0.88°.
  await expect(mount.getByRole('row', { name: /Core skewed by/ })).toContainText(/\+0\.(8|9)\d°/);
  await expect(mount.getByRole('alert')).toContainText('pin them anew');
});

test('templates that are cut stay: another heat changes the forecast alone, and names the setting that fits', async ({
  page,
  request,
}) => {
  const id = await bowOf(request);
  await page.goto(`/rig/${id}?stage=shape`);
  await newPiece(page);
  await page.getByRole('link', { name: 'Templates' }).click();
  await page.getByRole('button', { name: 'These templates are cut' }).click();
  const asCut = page.getByRole('region', { name: 'Templates as cut' });
  await expect(asCut).toContainText(/Cut on .* for a kerf of/);
  await expect(page.getByRole('status', { name: 'Piece' })).toHaveText('Saved');
  await accessibleInBoth(page);
  const plan = (await plansOf(request, id)).at(-1)! as unknown as { id: string };
  const ends = async () => {
    const text = await (
      await request.get(`/api/plans/${plan.id}/templates?format=svg&end=root&side=top`)
    ).text();
    return text.replace(/\d{4}-\d\d-\d\d/g, '');
  };
  const before = await ends();
  const { record } = (await (await request.get(`/api/rigs/${id}`)).json()) as {
    record: { doc: { control: { setting: number } }; revision: number };
  };
  const { doc } = record;
  const hotter = { ...doc, control: { ...doc.control, setting: doc.control.setting * 1.15 } };
  await request.put(`/api/rigs/${id}`, { data: { base: record.revision, doc: hotter } });
  await page.reload();
  await expect(page.getByRole('heading', { name: 'These templates allow for another kerf' })).toBeVisible();
  await expect(page.getByText(/(At this feed|With the feed held at) .* fits them/)).toBeVisible();
  expect(await ends()).toBe(before);
  await asCut.getByRole('button', { name: 'They are not cut: follow again' }).click();
  await expect(page.getByRole('button', { name: 'These templates are cut' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'These templates allow for another kerf' })).toHaveCount(0);
});

test('an outline from a drawing; a hostile one, one cut short and one with letters in it change nothing', async ({
  page,
  request,
}) => {
  const id = await bowOf(request);
  await page.goto(`/rig/${id}?stage=shape`);
  await newPiece(page);
  await end(page, 'Root').getByLabel('Root section').selectOption('points');
  const dialog = page.getByRole('dialog', { name: /root’s section from a file/ });
  const give = (name: string, text: string) =>
    dialog
      .getByLabel('Section file')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await give(
    'bomb.svg',
    '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;&a;">]><svg xmlns="http://www.w3.org/2000/svg"><text>&b;</text></svg>',
  );
  await expect(dialog.getByRole('alert')).toContainText('defines entities');
  await give('short.dxf', '0\nSECTION\n2\nENTITIES\n0\nLINE\n10\n0\n20\n');
  await expect(dialog.getByRole('alert')).toContainText('short.dxf breaks off');
  await give('letters.dat', 'A name\n1.0 0.0\n0.5 0.O7\n0 0\n0.5 -0.02\n1 0\n');
  await expect(dialog.getByRole('alert')).toContainText('letters.dat line 3');
  await expect(dialog.getByRole('alert')).toContainText('stays as it was');
  const many = Array.from({ length: 100_000 }, (_, i) => `L${i % 211} ${i % 197}`).join('');
  await give('many.svg', `<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0${many}Z"/></svg>`);
  await expect(dialog.getByRole('alert')).toContainText('more than 60000 points');
  await give(
    'pad.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" width="300mm" height="150mm" viewBox="0 0 300 150"><script>document.title = "ran"</script>' +
      '<rect x="5" y="5" width="20" height="10" onload="document.title = 1"/><path d="M40 100 C60 60 160 60 200 100 L200 110 L40 110 Z"/></svg>',
  );
  await expect(dialog.getByText('1 × script')).toBeVisible();
  await expect(dialog.getByRole('radio')).toHaveCount(2);
  await dialog.getByRole('radio').first().click();
  await dialog.getByRole('button', { name: 'Take it' }).click();
  await expect(end(page, 'Root').getByLabel('Chord')).toHaveValue('160');
  await expect(end(page, 'Root').getByRole('button', { name: 'pad.svg' })).toBeVisible();
  expect(await page.title()).not.toBe('ran');
  await expect(page.getByRole('img', { name: /Both ends in a block/ })).toBeVisible();
  await expect(async () => {
    const made = (await plansOf(request, id)).at(-1)!;
    expect(made.doc.piece.root.section['kind']).toBe('points');
  }).toPass();
});

test('swing arm: both radii, the cold rehearsal moves the clamp', async ({ page, request }) => {
  const id = await bowOf(request);
  const plan = (await plansOf(request, id)).find((p) => p.doc.name === 'Blade root block')!;
  await page.goto(`/rig/${id}/drive?plan=${plan.id}`);
  const scale = page.getByRole('region', { name: 'To scale' });
  const number = async (name: string) =>
    Number.parseFloat(
      (
        await scale
          .getByRole('row', { name: new RegExp(name) })
          .getByRole('cell')
          .innerText()
      ).replace(/[^\d.]/g, ' '),
    );
  const ratio = (await number('Path length, root')) / (await number('Path length, tip'));
  expect((await number('Root cord clamped at')) / (await number('Tip cord clamped at'))).toBeCloseTo(ratio, 2);
  const cold = page.getByRole('region', { name: 'Cold rehearsal' });
  const wanted = Number.parseFloat(
    /gone\s+([\d.]+)\smm\.$/.exec((await cold.getByText(/must then have gone/).innerText()).trim())![1]!,
  );
  await cold.getByLabel('The tip went').fill(String(wanted * 0.9));
  // A tenth too short: the clamp goes out by a ninth, 220 to 244.
  await expect(cold).toContainText(/belongs at 24[2-6]\smm/);
  await cold.getByRole('button', { name: 'Move it there' }).click();
  await expect(page.getByLabel('Tip cord clamped at')).toHaveValue(/^24[2-6]/);
  await page.getByLabel('Arm reaches').fill('250');
  await expect(page.getByRole('region', { name: 'Fix: The arm is too short' })).toBeVisible();
});

test('the plan is an open document: the route and the command line’s verb take it', async ({ request }) => {
  const id = await bowOf(request);
  const [plan] = await plansOf(request, id);
  const doc = await (await request.get(`/api/plans/${plan!.id}/document`)).json();
  const out = await request.post('/api/v1/template', { data: doc });
  expect(out.status()).toBe(200);
  const t = await out.json();
  expect(t).toMatchObject({ format: 'upwind-rod/templates', version: 1 });
  expect(t.ends).toHaveLength(4);
  const bad = await request.post('/api/v1/template', { data: { ...doc, piece: { ...doc.piece, spanMm: 0 } } });
  expect(bad.status()).toBe(422);
  expect((await bad.json()).error).toMatchObject({ path: 'piece.spanMm', rule: '>= 1' });
  expect((await request.get(`/api/plans/${plan!.id}/templates?format=exe`)).status()).toBe(422);
  const svg = await request.get(`/api/plans/${plan!.id}/templates?format=svg&end=tip&side=top`);
  expect(await svg.text()).toContain('TIP · TOP');
});

test('two windows on one piece: the later save is told, nothing is lost', async ({
  page,
  context,
  request,
}) => {
  // Neither hears of the other: as when both are changed in the same moment.
  await context.route('**/api/live*', (route) => route.abort());
  const id = await bowOf(request);
  const [plan] = await plansOf(request, id);
  await page.goto(`/rig/${id}?stage=shape`);
  const other = await context.newPage();
  await other.goto(`/rig/${id}?stage=shape`);
  await other.getByLabel('Span').fill('600');
  await expect(async () => {
    const there = (await plansOf(request, id)).find((p) => p.id === plan!.id)!;
    expect((there.doc.piece as unknown as { spanMm: number }).spanMm).toBe(600);
  }).toPass();
  await page.getByLabel('Span').fill('620');
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await expect(async () => {
    const there = (await plansOf(request, id)).find((p) => p.id === plan!.id)!;
    expect((there.doc.piece as unknown as { spanMm: number }).spanMm).toBe(620);
  }).toPass();
});

test('a piece planned while the pieces are still being asked for stays open', async ({ page, request }) => {
  const made = await request.post('/api/rigs', { data: { doc: sampleRig('Hasty') } });
  const { id } = (await made.json()).record as { id: string };
  let planned = () => {};
  const posted = new Promise<void>((done) => (planned = done));
  await page.route('**/api/rigs/*/plans', async (route) => {
    const answer = await route.fetch();
    // What was asked before the piece was made answers after it.
    if (route.request().method() === 'GET') await posted;
    await route.fulfill({ response: answer });
  });
  const late = page.waitForResponse((r) => r.request().method() === 'GET' && r.url().endsWith('/plans'));
  await page.goto(`/rig/${id}?stage=shape`);
  await page.getByRole('button', { name: 'Plan a piece' }).click();
  const piece = page.getByRole('combobox', { name: 'Piece', exact: true });
  await expect(piece).toBeVisible();
  const shown = (await piece.elementHandle())!;
  planned();
  await (await late).finished();
  await standsStill(page);
  // Not gone for a moment either, until it was asked for anew.
  expect(await shown.evaluate((e) => e.isConnected)).toBe(true);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('dowel holes are placed by numbers, marked on the blank, and told where they break out', async ({
  page,
  request,
}) => {
  const id = await bowOf(request);
  const plan = (await plansOf(request, id))[0]! as unknown as { id: string };
  await page.goto(`/rig/${id}/blanks?plan=${plan.id}`);
  const marks = page.getByRole('region', { name: 'Marks on the sheet' });
  await expect(marks).toContainText('Root end: front line');
  await expect(marks).not.toContainText('dowel');
  await page.getByRole('button', { name: 'Dowel hole', exact: true }).click();
  await expect(marks).toContainText(
    /Root face, dowel: .*mm from the squared edge, .*mm over the block’s lower face/,
  );
  await expect(marks).toContainText('Tip face, dowel');
  await page.getByRole('combobox', { name: 'Face of dowel hole 1' }).selectOption('root');
  await expect(marks).not.toContainText('Tip face, dowel');
  const hole = page.getByRole('group', { name: 'Dowel hole 1' });
  await hole.getByLabel('Diameter').fill('60');
  await hole.getByLabel('Diameter').press('Enter');
  await expect(page.getByText('A dowel’s hole breaks out')).toBeVisible();
  await expect(page.getByRole('status', { name: 'Piece' })).toHaveText('Saved');
  const list = await request.get(`/api/plans/${plan.id}/templates?format=list`);
  expect((await readPdf(await list.body())).join(' ')).toContain('Root face, dowel');
  await hole.getByRole('button', { name: 'Delete' }).click();
  await expect(marks).not.toContainText('dowel');
});
