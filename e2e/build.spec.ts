import { accessibleInBoth, expect, test } from './fixtures';
import { makeRig } from './makeRig';

test.use({ apart: 'making' });

test('a table is built from its sizes: what the wire asks of the arm is told, taken over and printed', async ({
  page,
  request,
}) => {
  const id = await makeRig(request, 'Arm table', 'table', {
    wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 300, lie: 'vertical' },
    control: { kind: 'amps', setting: 2.3 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 50 },
  });
  await page.goto(`/rig/${id}?stage=cutter`);
  await page.getByRole('link', { name: /Building it/ }).click();
  await page.getByRole('button', { name: 'Choose the sizes' }).click();
  const field = (name: string) => page.locator(`[name="${name}"]`);
  const parts = page.getByRole('region', { name: 'Parts' });
  await expect(parts).toContainText('300 mm between the anchors');
  await expect(
    page.getByRole('img', { name: /From the side, to scale: 250 mm along, 262 mm up/ }),
  ).toBeVisible();
  await accessibleInBoth(page);
  // A bar that is no arm for 20 N is refused with the thickness that is; nothing is printed meanwhile.
  await field('of.material').selectOption('aluminium');
  await field('of.section.widthMm').fill('25');
  await field('of.section.thickMm').fill('3');
  await expect(page.getByRole('heading', { name: 'The arm does not bear it' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Print, A4' })).toHaveCount(0);
  await field('of.section.thickMm').fill('5');
  await field('of.gapMm').fill('10');
  await expect(page.getByRole('heading', { name: 'The arm pulls another tension' })).toBeVisible();
  const wanted = /Bend it in by ([\d.]+) mm/.exec(
    (await page.locator('main').innerText()).replace(/\s+/g, ' '),
  )![1]!;
  await field('of.gapMm').fill(wanted);
  await expect(page.getByRole('heading', { name: 'The rig does not know this arm yet' })).toBeVisible();
  await page.getByTitle('Try it: can be undone').click();
  await expect(page.getByRole('heading', { name: 'The rig does not know this arm yet' })).toBeHidden();
  for (const paper of ['A4', 'letter']) {
    const waiting = page.waitForEvent('download');
    await page.getByRole('link', { name: `Print, ${paper}` }).click();
    expect((await waiting).suggestedFilename()).toMatch(/\.job\.pdf$/);
  }
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  // It is no job of the table's: that list stays its own.
  await page.goto(`/rig/${id}?stage=job`);
  await expect(page.getByRole('button', { name: 'Plan strips' })).toBeVisible();
  await expect(page.locator('[name="job"]')).toHaveCount(0);
  await expect
    .poll(async () => {
      const { record } = (await (await request.get(`/api/rigs/${id}`)).json()) as {
        record: { doc: { tension: { kind: string; frameNPerMm: number } } };
      };
      return record.doc.tension.kind;
    })
    .toBe('flex');
});
