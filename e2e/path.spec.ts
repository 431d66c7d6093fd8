import type { Page } from '@playwright/test';
import { expect, saved, test } from './fixtures';

/** Goes to a stage by its key, pressed until the page listens. */
async function toStage(page: Page, key: number, head: string): Promise<void> {
  await expect(async () => {
    await page.keyboard.press(String(key));
    await expect(page.getByRole('heading', { name: head })).toBeVisible({ timeout: 500 });
  }).toPass({ timeout: 10_000 });
}

test('from four questions to a logged test cut and the next setting, and it is all there after a reload', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'New rig' }).click();
  await page.getByText('Hand bow', { exact: true }).click();
  await page.getByLabel('Foam').selectOption({ label: 'Extruded polystyrene (XPS)' });
  await page.getByLabel('Width').fill('55,5 cm');
  await page.getByLabel('Power').selectOption({ label: 'Bench supply 32 V' });
  await expect(page.getByRole('region', { name: 'Proposed wire' })).toContainText('mm/s');
  await page.getByRole('button', { name: 'Make this rig' }).click();
  await expect(page).toHaveURL(/\/rig\/[0-9a-f-]+/);
  await expect(page.getByText('assumed').first()).toBeVisible();
  await expect(page.getByLabel('Width')).toHaveValue('555');

  const name = page.getByRole('textbox', { name: 'Name of the rig' });
  await name.fill('My first bow');
  const density = page.getByLabel(/^Density/);
  await density.fill('2 lb/ft3');
  await density.blur();
  await expect(density).toHaveValue('32');
  await saved(page);

  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { name: 'What drives the wire' })).toBeVisible();
  await page.locator('#dial').focus();
  await page.keyboard.press('ArrowRight');
  await saved(page);
  const setting = await page.locator('input[name="control.setting"]').inputValue();

  await page.getByRole('button', { name: /^6 ?Try/ }).click();
  await page.getByLabel('Seconds').fill('14,2');
  await page.getByLabel('Good', { exact: true }).check();
  await page.getByText('fine hairs', { exact: true }).click();
  await page.getByPlaceholder('Note').fill('first try');
  await page.getByRole('button', { name: 'Log this cut' }).click();
  await expect(page.getByText('The range is narrower now')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Next cut' })).toContainText('from 1 cut');
  await expect(page.getByRole('region', { name: 'Next cut' })).toContainText(/Set [\d.]+.V and cut at|cut at/);
  await expect(page.getByText(/tuned by 1 cut: feeds ±\d+ %/)).toBeVisible();

  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toHaveValue('My first bow');
  await expect(page.getByRole('cell', { name: 'fine hairs' })).toBeVisible();
  await toStage(page, 4, 'What drives the wire');
  await expect(page.locator('input[name="control.setting"]')).toHaveValue(setting);
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'My first bow' })).toBeVisible();
});

test('the wrong rig shows its overload, and "try it" cures it; undo brings it back', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Short offcut trimmer' }).click();
  const finding = page.getByRole('region', { name: 'Stop: Too much for this supply' });
  await expect(finding).toBeVisible();
  await expect(page.getByText('off: the supply shuts down')).toBeVisible();
  await finding
    .getByRole('button', { name: /Take |Use |Buy / })
    .first()
    .click();
  await expect(finding).toBeHidden();
  await expect(page.getByText('off: the supply shuts down')).toBeHidden();
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(finding).toBeVisible();
  await saved(page);
});

test('why shows the relation with this rig’s numbers', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Blade bow' }).click();
  await page.getByRole('button', { name: 'Why: max feed' }).click();
  const why = page.getByRole('dialog');
  await expect(why).toContainText('33 kg/m³'.replace('33', '33.0'));
  await expect(why).toContainText('Rosenthal');
  await page.keyboard.press('Escape');
  await expect(why).toBeHidden();
});

test('a value that the schema refuses stays in its field with the rule, and the last legal one stays in force', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Pad slicer' }).click();
  const width = page.getByLabel('Width');
  await width.fill('90 km');
  await expect(page.getByRole('alert').filter({ hasText: 'is not a unit' })).toBeVisible();
  await width.fill('30000');
  await expect(page.getByRole('alert').filter({ hasText: 'must lie between' })).toBeVisible();
  await width.blur();
  await expect(width).toHaveValue('30000');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Width' })).toHaveValue('500');
});

test('a bad import names path and rule of every fault and changes nothing; a good one opens', async ({
  page,
  request,
}) => {
  await page.goto('/');
  const before = await (await request.get('/api/rigs')).json();
  const doc = await (await request.get(`/api/rigs/${before[0].id}/document`)).json();
  const bring = (body: unknown) =>
    page.getByLabel('Rig file').setInputFiles({
      name: 'x.json',
      mimeType: 'application/json',
      buffer: Buffer.from(typeof body === 'string' ? body : JSON.stringify(body)),
    });
  await bring({ ...doc, wire: { ...doc.wire, diameterMm: 9 }, colour: 'red' });
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('wire.diameterMm');
  await expect(dialog).toContainText('must be at most 5');
  await expect(dialog).toContainText('colour');
  await page.keyboard.press('Escape');
  await bring('{ not json');
  await expect(dialog).toContainText('is not JSON');
  await page.keyboard.press('Escape');
  expect((await (await request.get('/api/rigs')).json()).length).toBe(before.length);
  await bring({ ...doc, name: 'Brought in' });
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toHaveValue('Brought in');
});

test('two windows do not overwrite each other silently', async ({ page, context }) => {
  // This one hears nothing of the other: as when both are changed in the same moment.
  await page.route('**/api/live*', (route) => route.abort());
  await page.goto('/');
  await page.getByRole('link', { name: 'Panel table' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByLabel('Width').fill('310');
  await saved(other);
  await page.getByLabel('Width').fill('320');
  const dialog = page.getByRole('dialog', { name: 'This rig was changed elsewhere' });
  await expect(dialog).toContainText('width');
  await expect(dialog).toContainText('310');
  await expect(dialog).toContainText('320');
  await dialog.getByRole('button', { name: 'Keep what is here' }).click();
  await saved(page);
  await other.reload();
  await expect(other.getByLabel('Width')).toHaveValue('320');
});

test('units hold everywhere and are kept', async ({ page }) => {
  await page.goto('/');
  await page.getByLabel('Units').selectOption('inch');
  await expect(page.getByText(/lb\/ft³/).first()).toBeVisible();
  await expect(page.getByText(/kg\/m³/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/lb\/ft³/).first()).toBeVisible();
  await page.getByRole('link', { name: 'Sign towers' }).click();
  await toStage(page, 3, 'Which wire');
  await expect(page.getByRole('textbox', { name: 'Length' })).toHaveValue('47.2');
  await page.getByLabel('Units').selectOption('metric');
  await expect(page.getByRole('textbox', { name: 'Length' })).toHaveValue('1200');
});

test('a supply in use names its rigs before it goes', async ({ page }) => {
  await page.goto('/drawer');
  await page.getByRole('button', { name: 'Add wire' }).click();
  await page.getByLabel('Name').fill('Spare spool');
  await page.getByRole('textbox', { name: 'Gauge' }).fill('30 awg');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('rowheader', { name: 'Spare spool' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete Spare spool' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByRole('rowheader', { name: 'Spare spool' })).toBeHidden();
  await page.getByRole('button', { name: 'Delete Nickel-chromium 25 gauge' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Blade bow');
  await expect(dialog).toContainText('Pad slicer');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
});
