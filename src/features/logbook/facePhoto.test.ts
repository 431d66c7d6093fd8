import { describe, expect, it } from 'vitest';
import type { PictureScale } from '@/core/engine/photo/scale';
import { faceNote, sizesOfFace } from './facePhoto';

const scale: PictureScale = {
  by: 'length',
  mm: 100,
  corners: [],
  ends: [
    [0, 0],
    [1000, 0],
  ],
};
const say = (mm: number) => `${mm.toFixed(2)} mm`;

describe('a cut face by its photo', () => {
  it('kerf, hollow and ridges in a line of the note, each with its range', () => {
    const sizes = sizesOfFace(scale, {
      kerf: [
        [0, 500],
        [9, 500],
      ],
      hollow: [
        [0, 700],
        [250, 704],
        [500, 700],
      ],
      ridges: [
        [100, 800],
        [220, 800],
        [340, 800],
      ],
    });
    expect(faceNote(sizes, say)).toBe(
      'By photo, not gauged: kerf 0.90 mm ± 0.14 mm; hollow in the middle 0.40 mm ± 0.12 mm; 3 ridges, 12.00 mm ± 0.07 mm apart.',
    );
  });
  it('one ridge has no way to the next; nothing marked is nothing said', () => {
    const one = sizesOfFace(scale, { kerf: null, hollow: null, ridges: [[1, 1]] });
    expect(faceNote(one, say)).toBe('By photo, not gauged: 1 ridge.');
    expect(faceNote(sizesOfFace(scale, { kerf: null, hollow: null, ridges: [] }), say)).toBeNull();
  });
});
