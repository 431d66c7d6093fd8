import { accessible, expect, test } from './fixtures';

const PLACES = ['/', '/?away=1', '/new', '/drawer', '/log', '/compare', '/bench', '/glossary', '/about'];

for (const scheme of ['light', 'dark'] as const) {
  test.describe(`every screen, ${scheme}`, () => {
    test.use({ colorScheme: scheme });
    const what = scheme === 'light' ? 'all' : 'contrast';

    for (const place of PLACES) {
      test(`${place} has no serious fault of accessibility`, async ({ page }) => {
        await page.goto(place);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await accessible(page, what);
      });
    }

    test('a rig has none in any stage, nor with a dialog open', async ({ page, request }) => {
      test.slow();
      const rigs = (await (await request.get('/api/rigs')).json()) as { id: string; doc: { name: string } }[];
      for (const [name, planned] of [
        ['Blade bow', true],
        ['Short offcut trimmer', false],
      ] as const) {
        const { id } = rigs.find((r) => r.doc.name === name)!;
        for (const stage of ['foam', 'cutter', 'wire', 'power', 'tension', 'try', 'shape', 'cut']) {
          await page.goto(`/rig/${id}?stage=${stage}`);
          await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
          await accessible(page, what);
        }
        await page.goto(`/bench?rig=${id}`);
        await accessible(page, what);
        await page.goto(`/rig/${id}/wiring`);
        await accessible(page, what);
        await page.goto(`/rig/${id}/tension`);
        await expect(page.getByRole('heading', { name: 'Set it, step by step' })).toBeVisible();
        await accessible(page, what);
        await page.goto(`/rig/${id}/recipe`);
        await accessible(page, what);
        await page.goto(`/rig/${id}/first-heat`);
        await expect(page.getByRole('heading', { name: 'Before power' })).toBeVisible();
        await accessible(page, what);
        for (const [place, head] of [
          ['templates', 'Templates'],
          ['blanks', 'Block and sheets'],
          ['drive', 'Set up and rehearse cold'],
        ]) {
          await page.goto(`/rig/${id}/${place}`);
          const title = planned ? head! : 'Not planned yet';
          await expect(page.getByRole('heading', { level: 1, name: title })).toBeVisible();
          await page.waitForTimeout(600);
          await accessible(page, what);
        }
        await page.goto(`/rig/${id}/heat`);
        await expect(page.getByRole('heading', { name: 'What keeps the heat' })).toBeVisible();
        await accessible(page, what);
      }
      await page.goto(`/match?rig=${rigs.find((r) => r.doc.name === 'Blade bow')!.id}`);
      await expect(page.getByRole('heading', { name: /pairings work/ })).toBeVisible();
      await accessible(page, what);
      await page.goto(`/rig/${rigs[0]!.id}`);
      await page.getByRole('button', { name: /^Why/ }).first().click();
      await expect(page.getByRole('dialog')).toBeVisible();
      await accessible(page, what);
    });
  });
}

test('nothing is cut off sideways at 390 by 844', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const [rig] = (await (await request.get('/api/rigs')).json()) as { id: string }[];
  for (const place of [
    ...PLACES,
    '/match',
    `/bench?rig=${rig!.id}`,
    `/rig/${rig!.id}/wiring`,
    `/rig/${rig!.id}/heat`,
    `/rig/${rig!.id}/tension`,
    `/rig/${rig!.id}/first-heat`,
    `/log?rig=${rig!.id}`,
    `/rig/${rig!.id}/recipe`,
    ...['templates', 'blanks', 'drive', 'call'].map((s) => `/rig/${rig!.id}/${s}`),
    ...['foam', 'cutter', 'wire', 'power', 'tension', 'try', 'shape', 'cut'].map(
      (s) => `/rig/${rig!.id}?stage=${s}`,
    ),
  ]) {
    await page.goto(place);
    await expect(page.locator('main')).toBeVisible();
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide, place).toBeLessThanOrEqual(390);
  }
});

test('a stage stands without scrolling at 1280 by 800', async ({ page, request }) => {
  const rigs = (await (await request.get('/api/rigs')).json()) as { id: string; doc: { name: string } }[];
  const { id } = rigs.find((r) => r.doc.name === 'Blade bow')!;
  for (const stage of ['foam', 'cutter', 'wire', 'power', 'tension', 'try', 'shape', 'cut']) {
    await page.goto(`/rig/${id}?stage=${stage}`);
    await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollHeight), stage).toBeLessThanOrEqual(800);
  }
});

test('the shortcut sheet opens on ?, and a page is interactive within two seconds', async ({ page }) => {
  await page.goto('/');
  const start = Date.now();
  await page.goto('/new');
  await page.getByLabel('Width').fill('700');
  await expect(page.getByRole('region', { name: 'Proposed wire' })).toContainText('820');
  expect(Date.now() - start).toBeLessThan(2000);
  await page.getByRole('heading', { name: 'A new rig' }).click();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
});

test('client JavaScript of a rig page is under 350 kB compressed', async ({ page, request }) => {
  const { gzipSync } = await import('node:zlib');
  const [rig] = (await (await request.get('/api/rigs')).json()) as { id: string }[];
  const scripts = new Map<string, number>();
  const pending: Promise<void>[] = [];
  page.on('response', (r) => {
    if (new URL(r.url()).pathname.endsWith('.js'))
      pending.push(
        r.body().then(
          (b) => void scripts.set(r.url(), gzipSync(b).length),
          () => {},
        ),
      );
  });
  await page.goto(`/rig/${rig!.id}?stage=power`);
  await page.locator('canvas').waitFor();
  await page.waitForTimeout(500);
  await Promise.all(pending);
  const total = [...scripts.values()].reduce((a, b) => a + b, 0);
  expect(scripts.size).toBeGreaterThan(3);
  expect(total).toBeLessThan(350 * 1000);
});
