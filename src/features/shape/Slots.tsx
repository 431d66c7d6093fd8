'use client';
import type { Dowel, Template } from '@/core/documents/plan';
import { Places } from './Places';

type Slot = Template['slots'][number];

/** Slots for spars: where along the chord, how wide and deep, in which side. */
export function Slots() {
  return (
    <Places<Slot, 'side'>
      path="template.slots"
      name="Spar slot"
      numbers={[
        ['at', 'At', 'share'],
        ['widthMm', 'Wide', 'slot'],
        ['depthMm', 'Deep', 'slot'],
      ]}
      choice={{
        key: 'side',
        label: 'Side of slot',
        options: { bottom: 'from below', top: 'from above' },
      }}
      fresh={{ at: 0.3, widthMm: 6, depthMm: 4, side: 'bottom' }}
    />
  );
}

/** Holes for dowels along the span: where along the chord, how thick and deep, in which face. */
export function Dowels() {
  return (
    <Places<Dowel, 'face'>
      path="piece.dowels"
      name="Dowel hole"
      numbers={[
        ['at', 'At', 'share'],
        ['diameterMm', 'Diameter', 'slot'],
        ['depthMm', 'Deep', 'slot'],
      ]}
      choice={{
        key: 'face',
        label: 'Face of dowel hole',
        options: { both: 'both faces, and joints', root: 'root face', tip: 'tip face' },
      }}
      fresh={{ at: 0.25, diameterMm: 6, depthMm: 40, face: 'both' }}
    />
  );
}
