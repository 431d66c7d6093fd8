import { describe, expect, it } from 'vitest';
import { foamPieceSchema, foamSampleSchema } from '../documents/foamPiece';
import { cornersFound, densityFound, sampleDensity, sheetThickness } from './foamPiece';

const sample = (grams: number, stackMm = 50, sheets = 1) =>
  foamSampleSchema.parse({ grams, lengthMm: 200, widthMm: 100, stackMm, sheets });

describe('density by weight and size', () => {
  it('33 g of 200 × 100 × 50 mm is 33 kg/m³', () => expect(sampleDensity(sample(33))).toBeCloseTo(33, 12));
  it('ten thin sheets stacked: each a tenth of the stack, the density that of the stack', () => {
    const ten = sample(6.6, 10, 10);
    expect(sheetThickness(ten)).toBe(1);
    expect(sampleDensity(ten)).toBeCloseTo(33, 12);
    expect(densityFound([ten])).toEqual({ mean: expect.closeTo(33, 9), sd: null, n: 1, sheetMm: 1 });
  });
  it('several samples give mean and spread (n − 1)', () => {
    const found = densityFound([sample(32), sample(33), sample(34)])!;
    expect(found.mean).toBeCloseTo(33, 9);
    expect(found.sd).toBeCloseTo(1, 9);
    expect(found.sheetMm).toBeNull();
    expect(densityFound([])).toBeNull();
  });
});

describe('a block at its corners', () => {
  it('a wedge has no twist; a twist is no wedge alone', () => {
    expect(cornersFound([50, 50, 51, 51])).toMatchObject({ wedgeMm: 1, twistMm: 0 });
    expect(cornersFound([50, 51, 50, 51])).toMatchObject({ leastMm: 50, mostMm: 51, twistMm: 1 });
    expect(cornersFound(null)).toBeNull();
  });
  it('what is no block is refused', () => {
    expect(foamPieceSchema.safeParse({ cornersMm: [50, 50, 50] }).success).toBe(false);
    expect(foamSampleSchema.safeParse({ grams: 0, lengthMm: 1, widthMm: 1, stackMm: 1 }).success).toBe(false);
    expect(foamPieceSchema.safeParse({ samples: [sample(33)], sheets: 3 }).success).toBe(false);
  });
});
