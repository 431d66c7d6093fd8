import { CoreFault } from '../../numeric/fault';
import type { Pt } from '../../numeric/polyline';

/** Camber line at x: height and slope, in chords. */
type Camber = (x: number) => readonly [number, number];

/**
 * Half thickness at x of a NACA 4- or 5-digit section of thickness t, in chords:
 * 5t(0.2969√x − 0.1260x − 0.3516x² + 0.2843x³ − 0.1015x⁴). Its tail is 0.0021·t/0.2 a side, not closed.
 * Source: Jacobs, Ward & Pinkerton, NACA Report 460 (1933).
 */
export function nacaThickness(x: number, t: number): number {
  return 5 * t * (0.2969 * Math.sqrt(x) + x * (-0.126 + x * (-0.3516 + x * (0.2843 - 0.1015 * x))));
}

/** Camber line of a 4-digit section: greatest camber m at p. Source: NACA Report 460. */
function fourDigit(m: number, p: number): Camber {
  if (m === 0 || p === 0) return () => [0, 0];
  return (x) =>
    x < p
      ? [(m / (p * p)) * (2 * p * x - x * x), (2 * m * (p - x)) / (p * p)]
      : [(m / (1 - p) ** 2) * (1 - 2 * p + 2 * p * x - x * x), (2 * m * (p - x)) / (1 - p) ** 2];
}

/** Camber of the 5-digit lines at a design lift of 0.3: r, k1 and, reflexed, k2/k1. Source: NACA Report 537 (1935), from memory. */
const PLAIN: Record<string, readonly [number, number]> = {
  '1': [0.058, 361.4],
  '2': [0.126, 51.64],
  '3': [0.2025, 15.957],
  '4': [0.29, 6.643],
  '5': [0.391, 3.23],
};
const REFLEXED: Record<string, readonly [number, number, number]> = {
  '2': [0.13, 51.99, 0.000764],
  '3': [0.217, 15.793, 0.00677],
  '4': [0.318, 6.52, 0.0303],
  '5': [0.441, 3.191, 0.1355],
};

function fiveDigit(lift: number, r: number, k1: number): Camber {
  const k = (k1 * lift) / 0.3;
  return (x) =>
    x < r
      ? [
          (k / 6) * (x ** 3 - 3 * r * x * x + r * r * (3 - r) * x),
          (k / 6) * (3 * x * x - 6 * r * x + r * r * (3 - r)),
        ]
      : [((k * r ** 3) / 6) * (1 - x), (-k * r ** 3) / 6];
}

function reflexed(lift: number, r: number, k1: number, ratio: number): Camber {
  const k = (k1 * lift) / 0.3;
  const c = ratio * (1 - r) ** 3 + r ** 3;
  return (x) =>
    x < r
      ? [(k / 6) * ((x - r) ** 3 - c * x + r ** 3), (k / 6) * (3 * (x - r) ** 2 - c)]
      : [(k / 6) * (ratio * (x - r) ** 3 - c * x + r ** 3), (k / 6) * (3 * ratio * (x - r) ** 2 - c)];
}

/** Thickness and camber line that a code names; throws a fault that says which digits are no NACA section. */
export function nacaOf(code: string): { thickness: number; camber: Camber } {
  const bad = (rule: string) => new CoreFault('unknown', 'code', rule);
  if (!/^\d{4,5}$/.test(code)) throw bad('must be four or five digits');
  const thickness = Number(code.slice(-2)) / 100;
  if (!(thickness >= 0.01)) throw bad('must end in a thickness of 01 to 99 hundredths of the chord');
  if (code.length === 4) {
    const m = Number(code[0]) / 100;
    const p = Number(code[1]) / 10;
    if (m > 0 && p === 0) throw bad('has camber but its place is 0');
    return { thickness, camber: fourDigit(m, p) };
  }
  const lift = (Number(code[0]) * 3) / 20;
  const place = code[1]!;
  if (code[2] === '0' && PLAIN[place]) return { thickness, camber: fiveDigit(lift, ...PLAIN[place]) };
  if (code[2] === '1' && REFLEXED[place]) return { thickness, camber: reflexed(lift, ...REFLEXED[place]) };
  throw bad('is no five-digit section: the second digit is 1 to 5, the third 0 or (from 2 on) 1');
}

/** Ordinates of a section at x: its points on the upper and the lower surface, thickness laid square to the camber line. */
export function nacaAt(code: string, x: number): { upper: Pt; lower: Pt } {
  const { thickness, camber } = nacaOf(code);
  const y = nacaThickness(x, thickness);
  const [c, slope] = camber(x);
  const a = Math.atan(slope);
  return {
    upper: [x - y * Math.sin(a), c + y * Math.cos(a)],
    lower: [x + y * Math.sin(a), c - y * Math.cos(a)],
  };
}

/**
 * A NACA section as a loop in chords, from the tail over the top to the nose and back, `perSide` pieces a side (10 to 1000), crowded
 * at the nose and the tail by the cosine. The tail is blunt as published.
 */
export function nacaSection(code: string, perSide = 100): Pt[] {
  const upper: Pt[] = [];
  const lower: Pt[] = [];
  for (let i = perSide; i >= 0; i--) {
    const at = nacaAt(code, 0.5 * (1 - Math.cos((Math.PI * i) / perSide)));
    upper.push(at.upper);
    if (i > 0) lower.unshift(at.lower);
  }
  return [...upper, ...lower];
}
