import { expect, saved, test } from './fixtures';

test('measured ohms beat the catalogue, say so, and a hung wire leaves less on its spool', async ({
  page,
  request,
}) => {
  const { spools } = await (await request.get('/api/drawer')).json();
  const own = spools.find((s: { name: string }) => s.name === 'Nickel-chromium 28 gauge');
  const put = { ...own, ohmPerM: 14 };
  delete put.id;
  delete put.demo;
  await request.put(`/api/drawer/spools/${own.id}`, { data: put });
  await page.goto('/');
  await page.getByRole('link', { name: 'Panel table' }).click();
  await page.getByRole('button', { name: /^3 ?Wire/ }).click();
  const ohms = page.getByLabel(/^Resistance, cold/);
  await expect(ohms).toHaveValue('');
  const before = await page.getByText('The meter should read').count();
  expect(before).toBe(0);
  await page.getByLabel('From the drawer').selectOption({ label: 'Nickel-chromium 25 gauge' });
  await page.getByLabel('From the drawer').selectOption({ label: 'Nickel-chromium 28 gauge' });
  await expect(ohms).toHaveValue('5.88');
  await expect(page.locator('label', { hasText: 'Resistance, cold' })).toContainText('measured');
  await saved(page);
  const rig = page.url().match(/rig\/([0-9a-f-]+)/)![1]!;
  const doc = await (await request.get(`/api/rigs/${rig}/document`)).json();
  const [measured] = await (await request.post('/api/v1/solve', { data: [doc] })).json();
  expect(measured.cold.wireOhm).toBeCloseTo(5.88, 6);
  doc.wire.measuredOhm = null;
  const [catalogue] = await (await request.post('/api/v1/solve', { data: [doc] })).json();
  expect(catalogue.cold.wireOhm).not.toBeCloseTo(5.88, 1);

  await expect(page.getByText('Left on the spool')).toContainText('9 m');
  await page.getByRole('button', { name: /^I hung one: take 0.54 m off$/ }).click();
  await expect(page.getByText('Left on the spool')).toContainText('8.46 m');
  await page.goto('/drawer');
  await expect(page.getByRole('row', { name: /Nickel-chromium 28 gauge/ })).toContainText('8.46 m');
});

test('a supply read the wrong way round is caught and turned', async ({ page }) => {
  await page.goto('/drawer');
  await page.getByRole('button', { name: 'Add supply' }).click();
  await page.getByLabel('Voltage', { exact: true }).fill('15');
  await page.getByLabel('Max current').fill('5');
  await page.getByLabel('What wire may it drive?').selectOption('at-most');
  await page.getByRole('textbox', { name: 'Resistance' }).fill('3');
  const says = page.getByRole('dialog').getByRole('status');
  await expect(says).toContainText('Turned round');
  await expect(says).toContainText('is the minimum wire resistance, not the maximum');
  await expect(says).toContainText(/15\.0\sV \/ 5\.00\sA = 3\.00\sΩ/);
  await expect(page.getByLabel('What wire may it drive?')).toHaveValue('at-least');
});

test('find it shows the value before it is taken', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Blade bow' }).click();
  await page.getByRole('button', { name: /^4 ?Power/ }).click();
  await page.getByRole('button', { name: 'Find the setting' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(/\d+(\.\d+)?\sV/);
  await expect(dialog).toContainText('50 %');
  const setting = page.locator('input[name="control.setting"]');
  await expect(setting).toHaveValue('18.5');
  await dialog.getByRole('button', { name: 'Take it' }).click();
  await expect(setting).not.toHaveValue('18.5');
  await page.keyboard.press('Control+z');
  await expect(setting).toHaveValue('18.5');
});

test('a dial without a meter: two marks, and the advice speaks in marks', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Panel table' }).click();
  await page.getByRole('button', { name: /^4 ?Power/ }).click();
  await page.getByRole('button', { name: /Note its marks/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Marks of the dial' });
  for (const [mark, volts] of [
    ['2', '6'],
    ['9', '14'],
  ] as const) {
    await dialog.getByRole('textbox', { name: 'Mark' }).fill(mark);
    await dialog.getByRole('textbox', { name: 'Reading' }).fill(volts);
    await dialog.getByRole('button', { name: 'Note it' }).click();
    await expect(dialog.getByRole('list', { name: 'Marks noted' })).toContainText(`mark ${mark}`);
  }
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: /^mark \d/ })).toBeVisible();
  await page.getByRole('button', { name: /^6 ?Try/ }).click();
  await expect(page.getByRole('region', { name: 'Next cut' })).toContainText(/mark \d/);
});

test('a line is added once, and what is typed while it is on its way stays', async ({ page }) => {
  await page.goto('/drawer');
  let arrive = () => {};
  const held = new Promise<void>((resolve) => (arrive = resolve));
  let posts = 0;
  await page.route('**/api/drawer/**', async (route) => {
    if (route.request().method() === 'POST') {
      posts++;
      await held;
    }
    await route.continue();
  });
  const line = page.getByLabel('What have you got?');
  await line.fill('brick 12 V 5 A');
  await line.press('Enter');
  await line.press('Enter');
  await expect(page.getByRole('button', { name: 'Add', exact: true })).toBeDisabled();
  await line.fill('brick 24 V 10 A');
  arrive();
  await expect(page.getByText(/is in\.$/)).toBeVisible();
  await expect(line).toHaveValue('brick 24 V 10 A');
  expect(posts).toBe(1);
});
