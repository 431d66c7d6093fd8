import { describe, expect, it } from 'vitest';
import { faultsOf } from '@/core/documents/faults';
import { testRig } from '@/core/engine/testRigs';
import { cutForm, freshCut } from './testCut.view';

const rig = testRig();
const good = { ...freshCut(rig), seconds: 12, grade: 'good' as const };
const faults = (fields: object) => {
  const read = cutForm.safeParse({ ...good, ...fields });
  return read.success ? [] : faultsOf(read.error).map((f) => `${f.path}: ${f.message}`);
};

describe('the form of a test cut', () => {
  it('begins with what the rig says, and nothing that was not seen', () => {
    expect(freshCut(rig)).toMatchObject({
      setting: rig.control.setting,
      widthMm: rig.foam.widthMm,
      seconds: null,
      grade: null,
      limit: false,
      seen: [],
    });
  });

  it('becomes a logged cut of this moment', () => {
    const cut = cutForm.parse({ ...good, volts: 11.5, voltsAt: 'clips', note: 'left end' });
    expect(cut).toMatchObject({ seconds: 12, grade: 'good', depthMm: 50, volts: 11.5, voltsAt: 'clips' });
    expect(Math.abs(Date.parse(cut.at) - Date.now())).toBeLessThan(60_000);
    expect(cut.feedMmS).toBeNull();
  });

  it('says nothing of where volts were read that were not, nor of marks that were not timed', () => {
    const cut = cutForm.parse(good);
    expect(cut.voltsAt).toBeUndefined();
    expect(cut.marks).toBeUndefined();
    expect(cutForm.parse({ ...good, marks: [{ mm: 25, s: 6 }] }).marks).toHaveLength(1);
  });

  it('wants a grade or the limit, and a time; each is named', () => {
    expect(faults({ grade: null })).toEqual([expect.stringMatching(/^grade: Say how it cut/)]);
    expect(faults({ grade: null, limit: true })).toEqual([]);
    expect(faults({ seconds: null })).toEqual([expect.stringMatching(/^seconds: Give the seconds/)]);
    expect(faults({ grade: null, seconds: null })).toHaveLength(2);
  });

  it('what the document refuses is refused by its field', () => {
    expect(faults({ widthMm: null })).toEqual([expect.stringMatching(/^widthMm: /)]);
    expect(faults({ amps: 0 })).toEqual(['amps: must be over 0']);
    expect(faults({ depthMm: 0.01 })).toEqual(['depthMm: must be at least 0.1']);
  });
});
