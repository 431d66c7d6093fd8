import { FOAMS } from '../catalog/foams';
import type { Reading } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { cuttingResistance, ohmAt } from './setup';
import { timesOf } from './times';
import type { Evaluation } from './evaluation';

/** Model error that all cuts of a bench share, one sd of the logarithm. */
export const SHARED_SD = 0.05;
/** One sd of the logarithm of the current for a temperature (PHYSICS.md section 10). */
export const AMPS_SD = 0.1;

/** x as a range of one sd of its logarithm: [x·e^−s, x·e^s]. */
export function range(x: number, sd: number): [number, number] {
  return [x * Math.exp(-sd), x * Math.exp(sd)];
}

/** What a control holds is exact: it has no range. */
const held = (x: number): [number, number] => [x, x];

/** The sd of the logarithm of feeds and kerf that is shown for a rig. */
export function feedSd(rig: Rig): number {
  return Math.hypot(rig.foam.tuningSd, SHARED_SD);
}

/** Writes an evaluation as the reading document, findings left empty. */
export function toReading(e: Evaluation): Reading {
  const { s } = e;
  const known = !e.off;
  const sd = feedSd(s.rig);
  return {
    format: 'upwind-rod/reading',
    version: 1,
    cold: { wireOhm: ohmAt(s, s.room.airC) },
    idle: known ? idleOf(e) : null,
    cutting: known ? cuttingOf(e) : null,
    supply: {
      load: e.load.share,
      leastOhm: e.load.leastOhm,
      holds: e.load.share !== null ? e.load.share <= 1 : null,
    },
    time: known ? timeOf(e) : null,
    tension: tensionPart(e),
    battery: known ? e.battery : null,
    spread: known
      ? {
          amps: e.idle.cutAmps === s.drive.heldAmps ? held(e.idle.cutAmps) : range(e.idle.cutAmps, AMPS_SD),
          kerfMm: e.cut ? range(e.cut.width * 1000, sd) : null,
          fastestFeedMmS: e.window.fastest ? range(e.window.fastest.feed * 1000, sd) : null,
        }
      : null,
    findings: [],
  };
}

const mm = (m: number | null) => (m === null ? null : m * 1000);

function tensionPart({ tension: t }: Evaluation): Reading['tension'] {
  return {
    coldN: t.coldN,
    hotN: t.hotN,
    growthMm: mm(t.growth),
    stressMPa: t.stress === null ? null : t.stress / 1e6,
    strengthMPa: t.strength === null ? null : t.strength / 1e6,
    use: t.use,
    pluckHz: t.pluckHz,
    slackMm: mm(t.slack),
  };
}

function timeOf(e: Evaluation): Reading['time'] {
  const t = timesOf(e);
  return (
    t && {
      warmUpS: t.warmUp,
      coolDownS: t.coolDown,
      resettleS: t.resettle,
      settleMm: t.settle === null ? null : t.settle * 1000,
    }
  );
}

function idleOf(e: Evaluation): NonNullable<Reading['idle']> {
  const { s } = e;
  const drive = s.drive;
  const { amps, airC } = e.idle;
  const ohm = ohmAt(s, airC);
  const source = drive.heldAmps === null ? drive.volts : amps * (ohm + drive.restOhm);
  const peak = drive.pulsed ? (amps > 0 ? drive.openVolts / (drive.restOhm + ohm) : 0) : amps * drive.peak;
  return {
    amps,
    peakAmps: peak,
    supplyVolts:
      drive.kind === 'buck'
        ? drive.openVolts
        : Math.min(source - amps * drive.internalOhm, amps * (ohm + drive.leadOhm)),
    wireVolts: amps * ohm,
    wireOhm: ohm,
    wireWatts: amps * amps * ohm,
    wattsPerM: (amps * amps * ohm) / s.length,
    wireC: airC,
    leadWatts: amps * amps * drive.leadOhm,
  };
}

function cuttingOf(e: Evaluation): NonNullable<Reading['cutting']> {
  const { s, cut, window } = e;
  const { cutAmps: amps, cutAirC: airC } = e.idle;
  const hasHeat = FOAMS[s.rig.foam.kind].heat !== null && s.melt !== null;
  const foamC = cut ? cut.foamC : hasHeat ? airC : null;
  return {
    amps,
    wireVolts: amps * cuttingResistance(s, airC, foamC ?? airC),
    wattsPerM: cut ? cut.heat : hasHeat ? 0 : null,
    airC,
    foamC,
    kerfMm: cut ? cut.width * 1000 : null,
    fastestFeedMmS: window.fastest ? window.fastest.feed * 1000 : null,
    slowestFeedMmS: window.slowest === null ? null : window.slowest * 1000,
    reserve: e.reserve,
    dragNPerM: e.tension.drag,
    lagMm: mm(e.tension.lag),
    cornerWaitS: e.tension.wait,
  };
}
