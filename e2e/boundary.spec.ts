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
