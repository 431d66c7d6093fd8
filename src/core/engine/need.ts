import { phaseAngle } from '../physics/circuit/phase';
import { heatForSlot } from '../physics/foam/melt';
import { fluxAcrossSlot } from '../physics/foam/flux';
import { lossToAir } from '../physics/heat/loss';
import { hottest } from '../physics/heat/temperature';
import { rootIncreasing } from '../numeric/root';
import { balanceAt } from './airBalance';
import { cuttingResistance, ohmPerMetre, type Setup } from './setup';
import { BUCK_DROP, type Drive } from './drive';

/** A setup driven by a held current that any volts will push: how a wire behaves apart from its supply. */
export function heldAt(s: Setup, amps: number): Setup {
  return {
    ...s,
    drive: { ...s.drive, volts: 1e6, limitAmps: amps, heldAmps: amps, heldOhm: null, pulsed: false },
  };
}

/** °C of the wire in the room's air at held amps. */
const airHeldAt = (s: Setup, amps: number): number => balanceAt(s, s.room, amps, 300);

/** What was found for the last feed asked of a rig: its fixes ask for the same one several times. */
const LAST = new WeakMap<Setup, { fastest: number; found: { amps: number; foamC: number } | null }>();

/**
 * The current in A at which the max feed is `fastest` (m/s), with °C of the wire in the foam there.
 * Exact: w = d gives the heat, the heat gives the wire's temperature, and that the current, either from the wire's own
 * ohms or, where still air would leave it cooler, from its loss in still air. Null where the foam has no figures.
 */
export function ampsForFastest(s: Setup, fastest: number): { amps: number; foamC: number } | null {
  const last = LAST.get(s);
  if (last?.fastest === fastest) return last.found;
  const found = findAmps(s, fastest);
  LAST.set(s, { fastest, found });
  return found;
}

function findAmps(s: Setup, fastest: number): { amps: number; foamC: number } | null {
  const m = s.melt;
  if (!m || !(m.unitHeat > 0)) return null;
  const heat = heatForSlot(m, s.diameter, fastest);
  const f = (t: number) => fluxAcrossSlot(s.diameter, s.alloy.emissivity, m.flowC, t, s.diameter) - heat;
  const top = hottest({ ...s.still, airC: m.flowC }, heat);
  const foamC = rootIncreasing(f, m.flowC, top, m.flowC + 60, 1e-6).x;
  const carried = Math.max(heat, lossToAir(s.still, foamC));
  return { amps: Math.sqrt(carried / ohmPerMetre(s, foamC)), foamC };
}

/** Source volts (before inside ohms and leads) that push `amps` while the wire in the foam stands at foamC. */
export function voltsFor(s: Setup, amps: number, foamC: number): number {
  return amps * (s.drive.restOhm + cuttingResistance(s, airHeldAt(s, amps), foamC));
}

/** The setting of a control that gives a source of `volts` rms and `amps`; null where it cannot or has no dial. */
export function settingOf(drive: Drive, volts: number, amps: number): number | null {
  if (drive.kind === 'amps') return volts <= drive.openVolts ? amps : null;
  const share = volts / drive.openVolts;
  if (!(share <= 1)) return null;
  if (drive.kind === 'volts') return volts;
  if (drive.kind === 'buck') return volts <= drive.openVolts - BUCK_DROP ? volts : null;
  if (drive.kind === 'pwm') return share * share;
  if (drive.kind === 'phase') return phaseAngle(share);
  if (drive.kind === 'scale') return share;
  if (drive.kind === 'hold-ohm') return volts / amps - drive.restOhm;
  return null;
}

/**
 * Length of wire in m at which the source's own volts give a max feed of `fastest` m/s with the foam as wide as it
 * is; null where no length does. From V = I·(rest + R′_air·(L−b) + R′_foam·b) at the amps that feed wants.
 */
export function lengthForFastest(s: Setup, fastest: number): number | null {
  const found = ampsForFastest(s, fastest);
  if (!found) return null;
  const air = ohmPerMetre(s, airHeldAt(s, found.amps));
  const foam = ohmPerMetre(s, found.foamC);
  const length = (s.drive.volts / found.amps - s.drive.restOhm - (foam - air) * s.width) / air;
  return length > 0 ? length : null;
}

/** Setting at which this rig's max feed is `fastest` m/s; null where no setting reaches it. */
export function settingForFastest(s: Setup, fastest: number): number | null {
  const found = ampsForFastest(s, fastest);
  return found && settingOf(s.drive, voltsFor(s, found.amps, found.foamC), found.amps);
}
