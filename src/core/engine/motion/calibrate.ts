import type { Calibration, Drive } from '../../documents/keptMachine';
import {
  beltScale,
  correctedScale,
  outOfSquare,
  screwScale,
  skewOf,
  teethOf,
  turnScale,
  zeroAfter,
} from '../../physics/motion/scale';

/** What makes a result suspicious. */
export const DOUBTS = [
  'short-way',
  'no-whole-teeth',
  'not-its-lead',
  'large-change',
  'much-backlash',
  'switch-dead',
  'large-skew',
] as const;
export type Doubt = (typeof DOUBTS)[number];

/** A way shorter than this measures the gauge as much as the axis, mm. MACHINES.md 6.1. */
const LEAST_WAY_MM = 200;
/** A scale that changes by more was measured wrong, or steps are lost. Ours. */
const LARGE_CHANGE = 0.05;
/** Of what a screw's lead or a gear gives, a scale may be off by so much. As for teeth. */
const OF_LEAD = 0.01;
/** Backlash over this is felt in every corner, mm; a skew over this is seen, degrees. Ours. */
const MUCH_MM = 0.3;
const SKEW_DEG = 0.3;

/** What a measurement says. Angles in degrees; `turn` names the end that has to move, or be raised, and by how much. */
export interface Said {
  readonly doubts: readonly Doubt[];
  /** New steps a mm, new backlash, or new zero; null where nothing of the machine's document changes. */
  readonly now: number | null;
  readonly deg: number | null;
  readonly teeth: number | null;
  readonly move: { readonly end: 'left' | 'right'; readonly how: 'forward' | 'up'; readonly mm: number } | null;
}
const NOTHING: Said = { doubts: [], now: null, deg: null, teeth: null, move: null };
const deg = (rad: number) => (rad * 180) / Math.PI;
const when = (...doubts: (Doubt | false)[]) => doubts.filter((d): d is Doubt => d !== false);

/** The scale that a way commanded and measured gives, and whether its belt or screw could have it. */
export function scaleSaid(was: number, commandedMm: number, measuredMm: number, drive: Drive | null): Said {
  const now = correctedScale(was, commandedMm, measuredMm);
  const belt = drive?.by === 'belt' ? teethOf(now, drive.steps, drive.micro, drive.pitchMm) : null;
  const known = drive && drive.by !== 'belt' ? scaleBy(drive) : null;
  return {
    ...NOTHING,
    now,
    teeth: belt?.teeth ?? null,
    doubts: when(
      commandedMm < LEAST_WAY_MM && 'short-way',
      belt !== null && !belt.whole && 'no-whole-teeth',
      known !== null && Math.abs(now / known - 1) > OF_LEAD && 'not-its-lead',
      Math.abs(now / was - 1) > LARGE_CHANGE && 'large-change',
    ),
  };
}

/** Steps a mm by what drives an axis; through a gear, steps a degree. */
export function scaleBy(d: Drive): number {
  if (d.by === 'belt') return beltScale(d.steps, d.micro, d.pitchMm, d.teeth);
  return d.by === 'screw' ? screwScale(d.steps, d.micro, d.pitchMm) : turnScale(d.steps, d.micro, d.ratio);
}

/** What any measurement says of a machine whose towers stand so far apart. */
export function saidBy(c: Calibration, towersMm: number, drive: Drive | null = null): Said {
  switch (c.kind) {
    case 'scale':
      return scaleSaid(c.was, c.commandedMm, c.measuredMm, drive);
    case 'backlash':
      return { ...NOTHING, now: c.apartMm, doubts: when(c.apartMm > MUCH_MM && 'much-backlash') };
    case 'square': {
      const skew = deg(skewOf(c.aheadMm, towersMm));
      // The end that lags comes forward.
      const move =
        c.aheadMm === 0
          ? null
          : ({ end: c.aheadMm > 0 ? 'right' : 'left', how: 'forward', mm: Math.abs(c.aheadMm) } as const);
      return { ...NOTHING, deg: skew, move, doubts: when(Math.abs(skew) > SKEW_DEG && 'large-skew') };
    }
    case 'diagonals': {
      const off = deg(outOfSquare(c.diagonalsMm[0] - c.diagonalsMm[1], c.sidesMm[0], c.sidesMm[1]));
      return { ...NOTHING, deg: off, doubts: when(Math.abs(off) > SKEW_DEG && 'large-skew') };
    }
    case 'slab': {
      const [frontLeft, frontRight, backLeft, backRight] = c.cornersMm;
      // Thicker on the right: there the wire stands higher over the bed; the left end comes up by as much over the whole distance.
      const tilt = (frontRight + backRight - frontLeft - backLeft) / 2;
      const skew = deg(skewOf(tilt, c.acrossMm));
      const mm = (Math.abs(tilt) * towersMm) / c.acrossMm;
      const move = tilt === 0 ? null : ({ end: tilt > 0 ? 'left' : 'right', how: 'up', mm } as const);
      return { ...NOTHING, deg: skew, move, doubts: when(Math.abs(skew) > SKEW_DEG && 'large-skew') };
    }
    case 'switch':
      return { ...NOTHING, doubts: when(!c.stopped && 'switch-dead') };
    case 'zero':
      return { ...NOTHING, now: zeroAfter(c.was, c.measuredMm, c.wantedMm) };
  }
}
