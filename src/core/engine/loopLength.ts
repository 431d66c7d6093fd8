import { shapedLoop } from '../physics/wire/shapedLoop';

/** Length in mm of a shaped loop with a half-round foot, from its width and depth in mm; four figures. */
export const loopLengthMm = (widthMm: number, depthMm: number): number =>
  Number((shapedLoop(widthMm / 1000, depthMm / 1000) * 1000).toPrecision(4));
