import { expect, test } from './fixtures';
import { FIGURE } from './figure';
import { smallPiece } from './smallPiece';

test.use({ apart: 'called drift' });

test(
  '60 s live drift under 50 ms between what is heard and the page’s own clock',
  FIGURE,
  async ({ page, request }) => {
    test.slow();
    const { rig } = await smallPiece(request);
    const plans = (await (await request.get(`/api/rigs/${rig}/plans`)).json()) as {
      id: string;
      doc: { name: string };
    }[];
    const blade = plans.find((p) => p.doc.name === 'Tapered blade core')!.id;
    await page.goto(`/rig/${rig}/call?plan=${blade}`);
    for (const name of ['people', 'blank', 'templates']) await page.locator(`[name="check.${name}"]`).check();
    await page.getByRole('button', { name: 'Rehearse without heat' }).click();
    const run = page.getByRole('region', { name: 'Pass 1 of 2' });
    await run.getByRole('button', { name: 'Start' }).click();
    await expect(run).toHaveAttribute('data-sound', 'true');
    await page.waitForTimeout(1500);
    // The page writes both clocks at one instant, each time it paints. A clock of sound is told in grains, so the middle of several
    // looks is taken at either end.
    const ahead = async () => {
      const looks: number[] = [];
      for (let i = 0; i < 9; i++) {
        const [place, clock] = await run.evaluate((el) => [
          Number((el as HTMLElement).dataset['place']),
          Number((el as HTMLElement).dataset['clock']),
        ]);
        looks.push(place! - clock!);
        await page.waitForTimeout(170);
      }
      return looks.sort((a, b) => a - b)[4]!;
    };
    const from = await ahead();
    const began = Date.now();
    await page.waitForTimeout(60_000);
    const drift = Math.abs((await ahead()) - from);
    const clock1 = (Date.now() - began) / 1000;
    test.info().annotations.push({
      type: 'measured',
      description: `drift ${(1000 * drift).toFixed(1)} ms over ${clock1.toFixed(1)} s`,
    });
    expect(drift).toBeLessThan(0.05);
  },
);
