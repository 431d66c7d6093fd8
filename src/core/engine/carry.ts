import type { Control } from '../documents/control';
import type { Rig } from '../documents/rig';
import type { Supply } from '../documents/supply';
import { evaluate } from './evaluate';
import { tidy, type Draft } from './findings/draft';
import { settingForFastest } from './need';
import { AMPS_SD, range, SHARED_SD } from './reading';
import { setUp } from './setup';
import { drafts } from './solve';
import { type Tuning } from './tune';
import { tuned } from './tuned';

/** What is to be other than where the recipe was found. */
export interface CarryTo {
  readonly widthMm?: number;
  readonly wire?: Pick<Rig['wire'], 'alloy' | 'diameterMm' | 'strands' | 'measuredOhm'>;
  readonly supply?: { readonly supply: Supply; readonly control: Control['kind'] };
}

/** A recipe carried over. Null feeds and amps where it does not cut there. */
export interface Carried {
  readonly rig: Rig;
  readonly setting: number | null;
  readonly feedMmS: number | null;
  readonly amps: readonly [number, number] | null;
  readonly kerfMm: number | null;
  /** Shown sd of feeds and kerf there. */
  readonly sd: number;
  readonly stops: readonly Draft[];
  /** The wire is lengthened with the foam, keeping the room at its ends. */
  readonly lengthMm: number;
}

/** Sd added to a tuning of the same foam on another wire: its surface and gauge are in the factor too. Ours. */
export const OTHER_WIRE_SD = 0.15;

/** The dial of a control that starts from nothing known. */
const START: Partial<Record<Control['kind'], number>> = {
  volts: 1,
  amps: 0.5,
  pwm: 0.5,
  scale: 0.5,
  buck: 1,
  phase: 90,
};

/**
 * A tuned recipe on another width, wire or supply: the same feed, the setting that has it in hand as before. What the foam takes
 * (κ) goes along; on another wire with a wider spread. Pure.
 */
export function transferRecipe(rig: Rig, tuning: Tuning, to: CarryTo): Carried {
  const there = withChanges(rig, to);
  const wide = to.wire ? Math.hypot(tuning.logSd, OTHER_WIRE_SD) : tuning.logSd;
  const with_ = tuning.used === 0 ? there : tuned(there, { ...tuning, logSd: wide });
  const here = evaluate(tuned(rig, tuning));
  const feed = here.feed;
  const s = setUp(with_);
  const found = feed === null || with_.control.kind === 'none' ? null : settingForFastest(s, feed / s.reserve);
  const setting = found === null ? with_.control.setting : tidy(found, 3, 'near');
  const feedMmS = feed === null ? null : feed * 1000;
  const set: Rig = { ...with_, control: { ...with_.control, setting }, cut: { ...with_.cut, feedMmS } };
  const e = evaluate(set);
  return {
    rig: { ...set, foam: { ...set.foam, tuning: 1, tuningSd: 0.35 } },
    setting,
    feedMmS: e.cut ? feedMmS : null,
    amps: e.off ? null : range(e.idle.cutAmps, AMPS_SD),
    kerfMm: e.cut ? e.cut.width * 1000 : null,
    sd: tuning.used === 0 ? Math.hypot(0.35, SHARED_SD) : Math.hypot(wide, SHARED_SD),
    stops: drafts(e).filter((d) => d.level === 'stop'),
    lengthMm: set.wire.lengthMm,
  };
}

function withChanges(rig: Rig, to: CarryTo): Rig {
  const widthMm = to.widthMm ?? rig.foam.widthMm;
  const lengthMm = Math.min(20000, Math.max(1, rig.wire.lengthMm + widthMm - rig.foam.widthMm));
  const own = rig.wire.measuredOhm;
  const measuredOhm = own === null ? null : Number(((own * lengthMm) / rig.wire.lengthMm).toPrecision(4));
  const kind = to.supply?.control ?? rig.control.kind;
  const control: Control = !to.supply
    ? rig.control.kind === 'clip'
      ? { ...rig.control, setting: Math.min(lengthMm, rig.control.setting ?? lengthMm) }
      : rig.control
    : kind === 'clip' || kind === 'none'
      ? { ...rig.control, kind, setting: kind === 'clip' ? lengthMm : null }
      : { ...rig.control, kind, setting: START[kind] ?? rig.control.setting ?? 1 };
  return {
    ...rig,
    foam: { ...rig.foam, widthMm },
    wire: { ...rig.wire, lengthMm, measuredOhm, ...to.wire },
    ...(to.supply ? { supply: to.supply.supply } : {}),
    control,
  };
}
