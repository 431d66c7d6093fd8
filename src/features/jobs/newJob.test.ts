import { describe, expect, it } from 'vitest';
import { builtAs, JOB_KINDS, type MadeKind } from '@/core/documents/jobKinds';
import { jobSchema } from '@/core/documents/job';
import { FRAME_KINDS } from '@/core/documents/rig';
import { worksheetOf } from '@/core/engine/jobs/worksheet';
import { typedIn } from '@/core/words/say';
import { testRig } from '@/core/engine/testRigs';
import { lengthsOf, lengthsText, newBuild, newJob } from './newJob';

const MADE = JOB_KINDS.filter((k): k is MadeKind => k !== 'build');

describe('a new job', () => {
  it.each(MADE)('%s takes the rig’s own foam', (kind) => {
    const job = newJob(kind, testRig({ foam: { widthMm: 333, heightMm: 77 } }));
    expect(job.kind).toBe(kind);
    // A groove has no block; one that is turned is as wide as it is high.
    if (job.kind !== 'groove' && job.kind !== 'turned') expect(JSON.stringify(job)).toContain('333');
  });
  it.each(FRAME_KINDS.flatMap((kind) => (builtAs({ kind }) ? [kind] : [])))(
    'building a %s begins with sizes that fit the rig: nothing stops it, and its wire is the rig’s',
    (kind) => {
      const rig = testRig({ frame: { kind }, foam: { widthMm: 300, heightMm: 80 } });
      const job = newBuild(builtAs(rig.frame)!, rig);
      const { findings, values } = worksheetOf(jobSchema.parse({ ...job, rig }));
      const own = findings.filter((f) => /^(arm|board|opening|supports)/.test(f.code));
      expect(own).toEqual([]);
      if (kind !== 'hand-tool') expect(values['betweenMm']).toBe(rig.wire.lengthMm);
    },
  );
  it('lengths are read as typed, and shown as they were read', () => {
    const mm = typedIn('metric');
    expect(lengthsOf('200, 3 x 150; 80.5')).toEqual([200, 150, 150, 150, 80.5]);
    expect(lengthsText([200, 150, 150, 150, 80.5], mm)).toBe('200, 3 × 150, 80.5');
    expect(lengthsOf(lengthsText([90, 90, 10], mm))).toEqual([90, 90, 10]);
    expect(lengthsOf('200, long')).toBeNull();
    expect(lengthsOf('')).toEqual([]);
  });
  it('in inches a bare number is an inch, and a unit typed beside it counts', () => {
    const read = lengthsOf('8, 2 x 6 in, 100 mm', 'inch')!;
    [203.2, 152.4, 152.4, 100].forEach((mm, i) => expect(read[i]).toBeCloseTo(mm, 9));
    const shown = lengthsText(read, typedIn('inch'));
    expect(shown).toMatch(/^8, 2 × 6, 3\.9/);
    expect(lengthsOf(shown, 'inch')![0]).toBeCloseTo(203.2, 9);
  });
});
