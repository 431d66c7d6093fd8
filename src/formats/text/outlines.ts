import { parse, type Command, type Font } from 'opentype.js';
import type { Pt } from '@/core/numeric/polyline';
import { coveredBy } from '@/core/physics/motion/loops';

/** Points of a curve lie so near to it, mm: a tenth of what a wire's slot varies by. Ours. */
const CURVE_MM = 0.02;
/** Cap height where a font does not say, share of its size. */
const CAPS = 0.7;

export const readFont = (file: ArrayBuffer): Font => parse(file);

/** Pieces of a Bézier curve of a degree so that chords leave it by no more than the tolerance: Wang 1984, from its second differences. */
function pieces(degree: 2 | 3, second: number, toleranceMm: number): number {
  return Math.max(1, Math.ceil(Math.sqrt((degree * (degree - 1) * second) / (8 * toleranceMm))));
}

/** Drawing commands as closed loops, mm, y upwards; `scale` from the font's units. */
export function loopsOf(commands: readonly Command[], scale: number): Pt[][] {
  const loops: Pt[][] = [];
  let loop: Pt[] = [];
  const at = (x: number, y: number): Pt => [x * scale, -y * scale];
  const end = () => {
    const first = loop[0];
    const last = loop.at(-1);
    if (first && last && loop.length > 1 && Math.hypot(first[0] - last[0], first[1] - last[1]) < 1e-6)
      loop.pop();
    if (loop.length >= 3) loops.push(loop);
    loop = [];
  };
  const curve = (points: readonly Pt[]) => {
    const degree = (points.length - 1) as 2 | 3;
    let second = 0;
    for (let i = 0; i + 2 < points.length; i++) {
      const [a, b, c] = [points[i]!, points[i + 1]!, points[i + 2]!];
      second = Math.max(second, Math.hypot(a[0] - 2 * b[0] + c[0], a[1] - 2 * b[1] + c[1]));
    }
    const n = pieces(degree, second, CURVE_MM);
    for (let k = 1; k <= n; k++) {
      // De Casteljau.
      let row = [...points];
      while (row.length > 1)
        row = row
          .slice(1)
          .map((p, i): Pt => [
            row[i]![0] + (k / n) * (p[0] - row[i]![0]),
            row[i]![1] + (k / n) * (p[1] - row[i]![1]),
          ]);
      loop.push(row[0]!);
    }
  };
  for (const c of commands) {
    if (c.type === 'Z') {
      end();
      continue;
    }
    const to = at(c.x, c.y);
    const from = loop.at(-1);
    if (c.type === 'M') {
      end();
      loop = [to];
    } else if (c.type === 'C' && from) curve([from, at(c.x1, c.y1), at(c.x2, c.y2), to]);
    else if (c.type === 'Q' && from) curve([from, at(c.x1, c.y1), to]);
    else loop.push(to);
  }
  end();
  return loops;
}

/** Text as solids and holes, its capitals so high, mm; its box's lower left corner near the origin. Null where nothing of it is drawn. */
export function textLoops(font: Font, text: string, capsMm: number): Pt[][] | null {
  const size = 1000;
  const caps = (font.tables.os2?.sCapHeight ?? 0) / font.unitsPerEm || CAPS;
  const scale = capsMm / (caps * size);
  const loops = text
    .split(/\r?\n/)
    .flatMap((line, i) => loopsOf(font.getPath(line, 0, i * 1.25 * size, size).commands, scale));
  const solid = coveredBy(loops);
  return solid.length > 0 ? solid : null;
}

/** Signs of a text that a font does not have. */
export const lacking = (font: Font, text: string): string[] => [
  ...new Set([...text].filter((c) => !/\s/.test(c) && font.charToGlyphIndex(c) === 0)),
];
