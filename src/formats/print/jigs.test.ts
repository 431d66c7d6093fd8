import { describe, expect, it } from 'vitest';
import { jobSchema, type OwnJob } from '@/core/documents/job';
import { jigsOf } from '@/core/engine/jobs/jig';
import { worksheetOf } from '@/core/engine/jobs/worksheet';
import { LOOP, SLICER, TABLE } from '@/core/engine/jobs/testJobs';
import { boxOf } from '@/core/numeric/polyline';
import { pathsOf } from '../template/testPdf';
import { templatePdf } from './templatePdf';
import { EDGE, PAPERS } from './tiles';

const MM = 25.4 / 72;
const read = (own: Record<string, unknown>, rig: unknown) =>
  jobSchema.parse({ format: 'upwind-rod/job', version: 1, ...own, rig });
const SHAPE = [[0, 0], [150, 0], [150, 90], [0, 90]]; // prettier-ignore
const ring = read({ kind: 'disc', outerMm: 120, innerMm: 60, thickMm: 50 }, TABLE);
const sheets = read(
  { kind: 'sheets', blockMm: [170, 300, 120], sheetMm: 3, by: { kind: 'spacers' }, supportsMm: 420 },
  SLICER,
);

describe.each(['a4', 'letter'] as const)('jigs printed on %s', (paper) => {
  it('a pin stands as far from the wire as the worksheet says, to 0.1 mm', async () => {
    const sheet = worksheetOf(ring);
    const pieces = jigsOf(ring as OwnJob, sheet);
    expect(pieces).toHaveLength(2);
    const pages = await pathsOf(await templatePdf({ title: 'Ring', pieces, lines: [], paper }));
    expect(pages).toHaveLength(3);
    for (const [i, key] of (['holePinMm', 'pinMm'] as const).entries()) {
      // Uprights of the two crosses: of the pin, and of the wire.
      const uprights = pages[i + 1]!.map((l) => boxOf(l)).filter(
        (b) => b.x1 - b.x0 < 0.01 && Math.abs((b.y1 - b.y0) * MM - 10) < 0.1,
      );
      expect(uprights).toHaveLength(2);
      const [pin, wire] = uprights.map((b) => b.x0 * MM).sort((a, b) => a - b) as [number, number];
      expect(Math.abs(wire - pin - sheet.values[key]!)).toBeLessThan(0.1);
    }
  });
  it('a spacer strip is as long as the block, to 0.1 mm, and within what printers print', async () => {
    const pieces = jigsOf(sheets as OwnJob, worksheetOf(sheets));
    const pages = await pathsOf(await templatePdf({ title: 'Pads', pieces, lines: [], paper }));
    for (const page of pages.slice(1)) {
      const strip = page.map((l) => boxOf(l)).find((b) => Math.abs((b.y1 - b.y0) * MM - 20) < 0.1)!;
      expect(Math.abs((strip.x1 - strip.x0) * MM - 170)).toBeLessThan(0.1);
      expect(strip.x0 * MM).toBeGreaterThan(EDGE - 0.1);
      expect(strip.x1 * MM).toBeLessThan(PAPERS[paper].width - EDGE + 0.1);
    }
  });
  // Sizes by hand: the outline asked for, and what is allowed for on either side.
  it.each(['hole', 'piece'] as const)(
    'the template of a %s is as large as the worksheet says, to 0.1 mm',
    async (keep) => {
      const shape = read({ kind: 'cutout', keep, outline: SHAPE, thickMm: 50 }, TABLE);
      const sheet = worksheetOf(shape);
      const pages = await pathsOf(
        await templatePdf({ title: 'Shape', pieces: jigsOf(shape as OwnJob, sheet), lines: [], paper }),
      );
      const wide = 150 + (keep === 'piece' ? 2 : -2) * sheet.values['templateMm']!;
      const found = pages[1]!.map((l) => boxOf(l)).some((b) => Math.abs((b.x1 - b.x0) * MM - wide) < 0.1);
      expect(found).toBe(true);
    },
  );
  it('a loop is drawn at its size to bend it by, to 0.1 mm', async () => {
    const groove = read({ kind: 'groove', shape: 'u', widthMm: 20, depthMm: 15, lengthMm: 500 }, LOOP);
    const sheet = worksheetOf(groove);
    const pages = await pathsOf(
      await templatePdf({ title: 'Loop', pieces: jigsOf(groove as OwnJob, sheet), lines: [], paper }),
    );
    const outer = sheet.values['loopMm']!;
    expect(pages[1]!.map((l) => boxOf(l)).some((b) => Math.abs((b.x1 - b.x0) * MM - outer) < 0.1)).toBe(true);
  });
  it('a job that is stopped prints none', () => {
    const small = read({ kind: 'disc', outerMm: 120, innerMm: 1, thickMm: 50 }, TABLE);
    expect(jigsOf(small as OwnJob, worksheetOf(small))).toEqual([]);
  });
});
