import { cordAmps } from '../physics/circuit/cord';
import { ohmAt, type Setup } from './setup';

/** What the supply must carry at its worst instant. */
export interface Load {
  /** Worst amps over the most it gives; null where that is not known. */
  readonly share: number | null;
  /** Peak or rms amps at that instant. */
  readonly worstAmps: number;
  /** The state whose amps rule: cold, idling or cutting; as set where amps are held. */
  readonly state: 'cold' | 'idle' | 'cutting' | 'set';
  /** What the supply gives on the mean would be within its limit; only the pulses are over. */
  readonly peaksOnly: boolean;
  /** Least wire resistance that the supply allows, V/maxAmps, Ω. */
  readonly leastOhm: number | null;
}

/**
 * Load on the supply from the wire's unrestrained amps idle and cutting. Held amps: set/max. Otherwise the largest of
 * cold (not for a bench supply, which limits), idle and cutting; with pulse width the full V/R of every pulse.
 */
export function loadOf(s: Setup, idleAmps: number, cuttingAmps: number, idleC: number): Load {
  const { drive, rig } = s;
  const max = drive.maxAmps;
  const leastOhm = max === null ? null : rig.supply.volts / max;
  if (drive.heldAmps !== null) {
    return {
      share: max === null ? null : drive.heldAmps / max,
      worstAmps: drive.heldAmps,
      state: 'set',
      peaksOnly: false,
      leastOhm,
    };
  }
  const bench = rig.supply.kind === 'bench';
  const coldAmps = drive.volts / (drive.restOhm + ohmAt(s, s.room.airC));
  const rms = Math.max(bench ? 0 : coldAmps, idleAmps, cuttingAmps);
  let state: Load['state'] =
    !bench && coldAmps >= rms * (1 - 1e-9)
      ? 'cold'
      : rms === cuttingAmps && cuttingAmps > idleAmps
        ? 'cutting'
        : 'idle';
  // A buck converter draws its output's watts, over its efficiency, at the supply's own volts.
  let worst = drive.kind === 'buck' ? (drive.volts * rms) / (rig.control.efficiency * drive.openVolts) : rms;
  if (drive.pulsed && drive.volts > 0) {
    const coolest = bench ? idleC : s.room.airC;
    const pulse = drive.openVolts / (drive.restOhm + ohmAt(s, coolest));
    if (pulse >= worst * (1 - 1e-9)) state = bench ? 'idle' : 'cold';
    worst = Math.max(pulse, drive.heldOhm === null ? drive.openVolts * (rms / drive.volts) : 0);
  }
  if (max === null) return { share: null, worstAmps: worst, state, peaksOnly: false, leastOhm };
  return {
    share: worst / max,
    worstAmps: worst,
    state,
    peaksOnly: drive.pulsed && worst > max && dutyOf(s) * worst <= max,
    leastOhm,
  };
}

/** Amps that flow for long, A: the greater of idling and cutting. */
export const runningAmps = ({ idle }: { idle: { amps: number; cutAmps: number } }): number =>
  Math.max(idle.amps, idle.cutAmps);

/** Amps that the rig's leads carry, A. */
export const leadsCarry = ({ rig }: Setup): number => cordAmps(rig.leads.areaMm2);

/** Share of the time that pulses flow, at the worst: a controller that holds ohms starts a cold wire on full ones. */
export function dutyOf(s: Setup): number {
  return s.drive.kind === 'pwm' ? (s.drive.setting ?? 1) : 1;
}
