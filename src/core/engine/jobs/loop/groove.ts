import type { JobOf } from '../../../documents/job';
import type { LoopShape } from '../../../documents/loopShapes';
import type { Level, Values } from '../../../documents/reading';
import type { JobFindingFigures } from '../../../documents/worksheet';
import type { JobCode } from '../../../documents/jobCodes';
import type { Pt } from '../../../numeric/polyline';
import { coolEndLength } from '../../../physics/time/coolEnd';
import { pocketPasses } from '../../../physics/making/loop';
import { lossSlope } from '../../airBalance';
import { HANDLING_S, wireVolts } from '../cut';
import { proven } from '../proven';
import { lengthAlong, loopLine } from './line';
import { stiffOf, type Stiff } from './stiff';
import { finding, heatStep, only, reads, SET_MM, step, withFoam, type JobWork, type KnownCut } from '../work';

/** Legs that stay cool above the foam, in lengths over which heat heals. MACHINES.md section 4. */
const COOL_LENGTHS = 3;

/** Wire along its middle in the foam at a depth, mm, for an outer width of the loop; sharp corners are passed over. */
export const loopInFoam = (
  shape: LoopShape,
  outer: number,
  depth: number,
  d: number,
  outline: readonly Pt[] | null = null,
): number => lengthAlong(loopLine(shape, Math.max(outer - d, d), Math.max(depth - d / 2, d), outline));

/** Length of each leg that stays cool above the foam, mm. */
export function coolMm({ e: { s, idle } }: KnownCut): number {
  return COOL_LENGTHS * coolEndLength(s.alloy.conductivity, s.area, lossSlope(s, idle.airC)) * 1000;
}

/** Outer width that fills the groove in one pass is not known before the kerf is: the rig is solved with the groove's own width. */
const firstWidth = (job: JobOf<'groove'>) => job.loopMm ?? job.widthMm;

/** Grooves and pockets with a shaped loop: MACHINES.md section 4. */
export const groove: JobWork<'groove'> = {
  use: (job, rig) => {
    const inFoam = loopInFoam(job.shape, firstWidth(job), job.depthMm, rig.wire.diameterMm, job.outline);
    return withFoam(rig, Math.min(inFoam, rig.wire.lengthMm), null);
  },
  most: null,
  work: (job, c) => {
    const grows = c.kerf - c.d;
    const outer = job.loopMm ?? Math.max(job.widthMm - grows, 2 * c.d);
    const cool = coolMm(c);
    const inFoam = loopInFoam(job.shape, outer, job.depthMm, c.d, job.outline);
    const wire = inFoam + 2 * cool;
    const foot = Math.max(outer - c.d, c.d) / 1000;
    const bend = stiffOf(c, job.depthMm / 1000, foot, job.toleranceMm / 1000);
    const slot = outer + grows;
    const passes = outer > 1 ? pocketPasses(job.widthMm, outer, slot) : 1;
    const apart = passes > 1 ? (job.widthMm - slot) / (passes - 1) : 0;
    const path = passes * job.lengthMm;
    return {
      values: {
        grooveWidthMm: passes > 1 ? job.widthMm : slot,
        grooveDepthMm: job.depthMm,
        loopMm: outer,
        wireMm: wire,
        inFoamMm: inFoam,
        coolMm: cool,
        deepestMm: job.depthMm + (c.rig.wire.lengthMm - wire) / 2,
        tipMm: bend.tip * 1000,
        stressMPa: bend.stress / 1e6,
        allowedMPa: bend.allowed / 1e6,
        passes,
        collarMm: job.depthMm - grows / 2,
        volts: wireVolts(c),
      },
      steps: [
        step(
          'bend-loop',
          { shape: job.outline ? 'own' : job.shape, loopMm: outer, wireMm: wire },
          reads(outer, 'mm', SET_MM),
        ),
        step('short-leads', {
          leadMm: c.rig.leads.lengthMm,
          areaMm2: c.rig.leads.areaMm2,
          amps: c.e.idle.amps,
        }),
        step('set-collar', { depthMm: job.depthMm - grows / 2 }, reads(job.depthMm - grows / 2, 'mm', SET_MM)),
        step('set-straight-edge', { halfMm: slot / 2 }),
        heatStep(c),
        ...(passes > 1 ? [step('passes', { passes, apartMm: apart })] : []),
        step(
          'draw-loop',
          { feedMmS: c.feed, lengthMm: job.lengthMm },
          reads(job.lengthMm / c.feed, 's', (0.1 * job.lengthMm) / c.feed),
        ),
        step('power-off'),
      ],
      parts: Array.from({ length: passes }, (_, i) => ({
        name: String(i + 1),
        atMm: slot / 2 + i * apart,
        lengthMm: job.lengthMm,
        board: null,
      })),
      timeS: c.warmUpS + passes * HANDLING_S + path / c.feed,
      findings: only(
        bend.tip * 1000 > job.toleranceMm &&
          bends(c, bend, 'loop-bends', 'fix', { tipMm: bend.tip * 1000, toleranceMm: job.toleranceMm }),
        bend.stress > bend.allowed &&
          bends(c, bend, 'loop-overstressed', 'stop', {
            stressMPa: bend.stress / 1e6,
            allowedMPa: bend.allowed / 1e6,
          }),
        wire > c.rig.wire.lengthMm * 1.02 &&
          finding('loop-too-short', 'fix', { wireMm: wire, haveMm: c.rig.wire.lengthMm }),
        slot > job.widthMm + 1e-6 + job.toleranceMm &&
          finding('loop-too-wide', 'fix', {
            grooveMm: slot,
            widthMm: job.widthMm,
            loopMm: job.widthMm - grows,
          }),
      ),
    };
  },
};

/** A finding on the bend of a loop, with the feed, the wire and the depth that would hold; the feed as a fix. */
function bends(c: KnownCut, b: Stiff, code: JobCode, level: Level, values: Values): JobFindingFigures {
  const { feedMmS, wireMm, stepMm } = b;
  const fixes = feedMmS === null ? [] : proven(c.rig, { cut: { feedMmS } });
  return { ...finding(code, level, { ...values, feedMmS, wireMm, stepMm }), fixes };
}
