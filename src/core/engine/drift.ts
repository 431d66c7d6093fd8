import type { Rig } from '../documents/rig';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';
import { evidenceOf, type RigCut } from './tune';

export type DriftCode = 'battery' | 'room' | 'wire' | 'new-wire' | 'old' | 'trend';

/** Why a recipe may no longer hold. `share`: by how much the max feed is changed by it; null where that is not known. */
export interface Drift {
  readonly code: DriftCode;
  readonly share: number | null;
  readonly days: number | null;
}

/** A change of the max feed under this is not worth a word; a last cut older than this is old. Ours. */
const WORTH = 0.03;
const OLD_DAYS = 90;
/** The latest cuts that are held against the ones before. */
const LATEST = 3;
const DAY = 86_400_000;

const fastest = (rig: Rig): number | null => {
  const s = setUp(rig);
  return s.melt ? (new OperatingPointSolver(s).atWidth(s.diameter)?.feed ?? null) : null;
};
/** Share by which `change` alters what `rig` does. */
function effect(rig: Rig, was: Rig): number | null {
  const [now, before] = [fastest(rig), fastest(was)];
  return now === null || before === null || !(before > 0) ? null : now / before - 1;
}
const mean = (xs: readonly number[]) => xs.reduce((a, b) => a + b, 0) / xs.length;

/**
 * What has drifted since the cuts that a recipe stands on: a battery with less in it, a warmer or colder room, wire of other ohms or
 * gauge, a new wire, months without a cut, and a trend in what the cuts themselves told. `hungAt`, `now` in ms. Pure.
 */
export function driftOf(rig: Rig, cuts: readonly RigCut[], hungAt: number | null, now: number): Drift[] {
  if (cuts.length === 0) return [];
  const out: Drift[] = [];
  const add = (code: DriftCode, share: number | null, days: number | null = null) =>
    out.push({ code, share, days });
  const sorted = [...cuts].sort((a, b) => Date.parse(a.cut.at) - Date.parse(b.cut.at));
  const last = sorted[sorted.length - 1]!;
  const { battery } = rig.supply;
  const charges = sorted.flatMap((c) => c.rig.supply.battery?.charge ?? []);
  if (battery && charges.length > 0) {
    const was = { ...rig, supply: { ...rig.supply, battery: { ...battery, charge: mean(charges) } } };
    const share = effect(rig, was);
    if (share !== null && Math.abs(share) > WORTH) add('battery', share);
  }
  const share = effect(rig, { ...rig, room: { ...rig.room, airC: mean(sorted.map((c) => c.rig.room.airC)) } });
  if (share !== null && Math.abs(share) > WORTH) add('room', share);
  const wire = { ...rig.wire, diameterMm: last.rig.wire.diameterMm, measuredOhm: last.rig.wire.measuredOhm };
  const byWire = effect(rig, { ...rig, wire });
  if (byWire !== null && Math.abs(byWire) > WORTH) add('wire', byWire);
  const at = Date.parse(last.cut.at);
  if (hungAt !== null && hungAt > at) add('new-wire', null);
  const days = Math.floor((now - at) / DAY);
  if (days >= OLD_DAYS) add('old', null, days);
  const trend = trendOf(sorted);
  if (trend !== null) add('trend', trend);
  return out;
}

/** By how much the latest timed cuts and kerfs stand off those before: e^−Δθ − 1 of the max feed, where that is past two sd. */
function trendOf(sorted: readonly RigCut[]): number | null {
  const seen = sorted.flatMap((c) => evidenceOf(c).filter((e) => e.kind === 'seen'));
  if (seen.length < 2 * LATEST) return null;
  const late = seen.slice(-LATEST);
  const early = seen.slice(0, -LATEST);
  const off = mean(late.map((e) => e.theta)) - mean(early.map((e) => e.theta));
  const spread = (list: typeof seen) => mean(list.map((e) => e.sd ** 2)) / list.length;
  return Math.abs(off) > 2 * Math.sqrt(spread(late) + spread(early)) ? Math.expm1(-off) : null;
}
