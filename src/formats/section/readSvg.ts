import { XMLParser } from 'fast-xml-parser';
import svgpath from 'svgpath';
import type { Pt } from '@/core/numeric/polyline';
import { arcPoints, cubic } from './flatten';
import { joined, MOST_READ, outlinesOf, straightLines, SectionFault, type Found } from './outline';

type Node = Record<string, unknown> & { ':@'?: Record<string, string> };
type Matrix = readonly [number, number, number, number, number, number];

const UNITS: Record<string, number> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  px: 25.4 / 96,
  q: 0.25,
};
const UNIT: Matrix = [1, 0, 0, 1, 0, 0];
/** Depth of groups that is followed. */
const DEEPEST = 60;
/** Never run, never looked into. */
const ACTIVE = new Set(['script', 'foreignObject', 'iframe', 'animate', 'set', 'handler']);
const SILENT = new Set(['defs', 'title', 'desc', 'metadata', 'style', 'clipPath', 'mask', 'marker', 'pattern', 'symbol', '#text', '?xml', '#comment', 'namedview']); // prettier-ignore

const times = (m: Matrix, n: Matrix): Matrix => [
  m[0] * n[0] + m[2] * n[1],
  m[1] * n[0] + m[3] * n[1],
  m[0] * n[2] + m[2] * n[3],
  m[1] * n[2] + m[3] * n[3],
  m[0] * n[4] + m[2] * n[5] + m[4],
  m[1] * n[4] + m[3] * n[5] + m[5],
];
const at = (m: Matrix, [x, y]: Pt): Pt => [m[0] * x + m[2] * y + m[4], m[1] * x + m[3] * y + m[5]];

/**
 * Outlines of an SVG drawing, mm, y up. Size from width and viewBox, else 96 dots an inch. Nested transforms are followed; scripts,
 * entities, styles and links are not: nothing in the file is run or fetched. Throws a SectionFault where it is no SVG, or too large.
 */
export function readSvg(text: string, toleranceMm: number): Found {
  if (/<!ENTITY/i.test(text))
    throw new SectionFault('defines entities of its own; such a file is not read. Save it as plain SVG');
  let tree: Node[];
  try {
    tree = new XMLParser({
      preserveOrder: true,
      ignoreAttributes: false,
      attributeNamePrefix: '',
      processEntities: false,
    }).parse(text) as Node[];
  } catch (e) {
    throw new SectionFault(`is no well-formed SVG: ${(e as Error).message.slice(0, 120)}`);
  }
  const svg = tree.find((n) => 'svg' in n);
  if (!svg) throw new SectionFault('is no SVG drawing');
  const dropped = new Map<string, number>();
  const drop = (what: string) => dropped.set(what, (dropped.get(what) ?? 0) + 1);
  const lines: Pt[][] = [];
  let read = 0;
  const keep = (line: Pt[]) => {
    read += line.length;
    if (read > MOST_READ)
      throw new SectionFault(`has more than ${MOST_READ} points; simplify the drawing first`);
    if (line.length > 1) lines.push(line);
  };
  const { matrix, units } = sizeOf(svg[':@'] ?? {});
  walk((svg['svg'] as Node[]) ?? [], matrix, 0);
  const { loops, open } = joined(lines, toleranceMm);
  if (open > 0) dropped.set('open line', open);
  return {
    outlines: outlinesOf(loops, 'outline'),
    dropped: [...dropped].map(([what, n]) => `${n} × ${what}`),
    units,
    lines: straightLines(lines),
  };

  function walk(nodes: readonly Node[], m: Matrix, depth: number): void {
    if (depth > DEEPEST) throw new SectionFault(`is nested deeper than ${DEEPEST}`);
    for (const node of nodes) {
      const tag = Object.keys(node).find((k) => k !== ':@');
      if (!tag) continue;
      const a = node[':@'] ?? {};
      const name = tag.replace(/^.*:/, '');
      if (ACTIVE.has(name)) {
        drop(name);
        continue;
      }
      if (SILENT.has(name)) continue;
      const here = a['transform'] ? times(m, transformOf(a['transform'])) : m;
      if (name === 'g' || name === 'a' || name === 'svg') walk((node[tag] as Node[]) ?? [], here, depth + 1);
      else if (!shape(name, a, here)) drop(name);
    }
  }

  function shape(name: string, a: Record<string, string>, m: Matrix): boolean {
    const n = (key: string) => Number.parseFloat(a[key] ?? '0') || 0;
    const scale = Math.sqrt(Math.abs(m[0] * m[3] - m[1] * m[2])) || 1;
    const put = (points: readonly Pt[], closed: boolean) =>
      keep((closed && points.length > 0 ? [...points, points[0]!] : [...points]).map((p) => at(m, p)));
    switch (name) {
      case 'path':
        pathLines(a['d'] ?? '', scale).forEach((l) => put(l, false));
        return true;
      case 'polygon':
      case 'polyline': {
        const v = (a['points'] ?? '')
          .trim()
          .split(/[\s,]+/)
          .map(Number);
        put(
          Array.from({ length: v.length >> 1 }, (_, i): Pt => [v[2 * i]!, v[2 * i + 1]!]),
          name === 'polygon',
        );
        return true;
      }
      case 'line':
        put(
          [
            [n('x1'), n('y1')],
            [n('x2'), n('y2')],
          ],
          false,
        );
        return true;
      case 'rect':
        put(
          [
            [n('x'), n('y')],
            [n('x') + n('width'), n('y')],
            [n('x') + n('width'), n('y') + n('height')],
            [n('x'), n('y') + n('height')],
          ],
          true,
        );
        return true;
      case 'circle':
        put(arcPoints(n('cx'), n('cy'), n('r'), n('r'), 0, 0, 2 * Math.PI).slice(0, -1), true);
        return true;
      case 'ellipse':
        put(arcPoints(n('cx'), n('cy'), n('rx'), n('ry'), 0, 0, 2 * Math.PI).slice(0, -1), true);
        return true;
      default:
        return false;
    }
  }

  function pathLines(d: string, scale: number): Pt[][] {
    // The package keeps its fault in a field of its own.
    const path = svgpath(d).abs().unshort().unarc() as ReturnType<typeof svgpath> & { err?: string };
    if (path.err) {
      drop('path that cannot be read');
      return [];
    }
    const out: Pt[][] = [];
    let line: Pt[] = [];
    path.iterate((seg, _, x, y) => {
      const v = seg.slice(1) as number[];
      const from: Pt = [x, y];
      if (seg[0] === 'M') {
        if (line.length > 1) out.push(line);
        line = [[v[0]!, v[1]!]];
      } else if (seg[0] === 'L') line.push([v[0]!, v[1]!]);
      else if (seg[0] === 'H') line.push([v[0]!, y]);
      else if (seg[0] === 'V') line.push([x, v[0]!]);
      else if (seg[0] === 'C')
        line.push(...cubic(from, [v[0]!, v[1]!], [v[2]!, v[3]!], [v[4]!, v[5]!], 0.01 / scale));
      else if (seg[0] === 'Q') {
        const [qx, qy, ex, ey] = v as [number, number, number, number];
        line.push(
          ...cubic(
            from,
            [x + (2 / 3) * (qx - x), y + (2 / 3) * (qy - y)],
            [ex + (2 / 3) * (qx - ex), ey + (2 / 3) * (qy - ey)],
            [ex, ey],
            0.01 / scale,
          ),
        );
      } else if (/z/i.test(seg[0]) && line.length > 0) line.push(line[0]!);
    });
    if (line.length > 1) out.push(line);
    return out;
  }
}

/** Millimetres of a drawing's own unit, with y turned up. */
function sizeOf(a: Record<string, string>): { matrix: Matrix; units: string } {
  const width = /^\s*([\d.]+)\s*([a-z]*)\s*$/i.exec(a['width'] ?? '');
  const box = (a['viewBox'] ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const unit = width?.[2]?.toLowerCase() || 'px';
  const mm = UNITS[unit];
  const hasBox = box.length === 4 && box.every(Number.isFinite) && box[2]! > 0;
  if (width && mm !== undefined && hasBox) {
    const s = (Number(width[1]) * mm) / box[2]!;
    return { matrix: [s, 0, 0, -s, -box[0]! * s, box[1]! * s], units: `${width[1]} ${unit} wide` };
  }
  const s = UNITS['px']!;
  return { matrix: [s, 0, 0, -s, 0, 0], units: 'no size given: taken as 96 dots an inch' };
}

/** A transform attribute as one matrix. */
function transformOf(text: string): Matrix {
  let m: Matrix = UNIT;
  for (const [, name, args] of text.matchAll(/(\w+)\s*\(([^)]*)\)/g)) {
    const v = args!
      .trim()
      .split(/[\s,]+/)
      .map(Number);
    const [a = 0, b = 0] = v;
    const rad = (a * Math.PI) / 180;
    const [c, s] = [Math.cos(rad), Math.sin(rad)];
    if (name === 'matrix' && v.length === 6) m = times(m, v as unknown as Matrix);
    else if (name === 'translate') m = times(m, [1, 0, 0, 1, a, b]);
    else if (name === 'scale') m = times(m, [a, 0, 0, v.length > 1 ? b : a, 0, 0]);
    else if (name === 'rotate')
      m = times(times(times(m, [1, 0, 0, 1, v[1] ?? 0, v[2] ?? 0]), [c, s, -s, c, 0, 0]), [
        1,
        0,
        0,
        1,
        -(v[1] ?? 0),
        -(v[2] ?? 0),
      ]);
    else if (name === 'skewX') m = times(m, [1, 0, Math.tan(rad), 1, 0, 0]);
    else if (name === 'skewY') m = times(m, [1, Math.tan(rad), 0, 1, 0, 0]);
  }
  return m;
}
