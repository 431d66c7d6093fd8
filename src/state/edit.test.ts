import { describe, expect, it } from 'vitest';
import { testRig } from '@/core/engine/testRigs';
import { valueAt } from '@/core/documents/fieldPath';
import { apply, setPath } from './edit';

const rig = { ...testRig(), from: { 'foam.densityKgM3': 'assumed', 'wire.diameterMm': 'measured' } as const };

describe('edits', () => {
  it('set one value and take its "assumed" mark off, and no other', () => {
    const edited = setPath(rig, 'foam.densityKgM3', 33);
    expect(edited.ok && edited.doc.foam.densityKgM3).toBe(33);
    expect(edited.ok && edited.doc.from).toEqual({ 'wire.diameterMm': 'measured' });
    const other = setPath(rig, 'wire.diameterMm', 0.5);
    expect(other.ok && other.doc.from).toEqual(rig.from);
  });

  it('refuse what the schema refuses, with its path, and change nothing', () => {
    const before = JSON.stringify(rig);
    const edited = setPath(rig, 'wire.diameterMm', 9);
    expect(edited.ok).toBe(false);
    expect(!edited.ok && edited.faults[0]).toMatchObject({ path: 'wire.diameterMm', rule: '<= 5' });
    expect(JSON.stringify(rig)).toBe(before);
  });

  it('lay a patch over a document, nested groups key by key', () => {
    const edited = apply(rig, { cut: { feedMmS: 3 }, wire: { lengthMm: 900 } });
    expect(edited.ok && valueAt(edited.doc, 'wire.lengthMm')).toBe(900);
    expect(edited.ok && valueAt(edited.doc, 'wire.alloy')).toBe('nicr-80');
    expect(edited.ok && valueAt(edited.doc, 'cut.lagLimitMm')).toBe(2);
    expect(valueAt(rig, 'no.such.path')).toBeUndefined();
  });

  it('a wire that was measured keeps its ohms a metre when its length changes', () => {
    const rig = testRig({ wire: { lengthMm: 1000, measuredOhm: 6.6 } });
    const longer = setPath(rig, 'wire.lengthMm', 1500);
    expect(longer.ok && longer.doc.wire).toMatchObject({ lengthMm: 1500, measuredOhm: 9.9 });
    const plain = setPath(testRig(), 'wire.lengthMm', 1500);
    expect(plain.ok && plain.doc.wire.measuredOhm).toBeNull();
    expect(setPath(rig, 'wire.lengthMm', 0).ok).toBe(false);
  });
});
