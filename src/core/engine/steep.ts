import type { Alloy } from '../catalog/alloys';
/**
 * An alloy whose resistance rises by more than this (titanium, carbon steel) can have several balances in its kerf: the lowest
 * is searched. Under it (stainless) the quick search is tried first; it misses only where it ends on no balance (a test).
 */
export const STEEP = 2.3;

export const steep = ({ ct }: Alloy): boolean => ct.y[ct.y.length - 1]! > STEEP;
