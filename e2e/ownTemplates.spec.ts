import fs from 'node:fs';
import type { BrowserContext, Page } from '@playwright/test';
import { accessible, expect, test } from './fixtures';
import { rigNamed } from './rigNamed';

test.use({ apart: 'making' });

async function templates(page: Page): Promise<{ plan: string }> {
  const id = await rigNamed(page.request, 'Blade bow');
  const [plan] = (await (await page.request.get(`/api/rigs/${id}/plans`)).json()) as { id: string }[];
  await page.goto(`/rig/${id}/templates`);
  await expect(page.getByRole('region', { name: 'Templates you have' })).toBeVisible();
  return { plan: plan!.id };
}
const own = (page: Page) => page.getByRole('region', { name: 'Templates you have' });
const dialog = (page: Page) => page.getByRole('dialog');
/** What a dialog says of the edge: mm that it stands beyond what is wanted, least and most. */
async function stands(page: Page): Promise<number[]> {
  const text = await dialog(page).getByRole('status').innerText();
  return [...text.matchAll(/(-?[\d.]+)\s*mm/g)].map((m) => Number(m[1]));
}

test('a template of the program’s own is taken back from its drawing; heights make another core, which is told', async ({
  page,
}) => {
  const { plan } = await templates(page);
  const file = test.info().outputPath('root-top.svg');
  const drawn = await page.request.get(`/api/plans/${plan}/templates?format=svg&end=root&side=top`);
  fs.writeFileSync(file, await drawn.body());
  await own(page).getByRole('button', { name: 'From a drawing' }).click();
  await dialog(page).locator('input[type=file]').setInputFiles(file);
  await expect(dialog(page).getByRole('radio', { checked: true })).toContainText('260');
  const [least, most] = await stands(page);
  expect(most! - least!).toBeLessThan(0.02);
  await accessible(page);
  // The edge’s end is moved by key: the edge is shorter, and what it stands off is the same.
  await dialog(page).getByRole('button', { name: 'Edge to: arrow keys move it' }).focus();
  for (let n = 0; n < 3; n++) await page.keyboard.press('Shift+ArrowLeft');
  expect((await stands(page))[0]).toBeCloseTo(least!, 1);
  await dialog(page).getByRole('button', { name: 'Take it' }).click();
  await expect(own(page)).toContainText('Root, top');
  await expect(page.getByText('this edge is yours')).toHaveCount(1);
  await expect(page.getByRole('status', { name: 'Piece' })).toHaveText('Saved');

  await own(page).getByRole('button', { name: 'Type heights' }).click();
  const heights = dialog(page).getByRole('textbox', { name: 'Stations and heights' });
  await heights.fill('0 0\n2 four\n10 9');
  await expect(dialog(page).getByRole('alert')).toContainText('line 2, height: ');
  await expect(dialog(page).getByRole('button', { name: 'Take it' })).toBeDisabled();
  await heights.fill('-1 0\n2 8\n10 13\n40 22\n90 23\n150 12\n180 3');
  await dialog(page).getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('heading', { name: 'Your templates give another core' })).toBeVisible();
  await expect(page.getByRole('status', { name: 'Piece' })).toHaveText('Saved');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Your templates give another core' })).toBeVisible();
  await own(page).getByRole('button', { name: 'Give it up' }).click();
  await expect(page.getByRole('heading', { name: 'Your templates give another core' })).toHaveCount(0);
  await expect(page.getByText('this edge is yours')).toHaveCount(0);
  // The next test begins with what is kept.
  await expect
    .poll(async () =>
      (await page.request.get(`/api/plans/${plan}/templates?format=svg&end=root&side=top`)).text(),
    )
    .toBe(await drawn.text());
});

/** A photo that is made: the printed template in perspective, and where on it the corners of its square, chord and edge came to lie, px. */
async function madePhoto(context: BrowserContext, svg: string, file: string) {
  // A sheet of its own: the program would go on drawing on its own page.
  const page = await context.newPage();
  await page.setContent(
    `<body style="margin:0;background:#8a7f70"><div style="perspective:1500px;width:1280px;height:800px;overflow:hidden"><div style="transform:translate(30px,90px) rotateX(18deg) rotateZ(2deg);background:#eee;display:inline-block">${svg}</div></div>`,
  );
  await page.screenshot({ path: file });
  const lies = await page.evaluate(() => {
    const svg = document.querySelector('svg')!;
    const at = (x: number, y: number) => {
      const dot = svg.appendChild(document.createElementNS('http://www.w3.org/2000/svg', 'circle'));
      for (const [k, v] of Object.entries({ cx: x, cy: y, r: 0.05 })) dot.setAttribute(k, String(v));
      const b = dot.getBoundingClientRect();
      return [b.x + b.width / 2, b.y + b.height / 2] as const;
    };
    const n = (e: Element, key: string) => Number(e.getAttribute(key));
    const rect = svg.querySelector('#check rect')!;
    const [x, y, s] = [n(rect, 'x'), n(rect, 'y'), n(rect, 'width')];
    const lines = [...svg.querySelectorAll('#marks line')];
    const length = (e: Element) => Math.hypot(n(e, 'x2') - n(e, 'x1'), n(e, 'y2') - n(e, 'y1'));
    const chord = lines.reduce((a, b) => (length(b) > length(a) ? b : a));
    const stations = lines.filter((l) => Math.abs(length(l) - 4) < 0.01);
    // Points as one would set them: along the edge from its first station to its last, close together at the leading edge.
    const path = svg.querySelector('#cut path')!.getAttribute('d')!.slice(1, -1);
    const points = path.split('L').map((p) => p.split(' ').map(Number) as [number, number]);
    const index = (l: Element) =>
      points.findIndex((p) => Math.hypot(p[0] - n(l, 'x1'), p[1] - n(l, 'y1')) < 0.01);
    const edge = points.slice(index(stations[0]!), index(stations.at(-1)!) + 1);
    const along = [0];
    for (let i = 1; i < edge.length; i++)
      along.push(along[i - 1]! + Math.hypot(edge[i]![0] - edge[i - 1]![0], edge[i]![1] - edge[i - 1]![1]));
    const places = Array.from({ length: 15 }, (_, i) => {
      const arc = along.at(-1)! * (i / 14) ** 2;
      return edge[along.findIndex((a) => a >= arc - 1e-9)]!;
    });
    return {
      square: [at(x, y), at(x + s, y), at(x + s, y + s), at(x, y + s)],
      chord: [at(n(chord, 'x1'), n(chord, 'y1')), at(n(chord, 'x2'), n(chord, 'y2'))],
      edge: places.map(([px, py]) => at(px, py)),
    };
  });
  await page.close();
  return lies;
}

/** Moves a point from where it stands to a place of the picture, by keys alone. */
async function moveBy(page: Page, name: string, to: readonly [number, number]) {
  const point = dialog(page).getByRole('button', { name: `${name}: arrow keys move it`, exact: true });
  await point.focus();
  const at = await point
    .locator('circle')
    .evaluate((c) => [Number(c.getAttribute('cx')), Number(c.getAttribute('cy'))]);
  for (const [axis, less, more] of [
    [0, 'ArrowLeft', 'ArrowRight'],
    [1, 'ArrowUp', 'ArrowDown'],
  ] as const) {
    const by = Math.round(to[axis]! - at[axis]!);
    const key = by < 0 ? less : more;
    for (let n = 0; n < Math.floor(Math.abs(by) / 10); n++) await page.keyboard.press(`Shift+${key}`);
    for (let n = 0; n < Math.abs(by) % 10; n++) await page.keyboard.press(key);
  }
}

test('a photo in perspective is traced by keyboard: its edge is the printed one’s to half a millimetre', async ({
  page,
}) => {
  test.setTimeout(180_000);
  const { plan } = await templates(page);
  const drawn = await page.request.get(`/api/plans/${plan}/templates?format=svg&end=root&side=top`);
  const file = test.info().outputPath('photo.png');
  const lies = await madePhoto(page.context(), await drawn.text(), file);
  await templates(page);
  await own(page).getByRole('button', { name: 'From a photo' }).click();
  await dialog(page).locator('input[type=file]').setInputFiles(file);
  const names = ['Top left', 'Top right', 'Bottom right', 'Bottom left'];
  for (const [i, name] of names.entries()) await moveBy(page, name, lies.square[i]!);
  await moveBy(page, 'Leading edge', lies.chord[0]!);
  await moveBy(page, 'Trailing edge', lies.chord[1]!);
  const add = dialog(page).getByRole('button', { name: 'Add a point' });
  for (const [i, at] of lies.edge.entries()) {
    await add.focus();
    await page.keyboard.press('Enter');
    await moveBy(page, String(i + 1), at);
  }
  const [least, most] = await stands(page);
  // Made 0.213 mm larger than what is wanted; a pixel of this picture is a quarter of a millimetre.
  expect(least!).toBeGreaterThan(0.213 - 0.5);
  expect(most!).toBeLessThan(0.213 + 0.5);
  await accessible(page);
  // A point too many is taken away, and three marks on one line give no scale.
  await add.click();
  await dialog(page)
    .getByRole('button', { name: `${lies.edge.length + 1}: arrow keys move it`, exact: true })
    .focus();
  await page.keyboard.press('Delete');
  await expect(dialog(page)).toContainText(`${lies.edge.length} of at least 3 points`);
  await dialog(page).getByRole('button', { name: 'Take it' }).click();
  await expect(own(page)).toContainText(`${lies.edge.length} points`);
});

test('a file that is no picture is refused, and nothing is taken', async ({ page }) => {
  await templates(page);
  const file = test.info().outputPath('no.png');
  fs.writeFileSync(file, 'not a picture');
  await own(page).getByRole('button', { name: 'From a photo' }).click();
  await dialog(page).locator('input[type=file]').setInputFiles(file);
  await expect(dialog(page).getByRole('alert')).toContainText('is no picture that this browser can show');
  await expect(dialog(page).getByRole('button', { name: 'Take it' })).toBeDisabled();
});
