import type { Page } from '@playwright/test';
import { awake, expect, test } from './fixtures';

test.use({ apart: 'making' });

/** Opens a page as a slow network brings it: what is seen at once, its scripts when `come` is called. */
async function openSlowly(page: Page, place: string) {
  let come = () => undefined as void;
  const there = new Promise<void>((resolve) => (come = resolve));
  await page.route(/_next\/static\/.*\.js$/, async (route) => {
    await there;
    await route.continue();
  });
  await page.goto(place, { waitUntil: 'commit' });
  return come;
}

test('a press before the scripts of a page have come is made when they have', async ({ page }) => {
  const come = await openSlowly(page, '/new');
  const keys = page.getByRole('button', { name: 'Shortcuts' });
  await keys.click();
  // A field does without them.
  await page.getByLabel('Width').focus();
  await expect(page.getByLabel('Width')).toBeFocused();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  come();
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  // Awake, each press counts once.
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await keys.click();
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(1);
});

test('a link does without them', async ({ page }) => {
  await openSlowly(page, '/new');
  await page.getByRole('link', { name: 'Glossary', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Glossary' })).toBeVisible();
});

test('one of long ago is not made any more', async ({ page }) => {
  await page.clock.install();
  const come = await openSlowly(page, '/new');
  await page.getByRole('button', { name: 'Dark screen' }).click();
  await page.clock.fastForward(11_000);
  come();
  await awake(page);
  // Had it been made, this one would take it back.
  await page.getByRole('button', { name: /screen$/ }).click();
  await expect(page.getByRole('button', { name: 'Light screen' })).toBeVisible();
});

test('of several on a switch the last one is made, once', async ({ page }) => {
  const come = await openSlowly(page, '/new');
  for (let n = 0; n < 3; n++) await page.getByRole('button', { name: 'Dark screen' }).click();
  come();
  await expect(page.getByRole('button', { name: 'Light screen' })).toBeVisible();
});

test('boxes ticked before stand ticked at once, and the page knows of them when it is awake', async ({
  page,
}) => {
  const come = await openSlowly(page, '/log');
  const boxes = page.getByRole('checkbox', { name: /^Compare the cut/ });
  await boxes.nth(0).check();
  await boxes.nth(1).check();
  // One that was taken back is none.
  await boxes.nth(2).check();
  await boxes.nth(2).uncheck();
  const two = page.getByRole('region', { name: 'Two cuts compared' });
  await expect(two).toHaveCount(0);
  come();
  await expect(two).toContainText(/\d+ of 16 lines differ/);
  await expect(boxes.nth(1)).toBeChecked();
  await expect(boxes.nth(2)).not.toBeChecked();
});
