import { expect, test } from './fixtures';

test.use({ breaks: /ChunkLoadError/ });

test('a part that fails to come keeps to its column: the rest of the page goes on, and nothing is lost', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Blade bow', exact: true }).first().click();
  await expect(page.locator('[role=status][data-save]')).toHaveText('Saved');
  await expect(page.getByLabel('Width')).toBeVisible();
  await page.waitForLoadState('networkidle');
  await page.route('**/_next/static/chunks/**', (r) => r.abort());
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('button', { name: /Tension/ })
    .click();
  const failed = page.locator('[data-failed]').first();
  await expect(failed).toContainText('This part cannot be shown');
  await expect(failed).toContainText('Everything that was saved is kept');
  // The name, the picture of the wire and the other stages stand.
  await expect(page.getByRole('textbox', { name: 'Name of the rig' })).toHaveValue('Blade bow');
  await expect(page.locator('[role=status][data-save]')).toHaveText('Saved');
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /Foam/ }).click();
  await expect(page.locator('[data-failed]')).toHaveCount(0);
  await expect(page.getByLabel('Width')).toBeVisible();
});

test('a part that did not come is shown when it is asked for again and the network is back', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Blade bow', exact: true }).first().click();
  await page.getByLabel('Width').waitFor();
  await page.waitForLoadState('networkidle');
  const chunks = '**/_next/static/chunks/**';
  await page.route(chunks, (r) => r.abort());
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('button', { name: /Tension/ })
    .click();
  const failed = page.locator('[data-failed]');
  // Its fields, what follows from them, and the links under them are fetched each by itself.
  const parts = 3;
  await expect(failed).toHaveCount(parts);
  for (let one = 0; one < parts; one++)
    await expect(failed.nth(one)).toContainText('It did not come over the network');
  // Without the network it says so again, and the button stays.
  await failed.first().getByRole('button', { name: 'Show it again' }).click();
  await expect(failed).toHaveCount(parts);
  await page.unroute(chunks);
  for (let left = parts; left > 0; left--) {
    await failed.first().getByRole('button', { name: 'Show it again' }).click();
    await expect(failed).toHaveCount(left - 1);
  }
  await expect(page.getByLabel('Tension', { exact: true })).toBeVisible();
  await expect(page.getByRole('group', { name: 'What is shown' })).toBeVisible();
});

test('a dialog that does not come says so at the foot, takes nothing along that was typed, and is closed or asked for again', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Blade bow', exact: true }).first().click();
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /Try/ }).click();
  const note = page.getByLabel('Note').last();
  await note.fill('dusty corner');
  await page.waitForLoadState('networkidle');
  const chunks = '**/_next/static/chunks/**';
  await page.route(chunks, (r) => r.abort());
  const failed = page.locator('[data-failed]');
  const open = page.getByRole('button', { name: 'by drawings' });
  await open.click();
  await expect(failed).toHaveCount(1);
  await expect(failed).toBeInViewport();
  await failed.getByRole('button', { name: 'Close' }).click();
  await expect(failed).toHaveCount(0);
  await open.click();
  await expect(failed).toHaveCount(1);
  await page.unroute(chunks);
  await failed.getByRole('button', { name: 'Show it again' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(note).toHaveValue('dusty corner');
});

test('where what hears others, and a dialog, do not come, every page stands, and the first is asked for again', async ({
  page,
}) => {
  await page.clock.install();
  let asked = 0;
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Blade bow', exact: true }).first()).toBeVisible();
  await page.route('**/_next/static/chunks/**', (r) => {
    asked++;
    return r.abort();
  });
  const others = async () => {
    const before = asked;
    await page.clock.fastForward(6000);
    await expect.poll(() => asked).toBeGreaterThan(before);
  };
  await others();
  await others();
  await page.getByRole('button', { name: 'Shortcuts' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('could not be shown')).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Blade bow', exact: true }).first()).toBeVisible();
});
