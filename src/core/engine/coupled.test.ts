import { describe, expect, it } from 'vitest';
import { fluxAcrossSlot } from '../physics/foam/flux';
import { slotWidth } from '../physics/foam/melt';
import { lossToAir } from '../physics/heat/loss';
import { balanceTogether } from './coupled';
import { balanceInAir } from './inAir';
import { cuttingResistance, ohmPerMetre, setUp, type Setup } from './setup';
import { OperatingPointSolver } from './states';
import { steep } from './steep';
import { sweptRig } from './sweepRigs';

const TOP = 3000;
const setups: Setup[] = Array.from({ length: 400 }, (_, i) => setUp(sweptRig(i + 1))).filter(
  ({ melt, alloy, drive }) =>
    melt && !steep(alloy) && drive.heldAmps === null && drive.heldOhm === null && drive.volts > 0,
);

/** The volts that the wire's amps drop round the circuit, over those of the source, less one. */
const offVolts = (s: Setup, airC: number, foamC: number) => {
  const amps = Math.sqrt(lossToAir(s.room, airC) / ohmPerMetre(s, airC));
  return (amps * (s.drive.restOhm + cuttingResistance(s, airC, foamC))) / s.drive.volts - 1;
};

describe('both balances at once', () => {
  it('the wire in air: volts and heat to 1e-7, for all but a few of the rigs', () => {
    let settled = 0;
    for (const s of setups) {
      const airC = balanceInAir(s, (t) => ohmPerMetre(s, t) * s.length, 300, TOP);
      if (airC === null) continue;
      settled++;
      expect(Math.abs(offVolts(s, airC, airC)), s.rig.name).toBeLessThan(1e-7);
    }
    expect(settled / setups.length).toBeGreaterThan(0.9);
  });

  it('the wire in a kerf of a given width and at a given feed: both balances close, and are those found by brackets', () => {
    let settled = 0;
    let asked = 0;
    for (const s of setups) {
      const ohmOf = (airC: number, foamC: number) => cuttingResistance(s, airC, foamC);
      for (const [widthOf, plain] of [
        [() => 1.5 * s.diameter, (o: OperatingPointSolver) => o.atWidthBracketed(1.5 * s.diameter)],
        [(q: number) => slotWidth(s.melt!, q, 0.002), (o: OperatingPointSolver) => o.atFeedBracketed(0.002)],
      ] as const) {
        const state = plain(new OperatingPointSolver(s, Infinity));
        if (!state || state.capped || state.width < 1.1 * s.diameter) continue;
        asked++;
        const found = balanceTogether(s, ohmOf, widthOf, 300, TOP);
        if (!found) continue;
        settled++;
        expect(Math.abs(offVolts(s, found.airC, found.foamC)), s.rig.name).toBeLessThan(1e-6);
        const across = fluxAcrossSlot(s.diameter, s.alloy.emissivity, s.melt!.flowC, found.foamC, found.width);
        expect(Math.abs(across / found.heat - 1), s.rig.name).toBeLessThan(1e-6);
        expect(Math.abs(found.foamC - state.foamC), s.rig.name).toBeLessThan(2e-3);
        expect(Math.abs(found.amps / state.amps - 1), s.rig.name).toBeLessThan(1e-6);
      }
    }
    expect(asked).toBeGreaterThan(100);
    expect(settled / asked).toBeGreaterThan(0.9);
  });

  it('what has no balance is left to the searches by brackets', () => {
    const s = setups[0]!;
    const still = { ...s, drive: { ...s.drive, volts: 0 } };
    expect(balanceInAir(still, () => 1, 300, TOP)).toBeNull();
    expect(
      balanceTogether(
        still,
        () => 1,
        () => s.diameter,
        300,
        TOP,
      ),
    ).toBeNull();
    expect(balanceInAir(s, () => 1, s.room.airC - 5, TOP)).toBeNull();
    expect(
      balanceTogether(
        s,
        () => 1,
        () => NaN,
        300,
        TOP,
      ),
    ).toBeNull();
    expect(
      balanceTogether(
        s,
        () => 1,
        () => s.diameter,
        300,
        200,
      ),
    ).toBeNull();
  });
});
