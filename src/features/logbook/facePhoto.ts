import { gapOf, hollowOf, sizedBy, spacingOf, type PictureScale, type Sized } from '@/core/engine/photo/scale';
import type { Pt } from '@/core/numeric/polyline';
import type { Role } from '@/core/units/profile';

/** What is measured on the photo of a cut face: points in px. */
export interface FaceMarks {
  readonly kerf: readonly [Pt, Pt] | null;
  readonly hollow: readonly [Pt, Pt, Pt] | null;
  readonly ridges: readonly Pt[];
}
export interface FaceSizes {
  readonly kerf: Sized | null;
  readonly hollow: Sized | null;
  readonly ridges: { readonly count: number; readonly apart: Sized | null };
}

/** Sizes of what was marked, each with its range. */
export const sizesOfFace = (scale: PictureScale, m: FaceMarks): FaceSizes => ({
  kerf: m.kerf && sizedBy(scale, m.kerf, gapOf),
  hollow: m.hollow && sizedBy(scale, m.hollow, hollowOf),
  ridges: {
    count: m.ridges.length,
    apart: m.ridges.length > 1 ? sizedBy(scale, m.ridges, spacingOf) : null,
  },
});

type Say = (value: number, role: Role) => string;

/** The same as a line of a note: a photo is no gauge, so each size has its range. Null where nothing was measured. */
export function faceNote({ kerf, hollow, ridges }: FaceSizes, say: Say): string | null {
  const sized = (s: Sized) => `${say(s.mm, 'slot')} ± ${say(s.range, 'slot')}`;
  const parts = [
    kerf && `kerf ${sized(kerf)}`,
    hollow && `hollow in the middle ${sized(hollow)}`,
    ridges.count > 0 &&
      `${ridges.count} ridge${ridges.count === 1 ? '' : 's'}${ridges.apart ? `, ${sized(ridges.apart)} apart` : ''}`,
  ].filter((p): p is string => !!p);
  return parts.length > 0 ? `By photo, not gauged: ${parts.join('; ')}.` : null;
}
