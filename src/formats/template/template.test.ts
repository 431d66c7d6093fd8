import DxfParser from 'dxf-parser';
import { XMLParser } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import { planOut } from '@/core/engine/template/template';
import { testPlan } from '@/core/engine/template/testPlans';
import { boxOf, nearest, type Pt } from '@/core/numeric/polyline';
import { readDxf } from '../section/readDxf';
import { readSvg } from '../section/readSvg';
import { templatePdf } from '../print/templatePdf';
import { paths } from './testPdf';
import { EDGE, PAPERS, tilingOf } from '../print/tiles';
import { templateDxf } from './dxf';
import { templateSvg } from './svg';

const t = planOut(testPlan({ name: 'Read back', piece: { root: { chordMm: 320 } } }));
const piece = t.passes[1]!.pieces.root;

/** Farthest that a point of one closed loop lies from the other. */
function farthest(a: readonly Pt[], b: readonly Pt[]): number {
  const closed = [...b, b[0]!];
  return Math.max(...a.map((p) => nearest(closed, p).distance));
}
const centred = (loop: readonly Pt[]): Pt[] => {
  const b = boxOf(loop);
  return loop.map(([x, y]) => [x - b.x0, y - b.y0]);
};

describe('templates read back', () => {
  it('DXF by dxf-parser: the outline within 0.01 mm, holes, millimetres', () => {
    const text = templateDxf(piece);
    const doc = new DxfParser().parseSync(text)!;
    expect(doc.header['$INSUNITS']).toBe(4);
    const line = doc.entities.find((e) => e.type === 'LWPOLYLINE') as unknown as {
      vertices: { x: number; y: number }[];
      shape: boolean;
    };
    expect(line.shape).toBe(true);
    const back = line.vertices.map((v): Pt => [v.x, v.y]);
    expect(back).toHaveLength(piece.outline.length);
    expect(farthest(back, piece.outline)).toBeLessThan(0.01);
    expect(farthest(piece.outline, back)).toBeLessThan(0.01);
    expect(doc.entities.filter((e) => e.type === 'CIRCLE')).toHaveLength(2);
    expect(readDxf(text, 0.1).outlines[0]!.points).toHaveLength(back.length);
  });
  it('SVG by an XML reader: the outline within 0.01 mm, the size in millimetres, a square of 100', () => {
    const text = templateSvg(piece);
    const svg = (
      new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' }).parse(text) as {
        svg: Record<string, unknown>;
      }
    ).svg;
    const groups = svg['g'] as { id: string; path?: { d: string }; rect?: { width: string; height: string } }[];
    expect(svg['width']).toBe(`${String(svg['viewBox']).split(' ')[2]}mm`);
    const d = groups.find((g) => g.id === 'cut')!.path!.d;
    const back = [...d.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map((m): Pt => [Number(m[1]), -Number(m[2])]);
    expect(farthest(centred(back), centred(piece.outline))).toBeLessThan(0.01);
    expect(groups.find((g) => g.id === 'check')!.rect).toMatchObject({ width: '100', height: '100' });
    expect(text).toContain('print at 100 %');
    const own = readSvg(text, 0.1).outlines;
    expect(own.length).toBeGreaterThan(1);
  });
  it('PDF by pdf.js: pages of the paper within 0.01 mm, a square of 100.00 mm, the outline within 0.01 mm', async () => {
    for (const paper of ['a4', 'a3', 'letter'] as const) {
      const bytes = await templatePdf({ title: 'Read back', pieces: [piece], lines: ['A line.'], paper });
      const pdfjs = await import('pdfjs-dist/legacy/build/pdf.mjs');
      const doc = await pdfjs.getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
      const b = boxOf([...piece.outline, ...piece.marks.flatMap((m) => [m.from, m.to])]);
      const tiling = tilingOf(b.x1 - b.x0, b.y1 - b.y0, paper);
      expect(doc.numPages).toBe(1 + tiling.tiles.length);
      const mm = 25.4 / 72;
      const size = async (n: number) => {
        const [x0, y0, x1, y1] = (await doc.getPage(n)).view as [number, number, number, number];
        return [(x1 - x0) * mm, (y1 - y0) * mm];
      };
      const first = await size(1);
      expect(Math.abs(first[0]! - PAPERS[paper].width)).toBeLessThan(0.01);
      expect(Math.abs(first[1]! - PAPERS[paper].height)).toBeLessThan(0.01);
      const lines = await paths(await doc.getPage(1));
      const square = lines.map((l) => boxOf(l)).find((x) => Math.abs((x.x1 - x.x0) * mm - 100) < 0.5)!;
      expect((square.x1 - square.x0) * mm).toBeCloseTo(100, 2);
      expect((square.y1 - square.y0) * mm).toBeCloseTo(100, 2);
      for (const tile of tiling.tiles) {
        const page = await doc.getPage(2 + tile.row * tiling.columns + tile.column);
        const shown = (await paths(page)).find((l) => l.length >= piece.outline.length)!;
        const height = tiling.page.height;
        const back = shown.map(([x, y]): Pt => [
          x * mm - EDGE + tile.x + b.x0,
          b.y1 - (height - y * mm - EDGE + tile.y),
        ]);
        expect(farthest(back, piece.outline)).toBeLessThan(0.01);
        expect(farthest(piece.outline, back)).toBeLessThan(0.01);
      }
      const text = (await (await doc.getPage(1)).getTextContent()).items
        .map((i) => ('str' in i ? i.str : ''))
        .join(' ');
      expect(text).toContain('print at 100 %');
    }
  });
});
