import { runningAmps } from '../load';
import type { Draft } from './draft';
import { easedDial, longer } from './patches';
import type { Evaluation } from '../evaluation';

const RATED = new Set(['pwm', 'phase', 'scale', 'buck']);

/** A control whose greatest amps nobody has written down. */
export function limitUnknown(e: Evaluation): Draft | null {
  const { control: c } = e.s.rig;
  return RATED.has(c.kind) && c.ratedAmps === null
    ? { code: 'control-limit-unknown', level: 'fix', values: {} }
    : null;
}

/** A dimmer ahead of a transformer carries the primary's amps: by the ratio of volts, where its own volts are known. */
export function control(e: Evaluation): Draft | null {
  const { control: c } = e.s.rig;
  if (c.ratedAmps === null && c.ratedWatts === null) return null;
  const primary = c.kind === 'phase' && c.ratedVolts !== null ? e.s.drive.openVolts / c.ratedVolts : 1;
  const amps = (c.kind === 'buck' ? runningAmps(e) : e.load.worstAmps) * primary;
  // A transformer hands its watts on: those of the secondary are those of the dimmer.
  const watts =
    (c.kind === 'buck' ? e.s.drive.volts * runningAmps(e) : e.s.drive.openVolts * e.load.worstAmps) || 0;
  const byAmps = c.ratedAmps === null ? 0 : amps / c.ratedAmps;
  const byWatts = c.ratedWatts === null ? 0 : watts / c.ratedWatts;
  const load = Math.max(byAmps, byWatts);
  if (!(load > 0.8)) return null;
  return {
    code: 'control-overload',
    level: load > 1 ? 'stop' : 'fix',
    values:
      byAmps >= byWatts ? { amps, ratedAmps: c.ratedAmps, load } : { watts, ratedWatts: c.ratedWatts, load },
    *tries() {
      yield easedDial(e.s, 0.75 / load);
      for (const more of [1, 1.3]) yield longer(e.s, (load / 0.75) * more);
    },
  };
}
