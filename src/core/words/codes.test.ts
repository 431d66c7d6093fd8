import { describe, expect, it } from 'vitest';
import { ALLOY_IDS } from '../catalog/alloys';
import { FOAM_IDS } from '../catalog/foams';
import { CONTROL_KINDS } from '../documents/control';
import { FRAME_KINDS, rigSchema, TENSION_KINDS } from '../documents/rig';
import { CHEMISTRIES, SUPPLY_KINDS } from '../documents/supply';
import { changedSince } from '../engine/oneChange';
import { testRig } from '../engine/testRigs';
import { codeWords } from './codes';
import { changeWords } from './logbook';
import { aspectWords } from './oneChange';
import { faultSentence, fieldOf } from './rigFields';
import { METRIC_SAY } from './say';
import { loggedCutSchema } from '../documents/log';

const CODES = {
  'wire.alloy': ALLOY_IDS,
  'foam.kind': FOAM_IDS,
  'frame.kind': FRAME_KINDS,
  'supply.kind': SUPPLY_KINDS,
  'control.kind': CONTROL_KINDS,
  'tension.kind': TENSION_KINDS,
  'supply.battery.chemistry': CHEMISTRIES,
} as const;
/** A word of code: a hyphenated lower-case code with a figure in it, a dotted path, or two words run together. */
const CODE = /\b[a-z]+-\d+\b|\b[a-z]+\.[a-z][A-Za-z]+\b|\b[a-z]+[A-Z][a-z]/;

/** Every leaf of a rig with all that it may hold. */
function leaves(x: unknown, path = ''): string[] {
  if (typeof x !== 'object' || x === null || Array.isArray(x)) return [path.slice(1)];
  return Object.entries(x).flatMap(([k, v]) => leaves(v, `${path}.${k}`));
}
const FULL = rigSchema.parse({
  ...testRig(),
  frame: { kind: 'bow', guided: true, arms: { wireArmMm: 300, tieArmMm: 300, barMm: 900, barI_mm4: 2000 } },
  supply: {
    kind: 'battery',
    volts: 12,
    maxAmps: 10,
    isolated: true,
    ratedVA: 10,
    battery: { chemistry: 'lead-acid', cells: 6, ampHours: 7 },
  },
  control: { kind: 'none', setting: null },
  tension: {
    kind: 'spring',
    guide: { friction: 0.1, wrapDeg: 90 },
    springs: { wireMm: 1, coilMm: 8, turns: 20 },
    rubber: { areaMm2: 10, restMm: 50, stretch: 2 },
  },
  cut: { reserve: 0.5 },
});

describe('code words never show', () => {
  it.each(Object.entries(CODES))('the codes of %s have names', (path, codes) => {
    for (const code of codes) {
      const said = changeWords({ path, from: codes[0]!, to: code }, METRIC_SAY);
      expect(said, code).not.toMatch(CODE);
      if (/[-\d]/.test(code) && path !== 'supply.battery.chemistry')
        expect(codeWords(path, code), code).not.toBe(code);
    }
  });

  it('every field of a rig has a name of its own in the logbook', () => {
    for (const path of leaves({ ...FULL, format: undefined, version: undefined, from: undefined })) {
      const [name] = fieldOf(path);
      expect(name, path).not.toMatch(CODE);
      expect(changeWords({ path, from: 1, to: 2 }, METRIC_SAY), path).not.toContain('.kind');
    }
  });

  it('what changed since the last cut is said in words', () => {
    const last = {
      rig: testRig(),
      cut: loggedCutSchema.parse({
        at: '2026-05-02T18:10:00Z',
        setting: 18,
        widthMm: 630,
        feedMmS: 3,
        grade: 'good',
      }),
    };
    const rig = testRig({
      wire: { alloy: 'fecral-145' },
      supply: { kind: 'computer-supply' },
      control: { kind: 'hold-ohm', setting: 5 },
      tension: { kind: 'fixed' },
      foam: { kind: 'pla-foam' },
    });
    const said = changedSince(last, rig, { setting: 5, widthMm: 630 }).map((a) =>
      aspectWords(a, 'hold-ohm', METRIC_SAY),
    );
    expect(said.length).toBeGreaterThan(3);
    for (const s of said) expect(s).not.toMatch(CODE);
  });

  it('a fault names its field', () => {
    expect(faultSentence({ path: 'wire.diameterMm', message: 'must be at most 5' })).toBe(
      'Gauge must be at most 5',
    );
    expect(faultSentence({ path: '(file)', message: 'is not JSON' })).toBe('is not JSON');
  });
});
