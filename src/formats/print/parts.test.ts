import { describe, expect, it } from 'vitest';
import { jobSchema } from '@/core/documents/job';
import { LOOP, SLICER, TABLE } from '@/core/engine/jobs/testJobs';
import { worksheetOf } from '@/core/engine/jobs/worksheet';
import { testRig } from '@/core/engine/testRigs';
import { stepText } from '@/core/words/jobSteps';
import { materialText } from '@/core/words/materials';
import { sayIn } from '@/core/words/say';
import { partsPdf } from './partsPdf';

const ARM = {
  material: 'steel',
  section: { kind: 'bar', widthMm: 30, thickMm: 25 },
  reachMm: 200,
  gapMm: null,
};
const CASES = [
  ['table', { kind: 'table', boardMm: [600, 400, 18], postMm: 262, ...ARM }, TABLE],
  ['slicer', { kind: 'slicer', boardMm: [600, 560, 18], supportsMm: 440, by: 'screw' }, SLICER],
  ['bow', { kind: 'bow', ...ARM }, testRig()],
  ['loop', { kind: 'loop', shape: 'u', loopMm: 20, depthMm: 15 }, LOOP],
] as const;

describe.each(['a4', 'letter'] as const)('a list of parts on %s', (paper) => {
  it.each(CASES)('%s: every part and step on one sheet, within its edges', async (_, of, rig) => {
    const sheet = worksheetOf(
      jobSchema.parse({ format: 'upwind-rod/job', version: 1, kind: 'build', of, rig }),
    );
    expect(sheet.materials.length).toBeGreaterThan(7);
    const say = sayIn('inch');
    const parts = sheet.materials.map((m) => ({ count: m.count, ...materialText(m, say) }));
    const steps = sheet.steps.map((s) => stepText(s, say));
    const pdf = await partsPdf({ title: 'Building the cutter', parts, steps, paper });
    const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
    const doc = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
    expect(doc.numPages).toBe(1);
    const items = (await (await doc.getPage(1)).getTextContent()).items as {
      str: string;
      transform: number[];
    }[];
    const text = items
      .map((x) => x.str)
      .join(' ')
      .replace(/\s+/g, ' ');
    for (const { part } of parts) expect(text).toContain(part);
    steps.forEach((_s, i) => expect(text).toContain(`${i + 1}. `));
    const lowest = Math.min(...items.map((x) => x.transform[5]!));
    expect(lowest).toBeGreaterThan(30);
  });
});
