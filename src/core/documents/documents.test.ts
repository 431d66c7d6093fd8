import { describe, expect, it } from 'vitest';
import { faultsOf } from './faults';
import { baseSchema, daySchema, instantSchema } from './fields';
import { loggedCutSchema } from './log';
import { mappingSchema } from './logImport';
import { readNeedRig } from './needRig';
import { rigSchema } from './rig';
import { guidedOf, reserveOf } from './rigDefaults';
import { isolationOf, supplySchema } from './supply';

const LEAST = {
  format: 'upwind-rod/rig',
  version: 1,
  frame: { kind: 'bow' },
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
};
const faults = (doc: unknown) => {
  const parsed = rigSchema.safeParse(doc);
  return parsed.success ? [] : faultsOf(parsed.error);
};

describe('the rig document', () => {
  it('the shortest legal rig has every default of the contract', () => {
    const rig = rigSchema.parse(LEAST);
    expect(rig.room).toEqual({ airC: 20, draughtMS: 0.05 });
    expect(rig.wire).toMatchObject({ strands: 1, lie: 'horizontal', measuredOhm: null, clampC: null });
    expect(rig.supply).toMatchObject({ internalOhm: 0, current: 'dc' });
    expect(rig.control).toMatchObject({ kind: 'none', setting: null, frequencyHz: 1000, efficiency: 0.9 });
    expect(rig.leads).toMatchObject({
      areaMm2: 2.08,
      lengthMm: 3000,
      contactOhm: 0.01,
      seriesOhm: 0,
      fuseA: null,
      switchA: null,
    });
    expect(rig.tension).toMatchObject({
      kind: 'spring',
      setN: null,
      setWhen: 'cold',
      springNPerMm: null,
      carriesCurrent: false,
    });
    expect(rig.frame).toMatchObject({ material: 'wood', throatMm: null });
    expect(rig.foam).toMatchObject({ tuning: 1, tuningSd: 0.35, heightMm: null });
    expect(rig.cut).toMatchObject({ feedMmS: null, lagLimitMm: 2, batch: 1 });
    expect(rigSchema.parse(rig)).toEqual(rig);
  });

  it('reserve and guidance follow the frame unless given', () => {
    const of = (kind: string, cut = {}) => rigSchema.parse({ ...LEAST, frame: { kind }, cut });
    expect(['bow', 'table', 'hand-tool'].map((k) => reserveOf(of(k)))).toEqual([0.5, 0.5, 0.5]);
    expect(['pulled-bow', 'drop-bow', 'slicer', 'gantry'].map((k) => reserveOf(of(k)))).toEqual([
      0.7, 0.7, 0.7, 0.7,
    ]);
    expect(reserveOf(of('gantry', { reserve: 0.4 }))).toBe(0.4);
    expect(guidedOf(of('bow'))).toBe(true);
    expect(guidedOf(of('table'))).toBe(false);
  });

  it('isolation follows the kind unless given', () => {
    const of = (kind: string, more = {}) =>
      isolationOf(supplySchema.parse({ kind, volts: 12, maxAmps: 5, ...more }));
    expect(['bench', 'brick', 'computer-supply', 'battery', 'charger'].map((k) => of(k))).toEqual([
      true,
      true,
      true,
      true,
      true,
    ]);
    expect(['transformer', 'other'].map((k) => of(k))).toEqual(['unknown', 'unknown']);
    expect(of('other', { isolated: false })).toBe(false);
  });

  it('names the path and rule of every fault, unknown keys too', () => {
    const bad = {
      ...LEAST,
      colour: 'red',
      wire: { ...LEAST.wire, diameterMm: 9, gauge: 24 },
      foam: { ...LEAST.foam, kind: 'cheese' },
    };
    expect(faults(bad).map((f) => [f.path, f.rule])).toEqual(
      expect.arrayContaining([
        ['colour', 'unknown-key'],
        ['wire.gauge', 'unknown-key'],
        ['wire.diameterMm', '<= 5'],
        ['foam.kind', expect.stringContaining('one of eps')],
      ]),
    );
  });

  it.each([
    ['NaN', NaN],
    ['infinity', Infinity],
    ['text', '0.4'],
    ['null', null],
    ['0', 0],
  ])('refuses %s for a diameter', (_, diameterMm) => {
    expect(faults({ ...LEAST, wire: { ...LEAST.wire, diameterMm } }).map((f) => f.path)).toEqual([
      'wire.diameterMm',
    ]);
  });

  it('holds a setting to its control’s own limits', () => {
    const at = (kind: string, setting: number | null) =>
      faults({ ...LEAST, control: { kind, setting } }).map((f) => f.path);
    expect(at('pwm', 1.2)).toEqual(['control.setting']);
    expect(at('phase', 181)).toEqual(['control.setting']);
    expect(at('volts', null)).toEqual(['control.setting']);
    expect(at('none', 3)).toEqual(['control.setting']);
    expect(at('clip', 2000)).toEqual(['control.setting']);
    expect(at('clip', 900)).toEqual([]);
  });

  it('width over length is legal', () =>
    expect(faults({ ...LEAST, foam: { ...LEAST.foam, widthMm: 2000 } })).toEqual([]));
});

describe('a rig for need', () => {
  const { supply, ...bare } = LEAST;
  const paths = (doc: unknown) => {
    const read = readNeedRig(doc);
    return read.ok ? [] : read.faults.map((f) => f.path);
  };
  it('comes without supply and control, or with both', () => {
    expect(readNeedRig({ ...bare, cut: { feedMmS: 3 } })).toMatchObject({ ok: true, data: { powered: false } });
    expect(readNeedRig({ ...bare, supply, cut: { feedMmS: 3 } })).toMatchObject({
      ok: true,
      data: { powered: true },
    });
    expect(paths({ ...bare, control: { kind: 'volts', setting: 3 }, cut: { feedMmS: 3 } })).toEqual(['supply']);
    expect(paths(bare)).toEqual(['cut.feedMmS']);
    expect(paths({ ...bare, cut: { feedMmS: 3 }, extra: 1 })).toEqual(['extra']);
    expect(paths(null)).toEqual(['(document)']);
    expect(paths([])).toEqual(['(document)']);
  });
});

describe('a logged cut', () => {
  const base = { at: '2026-05-02T18:10:00Z', widthMm: 640 };
  it('has its defaults', () =>
    expect(loggedCutSchema.parse(base)).toMatchObject({
      limit: false,
      grade: null,
      seen: [],
      timedFrom: 'touch',
    }));
  it('a limit cut wants a feed, or depth and seconds', () => {
    expect(loggedCutSchema.safeParse({ ...base, limit: true }).success).toBe(false);
    expect(loggedCutSchema.safeParse({ ...base, limit: true, depthMm: 50, seconds: 9 }).success).toBe(true);
  });
  it('marks go deeper and later', () => {
    expect(
      loggedCutSchema.safeParse({
        ...base,
        marks: [
          { mm: 50, s: 3 },
          { mm: 25, s: 7 },
        ],
      }).success,
    ).toBe(false);
  });
  it('wants a real moment', () =>
    expect(loggedCutSchema.safeParse({ ...base, at: 'yesterday' }).success).toBe(false));
});

describe('instants and days', () => {
  const at = (text: string) => instantSchema.safeParse(text).success;
  const day = (text: string) => daySchema.safeParse(text).success;

  // PostgreSQL takes offsets up to 15:59:59 and no year 0 (manual, 8.5); the farthest zone of the tz database is +14.
  it.each([
    ['2026-05-02T18:10:00Z', true],
    ['2026-05-02T18:10:00.123+14:00', true],
    ['1900-01-01T00:00:00Z', true],
    ['0000-01-01T00:00:00Z', false],
    ['1899-12-31T23:59:59Z', false],
    ['2201-01-01T00:00:00Z', false],
    ['2026-05-02T18:10:00-23:59', false],
    ['2026-05-02T18:10:00+15:00', false],
    ['2026-02-30T00:00:00Z', false],
    ['2026-05-02', false],
  ])('instant %s: %s', (text, good) => expect(at(text)).toBe(good));

  it('days lie in the same years', () => {
    expect(['2026-05-02', '1900-01-01', '2200-12-31'].map(day)).toEqual([true, true, true]);
    expect(['0000-01-01', '1899-12-31', '9999-12-31', '2026-02-30'].map(day)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });

  it('a revision is one that the database can count on from', () => {
    expect([1, 2_147_483_646].map((n) => baseSchema.safeParse(n).success)).toEqual([true, true]);
    expect([0, -1, 1.5, 2_147_483_647, 2 ** 53].some((n) => baseSchema.safeParse(n).success)).toBe(false);
  });

  it('a column’s unit is one that is known here', () => {
    const mapped = (unit: string | null) =>
      mappingSchema.safeParse({ columns: { widthMm: { column: 'Wide', unit } } }).success;
    expect(['in', 'mm', null].map(mapped)).toEqual([true, true, true]);
    expect(['furlong', '', '__proto__'].map(mapped)).toEqual([false, false, false]);
  });
});
