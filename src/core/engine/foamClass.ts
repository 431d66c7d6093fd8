import { FOAMS } from '../catalog/foams';
import { interpolateLinear } from '../numeric/table';

/** A foam's density by its strength class, kg/m³, with the range that boards of the class are sold in. */
export interface ClassDensity {
  readonly densityKgM3: number;
  readonly low: number;
  readonly high: number;
}

/** Types of ASTM C578 with their minimum densities, kg/m³ (rounded; from memory). */
export const TYPES = {
  eps: { XI: 12, I: 15, VIII: 18, II: 22, IX: 29, XIV: 38, XV: 46 },
  xps: { X: 21, IV: 25, VI: 29, VII: 35, V: 48 },
} as const;
export type ClassedFoam = keyof typeof TYPES;

/** Boards run from their class's minimum to this share over it. Common practice, no source. */
const OVER = 0.15;

const spread = (least: number): ClassDensity => ({
  densityKgM3: Number(least.toPrecision(3)),
  low: least,
  high: least * (1 + OVER),
});

/** Density of a type of ASTM C578: its minimum, and up to 15 % over it; null for a type that the foam has not. */
export function densityOfType(foam: ClassedFoam, type: string): ClassDensity | null {
  const least = (TYPES[foam] as Readonly<Record<string, number>>)[type.toUpperCase()];
  return least === undefined ? null : spread(least);
}

/**
 * Density at which a foam has a 10 % compressive stress of so many kPa, by the table that its drag goes by, straight between its
 * points; null outside it.
 */
export function densityOfStrength(foam: ClassedFoam, kPa: number): ClassDensity | null {
  const { x, y } = FOAMS[foam].heat!.stress10;
  const pa = kPa * 1000;
  if (!(pa >= y[0]! && pa <= y[y.length - 1]!)) return null;
  let i = 1;
  while (y[i]! < pa) i++;
  return spread(x[i - 1]! + ((x[i]! - x[i - 1]!) * (pa - y[i - 1]!)) / (y[i]! - y[i - 1]!));
}

/** 10 % compressive stress of a foam of a density, kPa; the end values outside its table. */
export function strengthAt(foam: ClassedFoam, densityKgM3: number): number {
  return interpolateLinear(FOAMS[foam].heat!.stress10, densityKgM3) / 1000;
}
