import type { APIRequestContext } from '@playwright/test';
import { expect, test } from './fixtures';

/** The sample's bow; its id. */
async function bow(request: APIRequestContext): Promise<string> {
  const rigs = (await (await request.get('/api/rigs')).json()) as { id: string; doc: { name: string } }[];
  return rigs.find((r) => r.doc.name === 'Blade bow')!.id;
}

test('a first heat on a practice bench: the wrong gauge is found out, corrected and logged', async ({
  page,
  request,
}) => {
  const id = await bow(request);
  const { wire } = await (await request.get(`/api/rigs/${id}/document`)).json();
  expect(wire.diameterMm).toBe(0.455);
  await page.goto(`/rig/${id}?stage=power`);
  await page.getByRole('link', { name: 'First heat, step by step' }).click();
  await page.getByLabel('Read from').selectOption({ label: 'practice bench 2' });
  const steps = page.getByRole('region', { name: 'Step by step' });
  await expect(steps.getByRole('listitem')).toHaveCount(4);
  for (let i = 0; i < 3; i++) {
    await steps.getByRole('button', { name: 'It is set' }).first().click();
    // The stand-in's wire warms as the real one would: a reading wants a second or two.
    await page.waitForTimeout(2000);
    await steps.getByRole('button', { name: 'Read the practice meter' }).click();
    await expect(steps.getByRole('listitem').nth(i)).toContainText('over the band');
  }
  await expect(steps).toContainText('turn back down first');
  const says = page.getByRole('region', { name: 'What the readings say' });
  // 0.455 mm two gauges thicker is 0.574 mm (ASTM B258's step, the 39th root of 92, twice).
  await expect(says.getByRole('listitem').first()).toContainText(
    /Another gauge: nearer 0\.574\smm than 0\.455\smm/,
  );
  await expect(says).toContainText('Measure from clip to clip');
  await page.getByRole('button', { name: 'what was wrong with it?' }).click();
  await expect(page.getByText('The wire was two gauges thicker than drawn.')).toBeVisible();
  await says.getByRole('button', { name: 'It is so: correct the rig' }).first().click();
  await page.getByRole('button', { name: 'It is off: log this heat' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Logged.' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Earlier heats' })).toContainText('Another gauge');
  await expect(async () => {
    const doc = await (await request.get(`/api/rigs/${id}/document`)).json();
    expect(doc.wire.diameterMm).toBe(0.574);
    expect(doc.from['wire.diameterMm']).toBe('measured');
  }).toPass();
  const events = (await (await request.get(`/api/rigs/${id}/events`)).json()) as {
    event: {
      kind: string;
      cause?: string;
      by?: string;
      steps?: unknown[];
      corrected?: string[];
      changes?: { path: string }[];
    };
  }[];
  const heat = events.find((e) => e.event.by === 'practice')!.event;
  expect(heat).toMatchObject({ cause: 'gauge', corrected: ['wire.diameterMm'] });
  expect(heat.steps).toHaveLength(3);
  const changes = events.flatMap((e) => e.event.changes ?? []);
  expect(changes.map((c) => c.path)).toContain('wire.diameterMm');
});

test('readings typed in are kept through a reload, and correct the ohms; nothing goes on before the checks', async ({
  page,
  request,
}) => {
  const id = await bow(request);
  await page.goto(`/rig/${id}/first-heat`);
  const steps = page.getByRole('region', { name: 'Step by step' });
  await expect(steps.getByRole('button', { name: 'It is set' }).first()).toBeDisabled();
  const before = page.getByRole('region', { name: 'Before power' });
  for (const box of await before.getByRole('checkbox').all()) await box.check();
  await steps.getByRole('button', { name: 'It is set' }).first().click();
  await steps.getByRole('textbox', { name: 'Meter, amps' }).fill('0.7');
  await steps.getByRole('textbox', { name: 'Meter, volts' }).fill('4.5');
  await expect(page.getByText(/Cold, this wire has 6\.4\d\sΩ/)).toBeVisible();
  await page.reload();
  await expect(steps.getByRole('textbox', { name: 'Meter, amps' })).toHaveValue('0.7');
  await page.getByRole('button', { name: 'Take these ohms' }).click();
  await expect(async () => {
    const { wire } = await (await request.get(`/api/rigs/${id}/document`)).json();
    expect(wire.measuredOhm).toBeGreaterThan(6.3);
  }).toPass();
});

test('a rig that must not be powered gets no first heat', async ({ page, request }) => {
  const rigs = (await (await request.get('/api/rigs')).json()) as { id: string; doc: { name: string } }[];
  await page.goto(`/rig/${rigs.find((r) => r.doc.name === 'Short offcut trimmer')!.id}/first-heat`);
  await expect(
    page.getByRole('alert').filter({ hasText: 'No first heat before this is mended' }),
  ).toBeVisible();
  for (const box of await page.getByRole('region', { name: 'Before power' }).getByRole('checkbox').all())
    await box.check();
  await expect(page.getByRole('button', { name: 'It is on' })).toBeDisabled();
});
