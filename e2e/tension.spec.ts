import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { APIRequestContext } from '@playwright/test';
import { accessibleInBoth, expect, saved, test } from './fixtures';
import { hearing, hum, pluck, wav } from './sound';
import { rigNamed } from './rigNamed';

/** A copy of the sample's bow with its wire held otherwise; its id. */
async function bowWith(
  request: APIRequestContext,
  tension: Record<string, unknown>,
  more: Record<string, unknown> = {},
): Promise<string> {
  const id = await rigNamed(request, 'Blade bow');
  const doc = await (await request.get(`/api/rigs/${id}/document`)).json();
  const made = await request.post('/api/rigs', {
    data: { doc: { ...doc, ...more, name: `Bow for ${test.info().title.slice(0, 40)}`, tension } },
  });
  expect(made.status()).toBeLessThan(300);
  return (await made.json()).record.id;
}

test('set a spring by the procedure, log the reading, and the finding goes', async ({ page, request }) => {
  const id = await bowWith(request, { kind: 'spring', setN: 80, springNPerMm: 2, springMaxN: 120 });
  await page.goto(`/rig/${id}?stage=tension`);
  const finding = page.getByRole('region', { name: 'Fix: Stressed hard' });
  await expect(finding).toBeVisible();
  await page.getByRole('link', { name: 'Set it, step by step' }).click();
  const steps = page.getByRole('region', { name: 'Set it, step by step' });
  await expect(steps.getByRole('listitem')).toHaveCount(7);
  // A spring of 1.5 N/mm: 2 kg stretch it from 62 to 75.1 mm.
  await page.getByRole('textbox', { name: 'Free length' }).fill('62');
  await page.getByRole('textbox', { name: 'A weight' }).fill('2 kg');
  await page.getByRole('textbox', { name: 'Length with it' }).first().fill('75.08');
  await expect(steps).toContainText(/1\.50\sN\/mm/);
  await page.getByRole('textbox', { name: 'Length on the rig now' }).fill('92');
  await expect(steps).toContainText(/That is 45\.0\sN, cold/);
  await steps.getByRole('button', { name: 'Log it as the rig’s tension' }).click();
  await expect(steps.getByRole('status')).toContainText(/Logged: 45\.0\sN, cold/);
  const now = page.getByRole('region', { name: 'The tension now' });
  await expect(now).toContainText('Nothing found against it');
  await expect(
    page.getByRole('region', { name: 'Over days' }).getByRole('row', { name: /45\.0\sN cold/ }),
  ).toBeVisible();
  await expect(async () => {
    const doc = await (await request.get(`/api/rigs/${id}/document`)).json();
    expect(doc.tension).toMatchObject({ setN: 45, setWhen: 'cold', springNPerMm: 1.5 });
    expect(doc.from['tension.setN']).toBe('measured');
  }).toPass();
  await page.goto(`/rig/${id}?stage=tension`);
  await expect(page.getByRole('textbox', { name: /^Tension/ })).toHaveValue('45');
  await expect(finding).toBeHidden();
});

test('the note of a plucked wire from a sound file; the hum of a supply is refused; the stand-in plays', async ({
  page,
  request,
}) => {
  const id = await bowWith(request, { kind: 'spring', setN: 55, springNPerMm: 1.5 });
  await page.goto(`/rig/${id}/tension`);
  const ear = page.getByRole('region', { name: 'Pluck it' });
  const bring = (name: string, at: (t: number) => number) =>
    page.getByLabel('Sound file').setInputFiles({ name, mimeType: 'audio/wav', buffer: wav(2.5, at) });
  await bring('hum.wav', hum);
  await expect(ear).toContainText('does not die away');
  await expect(ear.getByRole('button', { name: /^Log it/ })).toBeHidden();
  await bring('pluck.wav', pluck(92));
  await expect(ear).toContainText(/9[12]\.\d\sHz/);
  await expect(ear).toContainText('from pluck.wav');
  // μ·(2Lf)²: 8400 kg/m³ × 0.1626 mm² × (2 × 1.05 m × 92 Hz)² = 51 N.
  await expect(ear).toContainText(/5[01]\.\d\sN/);
  await ear.getByRole('button', { name: /^Log it/ }).click();
  await expect(page.getByRole('region', { name: 'Over days' })).toContainText(/note 9[12]\.\d\sHz/);
  await bring('octave.wav', pluck(182));
  await expect(ear).toContainText('octave');
  await bring('words.wav', () => 0);
  await expect(ear).toContainText('too quiet');
  await page
    .getByLabel('Sound file')
    .setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no sound') });
  await expect(ear).toContainText('holds no sound');
  await page.getByRole('button', { name: 'The stand-in wire' }).click();
  await expect(ear).toContainText('from the stand-in wire');
  await expect(ear).toContainText(/sure by/);
});

test('a fixed-end rig shows its slack in millimetres and what to add', async ({ page, request }) => {
  const id = await bowWith(request, { kind: 'fixed', setN: 30 });
  await page.goto(`/rig/${id}?stage=tension`);
  await expect(page.getByText(/and hangs \d+(\.\d+)?\smm in the middle/)).toBeVisible();
  await expect(page.getByText(/Add a spring, or any take-up, with \d+(\.\d+)?\smm of travel/)).toBeVisible();
  const finding = page.getByRole('region', { name: 'Fix: Slack when hot' });
  await finding.getByRole('button', { name: /^Hold it by a spring/ }).click();
  await expect(finding).toBeHidden();
  await saved(page);
});

test('a springy frame takes a rate; the lag is drawn; a falling bow is balanced', async ({ page, request }) => {
  const id = await bowWith(
    request,
    { kind: 'weight', setN: 30 },
    { frame: { kind: 'drop-bow', material: 'wood' }, cut: { feedMmS: 5.2 } },
  );
  await page.goto(`/rig/${id}?stage=tension`);
  await page.getByRole('button', { name: 'What does the lag do to a curve?' }).click();
  await expect(page.getByText(/the corner is cut short by \d/)).toBeVisible();
  await page.getByLabel('an arc').check();
  await expect(page.getByText(/hollow in the middle. On a smooth curve never stop/)).toBeVisible();
  await page.getByLabel('Held tight by').selectOption({ label: 'Springy frame' });
  await expect(page.getByRole('textbox', { name: /^Frame stiffness/ })).toHaveValue('2');
  await page.getByRole('textbox', { name: /^Frame stiffness/ }).fill('1.2');
  await saved(page);
  await page.goto(`/rig/${id}/tension`);
  const balance = page.getByRole('region', { name: 'Balance' });
  await page.getByRole('textbox', { name: 'The bow weighs' }).fill('1.4 kg');
  await expect(balance).toContainText(/Hang [\d.]+\sg against it .* at its middle/);
  await page.getByRole('textbox', { name: 'Foam’s middle off the bow’s' }).fill('60');
  await expect(balance).toContainText(/Hang [\d.]+\sg against it .*mm off its middle/);
});

test('slackened for storage, it is said before the next heat until it is set again', async ({
  page,
  request,
}) => {
  const id = await bowWith(request, { kind: 'spring', setN: 40 });
  await page.goto(`/rig/${id}/tension`);
  const storage = page.getByRole('region', { name: 'For storage' });
  await storage.getByRole('button', { name: 'It is slackened' }).click();
  await expect(storage).toContainText(/Slackened on .* Before it is heated again: 40\.0\sN cold/);
  await accessibleInBoth(page);
  await page.goto(`/rig/${id}/first-heat`);
  await expect(page.getByText(/The wire was slackened on/)).toBeVisible();
  await page.goto(`/rig/${id}?stage=try`);
  await expect(page.getByText(/set the tension again before it is heated/)).toBeVisible();
  await page.goto(`/log?rig=${id}`);
  await expect(page.getByText('for storage, not set again yet')).toBeVisible();
  await page.goto(`/rig/${id}/tension`);
  await storage.getByRole('button', { name: 'It is set again' }).click();
  await expect(storage.getByRole('button', { name: 'It is slackened' })).toBeVisible();
  await page.goto(`/rig/${id}/first-heat`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText(/The wire was slackened on/)).toHaveCount(0);
});

test('readings of the pull are checked before they are kept', async ({ request }) => {
  const id = await bowWith(request, { kind: 'spring', setN: 40 });
  const at = '2026-11-20T10:00:00Z';
  const bad = await request.post(`/api/rigs/${id}/pulls`, {
    data: { at, newtons: -3, when: 'cold', way: 'pitch', wrong: 1 },
  });
  expect(bad.status()).toBe(422);
  expect((await bad.json()).errors.map((f: { error: { path: string } }) => f.error.path).sort()).toEqual([
    'newtons',
    'wrong',
  ]);
  const none = await request.post('/api/rigs/nobody/pulls', {
    data: { at, newtons: 3, when: 'cold', way: 'pitch' },
  });
  expect(none.status()).toBe(404);
  const good = await request.post(`/api/rigs/${id}/pulls`, {
    data: { at, newtons: 38, when: 'cold', way: 'pitch', hertz: 80 },
  });
  const [kept] = await good.json();
  expect(kept.pull).toMatchObject({ newtons: 38, hertz: 80 });
  expect(await (await request.delete(`/api/rigs/${id}/pulls/${kept.id}`)).json()).toEqual([]);
  expect((await request.delete(`/api/rigs/${id}/pulls/${kept.id}`)).status()).toBe(404);
  const flex = await request.post('/api/rigs', {
    data: {
      doc: {
        ...(await (await request.get(`/api/rigs/${id}/document`)).json()),
        tension: { kind: 'flex', setN: 40 },
      },
    },
  });
  expect(flex.status()).toBe(422);
  expect(JSON.stringify(await flex.json())).toContain('tension.frameNPerMm');
});

test.describe('with a microphone', () => {
  const file = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-rod-sound-')), 'mic.wav');
  fs.writeFileSync(file, wav(3.2, pluck(96, 0.9), 48000));
  test('it is listened to and read', async ({ playwright, server, request }) => {
    const id = await bowWith(request, { kind: 'spring', setN: 55, springNPerMm: 1.5 });
    const browser = await playwright.chromium.launch(hearing(file));
    const page = await browser.newPage();
    await page.goto(`${server.url}/rig/${id}/tension`);
    const ear = page.getByRole('region', { name: 'Pluck it' });
    await ear.getByRole('button', { name: /^Listen/ }).click();
    await expect(ear).toContainText('Pluck now');
    await expect(ear).toContainText('from the microphone', { timeout: 15000 });
    // The recording loops, so it may begin anywhere: a note of 96 Hz, or a refusal that says why.
    await expect(ear).toContainText(/9[56]\.\d\sHz|swells again|does not die away|No note/);
    await browser.close();
  });
});
