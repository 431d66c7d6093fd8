import { accessibleInBoth, expect, test } from './fixtures';
import { rigNamed } from './rigNamed';

test.use({ apart: 'machine' });

test('a machine is calibrated: what is doubtful is said, the scale taken, and its jobs told that it is another now', async ({
  page,
  request,
}) => {
  test.setTimeout(120_000);
  await page.goto('/machine');
  await accessibleInBoth(page);
  await page.getByRole('link', { name: 'Sign towers' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Sign towers' })).toBeVisible();
  await expect(page.getByText('left end 2.40 mm ahead')).toBeVisible();
  const commanded = page.getByLabel('Commanded');
  const gauged = page.getByLabel('Gauged');
  await commanded.fill('100');
  await gauged.fill('96.5');
  const said = page.getByRole('region', { name: 'Calibration' }).getByRole('status');
  await expect(said).toContainText('take a longer way');
  await expect(said).toContainText('no whole number of teeth');
  await commanded.fill('400');
  await gauged.fill('399.5');
  await expect(said).toContainText('New scale: 80.3004 steps a mm');
  await accessibleInBoth(page);
  await page.getByRole('button', { name: 'Take it, and note it' }).click();
  const line = page.getByText(/X: 400\smm commanded, gauged 0.500\smm short; 80.2 to 80.3 steps a mm/);
  await expect(line).toBeVisible();
  // A switch that did not stop is told, and taken back by undo.
  await page.getByLabel('What').selectOption('switch');
  await page.getByRole('button', { name: 'It did not stop' }).click();
  await expect(page.getByText('Nothing is run before it does.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('status', { name: 'Machine' })).toHaveText('Saved');
  await page.reload();
  await expect(line).toBeVisible();
  const kept = (await (await request.get('/api/machines')).json()) as {
    id: string;
    revision: number;
    kept: { doc: { axes: { X: { stepsPerMm: number } } }; calibrations: { kind: string }[] };
  }[];
  expect(kept[0]!.kept.doc.axes.X.stepsPerMm).toBeCloseTo((80.2 * 400) / 399.5, 3);
  expect(kept[0]!.kept.calibrations.at(-1)!.kind).toBe('scale');
  // Two windows: the second save on one base is asked about, not believed.
  const { id, revision } = kept[0]!;
  const put = (base: number) => request.put(`/api/machines/${id}`, { data: { base, kept: kept[0]!.kept } });
  expect((await put(revision - 1)).status()).toBe(200);
  const other = { ...kept[0]!.kept, drives: {} };
  const refused = await request.put(`/api/machines/${id}`, { data: { base: revision - 1, kept: other } });
  expect(refused.status()).toBe(409);
  expect((await request.put('/api/machines/nosuch', { data: { base: 1, kept: other } })).status()).toBe(404);
  expect((await request.post('/api/machines', { data: { doc: {} } })).status()).toBe(422);

  const rig = await rigNamed(request, 'Sign towers');
  await page.goto(`/rig/${rig}?stage=job`);
  await expect(page.getByText('The workshop’s Sign towers is another now than this job has it.')).toBeVisible();
  await page.getByRole('button', { name: 'Take it as it is now' }).click();
  await expect(page.getByText('is another now than this job has it')).toHaveCount(0);
  // A backup holds the machines.
  const backup = (await (await request.get('/api/backup')).json()) as { machines: { id: string }[] };
  expect(backup.machines.map((m) => m.id)).toEqual([id]);
});
