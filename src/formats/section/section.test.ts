import { DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nacaSection } from '@/core/physics/shape/naca';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { readCoordinates } from './coordinates';
import { cubic } from './flatten';
import { inChords, joined, SectionFault } from './outline';
import { readDxf } from './readDxf';
import { readSection } from './readSection';
import { readSvg } from './readSvg';

const loop = nacaSection('2412', 30);
const text = (points: readonly Pt[]) => points.map(([x, y]) => `  ${x.toFixed(6)}  ${y.toFixed(6)}`).join('\n');
const off = (a: readonly Pt[], b: readonly Pt[]) =>
  Math.max(...a.map((p, i) => Math.hypot(p[0] - b[i]![0], p[1] - b[i]![1])));

describe('coordinate text', () => {
  const nose = 30;
  const upper = [...loop.slice(0, nose + 1)].reverse();
  const lower = loop.slice(nose);
  it('one loop, in hundredths too, with a name, either way about', () => {
    const got = readCoordinates(`A section\n${text(loop)}`);
    expect(got).toMatchObject({ name: 'A section', order: 'one loop' });
    expect(off(got.points, loop)).toBeLessThan(2e-3);
    const hundred = readCoordinates(text(loop.map(([x, y]): Pt => [100 * x, 100 * y])));
    expect(off(hundred.points, got.points)).toBeLessThan(1e-6);
    const other = readCoordinates(text([...loop].reverse()));
    expect(boxOf(other.points).y1).toBeCloseTo(boxOf(got.points).y1, 6);
    expect(other.points[5]![1]).toBeGreaterThan(0);
  });
  it('upper then lower from the nose, with a count line and without', () => {
    for (const count of [`${upper.length}. ${lower.length}.\n\n`, '']) {
      const got = readCoordinates(`Another\n${count}${text(upper)}\n\n${text(lower)}`);
      expect(got.order).toBe('upper, then lower');
      expect(off(got.points, loop)).toBeLessThan(2e-3);
    }
  });
  it('letters in it, a wrong count, too few: the line and the rule', () => {
    expect(() => readCoordinates(`Name\n1 0\n0.5 O.1\n0 0`)).toThrow(/line 3.*not two numbers/);
    expect(() => readCoordinates(`Name\n 5. 5.\n${text(loop.slice(0, 8))}`)).toThrow(/5 and 5 points, but 8/);
    expect(() => readCoordinates('Name\n1 0\n0 0')).toThrow(/at least 5/);
    expect(() => readCoordinates('')).toThrow(SectionFault);
    expect(() => readCoordinates('1 2 3\n1 2 3')).toThrow(/line 1.*3 numbers/);
  });
  it('rubbish of any sort is refused by a fault, never otherwise', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (s) => {
        try {
          readSection(s, 0.1);
        } catch (e) {
          expect(e).toBeInstanceOf(SectionFault);
        }
      }),
      { numRuns: 300, seed: 5 },
    );
  });
});

const svg = (body: string, size = 'width="200mm" height="100mm" viewBox="0 0 200 100"') =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ${size}>${body}</svg>`;

describe('SVG', () => {
  it('units, nested transforms and y turned up', () => {
    const found = readSvg(
      svg(
        '<g transform="translate(10 20)"><g transform="scale(2)"><path d="M0 0h40v10h-40z"/></g></g>',
        'width="20cm" height="10cm" viewBox="0 0 400 200"',
      ),
      0.1,
    );
    expect(boxOf(found.outlines[0]!.points)).toEqual({ x0: 5, x1: 45, y0: -20, y1: -10 });
    expect(readSvg(svg('<rect width="96" height="48"/>', ''), 0.1).units).toContain('96 dots');
    expect(readSvg(svg('<rect width="96" height="48"/>', ''), 0.1).outlines[0]!.areaMm2).toBeCloseTo(
      25.4 * 12.7,
      6,
    );
  });
  it('curves lie within 0.01 mm: a circle by four cubics against its radius', () => {
    const k = 0.5522847498;
    const pts = cubic([50, 0], [50, 50 * k], [50 * k, 50], [0, 50]);
    for (const p of pts) expect(Math.abs(Math.hypot(...p) - 50)).toBeLessThan(0.03);
    const found = readSvg(svg('<circle cx="60" cy="50" r="40"/>'), 0.1);
    expect(Math.abs(found.outlines[0]!.areaMm2 / (Math.PI * 1600) - 1)).toBeLessThan(1e-3);
  });
  it('open ends are joined within the gap, and what is dropped is named', () => {
    const open = svg(
      '<path d="M0 0 L50 0"/><path d="M50.1 0 L50 30 L0 30"/><path d="M0 30.1 L0 0.1"/><text>x</text><image/>',
    );
    expect(readSvg(open, 0.2).outlines).toHaveLength(1);
    expect(readSvg(open, 0.2).dropped).toEqual(['1 × text', '1 × image']);
    const tight = readSvg(open, 0.01);
    expect(tight.outlines).toHaveLength(0);
    expect(tight.dropped.join()).toContain('3 × open line');
    expect(() => readSection(open, 0.01)).toThrow(/no closed outline/);
  });
  it('a hostile file: scripts are left where they are, entities are not read, too many points are refused', () => {
    const script = readSvg(
      svg(
        '<script>globalThis.ran = true</script><rect width="10" height="10" onload="globalThis.ran = true"/>',
      ),
      0.1,
    );
    expect(script.dropped).toContain('1 × script');
    expect((globalThis as { ran?: boolean }).ran).toBeUndefined();
    const bomb = `<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>${svg('<text>&b;</text>').replace('<?xml version="1.0"?>', '')}`;
    expect(() => readSection(bomb, 0.1)).toThrow(/entities/);
    const many = `M0 0${Array.from({ length: 100_000 }, (_, i) => `L${i % 97} ${i % 89}`).join('')}Z`;
    expect(() => readSection(svg(`<path d="${many}"/>`), 0.1)).toThrow(/more than 60000 points/);
    expect(() => readSection(svg('<g>'.repeat(70) + '</g>'.repeat(70)), 0.1)).toThrow(/nested deeper/);
    expect(() => readSection(svg('<path d="M0 0 L bad"/>'), 0.1)).toThrow(/cannot be read/);
  });
});

function dxfOf(draw: (d: DxfWriter) => void, units = Units.Millimeters): string {
  const d = new DxfWriter();
  d.setUnits(units);
  draw(d);
  return d.stringify();
}

describe('DXF', () => {
  it('inches, bulges, arcs joined with lines; what is not an outline is named', () => {
    const inch = readDxf(
      dxfOf(
        (d) =>
          d.addLWPolyline(
            [0, 1, 2, 3].map((i) => ({ point: point2d(i % 3 ? 2 : 0, i > 1 ? 1 : 0) })),
            { flags: 1 },
          ),
        Units.Inches,
      ),
      0.1,
    );
    expect(inch.units).toBe('inches');
    expect(inch.outlines[0]!.areaMm2).toBeCloseTo(2 * 25.4 * 25.4, 3);
    const stadium = readDxf(
      dxfOf((d) => {
        d.addLine(point3d(0, -10), point3d(60, -10));
        d.addArc(point3d(60, 0), 10, -90, 90);
        d.addLine(point3d(60, 10), point3d(0, 10));
        d.addArc(point3d(0, 0), 10, 90, 270);
        d.addText(point3d(0, 0), 3, 'a word');
      }),
      0.05,
    );
    expect(stadium.outlines).toHaveLength(1);
    expect(Math.abs(stadium.outlines[0]!.areaMm2 / (1200 + Math.PI * 100) - 1)).toBeLessThan(1e-3);
    expect(stadium.dropped).toEqual(['1 × TEXT']);
    const bulge = readDxf(
      dxfOf((d) =>
        d.addLWPolyline(
          [
            { point: point2d(0, 0), bulge: 1 },
            { point: point2d(20, 0), bulge: 1 },
          ],
          { flags: 1 },
        ),
      ),
      0.1,
    );
    expect(Math.abs(bulge.outlines[0]!.areaMm2 / (Math.PI * 100) - 1)).toBeLessThan(2e-3);
  });
  it('cut short at any place it is refused or whole, never half taken', () => {
    const whole = dxfOf((d) => {
      for (let i = 0; i < 12; i++) d.addCircle(point3d(30 * i, 0), 10);
    });
    expect(readDxf(whole, 0.1).outlines).toHaveLength(12);
    for (let k = 1; k < 40; k++) {
      const cut = whole.slice(0, Math.floor((whole.length * k) / 41));
      expect(() => readDxf(cut, 0.1), `cut at ${k}/41`).toThrow(SectionFault);
    }
    expect(() => readSection(whole.slice(0, whole.length >> 1), 0.1)).toThrow(/breaks off/);
  });
});

describe('an outline as a section', () => {
  it('has its nose at 0, its tail at 1, counter-clockwise, however it was drawn', () => {
    const box: Pt[] = [[30, 5], [110, 5], [110, 25], [30, 25]]; // prettier-ignore
    for (const points of [box, [...box].reverse()]) {
      const { points: got, chordMm } = inChords(points);
      expect(chordMm).toBe(80);
      expect(got[0]).toEqual([1, 0.125]);
      expect(got[1]).toEqual([0, 0.125]);
    }
  });
  it('thins what is finer than a plan takes, and keeps its shape', () => {
    const fine = Array.from({ length: 9000 }, (_, i): Pt => [
      50 * Math.cos((i * Math.PI) / 4500),
      20 * Math.sin((i * Math.PI) / 4500),
    ]);
    const { points } = inChords(fine);
    expect(points.length).toBeLessThanOrEqual(2000);
    expect(boxOf(points).y1 - boxOf(points).y0).toBeCloseTo(0.4, 3);
  });
  it('joins pieces whatever their order and direction', () => {
    const pieces: Pt[][] = [[[0, 0], [1, 0]], [[1, 1], [1, 0]], [[0, 1], [1, 1]], [[0, 1], [0, 0]]]; // prettier-ignore
    expect(joined(pieces, 0.01)).toMatchObject({ loops: [expect.anything()], open: 0 });
  });
});
