import { describe, expect, it } from 'vitest';
import { JOB_KINDS } from '@/core/documents/jobKinds';
import { testRig } from '@/core/engine/testRigs';
import { lengthsOf, lengthsText, newJob } from './newJob';

describe('a new job', () => {
  it.each(JOB_KINDS)('%s takes the rig’s own foam', (kind) => {
    const job = newJob(kind, testRig({ foam: { widthMm: 333, heightMm: 77 } }));
    expect(job.kind).toBe(kind);
    if (job.kind !== 'groove') expect(JSON.stringify(job)).toContain('333');
  });
  it('lengths are read as typed, and shown as they were read', () => {
    expect(lengthsOf('200, 3 x 150; 80.5')).toEqual([200, 150, 150, 150, 80.5]);
    expect(lengthsText([200, 150, 150, 150, 80.5])).toBe('200, 3 × 150, 80.5');
    expect(lengthsOf(lengthsText([90, 90, 10]))).toEqual([90, 90, 10]);
    expect(lengthsOf('200, long')).toBeNull();
    expect(lengthsOf('')).toEqual([]);
  });
});
