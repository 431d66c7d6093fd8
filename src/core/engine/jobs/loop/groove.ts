import type { JobOf, LoopShape } from '../../../documents/job';
import { coolEndLength } from '../../../physics/time/coolEnd';
import { HOT_MODULUS, loopBend, pocketPasses } from '../../../physics/making/loop';
import { shapedLoop } from '../../../physics/wire/shapedLoop';
import { tensileStrength } from '../../../physics/wire/strength';
import { lossSlope } from '../../airBalance';
import { HANDLING_S } from '../cut';
import { finding, heatStep, only, reads, SET_MM, step, withFoam, type JobWork } from '../work';

/** Legs that stay cool above the foam, in lengths over which heat heals. MACHINES.md section 4. */
const COOL_LENGTHS = 3;
/** Share of the hot yield that a loop's foot may be bent to. MACHINES.md section 4. */
const STRESS_SHARE = 0.5;

/** Wire along its middle in the foam at a depth, mm, for an outer width of the loop. Geometry; round corners are passed over. */
export function loopInFoam(shape: LoopShape, outer: number, depth: number, d: number): number {
  const width = Math.max(outer - d, d);
  const deep = Math.max(depth - d / 2, d);
  if (shape === 'vee') return 2 * Math.hypot(width / 2, deep);
  if (shape === 'half-round' || shape === 'u') {
    // A half-round foot takes half its width of the depth; a shallower one is an arc, as long as the chord and its rise allow.
    if (deep < width / 2) return arcOf(width, deep);
    return shapedLoop(width, deep);
  }
  return 2 * deep + width;
}

/** Length of an arc over a chord with a rise, for a rise up to half the chord. Geometry. */
function arcOf(chord: number, rise: number): number {
  const radius = (chord * chord) / (8 * rise) + rise / 2;
  return 2 * radius * Math.asin(Math.min(1, chord / (2 * radius)));
}

/** Outer width that fills the groove in one pass is not known before the kerf is: the rig is solved with the groove's own width. */
const firstWidth = (job: JobOf<'groove'>) => job.loopMm ?? job.widthMm;

/** Grooves and pockets with a shaped loop: MACHINES.md section 4. */
export const groove: JobWork<'groove'> = {
  use: (job, rig) => {
    const inFoam = loopInFoam(job.shape, firstWidth(job), job.depthMm, rig.wire.diameterMm);
    return withFoam(rig, Math.min(inFoam, rig.wire.lengthMm), null);
  },
  most: null,
  work: (job, c) => {
    const grows = c.kerf - c.d;
    const outer = job.loopMm ?? Math.max(job.widthMm - grows, 2 * c.d);
    const { s, idle } = c.e;
    const cool = COOL_LENGTHS * coolEndLength(s.alloy.conductivity, s.area, lossSlope(s, idle.airC)) * 1000;
    const inFoam = loopInFoam(job.shape, outer, job.depthMm, c.d);
    const wire = inFoam + 2 * cool;
    const foot = Math.max(outer - c.d, c.d) / 1000;
    const bend = loopBend(c.drag ?? 0, job.depthMm / 1000, foot, s.diameter, HOT_MODULUS * s.alloy.youngs);
    const yields = s.alloy.yieldFraction * tensileStrength(s.alloy, s.strand, idle.airC);
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
        allowedMPa: (STRESS_SHARE * yields) / 1e6,
        passes,
        collarMm: job.depthMm - grows / 2,
        volts: c.e.idle.amps * c.e.s.drive.restOhm,
      },
      steps: [
        step('bend-loop', { shape: job.shape, loopMm: outer, wireMm: wire }, reads(outer, 'mm', SET_MM)),
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
          finding('loop-bends', 'fix', { tipMm: bend.tip * 1000, toleranceMm: job.toleranceMm }),
        bend.stress > STRESS_SHARE * yields &&
          finding('loop-overstressed', 'stop', {
            stressMPa: bend.stress / 1e6,
            allowedMPa: (STRESS_SHARE * yields) / 1e6,
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
