import { describe, expect, it } from 'vitest';
import { testRig } from '@/core/engine/testRigs';
import { newBuild, newJob } from './newJob';
import { readJob } from './readJob';

const rig = testRig({ frame: { kind: 'table' } });
const read = (doc: unknown, frame = rig.frame) =>
  readJob(typeof doc === 'string' ? doc : JSON.stringify(doc), frame, 'made');
const ring = newJob('disc', rig);

describe('a job from a file', () => {
  it('is taken as it was exported, its own rig left out', () => {
    expect(read({ ...ring, rig })).toEqual({ ok: true, job: ring });
    expect(read(ring)).toEqual({ ok: true, job: ring });
  });
  it('sizes of a cutter are taken where it is built, and nowhere else', () => {
    const build = newBuild('table', rig);
    const text = JSON.stringify(build);
    expect(readJob(text, rig.frame, 'built')).toEqual({ ok: true, job: build });
    const fault = (of: string, frame: typeof rig.frame, what: 'made' | 'built') => {
      const read = readJob(of, frame, what);
      return read.ok ? null : read.fault;
    };
    expect(fault(text, rig.frame, 'made')).toContain('on the page Building the cutter');
    expect(fault(JSON.stringify(ring), rig.frame, 'built')).toContain('on the stage Job');
    expect(fault(text, { ...rig.frame, kind: 'slicer' }, 'built')).toContain('another cutter’s');
  });
  it.each([
    ['{', 'is not JSON'],
    ['[]', 'kind: '],
    [{ ...ring, outerMm: -1 }, 'outerMm: '],
    [{ ...ring, innerMm: 500 }, 'innerMm: must be less than outerMm'],
    [{ ...ring, colour: 'red' }, 'colour: is not a key'],
    [newJob('sheets', rig), 'holds another cutter’s job'],
  ])('%#: what is wrong is named with its field', (doc, fault) => {
    const answer = read(doc);
    expect(answer.ok).toBe(false);
    if (!answer.ok) expect(answer.fault).toContain(fault);
  });
});
