import { ALLOY_IDS, ALLOYS, type AlloyId } from '../../catalog/alloys';
import type { HeatCause, HeatStep } from '../../documents/event';
import type { Rig } from '../../documents/rig';
import { ohmPerMetre, setUp, ohmAt } from '../setup';
import { OperatingPointSolver } from '../states';
import { AS_BOUGHT, atSetting, coldOhm, MEASURED, METER, ohmShift } from './plan';

/** A cause weighed against what was read: its share of all, its size, and what of the rig it would correct. */
export interface WeighedCause {
  readonly cause: HeatCause;
  /** 0 to 1; all causes together 1. */
  readonly share: number;
  /** mm, mm, Ω, A, V or null by the cause: gauge, length, contact, folds-back, supply-volts. */
  readonly size: number | null;
  readonly alloy: AlloyId | null;
  readonly patch: Readonly<Record<string, Readonly<Record<string, unknown>>>> | null;
}

export interface HeatVerdict {
  readonly causes: readonly WeighedCause[];
  /** Mean square of what the likeliest leaves over, in its own spread: about 1 where it explains the readings. */
  readonly leftOver: number;
}

/** How readily a bench would think of each before anything is read. Ours. */
const PRIOR: Record<HeatCause, number> = {
  'as-drawn': 0.55,
  gauge: 0.13,
  length: 0.09,
  contact: 0.07,
  alloy: 0.05,
  'folds-back': 0.05,
  'supply-volts': 0.05,
  averaging: 0.25,
};
/** Diameter over diameter of neighbouring American gauges (ASTM B258): the 39th root of 92. */
const GAUGE_STEP = 92 ** (1 / 39);
const FURTHER = 0.6;
const GRID = 24;
/** Where ohms were measured, a wrong gauge or alloy would have shown then. */
const KNOWN_OHMS = 0.2;
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

interface Guess {
  readonly cause: HeatCause;
  readonly weight: number;
  readonly size: number | null;
  readonly alloy: AlloyId | null;
  readonly rig: Rig;
  readonly limitAmps?: number;
  readonly averages?: boolean;
  readonly patch: WeighedCause['patch'];
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

/** Everything that could be otherwise than drawn, with its sizes. */
function guesses(rig: Rig, read: readonly HeatStep[]): Guess[] {
  const plain = { size: null, alloy: null, patch: null } as const;
  const known = rig.wire.measuredOhm === null ? 1 : KNOWN_OHMS;
  const out: Guess[] = [{ cause: 'as-drawn', weight: PRIOR['as-drawn'], rig, ...plain }];
  const spread = <T>(
    cause: HeatCause,
    items: readonly T[],
    weigh: (t: T) => number,
    make: (t: T) => Omit<Guess, 'cause' | 'weight'>,
  ) => {
    const all = items.reduce((s, t) => s + weigh(t), 0);
    for (const t of items) out.push({ cause, weight: (PRIOR[cause] * weigh(t)) / all, ...make(t) });
  };
  const ends = Array.from({ length: GRID }, (_, i) => i / (GRID - 1));
  const steps = [-6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6];
  spread(
    'gauge',
    steps,
    (k) => known * FURTHER ** (Math.abs(k) - 1),
    (k) => {
      const diameterMm = Number((rig.wire.diameterMm * GAUGE_STEP ** k).toPrecision(3));
      const wire = { diameterMm, measuredOhm: null };
      return { ...plain, size: diameterMm, rig: { ...rig, wire: { ...rig.wire, ...wire } }, patch: { wire } };
    },
  );
  spread(
    'alloy',
    ALLOY_IDS.filter((a) => differs(a, rig.wire.alloy)),
    () => known,
    (alloy) => {
      const wire = { alloy, measuredOhm: null };
      return { ...plain, alloy, rig: { ...rig, wire: { ...rig.wire, ...wire } }, patch: { wire } };
    },
  );
  const clip = rig.control.kind === 'clip';
  spread(
    'length',
    ends.map((u) => 0.5 * 3.2 ** u).filter((f) => Math.abs(f - 1) > 0.04),
    (f) => Math.exp(-0.5 * (Math.log(f) / 0.25) ** 2),
    (f) => {
      const lengthMm = Number((rig.wire.lengthMm * f).toPrecision(3));
      return {
        ...plain,
        size: clip ? null : lengthMm,
        rig: clip
          ? scaledClip(rig, f)
          : {
              ...rig,
              wire: { ...rig.wire, lengthMm, measuredOhm: rig.wire.measuredOhm && rig.wire.measuredOhm * f },
            },
      };
    },
  );
  const cold = coldOhm(setUp(rig));
  spread(
    'contact',
    ends.map((u) => cold * 0.03 * 50 ** u),
    () => 1,
    (more) => {
      const leads = { ...rig.leads, contactOhm: rig.leads.contactOhm + more };
      return { ...plain, size: Number(more.toPrecision(2)), rig: { ...rig, leads } };
    },
  );
  const kind = rig.supply.kind;
  if (kind === 'bench' || kind === 'brick' || kind === 'computer-supply' || kind === 'charger') {
    const most = Math.max(
      ...read.map((s) => new OperatingPointSolver(setUp(atSetting(rig, s.setting))).idle().amps),
    );
    spread(
      'folds-back',
      ends.map((u) => most * (0.3 + 0.66 * u)),
      () => 1,
      (limit) => {
        const maxAmps = Number(limit.toPrecision(2));
        return { ...plain, size: maxAmps, rig, limitAmps: limit, patch: { supply: { maxAmps } } };
      },
    );
  }
  const own = rig.control.kind;
  if (own !== 'volts' && own !== 'amps' && own !== 'buck')
    spread(
      'supply-volts',
      ends.map((u) => 0.45 * 3.2 ** u).filter((f) => Math.abs(f - 1) > 0.04),
      () => 1,
      (f) => {
        const volts = Number((setUp(rig).drive.openVolts * f).toPrecision(3));
        const supply = { ...rig.supply, volts, battery: undefined };
        return {
          ...plain,
          size: volts,
          rig: { ...rig, supply },
          patch: rig.supply.battery ? null : { supply: { volts } },
        };
      },
    );
  if (own === 'pwm') out.push({ cause: 'averaging', weight: PRIOR.averaging, rig, averages: true, ...plain });
  return out;
}

/** Alloys whose ohms are not as good as the same. */
function differs(a: AlloyId, b: AlloyId): boolean {
  return a !== b && Math.abs(Math.log(ALLOYS[a].rho20 / ALLOYS[b].rho20)) > 0.02;
}

/** A rig whose clip sits elsewhere than its setting says: the whole wire stands for the part between the clips. */
function scaledClip(rig: Rig, f: number): Rig {
  const ohm = rig.wire.measuredOhm;
  return {
    ...rig,
    wire: {
      ...rig.wire,
      measuredOhm:
        ohm === null
          ? (ohmPerMetre(
              setUp({ ...rig, control: { ...rig.control, setting: rig.wire.lengthMm } }),
              rig.room.airC,
            ) *
              rig.wire.lengthMm *
              f) /
            1000
          : ohm * f,
    },
  };
}
