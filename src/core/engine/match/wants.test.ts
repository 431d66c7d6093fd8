import { describe, expect, it } from 'vitest';
import { METRIC_SAY } from '../../words/say';
import { lengthWantWords } from '../../words/match';
import { drawerSchema } from '../../documents/drawer';
import { match } from './match';
import { lengthWants } from './wants';

describe('lengths at which nothing works', () => {
  it('are told once, by what stands in the way of most; a length that works is left out', () => {
    const wants = lengthWants(
      [{ lengthMm: 900 }],
      [
        { lengthMm: 900, code: 'supply-overload' },
        { lengthMm: 300, code: 'melt-back' },
        { lengthMm: 300, code: 'fume-limit' },
        { lengthMm: 300, code: 'feed-too-fast' },
        { lengthMm: 1500, code: 'wire-too-cold' },
        { lengthMm: 100, code: 'foam-refused' },
      ],
    );
    expect(wants).toEqual([
      { lengthMm: 300, why: 'too-hot' },
      { lengthMm: 1500, why: 'too-cold' },
    ]);
    const said = lengthWantWords(wants, METRIC_SAY).replace(/\u00a0/g, ' ');
    expect(said).toContain('At 300 mm');
    expect(said).toContain('longer wire');
    expect(said).toContain('shorter wire');
    expect(lengthWantWords([], METRIC_SAY)).toBe('');
  });
});

const supply = (name: string, kind: string, more: object) => ({
  name,
  supply: { kind, volts: 12, maxAmps: 10, ...more },
  controls: [{ kind: 'pwm', ratedAmps: 20 }],
});
const drawer = (fuseA: number | null, wires: number[]) =>
  drawerSchema.parse({
    format: 'upwind-rod/drawer',
    version: 1,
    wires: wires.map((diameterMm) => ({ name: `${diameterMm}`, wire: { alloy: 'nicr-80', diameterMm } })),
    supplies: [
      supply('brick', 'brick', {}),
      supply('battery', 'battery', { battery: { chemistry: 'lead-acid', cells: 6, ampHours: 7, charge: 0.8 } }),
    ],
    leads: { fuseA },
    lengthsMm: [520],
    job: { frame: { kind: 'bow' }, foam: { kind: 'eps', densityKgM3: 15, widthMm: 400 }, cut: { feedMmS: 2 } },
  });

describe('ranking', () => {
  it('a battery without a fuse that fades stands behind the brick that gives the same', () => {
    const pairs = match(drawer(null, [0.4])).pairs.map((p) => [p.supply, p.score] as const);
    expect(pairs.map(([s]) => s)).toEqual(['brick', 'battery']);
    const fused = match(drawer(8, [0.4])).pairs.find((p) => p.supply === 'battery')!;
    expect(fused.score).toBeGreaterThan(pairs[1]![1]);
  });
  it('by hand the wire that lasts stands before one that snaps', () => {
    const wires = match(drawer(8, [0.25, 0.4]))
      .pairs.filter((p) => p.supply === 'brick')
      .map((p) => p.wire);
    expect(wires[0]).toBe('0.4');
  });
});
