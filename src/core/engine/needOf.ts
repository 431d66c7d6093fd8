import type { NeedFigures } from '../documents/need';
import type { Rig } from '../documents/rig';
import { lengthForFastest, ampsForFastest, settingForFastest } from './need';
import { drafts, figuresOf } from './drafts';
import { evaluate } from './evaluate';
import { cutFindings } from './findings/cut';
import { modelFindings } from './findings/model';
import { robustFindings } from './findings/robust';
import { tensionFindings } from './findings/tension';
import { wireFindings } from './findings/wire';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';

/** What can be said against a rig whose supply and control are not given. */
const UNPOWERED = [wireFindings, tensionFindings, cutFindings, robustFindings, modelFindings];

/**
 * The need of a cut at feed / reserve: see the document. The rig described is the one with the setting found (`powered`: its own
 * supply and control), or with those amps held; kerf and temperatures are what `solve` gives for it. No setting is given to a
 * rig that a finding stops.
 */
export function need(rig: Rig, powered: boolean): NeedFigures {
  const s = setUp(rig);
  const feed = s.feed;
  const found = feed === null ? null : ampsForFastest(s, feed / s.reserve);
  const empty = { format: 'upwind-rod/need', version: 1 } as const;
  if (feed === null || !found)
    return {
      ...empty,
      amps: null,
      wireVolts: null,
      supplyVolts: null,
      watts: null,
      wattsPerM: null,
      airC: null,
      foamC: null,
      kerfMm: null,
      ohmHot: null,
      setting: null,
      findings: drafts(evaluate(rig)).map(figuresOf),
    };
  const { amps } = found;
  const setting = powered ? settingFound(rig, feed / s.reserve) : null;
  const described: Rig = powered
    ? { ...rig, control: { ...rig.control, setting: setting ?? rig.control.setting } }
    : { ...rig, control: { ...rig.control, kind: 'amps', setting: amps } };
  const e = evaluate(described);
  const findings = drafts(e, powered ? undefined : UNPOWERED);
  const stopped = findings[0]?.level === 'stop';
  // Where no setting reaches it, the amps are told all the same: those held.
  const held = powered && setting === null ? evaluate(heldRig(rig, amps)) : e;
  const airC = held.idle.cutAirC;
  const ohmHot = new OperatingPointSolver(held.s).cuttingResistance(airC, held.cut?.foamC ?? airC);
  const outside = powered ? s.drive.restOhm : s.drive.leadOhm;
  return {
    ...empty,
    amps,
    wireVolts: amps * ohmHot,
    supplyVolts: amps * (ohmHot + outside),
    watts: amps * amps * ohmHot,
    wattsPerM: held.cut?.heat ?? null,
    airC,
    foamC: held.cut?.foamC ?? null,
    kerfMm: held.cut ? held.cut.width * 1000 : null,
    ohmHot,
    setting: stopped ? null : setting,
    findings: findings.map(figuresOf),
  };
}

/** A clip's setting is the heated length. */
function settingFound(rig: Rig, fastest: number): number | null {
  const s = setUp(rig);
  if (rig.control.kind !== 'clip') return settingForFastest(s, fastest);
  const metres = lengthForFastest(s, fastest);
  return metres !== null && metres * 1000 <= rig.wire.lengthMm ? metres * 1000 : null;
}

const heldRig = (rig: Rig, amps: number): Rig => ({
  ...rig,
  supply: { ...rig.supply, kind: 'bench', volts: 500, maxAmps: 500, battery: undefined },
  control: { ...rig.control, kind: 'amps', setting: amps },
});
