import { describe, expect, it } from 'vitest';
import type { Section } from '../../documents/section';
import { boxOf, signedArea } from '../../numeric/polyline';
import { surfacesOf } from '../../physics/shape/surfaces';
import { sectionFaults } from './check';
import { sectionLoop } from './sections';

/** Area in chords squared, by the shape's own formula. */
const AREAS: [Section, number][] = [
  [{ kind: 'rectangle', height: 0.3 }, 0.3],
  [{ kind: 'circle' }, Math.PI / 4],
  [{ kind: 'half-round', height: 0.5 }, Math.PI / 8],
  [{ kind: 'trapezium', height: 0.4, topShare: 0.5 }, 0.3],
];

describe('plain shapes by numbers', () => {
  it.each(AREAS)('%o: its area, nose and tail', (section, area) => {
    const loop = sectionLoop(section);
    expect(signedArea(loop)).toBeCloseTo(area, 3);
    const box = boxOf(loop);
    expect([box.x0, box.x1]).toEqual([expect.closeTo(0, 9), expect.closeTo(1, 9)]);
    const { top, bottom } = surfacesOf(loop);
    for (const s of [top, bottom]) {
      expect(s.length).toBeGreaterThan(1);
      expect(s[0]![0]).toBeCloseTo(0, 9);
      // A circle's closing point is the next piece's first: half a degree short.
      expect(s.at(-1)![0]).toBeCloseTo(1, 3);
    }
    expect(sectionFaults(section)).toEqual([]);
  });
  it('a section that crosses itself or has a point twice is found', () => {
    const eight: Section = { kind: 'points', points: [[1, 0.1], [0, -0.1], [0, 0.1], [1, -0.1]] }; // prettier-ignore
    expect(sectionFaults(eight)[0]!.kind).toBe('crosses');
    const twin: Section = { kind: 'points', points: [[1, 0], [0.5, 0.1], [0.5, 0.1], [0, 0], [0.5, -0.1]] }; // prettier-ignore
    expect(sectionFaults(twin).map((f) => f.kind)).toEqual(['doubled']);
  });
});

describe('a closed drawing', () => {
  const square: [number, number][] = [[1, 0.05], [0.5, 0.1], [0, 0.05], [0, -0.05], [0.5, -0.1], [1, -0.05]]; // prettier-ignore
  const faultsOf = (points: [number, number][]) =>
    sectionFaults({ kind: 'points', name: 'drawn', points } as never).map((f) => f.kind);
  it('earns no “point twice” for closing itself, once or twice, to the figures a file has', () => {
    expect(faultsOf(square)).toEqual([]);
    expect(faultsOf([...square, square[0]!])).toEqual([]);
    expect(faultsOf([...square, [1.000001, 0.05], square[0]!])).toEqual([]);
  });
  it('a point that stands twice elsewhere is still told', () => {
    expect(faultsOf([...square.slice(0, 2), square[1]!, ...square.slice(2)])).toEqual(['doubled']);
  });
});
