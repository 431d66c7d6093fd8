import type { AlloyId } from '../catalog/alloys';
import { awgDiameter } from '../units/awg';

/** A wire that could be hung: from the drawer, or a common gauge. */
export interface WireChoice {
  readonly alloy: AlloyId;
  readonly diameterMm: number;
  readonly strands: 1 | 3 | 7 | 19;
}

/** Common nickel-chromium, even gauges 20–34: what a shop sells when the drawer is empty. */
export const COMMON_WIRES: readonly WireChoice[] = [20, 22, 24, 26, 28, 30, 32, 34].map((gauge) => ({
  alloy: 'nicr-80',
  diameterMm: Number((awgDiameter(gauge) * 1000).toPrecision(4)),
  strands: 1,
}));
/** Stiff wire for shaped loops: what holds its shape hot. */
export const LOOP_WIRES: readonly WireChoice[] = [0.6, 0.8, 1, 1.2].flatMap((diameterMm) =>
  (['ss-304', 'nicr-80'] as const).map((alloy) => ({ alloy, diameterMm, strands: 1 as const })),
);
