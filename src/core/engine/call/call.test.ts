import { describe, expect, it } from 'vitest';
import { planOut } from '../template/template';
import { testPlan } from '../template/testPlans';
import { viewOf } from '../template/view';
import { callSheet, COUNT_IN, REST_S } from './cues';
import { hold, paced, placeAt, run, START, whenAt } from './clock';

const view = (template: object) => viewOf(planOut(testPlan({ template })));

describe('the call of a pass', () => {
  it('calls every station once, at its second, whatever else falls there', () => {
    for (const stations of [4, 20, 60])
      for (const pass of view({ stations }).passes) {
        const sheet = callSheet(pass);
        const called = sheet.cues.filter((c) => c.kind === 'station');
        expect(called.map((c) => c.n)).toEqual(Array.from({ length: stations + 1 }, (_, i) => i));
        called.forEach((c) => {
          const i = pass.nodes.findIndex((n) => n.kind === 'station' && n.n === c.n);
          expect(c.at).toBeCloseTo(pass.arrive[i]! + COUNT_IN + REST_S, 9);
        });
      }
  });
  it('a tick a second, fractions between far stations, no two words on one another but stations', () => {
    const pass = view({ stations: 4 }).passes[0]!;
    const { cues, seconds } = callSheet(pass);
    expect(cues.filter((c) => c.kind === 'tick')).toHaveLength(Math.ceil(seconds) - COUNT_IN);
    expect(cues.map((c) => c.clip)).toEqual(
      expect.arrayContaining(['quarter', 'half', 'three-quarters', 'rest', 'go', 'tail', 'power-off']),
    );
    // Fractions and what is announced early keep clear of every other word.
    const giveWay = cues.filter((c) => c.kind === 'fraction' || c.kind === 'early');
    expect(giveWay.length).toBeGreaterThan(4);
    for (const w of giveWay)
      for (const c of cues)
        if (c !== w && c.kind !== 'tick') expect(Math.abs(c.at - w.at)).toBeGreaterThan(0.9);
  });
  it('a wait is announced two to four and a half seconds before, and ends with “go”', () => {
    const box = { section: { kind: 'rectangle', height: 0.5 }, chordMm: 200 };
    const rig = { cut: { feedMmS: 5.2 }, tension: { setN: 25, setWhen: 'hot' } };
    const piece = { root: box, tip: { ...box, twistDeg: 0, offsetMm: [0, 0] } };
    const lagging = viewOf(planOut(testPlan({ rig, piece, toleranceMm: 0.3 })));
    const pass = lagging.passes.find((p) => p.waits.some((w) => w.seconds > 0))!;
    // The last of them: the first stands at the nose, where the rest has just been called.
    const wait = pass.waits.filter((w) => w.seconds > 0).at(-1)!;
    const { cues, reach, leave } = callSheet(pass);
    const corner = cues.filter((c) => c.clip === 'corner' && c.n === wait.n).at(-1)!;
    expect(reach[wait.node]! - corner.at).toBeGreaterThanOrEqual(2);
    expect(reach[wait.node]! - corner.at).toBeLessThanOrEqual(4.5);
    expect(cues.some((c) => c.clip === 'go' && Math.abs(c.at - leave[wait.node]!) < 1e-9)).toBe(true);
  });
});

describe('the clock of a call', () => {
  it('holding and going on lose nothing; a new rate takes over where it is', () => {
    let c = run(START, 100);
    expect(placeAt(c, 112)).toBe(12);
    c = hold(c, 112);
    expect([placeAt(c, 500), whenAt(c, 20)]).toEqual([12, null]);
    c = run(c, 500);
    expect(whenAt(c, 20)).toBe(508);
    c = paced(c, 504, 0.5);
    expect(placeAt(c, 504)).toBe(16);
    expect(whenAt(c, 20)).toBe(512);
    expect(paced(c, 504, 99).rate).toBe(1.6);
  });
});
