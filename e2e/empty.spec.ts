import { accessible, expect, test } from './fixtures';

test.use({ seeded: false });

test('an empty shelf offers a start and a sample workshop, which can be emptied in one press', async ({
  page,
  request,
}) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'No rig yet' })).toBeVisible();
  await accessible(page);
  await page.getByRole('button', { name: 'Look around a sample workshop' }).click();
  await expect(page.getByRole('link', { name: 'Blade bow' })).toBeVisible();
  await expect(page.getByText('sample', { exact: true }).first()).toBeVisible();

  await page.getByRole('link', { name: 'Evening bow' }).click();
  await page.getByRole('textbox', { name: 'Name of the rig' }).fill('My evening bow');
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto('/');
  await page.getByRole('button', { name: 'Archive Pad slicer' }).click();
  await expect(page.getByRole('link', { name: 'Pad slicer' })).toBeHidden();
  await page.getByRole('link', { name: 'Archive', exact: true }).click();
  await page.getByRole('button', { name: 'Restore Pad slicer' }).click();
  await expect(page.getByText('Nothing is archived.')).toBeVisible();

  await page.goto('/');
  await page.getByRole('button', { name: 'Duplicate Sign towers' }).click();
  await expect(page.getByRole('link', { name: 'Sign towers, copy' })).toBeVisible();
  await page.getByRole('button', { name: 'Empty the sample workshop' }).click();
  await page.getByRole('button', { name: 'Yes, empty it' }).click();
  await expect(page.getByText('1 rig you changed stays')).toBeVisible();
  await expect(page.getByRole('link', { name: 'My evening bow' })).toBeVisible();
  const left = (await (await request.get('/api/rigs')).json()) as { doc: { name: string } }[];
  expect(left.map((r) => r.doc.name).sort()).toEqual(['My evening bow', 'Sign towers, copy']);
});

test('a lost save is said, tried again, and lands', async ({ page }) => {
  await page.goto('/new');
  await page.getByRole('button', { name: 'Start from a plain one instead' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toBeVisible();
  let down = true;
  await page.route('**/api/rigs/*', (route) =>
    down && route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await page.getByLabel('Width').fill('440');
  await expect(page.getByText('Not saved, retrying')).toBeVisible();
  down = false;
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 15_000 });
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Width' })).toHaveValue('440');
});
