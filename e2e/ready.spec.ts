import { expect, test } from './fixtures';
import { slowness } from './slowness';

test.use({ apart: 'ready' });

test('the shortcut sheet opens on ?, and a page is interactive within two seconds', async ({ page }) => {
  await page.goto('/');
  const start = Date.now();
  await page.goto('/new');
  await page.getByLabel('Width').fill('700');
  await expect(page.getByRole('region', { name: 'Proposed wire' })).toContainText('820');
  const took = Date.now() - start;
  expect(took).toBeLessThan(2000 * (await slowness(page)));
  await page.getByRole('heading', { name: 'A new rig' }).click();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});
