import { accessibleInBoth, expect, test } from './fixtures';
import type { Page } from '@playwright/test';
import { rigNamed } from './rigNamed';

test.use({ apart: 'towers' });

/** A sign of two letters, one with a hole, as a drawing 160 mm wide. */
const SIGN = `<svg xmlns="http://www.w3.org/2000/svg" width="160mm" height="80mm" viewBox="0 0 160 80">
  <path d="M0 0H70V80H0Z M20 20H50V60H20Z"/><path d="M90 0H160V80H90Z"/></svg>`;

const picture = (page: Page) => page.getByRole('img', { name: /The wire’s way through a block/ });

test('a sign with a hole: from its drawing to motion code, an error in it found with its line, and back', async ({
  page,
  request,
}) => {
  test.setTimeout(180_000);
  const id = await rigNamed(request, 'Sign towers');
  const made = await request.post(`/api/rigs/${id}/jobs`, {
    data: {
      format: 'upwind-rod/job',
      version: 1,
      kind: 'outline',
      name: 'Sign by test',
      loops: [
        [
          [0, 0],
          [10, 0],
          [10, 10],
        ],
      ],
      blockMm: [240, 600, 140],
    },
  });
  expect(made.status()).toBe(200);
  await page.goto(`/rig/${id}?stage=job`);
  await page.getByRole('combobox', { name: 'Job', exact: true }).selectOption({ label: 'Sign by test' });
  await expect(page.getByText('One outline; one inside another is its hole.')).toBeVisible();
  await page.getByRole('button', { name: 'Parts from a drawing' }).click();
  const dialog = page.getByRole('dialog', { name: 'Parts from a drawing' });
  await dialog
    .locator('input[type=file]')
    .setInputFiles({ name: 'torn.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg><path d="M0') });
  await expect(dialog).toContainText('The parts stay as they were.');
  await dialog
    .locator('input[type=file]')
    .setInputFiles({ name: 'sign.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(SIGN) });
  await expect(dialog).toContainText('3 outlines');
  await accessibleInBoth(page);
  await dialog.getByRole('button', { name: 'Take', exact: false }).last().click();
  await expect(page.getByText('3 outlines; one inside another is its hole.')).toBeVisible();
  const front = page.getByLabel('Parts, from front');
  await front.fill('40');
  await front.press('Enter');
  await page.getByLabel('Parts, from below').fill('30');
  await page.getByLabel('Parts, from below').press('Enter');
  await expect(picture(page)).toBeVisible();
  await expect(page.getByText('Nothing found against it').first()).toBeVisible();
  // The time of the cut by keyboard: at its beginning the wire waits in the air.
  const time = page.getByRole('slider', { name: 'Time of the cut' });
  await time.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/Wire at .* in the air/)).toBeVisible();
  // A part laid past the block is told; undone it is gone.
  await front.fill('200');
  await front.press('Enter');
  await expect(page.getByText('Past the block’s faces')).toBeVisible();
  await front.fill('40');
  await front.press('Enter');
  await expect(page.getByText('Past the block’s faces')).toHaveCount(0);
  await expect(page.getByRole('status', { name: 'Job' })).toHaveText('Saved');
  await accessibleInBoth(page);

  await page.goto(`/rig/${id}?stage=make`);
  await page.getByRole('combobox', { name: 'Job', exact: true }).selectOption({ label: 'Sign by test' });
  await expect(page.getByText('Home all axes that move an end')).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: /^Save the code, \d+ lines$/ }).click();
  const file = await saved;
  expect(file.suggestedFilename()).toBe('Sign by test.ngc');
  await page.getByRole('link', { name: 'Edit it, or play code from elsewhere' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Motion code: Sign by test' })).toBeVisible();
  const editor = page.getByRole('textbox', { name: 'Motion code' });
  await expect(editor).toBeVisible();
  await expect(page.getByText('Nothing found against it')).toBeVisible();
  await expect(page.getByText('Way through foam')).toBeVisible();
  await editor.click();
  await page.keyboard.press('Control+Home');
  await page.keyboard.type('M8\n');
  await expect(page.getByText(/Line 1: “M8” is none of/)).toBeVisible();
  await expect(page.getByText('Nothing is foretold while a line is refused.')).toBeVisible();
  await page.getByRole('checkbox', { name: /Leave out words/ }).check();
  await expect(page.getByText('Way through foam')).toBeVisible();
  await page.getByRole('checkbox', { name: /Leave out words/ }).uncheck();
  await editor.click();
  for (let i = 0; i < 6; i++) await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'The job’s own again' }).click();
  await expect(page.getByText('Nothing found against it')).toBeVisible();
  // Its last line takes the heat away: without it that is told with its line.
  await editor.click();
  await page.keyboard.press('Control+End');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await expect(page.getByText('The heat stays on')).toBeVisible();
  await accessibleInBoth(page);
});

test('a file that is no code, and one of another machine, are told in words; the route and the verb read the same', async ({
  request,
}) => {
  const rig = {
    ...{
      format: 'upwind-rod/rig',
      version: 1,
      frame: { kind: 'gantry' },
      control: { kind: 'amps', setting: 1.7 },
    },
    ...{
      wire: { alloy: 'nicr-80', diameterMm: 0.3, lengthMm: 900 },
      supply: { kind: 'bench', volts: 60, maxAmps: 5 },
    },
    foam: { kind: 'eps', densityKgM3: 20, widthMm: 400 },
  };
  const machine = { format: 'upwind-rod/machine', version: 1 };
  const replay = async (code: string) => {
    const answer = await request.post('/api/v1/replay', {
      data: { machine, rig, blockMm: [240, 400, 160], code },
    });
    expect(answer.status()).toBe(200);
    return (await answer.json()) as { findings: { code: string; text: string }[]; forecast: unknown };
  };
  const first = (of: Awaited<ReturnType<typeof replay>>) => of.findings[0]!.code;
  expect(first(await replay('PK\ufffd\ufffd'))).toBe('no-text');
  const odd = await replay('G21 G90 G93\nG1 Z5 F1\nG1 X1e400 F1');
  expect(odd.findings.map((f) => f.text).join(' ')).toMatch(/Line 2: “Z5” moves an axis/);
  expect(odd.findings.map((f) => f.code)).toContain('unknown-word');
  expect(odd.forecast).toBeNull();
  const job = {
    ...{ format: 'upwind-rod/job', version: 1, kind: 'outline', blockMm: [240, 400, 160], rig },
    loops: [
      [
        [60, 40],
        [140, 40],
        [140, 120],
        [60, 120],
      ],
    ],
  };
  const path = await request.post('/api/v1/path', { data: job });
  expect(path.status()).toBe(200);
  const { code, forecast } = (await path.json()) as { code: string; forecast: { timeS: number } };
  const again = (await replay(code)).forecast as { timeS: number };
  expect(Math.abs(again.timeS / forecast.timeS - 1)).toBeLessThan(0.001);
  const strips = {
    ...job,
    kind: 'strips',
    boardMm: [600, 300, 50],
    widthMm: 40,
    loops: undefined,
    blockMm: undefined,
  };
  expect((await request.post('/api/v1/path', { data: strips })).status()).toBe(422);
});
