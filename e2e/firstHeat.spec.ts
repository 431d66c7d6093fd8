import type { APIRequestContext } from '@playwright/test';
import { expect, test } from './fixtures';
import { rigNamed } from './rigNamed';

test.use({ apart: 'making' });

interface EventRow {
  event: {
    kind: string;
    by?: string;
    cause?: string;
    steps?: unknown[];
    corrected?: string[];
    changes?: { path: string }[];
  };
}

/** The sample's bow; its id. */
async function bow(request: APIRequestContext): Promise<string> {
  return rigNamed(request, 'Blade bow');
}

test('a first heat on a practice bench: the wrong gauge is found out, and logged; the real rig stays as it is', async ({
  page,
  request,
}) => {
  const id = await bow(request);
  const { wire } = await (await request.get(`/api/rigs/${id}/document`)).json();
  expect(wire.diameterMm).toBe(0.455);
  await page.clock.install();
  await page.goto(`/rig/${id}?stage=power`);
  await page.getByRole('link', { name: 'First heat, step by step' }).click();
  await page.getByLabel('Read from').selectOption({ label: 'practice bench 2' });
  const steps = page.getByRole('region', { name: 'Step by step' });
  await expect(steps.getByRole('listitem')).toHaveCount(4);
  for (let i = 0; i < 3; i++) {
    await steps.getByRole('button', { name: 'It is set' }).first().click();
    // The stand-in's wire warms as the real one would: a reading wants a second or two.
    await page.clock.fastForward(2000);
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
  await expect(says).toContainText('the rig stays as it is');
  await page.getByRole('button', { name: 'It is off: log this heat' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Logged.' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Earlier heats' })).toContainText('Another gauge');
  expect((await (await request.get(`/api/rigs/${id}/document`)).json()).wire.diameterMm).toBe(0.455);
  const events = (await (await request.get(`/api/rigs/${id}/events`)).json()) as EventRow[];
  const heat = events.find((e) => e.event.by === 'practice')!.event;
  expect(heat).toMatchObject({ cause: 'gauge', corrected: [] });
  expect(heat.steps).toHaveLength(3);
});

test('readings typed in are kept through a reload, and correct the rig; nothing goes on before the checks', async ({
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
  // What a wire two gauges thicker draws: 1.03 A at 4.53 V is 4.4 Ω, where 0.455 mm has 6.97.
  await steps.getByRole('textbox', { name: 'Meter, current' }).fill('1.03');
  await steps.getByRole('textbox', { name: 'Meter, voltage' }).fill('4.53');
  await expect(page.getByText(/Cold, this wire has 4\.3\d\sΩ/)).toBeVisible();
  await page.reload();
  await expect(steps.getByRole('textbox', { name: 'Meter, current' })).toHaveValue('1.03');
  const says = page.getByRole('region', { name: 'What the readings say' });
  await expect(says.getByRole('listitem').first()).toContainText('Another gauge');
  await says.getByRole('button', { name: 'It is so: correct the rig' }).first().click();
  await page.getByRole('button', { name: 'Use this resistance' }).click();
  await expect(page.getByRole('button', { name: 'The rig has them' })).toBeVisible();
  await page.getByRole('button', { name: 'It is off: log this heat' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Logged.' })).toBeVisible();
  await expect(async () => {
    const doc = await (await request.get(`/api/rigs/${id}/document`)).json();
    expect(doc.wire.diameterMm).toBe(0.574);
    expect(doc.wire.measuredOhm).toBeGreaterThan(4.2);
    expect(doc.from).toMatchObject({ 'wire.diameterMm': 'measured', 'wire.measuredOhm': 'measured' });
  }).toPass();
  const events = (await (await request.get(`/api/rigs/${id}/events`)).json()) as EventRow[];
  expect(events.find((e) => e.event.by === 'typed' && e.event.corrected!.length === 2)).toBeTruthy();
  expect(events.flatMap((e) => e.event.changes ?? []).map((c) => c.path)).toContain('wire.diameterMm');
  // Power was noted as on with the first step, and as off with the last word.
  const power = (await (await request.get(`/api/rigs/${id}/wire`)).json()) as { onSince: string | null };
  expect(power.onSince).toBeNull();
});

test('a rig that must not be powered gets no first heat', async ({ page, request }) => {
  await page.goto(`/rig/${await rigNamed(request, 'Short offcut trimmer')}/first-heat`);
  await expect(
    page.getByRole('alert').filter({ hasText: 'No first heat before this is mended' }),
  ).toBeVisible();
  for (const box of await page.getByRole('region', { name: 'Before power' }).getByRole('checkbox').all())
    await box.check();
  await expect(page.getByRole('button', { name: 'It is on' })).toBeDisabled();
});
