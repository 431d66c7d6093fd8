import { isolationOf } from '../../documents/supply';
import { touchLimit } from '../../physics/circuit/touch';
import { voltsOnWire } from '../findings/shock';
import { dutyOf } from '../load';
import type { Setup } from '../setup';
import type { Refused } from './judge';
import type { WireNeed } from './pairing';
import { wantedVolts, type Prepared } from './setting';

/**
 * Refuses a pairing by bounds that need no solve, or leaves it undecided (null). It says what `judge` says, code and all:
 * a bound that cannot be sure of the first reason decides nothing. The alloys' factors are never under 1, so no current
 * is above that of the cold wire.
 */
export function screen({ setting, short, need, s }: Prepared): Refused | null {
  const refuse = (code: Refused['code'], values: Refused['values']): Refused => ({
    ok: false,
    setting,
    code,
    values,
  });
  const { supply, control } = s.rig;
  const isolated = isolationOf(supply);
  if (isolated === false && supply.current === 'ac' && supply.volts >= 90)
    return refuse('mains-direct', { volts: supply.volts });
  const limitVolts = touchLimit(supply.current);
  const volts = voltsOnWire(s);
  if (volts > limitVolts) return refuse('touch-voltage', { volts, limitVolts, current: supply.current });
  if (isolated === false) return refuse('not-isolated', { isolated: 'false' });
  if (s.foam.verdict === 'refuse') return refuse('foam-refused', { foam: s.foam.id, reason: s.foam.reason });
  const heatedMm = s.length * 1000;
  if (s.rig.foam.widthMm > heatedMm + 1e-9)
    return refuse('foam-wider-than-wire', { widthMm: s.rig.foam.widthMm, lengthMm: heatedMm });
  if (!need) return null;
  const load = loadBound(s, need);
  if (load?.sure && load.share > 1)
    return refuse(load.peaksOnly ? 'pulse-peak-overload' : 'supply-overload', {
      load: load.share,
      amps: load.amps,
      maxAmps: s.drive.maxAmps,
      leastOhm: supply.volts / s.drive.maxAmps!,
      wireOhm: coldOhm(s, need),
      state: s.drive.heldAmps === null ? 'cold' : 'set',
      supply: supply.kind,
    });
  const holds = s.drive.maxAmps === null || (load !== null && load.share <= 1);
  if (!holds || control.ratedAmps !== null || control.ratedWatts !== null) return null;
  if (short)
    return refuse('supply-volts-short', {
      volts: s.drive.openVolts,
      setVolts: wantedVolts(s, need),
      setAmps: null,
      amps: null,
    });
  return null;
}

const coldOhm = (s: Setup, need: WireNeed) => need.coldOhm * (s.length / need.base.length);

/**
 * Load on the supply as the cold wire makes it: what `loadOf` gives for all but a bench supply (`sure`); for that an upper
 * bound. Null where a solve is wanted, or no limit is known.
 */
function loadBound(s: Setup, need: WireNeed) {
  const { drive, rig } = s;
  if (drive.maxAmps === null) return null;
  if (drive.heldAmps !== null)
    return { share: drive.heldAmps / drive.maxAmps, amps: drive.heldAmps, sure: true, peaksOnly: false };
  if (drive.kind === 'buck') return null;
  const rms = drive.volts / (drive.restOhm + coldOhm(s, need));
  const amps = drive.pulsed ? drive.openVolts / (drive.restOhm + coldOhm(s, need)) : rms;
  return {
    share: amps / drive.maxAmps,
    amps,
    sure: rig.supply.kind !== 'bench',
    peaksOnly: drive.pulsed && amps > drive.maxAmps && dutyOf(s) * amps <= drive.maxAmps,
  };
}
