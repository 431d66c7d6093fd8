import { describe, expect, it } from 'vitest';
import { faultsOf } from '@/core/documents/faults';
import { afterForm, type AfterFields } from './afterCut.view';

const fields: AfterFields = { kerfMm: 2.1, where: '', minutes: null, seen: ['hairs'], note: 'fine' };
const faults = (over: Partial<AfterFields>) => {
  const read = afterForm.safeParse({ ...fields, ...over });
  return read.success ? [] : faultsOf(read.error).map((f) => f.path);
};

describe('what is measured of a cut afterwards', () => {
  it('nothing was sanded where no place is named, whatever minutes are left standing', () => {
    expect(afterForm.parse(fields)).toEqual({ kerfMm: 2.1, sanded: null, seen: ['hairs'], note: 'fine' });
    expect(afterForm.parse({ ...fields, minutes: 4 }).sanded).toBeNull();
  });

  it('a place goes with its minutes', () => {
    expect(afterForm.parse({ ...fields, where: 'exit', minutes: 4 }).sanded).toEqual({
      where: 'exit',
      minutes: 4,
    });
    expect(faults({ where: 'exit' })).toEqual(['minutes']);
  });

  it.each([
    ['a kerf of nothing', { kerfMm: 0 }, ['kerfMm']],
    ['a kerf wider than a hand', { kerfMm: 101 }, ['kerfMm']],
    ['a kerf that was not gauged', { kerfMm: null }, []],
    ['sanding for a week', { where: 'exit', minutes: 10080 } as const, ['sanded.minutes']],
  ] as const)('%s', (_, over, want) => {
    expect(faults(over)).toEqual(want);
  });
});
