import type { Page } from '@playwright/test';
import { TIMED, within } from './figure';
import { expect, standsStill, test } from './fixtures';

async function quick(page: Page, line: string): Promise<void> {
  await page.getByLabel('What have you got?').fill(line);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('status')).toContainText('is in.');
}

test.use({ seeded: false });

test('fill a drawer, match it, make a rig, print its wiring list', async ({ page, request }) => {
  await page.goto('/drawer');
  await page.getByLabel('What have you got?').fill('Ni-Cr');
  await expect(page.getByText('Still wanted: its gauge')).toBeVisible();
  await quick(page, 'Ni-Cr 26 awg 12 m');
  await quick(page, 'brick 19 V 3.4 A');
  await quick(page, 'bench supply 32 V 6 A');
  await quick(page, 'pulse dimmer 8 A');
  await quick(page, 'leads 1.31 mm2 3 m');
  await quick(page, 'XPS 33 kg/m3');
  await page.getByRole('link', { name: 'What works with all this?' }).click();
  await expect(page.getByRole('heading', { name: /of \d+ pairings/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Width' }).fill('600');
  await page.getByRole('textbox', { name: 'Feed' }).fill('2.5');
  await expect(page.getByText('look again')).toBeVisible();
  await page.getByRole('button', { name: 'Find what works' }).click();
  await expect(page.getByRole('heading', { name: /^\d+ of \d+ pairings work$/ })).toBeVisible();

  // Every refusal has its reason, with numbers.
  const reason = page.getByRole('region', { name: 'What does not work' }).locator('details').first();
  await reason.locator('summary').click();
  await expect(reason.locator('li').first()).toContainText(/\d/);

  // The drawer as a file is the document that the command line takes.
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export the drawer' }).click();
  const file = await (await saving).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of file) chunks.push(chunk as Buffer);
  const answer = await request.post('/api/v1/match', {
    data: Buffer.concat(chunks),
    headers: { 'content-type': 'application/json' },
  });
  expect((await answer.json()).pairs.length).toBeGreaterThan(0);

  // Two side by side, then one of them becomes a rig.
  const ticks = page.getByRole('checkbox', { name: /^Compare: / });
  await ticks.nth(0).check();
  await ticks.nth(1).check();
  await expect(page.getByRole('region', { name: 'Compared' })).toContainText('Meter should read');
  await page
    .getByRole('button', { name: /^Make it a rig: / })
    .first()
    .click();
  await expect(page).toHaveURL(/\/rig\/[0-9a-f-]+\?stage=power/);
  await expect(page.getByRole('region', { name: /^Stop/ })).toHaveCount(0);
  const id = /rig\/([0-9a-f-]+)/.exec(page.url())![1]!;

  await page.getByRole('link', { name: 'Wiring list and drawing' }).click();
  const list = page.getByRole('group', { name: 'Wiring list' });
  for (const part of ['Fuse', 'Switch', 'Leads, out and back', 'Wire'])
    await expect(list.getByRole('rowheader', { name: part, exact: true })).toBeVisible();
  await expect(page.getByRole('img', { name: /^The loop:/ })).toBeVisible();
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await page.getByRole('button', { name: 'Print' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');
  const pdf = await request.get(`/api/rigs/${id}/wiring?as=pdf`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const svg = await request.get(`/api/rigs/${id}/wiring?as=svg`);
  expect(await svg.text()).toContain('width="180mm"');
});

test('a running match is cancelled, and the page answers all the while', TIMED, async ({ page, request }) => {
  // Whatever other tests left in the drawer of this server goes first: the pairings are counted.
  const left = (await (await request.get('/api/drawer')).json()) as Record<string, { id: string }[]>;
  for (const kind of ['spools', 'supplies', 'controls'])
    for (const { id } of left[kind]!) await request.delete(`/api/drawer/${kind}/${id}?sure=1`);
  for (let i = 0; i < 40; i++)
    await request.post('/api/drawer/spools', {
      data: { name: `w${i}`, alloy: 'nicr-80', diameterMm: 0.25 + 0.01 * i },
    });
  for (let i = 0; i < 30; i++)
    await request.post('/api/drawer/supplies', {
      data: { name: `s${i}`, supply: { kind: 'bench', volts: 20 + i, maxAmps: 8 }, control: 'volts' },
    });
  // The page looks at once; a short list first, so that the long one is the one that is stopped.
  await page.goto('/match');
  await expect(page.getByRole('heading', { name: /pairings works?$/ })).toBeVisible({ timeout: 60_000 });
  const lengths = Array.from({ length: 20 }, (_, i) => 760 + 40 * i).join('; ');
  await page.getByLabel('Wire lengths').fill(lengths);
  const stop = page.getByRole('button', { name: 'Stop looking' });
  await page.getByRole('button', { name: 'Find what works' }).click();
  await expect(page.getByText(/^\d+ of 48000 pairings$/)).toBeVisible();
  const before = performance.now();
  await page.getByRole('textbox', { name: 'Width' }).fill('630');
  within('a field takes a value while a search goes on', performance.now() - before, 1000);
  // The search was not waited for: it is still stopped below.
  await expect(stop).toBeVisible();
  expect(page.workers().length).toBeGreaterThan(0);
  await stop.click();
  await expect(
    page.getByRole('heading', { name: /^Stopped after \d+ pairings; nothing was kept$/ }),
  ).toBeVisible();
  // Nobody looks on: what was stopped can bring nothing later.
  await expect.poll(() => page.workers().length).toBe(0);
  await standsStill(page);
  await expect(page.getByRole('heading', { name: /^Stopped after/ })).toBeVisible();
  await page.getByLabel('Wire lengths').fill('760');
  await page.getByRole('button', { name: 'Find what works' }).click();
  await expect(page.getByRole('heading', { name: /pairings work/ })).toBeVisible({ timeout: 30_000 });
});
