import { describe, expect, it } from 'vitest';
import { limitsWords, outside } from '../words/limits';
import { labelOf } from '../words/rigFields';
import { drawerSchema } from './drawer';
import { heatStepSchema } from './event';
import { limitsOf, within } from './fieldPath';
import { loggedCutSchema } from './log';
import { piecePlanSchema } from './plan';
import { rigSchema } from './rig';
import { RIG_FIELDS, type RigPath } from './rigFields';
import { STOCK_SCHEMAS } from './stock';
import { testRig } from '../engine/testRigs';

const paths = Object.keys(RIG_FIELDS) as RigPath[];

describe('the description of a field', () => {
  it('every field of a rig that counts something has its bounds in the schema, and a label', () => {
    expect(paths.length).toBeGreaterThan(60);
    for (const path of paths) {
      const [name, role] = RIG_FIELDS[path];
      expect(name.trim(), path).not.toBe('');
      expect(labelOf(path), path).toMatch(/^[A-Z]/);
      const limits = limitsOf(rigSchema, path);
      if (role !== null) expect(limits, path).not.toBeNull();
      if (limits) expect(limits.least, path).toBeLessThan(limits.most);
    }
  });

  it('the bounds are those by which the schema refuses', () => {
    const base = testRig();
    for (const path of ['wire.lengthMm', 'foam.densityKgM3', 'room.airC', 'leads.contactOhm'] as const) {
      const { least, most, over } = limitsOf(rigSchema, path)!;
      const [group, key] = path.split('.') as ['wire', 'lengthMm'];
      const takes = (x: number) =>
        rigSchema.safeParse({ ...base, [group]: { ...base[group], [key]: x } }).success;
      expect(takes(most), path).toBe(true);
      expect(takes(most * 1.001 + 1e-6), path).toBe(false);
      expect(takes(least), path).toBe(!over);
      expect(takes(least - 1e-6), path).toBe(false);
      for (const x of [least, most, most + 1, least - 1, NaN])
        expect(within(x, { least, most, over }), `${path} ${x}`).toBe(takes(x));
    }
  });

  it.each([
    [
      'a bound that is not allowed itself',
      limitsOf(loggedCutSchema, 'amps'),
      { least: 0, most: 500, over: true },
    ],
    ['through null and default', limitsOf(loggedCutSchema, 'kerfMm'), { least: 0.01, most: 100, over: false }],
    ['in a piece', limitsOf(piecePlanSchema, 'piece.root.chordMm'), { least: 2, over: false }],
    ['in the drawer', limitsOf(STOCK_SCHEMAS.foams, 'densityKgM3'), { least: 1, most: 1000, over: false }],
    ['in the one kind that has it', limitsOf(piecePlanSchema, 'method.armMm'), { least: 5, most: 5000 }],
    ['in a job', limitsOf(drawerSchema, 'job.cut.feedMmS'), { least: 0.01, most: 1000 }],
    ['in a job’s foam', limitsOf(drawerSchema, 'job.foam.widthMm'), limitsOf(rigSchema, 'foam.widthMm')!],
    [
      'and its density',
      limitsOf(drawerSchema, 'job.foam.densityKgM3'),
      limitsOf(rigSchema, 'foam.densityKgM3')!,
    ],
    ['what a meter says', limitsOf(heatStepSchema, 'volts'), { least: 0, most: 500, over: true }],
    ['in a battery', limitsOf(STOCK_SCHEMAS.supplies, 'supply.battery.charge'), { least: 0, most: 1 }],
  ])('%s', (_, limits, want) => {
    expect(limits).toMatchObject(want);
  });

  it('what is no number, or not there, has none', () => {
    expect(limitsOf(rigSchema, 'wire.alloy')).toBeNull();
    expect(limitsOf(rigSchema, 'wire.nonsense')).toBeNull();
    expect(limitsOf(rigSchema, 'nonsense.at.all')).toBeNull();
    // Kinds that bound it otherwise: which of them is open is not known here.
    expect(limitsOf(piecePlanSchema, 'piece.root.section.height')).toBeNull();
  });

  it('is said in the reader’s units, without a number that no one wrote', () => {
    const say = (x: number) => `${x} mm`;
    expect(limitsWords({ least: 1, most: 9, over: false }, 'depth', say)).toBe(
      'must lie between 1 mm and 9 mm',
    );
    expect(limitsWords({ least: 0, most: 9, over: true }, 'depth', say)).toBe(
      'must be over 0 mm and at most 9 mm',
    );
    expect(limitsWords({ least: 2, most: Infinity, over: false }, 'depth', say)).toBe('must be at least 2 mm');
    expect(outside(5, { least: 1, most: 9, over: false }, 'depth', say)).toBeNull();
    for (const x of [0, 10, NaN, null])
      expect(outside(x, { least: 1, most: 9, over: false }, 'depth', say)).toMatch(/^must lie between 1 mm/);
    expect(limitsWords({ least: -Infinity, most: 7, over: false }, 'depth', say)).toBe('must be at most 7 mm');
  });
});
