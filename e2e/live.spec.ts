import type { Page } from '@playwright/test';
import { expect, saved, test } from './fixtures';
import { FIGURES, TIMED, within } from './figure';
import { rigNamed } from './rigNamed';

test.use({ apart: 'live' });

const BOUND_MS = 1000;
const PRESSES = FIGURES ? 20 : 2;

async function rigOf(page: Page, name: string): Promise<string> {
  return rigNamed(page.request, name);
}
const heard = (page: Page) => page.waitForResponse((r) => r.url().includes('/api/live') && r.ok());

test('a change at the desk stands on the phone within a second', TIMED, async ({ page, context }) => {
  const id = await rigOf(page, 'Blade bow');
  await page.goto(`/rig/${id}?stage=power`);
  const phone = await context.newPage();
  await phone.setViewportSize({ width: 390, height: 844 });
  const live = heard(phone);
  await phone.goto(`/rig/${id}?stage=power`);
  await live;
  const dial = (on: Page) => on.locator('input[name="control.setting"]');
  await expect(dial(phone)).toBeVisible();
  const took: number[] = [];
  for (let n = 0; n < PRESSES; n++) {
    await page.locator('#dial').focus();
    await page.keyboard.press(n % 2 ? 'ArrowLeft' : 'ArrowRight');
    const want = await dial(page).inputValue();
    const from = performance.now();
    await phone.waitForFunction(
      (value) => document.querySelector<HTMLInputElement>('input[name="control.setting"]')?.value === value,
      want,
      { polling: 20 },
    );
    took.push(performance.now() - from);
    await saved(page);
  }
  took.sort((x, y) => x - y);
  const at = (share: number) => took[Math.floor(share * (took.length - 1))]!;
  console.log(`from a press at the desk to the phone: median ${Math.round(at(0.5))} ms`);
  within('from a press at the desk to the phone, 95th', at(0.95), BOUND_MS);
  // Nobody was asked anything, and each names the other.
  await expect(phone.getByRole('dialog')).toHaveCount(0);
  await expect(phone.getByText('The desk')).toBeVisible();
});

test('an edit under way is not disturbed, and undo brings back one’s own only', async ({ page, context }) => {
  const id = await rigOf(page, 'Panel table');
  await page.goto(`/rig/${id}`);
  const other = await context.newPage();
  const live = heard(other);
  await other.goto(`/rig/${id}`);
  await live;
  const width = (on: Page) => on.getByLabel('Width');
  const before = await width(page).inputValue();
  await width(page).fill('410');
  await saved(page);
  await expect(width(other)).toHaveValue('410');
  // The other is at a field, with what is no value yet, while the first changes something else.
  const density = other.getByLabel(/^Density/);
  await density.fill('30 k');
  await page.getByRole('textbox', { name: 'Name of the rig' }).fill('Panel table two');
  await saved(page);
  await expect(other.getByRole('textbox', { name: 'Name of the rig' })).toHaveValue('Panel table two');
  await expect(density).toHaveValue('30 k');
  await density.fill('31');
  await saved(other);
  // Undo at the first takes back its own name and width; what the other typed stays.
  await expect(page.getByLabel(/^Density/)).toHaveValue('31');
  for (let n = 0; n < 4 && (await width(page).inputValue()) !== before; n++)
    await page.getByRole('button', { name: 'Undo' }).click();
  await expect(width(page)).toHaveValue(before);
  await expect(page.getByLabel(/^Density/)).toHaveValue('31');
});

test('a piece follows as the rig does, and a rig that is thrown away leaves the shelf', async ({
  page,
  context,
}) => {
  const id = await rigOf(page, 'Blade bow');
  const [plan] = (await (await page.request.get(`/api/rigs/${id}/plans`)).json()) as {
    id: string;
    revision: number;
    doc: { piece: { spanMm: number } };
  }[];
  const live = heard(page);
  await page.goto(`/rig/${id}?stage=shape`);
  await live;
  await expect(page.getByLabel('Span')).toHaveValue(String(plan!.doc.piece.spanMm));
  const doc = { ...plan!.doc, piece: { ...plan!.doc.piece, spanMm: 611 } };
  const put = await page.request.put(`/api/plans/${plan!.id}`, { data: { base: plan!.revision, doc } });
  expect(put.ok(), await put.text()).toBe(true);
  await expect(page.getByLabel('Span')).toHaveValue('611');

  const shelf = await context.newPage();
  const told = heard(shelf);
  await shelf.goto('/');
  await told;
  const link = shelf.getByRole('link', { name: 'Pad slicer' });
  await expect(link).toBeVisible();
  const gone = await page.request.delete(`/api/rigs/${await rigOf(page, 'Pad slicer')}`);
  expect(gone.ok()).toBe(true);
  await expect(link).toHaveCount(0);
});

test('drawer, shelf, logbook and bench follow without a reload', async ({ page, context, server }) => {
  const id = await rigOf(page, 'Blade bow');
  const pages: Record<string, Page> = {};
  for (const place of ['/', '/drawer', '/log', `/bench?rig=${id}`]) {
    const on = await context.newPage();
    const live = heard(on);
    await on.goto(place);
    await live;
    pages[place] = on;
  }
  await page.request.post('/api/drawer/spools', {
    data: { name: 'Heard spool', alloy: 'nicr-80', diameterMm: 0.4, metres: 12 },
  });
  await expect(pages['/drawer']!.getByText('Heard spool')).toBeVisible();
  const open = (await (await page.request.get(`/api/rigs/${id}`)).json()) as {
    record: { revision: number; doc: { name: string } };
  };
  const { record } = open;
  const put = await page.request.put(`/api/rigs/${id}`, {
    data: {
      base: record.revision,
      doc: { ...record.doc, name: 'Heard bow' },
      ...Object.fromEntries(
        ['foamStockId', 'spoolId', 'supplyId'].map((k) => [
          k,
          (record as unknown as Record<string, unknown>)[k],
        ]),
      ),
    },
  });
  expect(put.ok(), await put.text()).toBe(true);
  await expect(pages['/']!.getByRole('link', { name: 'Heard bow' })).toBeVisible();
  await expect(pages[`/bench?rig=${id}`]!.getByText('Heard bow').first()).toBeVisible();
  await page.request.post(`/api/rigs/${id}/events`, {
    data: { kind: 'remark', at: new Date().toISOString(), note: 'Heard remark' },
  });
  await expect(pages['/log']!.getByText('Heard remark')).toBeVisible();
  expect(server.output()).not.toMatch(/Error/);
});
