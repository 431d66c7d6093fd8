import { describe, expect, it } from 'vitest';
import { HEAT_CAUSES, type RigEvent } from '../documents/event';
import { PLACES, SEEN } from '../documents/log';
import { evaluate } from '../engine/evaluate';
import { heatPlan } from '../engine/firstHeat/plan';
import { recipeOf } from '../engine/recipe';
import { testRig } from '../engine/testRigs';
import { tuningOf } from '../engine/tune';
import { PROFILES } from '../units/profile';
import { SANDED_WORDS, SEEN_WORDS } from './cuts';
import { SEEN_HELP } from './cutsHelp';
import { driftWords } from './drift';
import { beforeHeat, wireDoes } from './firstHeat';
import { heatCauseWords, tellApart } from './heatCauses';
import { changeWords, eventWords, pullWords } from './logbook';
import { METRIC_SAY, sayIn } from './say';
import { sheetParts } from './sheet';
import { testCutSteps, testDepth } from './testCut';

const bow = testRig({
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  control: { kind: 'volts', setting: 18.5 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
  tension: { kind: 'spring', setN: 57, springNPerMm: 1.5 },
});
const bad = /undefined|NaN|null|\[object/;

describe('words of a first heat', () => {
  it('every cause has a name, a reason and an act, in any units', () => {
    for (const profile of PROFILES)
      for (const cause of HEAT_CAUSES) {
        const w = heatCauseWords(
          { cause, share: 0.5, size: 1.2, alloy: 'ti-2', patch: null },
          bow,
          sayIn(profile),
        );
        for (const text of Object.values(w)) {
          expect(text.length).toBeGreaterThan(7);
          expect(text).not.toMatch(bad);
        }
      }
  });
  it('what parts two causes does not depend on their order', () => {
    for (const a of HEAT_CAUSES) for (const b of HEAT_CAUSES) expect(tellApart(a, b)).toBe(tellApart(b, a));
    expect(tellApart('gauge', 'length')).toContain('clip to clip');
  });
  it('asks for what this rig wants: frame to wire on metal, the mains side of a transformer, no dial', () => {
    const ids = (r: Parameters<typeof beforeHeat>[0]) => beforeHeat(r).map((c) => c.id);
    expect(ids(bow)).not.toContain('insulation');
    expect(ids(bow)).not.toContain('mains');
    const other = testRig({
      frame: { kind: 'bow', material: 'metal-insulated' },
      supply: { kind: 'transformer', volts: 24, maxAmps: null, ratedVA: 80, current: 'ac' },
      control: { kind: 'none', setting: null },
    });
    expect(ids(other)).toEqual(expect.arrayContaining(['insulation', 'mains']));
    expect(beforeHeat(other).find((c) => c.id === 'low')!.text).toContain('no dial');
    expect(beforeHeat(bow).find((c) => c.id === 'fuse')!.text).toContain('No fuse is entered');
  });
  it('says what the wire does at each step, and stops where the supply would shut off', () => {
    for (const p of heatPlan(bow)) expect(wireDoes(p, METRIC_SAY)).not.toMatch(bad);
    const brick = testRig({
      supply: { kind: 'brick', volts: 15, maxAmps: 5 },
      control: { kind: 'none', setting: null },
      wire: { alloy: 'nicr-80', diameterMm: 0.511, lengthMm: 200 },
    });
    expect(wireDoes(heatPlan(brick)[0]!, METRIC_SAY)).toContain('shut itself off');
  });
});

describe('words of the logbook', () => {
  it('each event in one line', () => {
    const at = '2026-05-02T10:00:00Z';
    const lines: [RigEvent, RegExp][] = [
      [{ kind: 'heat', at, voltsAt: 'clips', by: 'practice', steps: [{ setting: 4, amps: 1, volts: 4 }], cause: 'gauge', corrected: [], note: '' }, /practice bench: 1 reading, likeliest another gauge/],
      [{ kind: 'hot', at, until: '2026-05-02T10:42:00Z', note: '' }, /^42 min$/],
      [{ kind: 'hot', at, until: null, note: '' }, /on now/],
      [{ kind: 'hang', at, alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050, note: '' }, /80\/20 0\.455\smm, 1050\smm/],
      [{ kind: 'change', at, changes: [{ path: 'wire.diameterMm', from: 0.455, to: 0.574 }, { path: 'room.airC', from: 20, to: 5 }], note: '' }, /gauge 0\.455\smm → 0\.574\smm; air 20\s°C → 5\s°C/],
    ]; // prettier-ignore
    for (const [e, want] of lines) expect(eventWords(e, METRIC_SAY)).toMatch(want);
  });
  it('changes of text, flags, nothing and of what has no name', () => {
    const w = (path: string, from: string | number | boolean | null, to: typeof from) =>
      changeWords({ path, from, to }, METRIC_SAY);
    expect(w('frame.guided', null, true)).toBe('led along templates nothing → yes');
    expect(w('note', 'a', 'b')).toBe('note written');
    expect(w('rubber.odd', 1.23456, 2)).toBe('rubber odd 1.235 → 2');
    expect(w('name', 'x'.repeat(99), '')).toMatch(/x{60} … → nothing$/);
  });
  it('a pull with its note', () =>
    expect(
      pullWords({ at: '', newtons: 57, when: 'cold', way: 'pitch', hertz: 97.3, note: '' }, METRIC_SAY),
    ).toMatch(/57\.0\sN cold, note 97\.3\sHz/));
  it('everything that can be seen or sanded has a word', () => {
    for (const s of SEEN) expect(SEEN_WORDS[s].length * SEEN_HELP[s].length).toBeGreaterThan(0);
    for (const p of PLACES) expect(SANDED_WORDS[p]).toBeTruthy();
  });
  it('what drifted, with and without a size', () => {
    for (const code of ['battery', 'room', 'wire', 'new-wire', 'old', 'trend'] as const)
      for (const share of [null, -0.08, 0.08])
        expect(driftWords({ code, share, days: code === 'old' ? 100 : null }, METRIC_SAY)).not.toMatch(bad);
  });
});

describe('a sheet and a test cut', () => {
  it('stand in any units without a hole', () => {
    const e = evaluate(bow);
    for (const profile of PROFILES) {
      const parts = sheetParts(e, recipeOf(bow, tuningOf([])), sayIn(profile), profile !== 'metric');
      expect(parts.map((p) => p.head)).toEqual(['Set and lead', 'Wire and tension', 'Power and leads']);
      const text = parts.flatMap((p) => p.lines.flat()).join(' ');
      expect(text).not.toMatch(bad);
      expect(testCutSteps(e, sayIn(profile)).join(' ')).not.toMatch(bad);
    }
    // 57 N on 1.5 N/mm stretch it by 38 mm (Hooke).
    const spring = sheetParts(e, recipeOf(bow, tuningOf([])), METRIC_SAY, false)[1]!.lines.find(
      (l) => l[0] === 'Spring',
    )!;
    expect(spring[1]).toMatch(/38\.0\smm longer/);
  });
  it('thin wire wants fifty millimetres, thick stainless a hundred (practice 12)', () => {
    const thin = testRig({
      wire: { alloy: 'nicr-80', diameterMm: 0.19, lengthMm: 500 },
      control: { kind: 'volts', setting: 17 },
    });
    expect(testDepth(evaluate(thin))).toBeLessThanOrEqual(60);
    const thick = testRig({
      wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
      supply: { kind: 'bench', volts: 32, maxAmps: 8 },
      control: { kind: 'volts', setting: 16.5 },
      foam: { kind: 'eps', densityKgM3: 20, widthMm: 790 },
    });
    expect(testDepth(evaluate(thick))).toBeGreaterThanOrEqual(100);
  });
});
