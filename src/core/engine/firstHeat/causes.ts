import type { HeatCause, HeatStep } from '../../documents/event';
import type { Rig } from '../../documents/rig';
import { setUp, ohmAt } from '../setup';
import { OperatingPointSolver } from '../states';
import { AS_BOUGHT, atSetting, MEASURED, METER, ohmShift } from './plan';
import { PRIOR, type WeighedCause, type Guess } from './guess';
import { guesses } from './guesses';

export interface HeatVerdict {
  readonly causes: readonly WeighedCause[];
  /** Mean square of what the likeliest leaves over, in its own spread: about 1 where it explains the readings. */
  readonly leftOver: number;
}
/** Over this the likeliest cause does not explain what was read. Ours: three sd. */
export const UNEXPLAINED = 9;

/** What one reading should be, and how it moves with ln ohms a metre. */
interface Predicted {
  readonly lnAmps: number;
  readonly lnClip: number;
  readonly lnDisplay: number;
  readonly ampsMove: number;
  readonly voltsMove: number;
  readonly shift: number;
}

/**
 * Causes of what a meter read in a first heat, the likeliest first, by Bayes' rule: every cause predicts amps and volts at each
 * setting by solving the rig with that cause in it; readings scatter by meter and dial (2 % each), and ohms a metre as bought by
 * 5 % in common to all. Pure; null where nothing was read.
 */
export function weighCauses(
  rig: Rig,
  steps: readonly HeatStep[],
  voltsAt: 'display' | 'clips',
): HeatVerdict | null {
  const read = steps.filter((s) => s.amps !== null || s.volts !== null);
  if (read.length === 0) return null;
  const sdOhm = rig.wire.measuredOhm === null ? AS_BOUGHT : MEASURED;
  const weighed = guesses(rig, read).map((g) => ({ g, ...fit(g, read, voltsAt, sdOhm) }));
  const top = Math.max(...weighed.map((w) => w.log + Math.log(w.g.weight)));
  const odds = weighed.map((w) => w.g.weight * Math.exp(w.log - top));
  const all = odds.reduce((s, x) => s + x, 0);
  const causes = (Object.keys(PRIOR) as HeatCause[]).flatMap((cause) => {
    const of = weighed.map((w, i) => ({ ...w, odds: odds[i]! })).filter((w) => w.g.cause === cause);
    if (of.length === 0) return [];
    const best = of.reduce((a, b) => (b.odds > a.odds ? b : a));
    const share = of.reduce((s, w) => s + w.odds, 0) / all;
    return [{ cause, share, size: best.g.size, alloy: best.g.alloy, patch: best.g.patch, left: best.left }];
  });
  causes.sort((a, b) => b.share - a.share);
  return { causes: causes.map(({ left: _, ...c }) => c), leftOver: causes[0]!.left };
}

/** ln likelihood of the readings under a guess with ohms a metre out by an unknown common share (closed form), and the mean square left. */
function fit(
  g: Guess,
  read: readonly HeatStep[],
  voltsAt: 'display' | 'clips',
  sdOhm: number,
): { log: number; left: number } {
  let [rr, rs, ss, n, logs] = [0, 0, 0, 0, 0];
  const add = (r: number, move: number, sd: number) => {
    const w = 1 / (sd * sd);
    rr += w * r * r;
    rs += w * r * move;
    ss += w * move * move;
    logs -= Math.log(sd);
    n++;
  };
  for (const step of read) {
    const p = predict(g, step.setting);
    const sd = Math.hypot(METER, METER, p.shift);
    if (step.amps !== null) add(Math.log(step.amps) - p.lnAmps, p.ampsMove, sd);
    if (step.volts !== null)
      add(Math.log(step.volts) - (voltsAt === 'clips' ? p.lnClip : p.lnDisplay), p.voltsMove, sd);
  }
  const pull = 1 / (sdOhm * sdOhm) + ss;
  const left = rr - (rs * rs) / pull;
  return { log: logs - 0.5 * left - 0.5 * Math.log(sdOhm * sdOhm * pull), left: left / n };
}

function predict(g: Guess, setting: number | null): Predicted {
  const s = setUp(atSetting(g.rig, setting));
  const limit = Math.min(s.drive.limitAmps, g.limitAmps ?? Infinity);
  const { amps, airC } = new OperatingPointSolver(s, limit).idle();
  const ohm = ohmAt(s, airC);
  const held = amps >= 0.999 * limit;
  const rest = s.drive.restOhm / (s.drive.restOhm + ohm);
  const averaged = g.averages && s.rig.control.kind === 'pwm' ? 0.5 * Math.log(s.rig.control.setting ?? 1) : 0;
  const lnAmps = Math.log(Math.max(1e-9, amps));
  return {
    lnAmps: lnAmps + averaged,
    lnClip: lnAmps + Math.log(ohm) + averaged,
    lnDisplay: lnAmps + Math.log(ohm + s.drive.leadOhm) + averaged,
    ampsMove: held ? 0 : rest - 1,
    voltsMove: held ? 1 : rest,
    shift: ohmShift(s, amps, airC),
  };
}
