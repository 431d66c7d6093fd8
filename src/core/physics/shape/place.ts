import type { Pt } from '../../numeric/polyline';

/** How a section in chords is laid out at one end of a piece. Twist over 0 lifts the tail (washout at a tip). */
export interface Placing {
  readonly chord: number;
  readonly thicknessScale: number;
  readonly twistDeg: number;
  /** The point twisted about, in chords. */
  readonly about: Pt;
  /** Where the nose goes, in the unit of the chord. */
  readonly offset: Pt;
}

/**
 * Lays out a section: thickness scaled, chord, turned about a point, moved. A point rises by (x − x0)·c·sin ε and its height turns
 * with it: a plain rotation, as templates turn.
 */
export function placed(section: readonly Pt[], p: Placing): Pt[] {
  const a = (p.twistDeg * Math.PI) / 180;
  const sin = Math.sin(a);
  const cos = Math.cos(a);
  const cx = p.about[0] * p.chord;
  const cy = p.about[1] * p.chord * p.thicknessScale;
  return section.map(([x, y]) => {
    const dx = x * p.chord - cx;
    const dy = y * p.chord * p.thicknessScale - cy;
    return [cx + dx * cos - dy * sin + p.offset[0], cy + dx * sin + dy * cos + p.offset[1]];
  });
}

/** How far a tail rises for a twist of ε degrees about a share x0 of a chord: (1 − x0)·c·sin ε. */
export function tailRise(chord: number, about: number, twistDeg: number): number {
  return (1 - about) * chord * Math.sin((twistDeg * Math.PI) / 180);
}

/** Twist in degrees that a nose and a tail at given heights over a bench make, chord between them. Inverse of a mounting sheet. */
export function twistOf(chord: number, noseHeight: number, tailHeight: number): number {
  return (Math.asin(Math.max(-1, Math.min(1, (tailHeight - noseHeight) / chord))) * 180) / Math.PI;
}

/** The mirror of a loop about a level line, still counter-clockwise as it was: a core of the other hand. */
export function mirrored(loop: readonly Pt[], about: number): Pt[] {
  return loop.map(([x, y]): Pt => [x, 2 * about - y]).reverse();
}
