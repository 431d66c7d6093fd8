import { expect, test } from './fixtures';
import { TIMED, within } from './figure';
import { slowness } from './slowness';

test.use({ apart: 'quick' });

test('the shortcut sheet opens on ?, and a page is interactive within two seconds', TIMED, async ({ page }) => {
  await page.goto('/');
  const start = Date.now();
  await page.goto('/new');
  await page.getByLabel('Width').fill('700');
  await expect(page.getByRole('region', { name: 'Proposed wire' })).toContainText('820');
  const took = Date.now() - start;
  within('a page is interactive', took, 2000 * (await slowness(page)));
  await page.getByRole('heading', { name: 'A new rig' }).click();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});
