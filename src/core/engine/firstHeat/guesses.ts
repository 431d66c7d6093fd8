import { ALLOY_IDS, ALLOYS, type AlloyId } from '../../catalog/alloys';
import type { HeatCause, HeatStep } from '../../documents/event';
import type { Rig } from '../../documents/rig';
import { setUp } from '../setup';
import { OperatingPointSolver } from '../states';
import { atSetting, coldOhm } from './plan';
import { PRIOR, type Guess } from './guess';
import { scaledClip } from './scaledClip';

/** Diameter over diameter of neighbouring American gauges (ASTM B258): the 39th root of 92. */
const GAUGE_STEP = 92 ** (1 / 39);
const FURTHER = 0.6;
const GRID = 24;
/** Where ohms were measured, a wrong gauge or alloy would have shown then. */
const KNOWN_OHMS = 0.2;

/** Everything that could be otherwise than drawn, with its sizes. */
export function guesses(rig: Rig, read: readonly HeatStep[]): Guess[] {
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
