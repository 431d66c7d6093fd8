import { expect, test } from './fixtures';
import { slowness } from './slowness';

test.use({ apart: 'saves' });

const SAVES = 40;
const BOUND_MS = 400;

test('from a press to “Saved” on the disk under 400 ms, a burst of presses one save', async ({
  page,
  request,
}) => {
  const rigs = (await (await request.get('/api/rigs')).json()) as { id: string; doc: { name: string } }[];
  const { id } = rigs.find((r) => r.doc.name === 'Blade bow')!;
  const revision = async () =>
    ((await (await request.get(`/api/rigs/${id}`)).json()) as { record: { revision: number } }).record.revision;
  await page.goto(`/rig/${id}?stage=power`);
  const dial = page.getByRole('slider').first();
  await dial.focus();
  const slow = await slowness(page);
  const before = await revision();
  const took: number[] = [];
  for (let n = 0; n < SAVES; n++) {
    await page.evaluate(() => {
      const status = document.querySelector('[role=status][data-save]')!;
      const w = window as unknown as { savedIn: Promise<number> };
      const start = performance.now();
      w.savedIn = new Promise((resolve) => {
        let changed = false;
        new MutationObserver((_, seen) => {
          const state = status.getAttribute('data-save');
          if (state !== 'saved') changed = true;
          else if (changed) {
            seen.disconnect();
            resolve(performance.now() - start);
          }
        }).observe(status, { attributes: true });
      });
    });
    await page.keyboard.press(n % 2 ? 'ArrowLeft' : 'ArrowRight');
    took.push(await page.evaluate(() => (window as unknown as { savedIn: Promise<number> }).savedIn));
  }
  took.sort((a, b) => a - b);
  const at = (share: number) => Math.round(took[Math.floor(share * (took.length - 1))]!);
  console.log(
    `press to saved: median ${at(0.5)}, 95th ${at(0.95)} ms; the machine takes ${slow.toFixed(2)} times`,
  );
  expect(await revision()).toBe(before + SAVES);
  expect(at(0.95)).toBeLessThan(BOUND_MS * slow);

  for (let n = 0; n < 12; n++) await page.keyboard.press('ArrowRight');
  await expect(page.locator('[role=status][data-save=saved]')).toBeVisible();
  expect(await revision()).toBeLessThanOrEqual(before + SAVES + 2);
});
