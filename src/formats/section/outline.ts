import { apart, signedArea, type Pt } from '@/core/numeric/polyline';

/** A closed outline found in a file, mm, with how it came to be. */
export interface Outline {
  readonly name: string;
  readonly points: readonly Pt[];
  readonly areaMm2: number;
}
/** What a file gave: outlines to choose from, the largest first, and what was left out, each thing named with its count. */
export interface Found {
  readonly outlines: readonly Outline[];
  readonly dropped: readonly string[];
  readonly units: string;
  /** Straight lines that stand by themselves, the longest first: a chord line that is marked on a template. */
  readonly lines: readonly (readonly [Pt, Pt])[];
}
/** A file that cannot be read: why, in words, and where that is known. */
export class SectionFault extends Error {}

/** Most points of an outline that is taken; a finer one is thinned to it. */
export const MOST_POINTS = 2000;
/** Most points that are looked at in a file at all. */
export const MOST_READ = 60_000;

/** Joins open pieces whose ends lie within a tolerance into closed loops; what stays open is counted. */
export function joined(pieces: readonly (readonly Pt[])[], tolerance: number): { loops: Pt[][]; open: number } {
  const loops: Pt[][] = [];
  const rest = pieces.filter((p) => p.length > 1).map((p) => [...p]);
  while (rest.length > 0) {
    const line = rest.pop()!;
    for (;;) {
      if (line.length > 2 && apart(line[0]!, line[line.length - 1]!) <= tolerance) break;
      const end = line[line.length - 1]!;
      let best = -1;
      let flip = false;
      let near = tolerance;
      rest.forEach((other, i) => {
        for (const back of [false, true]) {
          const d = apart(end, back ? other[other.length - 1]! : other[0]!);
          if (d <= near) {
            near = d;
            best = i;
            flip = back;
          }
        }
      });
      if (best < 0) break;
      const [other] = rest.splice(best, 1);
      line.push(...(flip ? other!.reverse() : other!).slice(1));
    }
    if (line.length > 3 && apart(line[0]!, line[line.length - 1]!) <= tolerance) loops.push(line.slice(0, -1));
    else if (line.length > 1) loops.push([]);
  }
  return { loops: loops.filter((l) => l.length > 2), open: loops.filter((l) => l.length === 0).length };
}

const MOST_LINES = 12;

/** Straight lines among the pieces of a drawing, the longest first. */
export const straightLines = (pieces: readonly (readonly Pt[])[]): (readonly [Pt, Pt])[] =>
  pieces
    .filter((p) => p.length === 2)
    .map((p) => [p[0]!, p[1]!] as const)
    .sort((a, b) => apart(...b) - apart(...a))
    .slice(0, MOST_LINES);

/** Closed loops as outlines, the largest first. */
export function outlinesOf(loops: readonly (readonly Pt[])[], name: string): Outline[] {
  return loops
    .map((points) => ({ points, areaMm2: Math.abs(signedArea(points)) }))
    .filter((o) => o.areaMm2 > 1e-6)
    .sort((a, b) => b.areaMm2 - a.areaMm2)
    .map((o, i) => ({ ...o, name: `${name} ${i + 1}` }));
}

/**
 * An outline in chords, as a plan takes it: its nose to the left at 0, its tail at 1, counter-clockwise from the tail over the top.
 * The height of the nose is kept at 0. Thinned to the most a plan takes.
 */
export function inChords(points: readonly Pt[]): { points: Pt[]; chordMm: number } {
  const loop = signedArea(points) < 0 ? [...points].reverse() : [...points];
  const xs = loop.map((p) => p[0]);
  const x0 = Math.min(...xs);
  const chordMm = Math.max(...xs) - x0;
  const nose = loop.filter((p) => p[0] - x0 < 1e-6 * chordMm);
  const y0 = nose.reduce((sum, p) => sum + p[1], 0) / nose.length;
  let tail = 0;
  loop.forEach((p, i) => {
    const b = loop[tail]!;
    if (p[0] > b[0] + 1e-7 * chordMm || (Math.abs(p[0] - b[0]) <= 1e-7 * chordMm && p[1] > b[1])) tail = i;
  });
  const turned = [...loop.slice(tail), ...loop.slice(0, tail)];
  const thinned = thin(turned, MOST_POINTS);
  return { points: thinned.map(([x, y]): Pt => [(x - x0) / chordMm, (y - y0) / chordMm]), chordMm };
}

/** A loop with no more than so many points: the ones whose going changes least are left out (Visvalingam’s areas, in rounds). */
function thin(loop: readonly Pt[], most: number): Pt[] {
  let out = [...loop];
  while (out.length > most) {
    const area = out.map((p, i) => {
      const a = out[(i + out.length - 1) % out.length]!;
      const b = out[(i + 1) % out.length]!;
      return Math.abs(signedArea([a, p, b]));
    });
    const limit = [...area].sort((a, b) => a - b)[Math.min(out.length - most, Math.ceil(out.length / 4))]!;
    let left = out.length - most;
    let last = false;
    out = out.filter((_, i) => {
      const goes = !last && left > 0 && area[i]! <= limit && i > 0;
      if (goes) left--;
      last = goes;
      return !goes;
    });
  }
  return out;
}
