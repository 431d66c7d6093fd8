import DxfParser from 'dxf-parser';
import type { Pt } from '@/core/numeric/polyline';
import { arcPoints, bulged } from './flatten';
import { joined, MOST_READ, outlinesOf, straightLines, SectionFault, type Found } from './outline';

/** $INSUNITS of the DXF reference: what one drawing unit is, mm. */
const UNITS: Record<number, readonly [string, number]> = {
  1: ['inches', 25.4],
  2: ['feet', 304.8],
  4: ['millimetres', 1],
  5: ['centimetres', 10],
  6: ['metres', 1000],
  13: ['micrometres', 0.001],
  14: ['decimetres', 100],
};
interface Vertex {
  x: number;
  y: number;
  bulge?: number;
}
interface Entity {
  type: string;
  vertices?: Vertex[];
  shape?: boolean;
  closed?: boolean;
  center?: Vertex;
  radius?: number;
  startAngle?: number;
  endAngle?: number;
  majorAxisEndPoint?: Vertex;
  axisRatio?: number;
  controlPoints?: Vertex[];
  degreeOfSplineCurve?: number;
  knotValues?: number[];
}

/**
 * Outlines of a DXF drawing, mm: lines, polylines with their bulges, arcs, circles, ellipses and splines, joined where their ends
 * meet. Units by $INSUNITS, millimetres where the file names none. What is not such a thing is counted and named. Throws a
 * SectionFault where it breaks off or is no DXF.
 */
export function readDxf(text: string, toleranceMm: number): Found {
  let doc: ReturnType<DxfParser['parseSync']>;
  try {
    doc = new DxfParser().parseSync(text);
  } catch (e) {
    throw new SectionFault(`breaks off or is no DXF: ${(e as Error).message.slice(0, 120)}`);
  }
  if (!doc || !Array.isArray(doc.entities)) throw new SectionFault('breaks off or is no DXF: no drawing in it');
  if (!/(^|\n)\s*0\s*\r?\n\s*EOF\s*$/.test(text.trimEnd()))
    throw new SectionFault('breaks off: its end mark is missing, so part of the drawing may be too');
  const [units, mm] = UNITS[Number(doc.header?.['$INSUNITS'] ?? 0)] ?? [
    'no unit named: taken as millimetres',
    1,
  ];
  const dropped = new Map<string, number>();
  const lines: Pt[][] = [];
  let read = 0;
  for (const entity of doc.entities as unknown as Entity[]) {
    const line = lineOf(entity);
    if (!line) dropped.set(entity.type, (dropped.get(entity.type) ?? 0) + 1);
    else {
      read += line.length;
      if (read > MOST_READ)
        throw new SectionFault(`has more than ${MOST_READ} points; simplify the drawing first`);
      lines.push(line.map(([x, y]): Pt => [x * mm, y * mm]));
    }
  }
  for (const type of unread(text)) dropped.set(type, (dropped.get(type) ?? 0) + 1);
  const { loops, open } = joined(lines, toleranceMm);
  if (open > 0) dropped.set('open line', open);
  return {
    outlines: outlinesOf(loops, 'outline'),
    dropped: [...dropped].map(([what, n]) => `${n} × ${what}`),
    units,
    lines: straightLines(lines),
  };
}

const KNOWN = new Set(['LINE', 'LWPOLYLINE', 'POLYLINE', 'ARC', 'CIRCLE', 'ELLIPSE', 'SPLINE', 'POINT', 'TEXT', 'MTEXT', 'DIMENSION', 'INSERT', 'SOLID', '3DFACE', 'ATTDEF']); // prettier-ignore
const PARTS = new Set(['VERTEX', 'SEQEND', 'SECTION', 'ENDSEC', 'EOF', 'TABLE', 'ENDTAB', 'BLOCK', 'ENDBLK', 'CLASS', 'LAYER', 'LTYPE', 'STYLE', 'VIEW', 'UCS', 'VPORT', 'APPID', 'DIMSTYLE', 'BLOCK_RECORD']); // prettier-ignore

/** Entities that the reading package passes over without a word: the file is pairs of lines, a code and its value. */
function unread(text: string): string[] {
  const lines = text.split(/\r\n|\r|\n/).map((l) => l.trim());
  const out: string[] = [];
  let inside = false;
  for (let i = 0; i + 1 < lines.length; i += 2) {
    const [code, value] = [lines[i]!, lines[i + 1]!];
    if (code === '2' && value === 'ENTITIES') inside = true;
    if (code !== '0') continue;
    if (value === 'ENDSEC') inside = false;
    if (inside && !KNOWN.has(value) && !PARTS.has(value)) out.push(value);
  }
  return out;
}

function lineOf(e: Entity): Pt[] | null {
  const p = (v: Vertex): Pt => [v.x, v.y];
  switch (e.type) {
    case 'LINE':
      return e.vertices?.map(p) ?? null;
    case 'LWPOLYLINE':
    case 'POLYLINE': {
      const v = e.vertices ?? [];
      if (v.length < 2) return null;
      const out: Pt[] = [p(v[0]!)];
      const last = e.shape || e.closed ? v.length : v.length - 1;
      for (let i = 0; i < last; i++) out.push(...bulged(p(v[i]!), p(v[(i + 1) % v.length]!), v[i]!.bulge ?? 0));
      return out;
    }
    case 'CIRCLE':
      return arcPoints(e.center!.x, e.center!.y, e.radius!, e.radius!, 0, 0, 2 * Math.PI);
    case 'ARC': {
      const from = e.startAngle!;
      const to = e.endAngle! > from ? e.endAngle! : e.endAngle! + 2 * Math.PI;
      return arcPoints(e.center!.x, e.center!.y, e.radius!, e.radius!, 0, from, to);
    }
    case 'ELLIPSE': {
      const m = e.majorAxisEndPoint!;
      const r = Math.hypot(m.x, m.y);
      const from = e.startAngle ?? 0;
      const to = (e.endAngle ?? 2 * Math.PI) > from ? (e.endAngle ?? 2 * Math.PI) : e.endAngle! + 2 * Math.PI;
      return arcPoints(e.center!.x, e.center!.y, r, r * (e.axisRatio ?? 1), Math.atan2(m.y, m.x), from, to);
    }
    case 'SPLINE':
      return splineOf(e);
    default:
      return null;
  }
}

/** Points of a B-spline by de Boor's rule, 24 a knot span. */
function splineOf(e: Entity): Pt[] | null {
  const c = (e.controlPoints ?? []).map((v): Pt => [v.x, v.y]);
  const k = e.degreeOfSplineCurve ?? 3;
  const u = e.knotValues ?? [];
  if (c.length <= k || u.length < c.length + k + 1) return null;
  const at = (t: number): Pt => {
    let s = k;
    while (s < c.length - 1 && t >= u[s + 1]!) s++;
    const d = Array.from({ length: k + 1 }, (_, j) => c[j + s - k]!);
    for (let r = 1; r <= k; r++)
      for (let j = k; j >= r; j--) {
        const a = u[j + s - k]!;
        const w = (t - a) / (u[j + 1 + s - r]! - a || 1);
        d[j] = [(1 - w) * d[j - 1]![0] + w * d[j]![0], (1 - w) * d[j - 1]![1] + w * d[j]![1]];
      }
    return d[k]!;
  };
  const n = 24 * (c.length - k);
  const [from, to] = [u[k]!, u[c.length]!];
  return Array.from({ length: n + 1 }, (_, i) => at(Math.min(to - 1e-12, from + ((to - from) * i) / n)));
}
