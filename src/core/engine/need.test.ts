import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { need } from './needOf';
import { solve } from './solve';
import { testRig } from './testRigs';
import { cleanSettings } from './cleanSettings';
import { curveRange, windowCurve, cleanRange } from './windowCurve';
import { stopOf } from './drafts';
import { evaluate } from './evaluate';
import { sweptRig } from './sweepRigs';

const d = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** A wire in some draught with its amps held. */
const ampsHeld = (diameterMm: number, setting: number, draughtMS: number) =>
  testRig({
    wire: { diameterMm },
    room: { draughtMS },
    supply: { volts: 400, maxAmps: 400 },
    control: { kind: 'amps', setting },
  });

describe('need', () => {
  it('its amps, held, give exactly the max feed asked for', () => {
    fc.assert(
      fc.property(
        d(0.2, 0.9),
        d(1, 12),
        d(0.3, 0.9),
        d(0.05, 1.5),
        (diameterMm, feedMmS, reserve, draughtMS) => {
          const rig = testRig({
            wire: { diameterMm },
            room: { draughtMS },
            supply: { volts: 400, maxAmps: 400 },
            cut: { feedMmS, reserve },
          });
          const { amps } = need(rig, false);
          const held = solve({ ...ampsHeld(diameterMm, amps!, draughtMS), cut: rig.cut });
          // A wire is found to 5e-4 K: hardly over the flow temperature that is a share of all that it gives the foam.
          const over =
            solve({
              ...ampsHeld(diameterMm, amps!, draughtMS),
              cut: { ...rig.cut, feedMmS: feedMmS / reserve },
            }).cutting!.foamC! - 160;
          const close = 1e-5 + 1e-3 / over;
          expect(Math.abs(held.cutting!.fastestFeedMmS! / (feedMmS / reserve) - 1)).toBeLessThan(close);
        },
      ),
      { numRuns: 120 },
    );
  });

  it.each(['volts', 'pwm', 'scale', 'phase', 'amps'] as const)(
    'its setting of a %s dial gives the max feed asked for',
    (kind) => {
      const start = { volts: 10, pwm: 0.5, scale: 0.5, phase: 90, amps: 2 }[kind];
      const parts = { supply: { volts: 40, maxAmps: 30 }, cut: { feedMmS: 3, reserve: 0.5 } } as const;
      const { setting } = need(testRig({ ...parts, control: { kind, setting: start } }), true);
      const r = solve(testRig({ ...parts, control: { kind, setting } }));
      expect(Math.abs(r.cutting!.fastestFeedMmS! / 6 - 1)).toBeLessThan(1e-4);
    },
  );

  it('gives the kerf that solve gives for the rig it describes, and what is found against it', () => {
    for (const [kind, start] of [
      ['volts', 10],
      ['pwm', 0.5],
      ['amps', 2],
    ] as const) {
      const rig = testRig({
        supply: { volts: 40, maxAmps: 30 },
        cut: { feedMmS: 3 },
        tension: { setN: 30 },
        control: { kind, setting: start },
      });
      const n = need(rig, true);
      const r = solve({ ...rig, control: { ...rig.control, setting: n.setting } });
      expect(n.kerfMm).toBeCloseTo(r.cutting!.kerfMm!, 9);
      expect(n.foamC).toBeCloseTo(r.cutting!.foamC!, 9);
      expect(n.findings.map((f) => f.code)).toEqual(r.findings.map((f) => f.code));
    }
  });

  it('gives no setting to a rig that a finding stops', () => {
    const parts = { supply: { volts: 40, maxAmps: 30 }, cut: { feedMmS: 3 } } as const;
    const live = need(testRig({ ...parts, frame: { kind: 'bow', material: 'metal' } }), true);
    expect(live.setting).toBeNull();
    expect(live.findings[0]).toMatchObject({ code: 'metal-frame-live', level: 'stop' });
    expect(need(testRig({ ...parts, foam: { kind: 'pur' } }), true).findings.map((f) => f.code)).toContain(
      'foam-refused',
    );
  });

  it('says null where no setting of the dial reaches it', () => {
    expect(need(testRig({ supply: { volts: 5, maxAmps: 5 }, cut: { feedMmS: 9 } }), true).setting).toBeNull();
  });
});

describe('the window over the dial', () => {
  const rig = testRig({
    supply: { volts: 32, maxAmps: 6 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
  });

  it('agrees with solve at each of its settings', () => {
    const curve = windowCurve(rig, 25)!;
    curve.x.forEach((setting, i) => {
      const c = solve(
        testRig({
          supply: { volts: 32, maxAmps: 500 },
          control: { setting },
          foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
        }),
      ).cutting!;
      if (Number.isNaN(curve.fastest[i]!)) expect(c.fastestFeedMmS).toBeNull();
      else if (setting < 28) expect(Math.abs(curve.fastest[i]! / c.fastestFeedMmS! - 1)).toBeLessThan(1e-6);
    });
  });

  it('calls clean only settings at which nothing stops the rig', () => {
    let shown = 0;
    let cut = 0;
    for (let seed = 1; seed <= 120; seed++) {
      const some = sweptRig(seed);
      const curve = windowCurve(some, 60);
      if (!curve || curve.along !== 'setting') continue;
      const feed = some.cut.feedMmS ?? 3;
      const clean = cleanSettings(some, curve, feed);
      const plain = cleanRange(curve, feed);
      if (plain && (!clean || clean[1] - clean[0] < plain[1] - plain[0])) cut++;
      if (!clean) continue;
      shown++;
      for (const k of [0, 0.25, 0.5, 0.75, 1]) {
        const setting = clean[0] + k * (clean[1] - clean[0]);
        const stop = stopOf(evaluate({ ...some, control: { ...some.control, setting } }));
        expect(stop?.code, `swept ${seed} at ${setting}`).toBeUndefined();
      }
    }
    expect(shown).toBeGreaterThan(5);
    expect(cut).toBeGreaterThan(5);
  });

  it('holds the present setting, and names the settings that are clean at a feed', () => {
    const [lo, hi] = curveRange(rig)!;
    expect(lo).toBeLessThan(18.5);
    expect(hi).toBeGreaterThan(18.5);
    const clean = cleanRange(windowCurve(rig, 240)!, 3)!;
    expect(clean[0]).toBeGreaterThan(lo);
    expect(
      solve(
        testRig({
          control: { setting: clean[0] + 0.2 },
          foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
          cut: { feedMmS: 3 },
        }),
      ).findings.map((f) => f.code),
    ).not.toContain('feed-too-fast');
    expect(cleanRange(windowCurve(rig, 240)!, 500)).toBeNull();
  });

  it('is none for a foam without figures', () =>
    expect(windowCurve(testRig({ foam: { kind: 'pvc' } }), 10)).toBeNull());
});
