import { awgDiameter } from '../../units/awg';
import { KNIFE_EDGE } from '../evaluate';
import { balanceAt } from '../airBalance';
import { ohmAt } from '../setup';
import type { Draft, Finder, Patch } from './draft';
import { dial, easedDial, longer } from './patches';
import { shockFindings } from './shock';
import type { Evaluation } from '../evaluation';

/** Share of its limit to which an overloaded supply is brought back. */
const EASY = 0.75;

/** Supply and shock: overload, peaks, volts on the bare wire, isolation. */
export const powerFindings: Finder = (e) => [load(e), limitUnknown(e), voltsShort(e), ...shockFindings(e)];

function load(e: Evaluation): Draft | null {
  const { share, worstAmps, peaksOnly, leastOhm, state } = e.load;
  if (share === null || !(share > 0.8)) return null;
  const code = share <= 1 ? 'supply-near-limit' : peaksOnly ? 'pulse-peak-overload' : 'supply-overload';
  const { s } = e;
  return {
    code,
    level: share > KNIFE_EDGE ? 'stop' : 'fix',
    values: {
      load: share,
      amps: worstAmps,
      maxAmps: s.drive.maxAmps,
      leastOhm,
      wireOhm: ohmAt(s, state === 'cold' || state === 'set' ? s.room.airC : e.idle.airC),
      state,
      supply: s.rig.supply.kind,
    },
    tries: () => easeLoad(e, share),
    most: s.drive.kind === 'none' ? 2 : 1,
  };
}

function* easeLoad(e: Evaluation, share: number): Iterable<Patch | null> {
  const { s } = e;
  // Amps so eased that a wire which melts the foam now no longer does help nobody; then only another gauge does.
  const eased = balanceAt(s, s.room, (e.idle.amps * EASY) / share, e.idle.airC);
  if (!s.melt || e.idle.airC <= s.melt.flowC || eased > s.melt.flowC) {
    yield easedDial(s, EASY / share);
    for (const more of [1, 1.3]) yield longer(s, (share / EASY) * more);
  }
  if (s.rig.wire.measuredOhm === null)
    for (const more of [1, 0.8]) {
      const thinner = soldUnder(s.rig.wire.diameterMm * Math.sqrt(EASY / share) * more);
      if (thinner !== null) yield { wire: { diameterMm: thinner } };
    }
  // Neither longer nor thinner alone: as much longer as the frame bears, and the gauge that suits it.
  const long = longer(s, MORE_WIRE);
  if (long && s.drive.kind !== 'clip')
    for (const more of [1, 0.8, 0.64]) {
      const thinner = soldUnder(s.rig.wire.diameterMm * Math.sqrt((EASY * MORE_WIRE) / share) * more);
      if (thinner !== null) yield { wire: { ...(long['wire'] as object), diameterMm: thinner } };
    }
}

/** How much more wire a frame bears, as a factor. */
const MORE_WIRE = 1.45;

/** Gauges that shops sell, and the thickest of them no thicker than `mm`; null under the thinnest. */
const SOLD = Array.from({ length: 12 }, (_, i) => Number((awgDiameter(16 + 2 * i) * 1000).toPrecision(3)));
const soldUnder = (mm: number) => SOLD.find((d) => d <= mm) ?? null;

function limitUnknown(e: Evaluation): Draft | null {
  return e.load.share === null
    ? { code: 'supply-limit-unknown', level: 'fix', values: { supply: e.s.rig.supply.kind } }
    : null;
}

function voltsShort(e: Evaluation): Draft | null {
  const { s } = e;
  const { drive } = s;
  const set = drive.setting;
  if (drive.kind === 'volts' && set !== null && set > drive.openVolts) {
    return {
      code: 'supply-volts-short',
      level: 'fix',
      values: { volts: drive.openVolts, setVolts: set, setAmps: null, amps: null },
      tries: () => [dial(s, drive.openVolts, 'down')],
    };
  }
  const short =
    drive.kind === 'amps' && set !== null && e.idle.amps < Math.min(set, drive.limitAmps) * (1 - 1e-6);
  if (!short) return null;
  return {
    code: 'supply-volts-short',
    level: 'fix',
    values: { volts: drive.openVolts, setVolts: null, setAmps: set, amps: e.idle.amps },
    tries: () => [dial(s, e.idle.amps * 0.995, 'down')],
  };
}
