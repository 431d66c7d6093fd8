import { apart, arcs, pointAt, type Pt } from '../../numeric/polyline';

/** A loop parted at its nose and tail: each surface runs from the nose to the tail. */
export interface Surfaces {
  readonly top: readonly Pt[];
  readonly bottom: readonly Pt[];
}

const NEAR = 1e-6;
/** A blunt tail may lean by this share of the chord. */
const BLUNT = 0.02;

/**
 * Parts a loop (from the tail over the top to the nose and back; x from the nose to the tail) into its two surfaces. The nose is the
 * point of least x, the middle of a flat front; the tail the loop's own ends, the middle of a blunt one not being on either surface.
 */
export function surfacesOf(loop: readonly Pt[]): Surfaces {
  const open = closedTwice(loop) ? loop.slice(0, -1) : loop;
  const least = Math.min(...open.map((p) => p[0]));
  const chord = Math.max(...open.map((p) => p[0])) - least;
  const front = open.flatMap((p, i) => (p[0] - least <= NEAR * chord ? [i] : []));
  const first = front[0]!;
  const last = front[front.length - 1]!;
  const a = open[first]!;
  const b = open[last]!;
  const nose: Pt = first === last ? a : [least, (a[1] + b[1]) / 2];
  // A closing edge that does not stand at the tail is no blunt tail but the surface itself: a half round's flat.
  const end = open[open.length - 1]!;
  const sharp = closedTwice(loop) || least + chord - end[0] > BLUNT * chord;
  const top = [nose, ...open.slice(0, first === last ? first : first + 1).reverse()];
  const bottom = [nose, ...open.slice(first === last ? last + 1 : last), ...(sharp ? [open[0]!] : [])];
  return { top: dropTwins(top), bottom: dropTwins(bottom) };
}

function closedTwice(loop: readonly Pt[]): boolean {
  return loop.length > 3 && apart(loop[0]!, loop[loop.length - 1]!) < 1e-9;
}

/** A line without points that are the same as the one before. */
export function dropTwins(line: readonly Pt[], tolerance = 1e-12): Pt[] {
  return line.filter((p, i) => i === 0 || apart(p, line[i - 1]!) > tolerance);
}

/** Whether x never falls along a surface: then a share of the chord is one place on it. */
export function monotone(surface: readonly Pt[]): boolean {
  return surface.every((p, i) => i === 0 || p[0] >= surface[i - 1]![0] - 1e-9);
}

/**
 * Arc along a surface at which it first (or last) reaches a share of its chord, 0 to 1. On a cambered section the surface may start a
 * little behind the nose's share: its start then.
 */
export function arcAtShare(surface: readonly Pt[], share: number, which: 'first' | 'last' = 'first'): number {
  const along = arcs(surface);
  const x0 = surface[0]![0];
  const x1 = surface[surface.length - 1]![0];
  const x = x0 + share * (x1 - x0);
  if (share <= 0) return 0;
  if (share >= 1) return along[along.length - 1]!;
  let found = 0;
  for (let i = 1; i < surface.length; i++) {
    const a = surface[i - 1]![0];
    const b = surface[i]![0];
    if ((a <= x && b >= x) || (a >= x && b <= x)) {
      const t = b === a ? (which === 'first' ? 0 : 1) : (x - a) / (b - a);
      found = along[i - 1]! + t * (along[i]! - along[i - 1]!);
      if (which === 'first') return found;
    }
  }
  return found;
}

/**
 * Arcs of the stations of a surface: equal shares of the chord, `count` pieces. Where x turns back somewhere, equal shares of the
 * arc. 0 and the whole length are among them.
 */
export function stationArcs(surface: readonly Pt[], shares: readonly number[], byArc: boolean): number[] {
  const whole = arcs(surface).at(-1)!;
  return shares.map((s) => (byArc ? s * whole : arcAtShare(surface, s)));
}

/** Points of a surface at arcs. */
export function pointsAt(surface: readonly Pt[], at: readonly number[]): Pt[] {
  const along = arcs(surface);
  return at.map((a) => pointAt(surface, along, a));
}

/** Height of a surface above x where it first reaches it; null past its ends. */
export function heightAt(surface: readonly Pt[], x: number): number | null {
  for (let i = 1; i < surface.length; i++) {
    const a = surface[i - 1]!;
    const b = surface[i]!;
    if ((a[0] <= x && b[0] >= x) || (a[0] >= x && b[0] <= x))
      return b[0] === a[0] ? b[1] : a[1] + ((x - a[0]) / (b[0] - a[0])) * (b[1] - a[1]);
  }
  return null;
}
