import { reads, step } from '../work';
import type { armOf } from './arm';
import type { Values } from './own';

/** Sizes and pulls of an arm, for its worksheet. */
export const armValues = (a: ReturnType<typeof armOf>): Values => ({
  rateNPerMm: a.rateNPerMm,
  pullN: a.pullN,
  hotN: a.hotN,
  gapMm: a.gapWantedMm,
  stressMPa: a.stressMPa,
  allowedMPa: a.allowedMPa,
});

/** Bending an arm and hanging the wire on it. */
export const armSteps = (a: ReturnType<typeof armOf>, gapMm: number | null) => [
  ...(gapMm === null
    ? []
    : [step('bend-arm', { gapMm, pullN: a.pullN }, reads(gapMm, 'mm', Math.max(1, 0.05 * gapMm)))]),
  step('hang-wire', { pullN: a.pullN }, reads(a.pullN, 'N', Math.max(1, 0.1 * a.pullN))),
];
