import type { FoamPiece, FoamSample } from '../documents/foamPiece';

/** Density of a sample, kg/m³: its mass over all its sheets' room. */
export function sampleDensity(s: FoamSample): number {
  return s.grams / 1000 / ((s.lengthMm / 1000) * (s.widthMm / 1000) * (s.stackMm / 1000));
}

/** Thickness of one sheet of a stack, mm. */
export const sheetThickness = (s: FoamSample): number => s.stackMm / s.sheets;

export interface DensityFound {
  readonly mean: number;
  /** Sd of the samples, kg/m³; null with one. */
  readonly sd: number | null;
  readonly n: number;
  /** Sheet thickness, mm: mean of those that are stacks; null where none is. */
  readonly sheetMm: number | null;
}

/** Density of a foam from its samples: mean and sample standard deviation. Null without one. */
export function densityFound(samples: readonly FoamSample[]): DensityFound | null {
  if (samples.length === 0) return null;
  const each = samples.map(sampleDensity);
  const mean = each.reduce((a, b) => a + b, 0) / each.length;
  const square = each.reduce((a, b) => a + (b - mean) ** 2, 0);
  const stacks = samples.filter((s) => s.sheets > 1).map(sheetThickness);
  return {
    mean,
    sd: each.length > 1 ? Math.sqrt(square / (each.length - 1)) : null,
    n: each.length,
    sheetMm: stacks.length > 0 ? stacks.reduce((a, b) => a + b, 0) / stacks.length : null,
  };
}

export interface Corners {
  readonly leastMm: number;
  readonly mostMm: number;
  /** What tilt or wedge makes of it, mm over the block; and what no plane explains: twist, mm. */
  readonly wedgeMm: number;
  readonly twistMm: number;
}

/** Thickness at the four corners, round the block: how far it is out, and how much of that is twist (no wedge levels it). */
export function cornersFound(c: FoamPiece['cornersMm']): Corners | null {
  if (!c) return null;
  const [a, b, d, e] = c as [number, number, number, number];
  const twist = (a - b + d - e) / 2;
  const [least, most] = [Math.min(...c), Math.max(...c)];
  return { leastMm: least, mostMm: most, wedgeMm: most - least, twistMm: Math.abs(twist) };
}

/** Thickness that a skin takes with it when it is cut off, mm a face. Common practice, no source: 6 mm. */
export const SKIN_MM = 6;
