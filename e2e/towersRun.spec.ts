import fs from 'node:fs';
import { accessibleInBoth, expect, test } from './fixtures';
import type { APIRequestContext, Page } from '@playwright/test';
import { rigNamed } from './rigNamed';

test.use({ apart: 'towers' });

async function towers(request: APIRequestContext) {
  return rigNamed(request, 'Sign towers');
}
async function jobOf(request: APIRequestContext, rig: string, kind: string) {
  const jobs = (await (await request.get(`/api/rigs/${rig}/jobs`)).json()) as {
    id: string;
    doc: { kind: string; name: string };
  }[];
  return jobs.find((j) => j.doc.kind === kind)!;
}
const choose = (page: Page, name: string) =>
  page.getByRole('combobox', { name: 'Job', exact: true }).selectOption({ label: name });
const take = async (page: Page, label: string, value: string) => {
  await page.getByLabel(label, { exact: true }).fill(value);
  await page.getByLabel(label, { exact: true }).press('Enter');
};

test('a core on towers: taken from a piece of the workshop, its sections changed, and its code written', async ({
  page,
  request,
}) => {
  const id = await towers(request);
  const { doc } = await jobOf(request, id, 'core');
  await page.goto(`/rig/${id}?stage=job`);
  await choose(page, doc.name);
  await expect(page.getByRole('img', { name: /The wire’s way through a block/ })).toBeVisible();
  await expect(page.getByText('Deviation, middle')).toBeVisible();
  // A wider tip than root is a core like another; a section that is none is refused and nothing is lost.
  const tip = page.getByRole('group', { name: 'Tip' });
  await tip.getByLabel('Digits').fill('44');
  await expect(tip.getByRole('alert')).toHaveText('four or five digits');
  await tip.getByLabel('Digits').fill('0012');
  await expect(tip.getByRole('alert')).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Cut', exact: true }).selectOption('outline');
  await expect(
    page.getByText('Nothing found against it').or(page.getByText('The wire’s length changes')).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Take a piece' }).click();
  const dialog = page.getByRole('dialog');
  const pieces = dialog.getByRole('combobox', { name: 'Piece' });
  await pieces.selectOption({ index: 1 });
  await expect(dialog.getByRole('status')).toContainText('spar slots');
  await accessibleInBoth(page);
  await dialog.getByRole('button', { name: 'Take it' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(tip.getByLabel('Digits')).toHaveValue('0012');
  await page.goto(`/rig/${id}?stage=make`);
  await choose(page, doc.name);
  await expect(page.getByRole('button', { name: /Save the code, \d+ lines/ })).toBeVisible();
  await expect(page.getByText(/^Gauge the core/)).toBeVisible();
});

test('a turned post: its profile by number, a corner that is not under the block, by hand at a pause', async ({
  page,
  request,
}) => {
  const id = await towers(request);
  const { doc } = await jobOf(request, id, 'turned');
  await page.goto(`/rig/${id}?stage=job`);
  await choose(page, doc.name);
  await expect(page.getByText('Wire while it turns')).toBeVisible();
  await accessibleInBoth(page);
  const first = page.getByLabel('From axis').first();
  await first.fill('80');
  await expect(page.getByText(/must be at most half the block/)).toBeVisible();
  await first.fill('40');
  await page.getByLabel('Turned by hand, at a pause').check();
  await page.goto(`/rig/${id}?stage=make`);
  await choose(page, doc.name);
  await expect(page.getByText(/Turn the block once by hand/)).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: /Save the code/ }).click();
  const file = fs.readFileSync((await (await saved).path())!, 'utf8');
  expect(file.match(/^M0 \(turn the block to (90|180|270) deg by hand, then go on\)$/gm)).toHaveLength(3);
});

test('a test comb: its kerfs typed in are so many cuts in the log', async ({ page, request }) => {
  const id = await towers(request);
  const { doc } = await jobOf(request, id, 'comb');
  const cuts = async () =>
    ((await (await request.get(`/api/log?rig=${id}&kinds=cut`)).json()) as { total: number }).total;
  const before = await cuts();
  await page.goto(`/rig/${id}?stage=job`);
  await choose(page, doc.name);
  await take(page, 'Kerf of cut 1', '0.9');
  await take(page, 'Kerf of cut 2', '0.7');
  await accessibleInBoth(page);
  await page.getByRole('button', { name: 'Log these 2 cuts' }).click();
  await expect(page.getByText(/2 of them logged/)).toBeVisible();
  expect(await cuts()).toBe(before + 2);
});

test('run on the stand-in: cold first, then with heat; it stops itself, and what is left is entered again', async ({
  page,
  request,
}) => {
  test.setTimeout(180_000);
  const id = await towers(request);
  const made = await request.post(`/api/rigs/${id}/jobs`, {
    data: {
      format: 'upwind-rod/job',
      version: 1,
      kind: 'outline',
      name: 'Square by test',
      loops: [
        [
          [20, 20],
          [80, 20],
          [80, 80],
          [20, 80],
        ],
      ],
      blockMm: [100, 600, 100],
    },
  });
  expect(made.status()).toBe(200);
  const { id: job } = (await made.json()) as { id: string };
  await page.goto(`/rig/${id}/run?job=${job}`);
  const heat = page.getByRole('button', { name: 'Run with heat' });
  await expect(heat).toBeDisabled();
  await expect(page.getByText('First a whole run with the wire cold.')).toBeVisible();
  await accessibleInBoth(page);
  await page.getByLabel('Its clock').selectOption('60');
  await page.getByRole('button', { name: 'Run it cold' }).click();
  await expect(page.getByText('cold run', { exact: true })).toBeVisible();
  await expect(page.getByText(/The cold run came to its end/)).toBeVisible({ timeout: 60_000 });
  await expect(heat).toBeDisabled();
  for (const check of await page.getByRole('checkbox').all()) await check.check();
  await expect(heat).toBeEnabled();
  await page.getByLabel('Practise').selectOption('switch');
  await heat.click();
  await expect(page.getByText('on', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Hold' }).click();
  await expect(page.getByText(/It has stood hot for/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText('A limit switch opened on line', { exact: false })).toBeVisible({
    timeout: 60_000,
  });
  await expect(page.getByText('off', { exact: true })).toBeVisible();
  await accessibleInBoth(page);
  await page.getByRole('button', { name: 'Put what was cut in the logbook' }).click();
  await expect(page.getByText('It is in the logbook.')).toBeVisible();
  await page.getByRole('button', { name: 'Code for what is left' }).click();
  await expect(page.getByRole('region', { name: 'What is left' })).toContainText('of cut');
  // The rest is looked at cold as the whole was, and then cut.
  await page.getByLabel('Its clock').selectOption('60');
  await page.getByRole('button', { name: 'Run it cold' }).click();
  await expect(page.getByText(/The cold run came to its end/)).toBeVisible({ timeout: 60_000 });
  for (const check of await page.getByRole('checkbox').all()) await check.check();
  await heat.click();
  await expect(page.getByText(/^It came to its end in/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Put it in the logbook' }).click();
  await expect(page.getByText('It is in the logbook.')).toBeVisible();
  // Nobody can see from the controller that it lost steps, nor reach it without its link.
  await page.getByRole('button', { name: 'The whole job again' }).click();
  await page.getByLabel('Its clock').selectOption('60');
  await page.getByRole('button', { name: 'Run it cold' }).click();
  await expect(page.getByText(/The cold run came to its end/)).toBeVisible({ timeout: 60_000 });
  for (const check of await page.getByRole('checkbox').all()) await check.check();
  await page.getByLabel('Practise').selectOption('link');
  await heat.click();
  await expect(page.getByText('The link is gone')).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'I switched the power off there' }).click();
  await expect(page.getByRole('region', { name: 'In again' })).toBeVisible();
});

test('parts are laid out by keys and numbers, a slit is put elsewhere, letters come as parts', async ({
  page,
  request,
}) => {
  const id = await towers(request);
  const { doc } = await jobOf(request, id, 'outline');
  await page.goto(`/rig/${id}?stage=job`);
  await choose(page, doc.name);
  await page.getByRole('button', { name: 'Lay out', exact: true }).click();
  const layout = page.getByRole('region', { name: 'Lay out' });
  const first = layout.getByRole('button', { name: /^Part 1,/ });
  await expect(first).toHaveAccessibleName(/at 30(\.0)?\smm and 25(\.0)?\smm/);
  await first.focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(first).toHaveAccessibleName(/and 35(\.0)?\smm/);
  // Over the letters it would be no part of its own: that is told, and undone.
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByText('Parts touch')).toBeVisible();
  await layout.getByLabel('From below').fill('25');
  await expect(page.getByText('Parts touch')).toHaveCount(0);
  // By mouse: held and drawn to the right.
  const box = (await first.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 8, box.y + box.height / 2, { steps: 3 });
  await page.mouse.up();
  await expect(first).not.toHaveAccessibleName(/at 30(\.0)?\smm/);
  const slit = layout.getByRole('button', { name: 'End of slit 1' });
  await slit.focus();
  await page.keyboard.press('Shift+ArrowDown');
  await expect(layout.getByRole('button', { name: 'Slits where they are shortest' })).toBeVisible();
  await layout.getByRole('button', { name: 'Copy' }).click();
  await expect(layout.getByRole('heading', { name: /of 5$/ })).toBeVisible();
  await layout.getByRole('button', { name: 'Lay all out by size' }).click();
  await expect(layout.getByRole('alert')).toContainText('no room on this block');
  await layout.getByRole('button', { name: 'As they are drawn' }).click();
  await expect(layout.getByRole('heading', { name: /of 4$/ })).toBeVisible();
  await accessibleInBoth(page);

  await page.getByRole('button', { name: 'Letters', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Letters as parts' });
  await dialog.getByLabel('Text').fill('Ж');
  await expect(dialog).toContainText('The face has no sign for Ж.');
  await dialog.getByLabel('Text').fill('B');
  await dialog.getByLabel('Capitals high').fill('40');
  await expect(dialog.getByRole('status')).toContainText('mm high');
  await accessibleInBoth(page);
  await dialog.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('9 outlines; one inside another is its hole.')).toBeVisible();
  await expect(layout.getByRole('heading', { name: /of 5$/ })).toBeVisible();
});
