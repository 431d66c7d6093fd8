import type { Pt } from '@/core/numeric/polyline';

interface Page {
  getOperatorList(): Promise<{ fnArray: number[]; argsArray: unknown[] }>;
}

/** Lines of a page in points from its lower left corner, moved by the transforms in force. */
export async function paths(page: Page): Promise<Pt[][]> {
  const { OPS } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const list = await page.getOperatorList();
  let m: number[] = [1, 0, 0, 1, 0, 0];
  const stack: number[][] = [];
  const out: Pt[][] = [];
  list.fnArray.forEach((fn, i) => {
    const args = list.argsArray[i] as unknown[];
    if (fn === OPS.save) stack.push(m);
    if (fn === OPS.restore) m = stack.pop() ?? m;
    if (fn === OPS.transform) {
      const [a, b, c, d, e, f] = args as number[] as [number, number, number, number, number, number];
      m = [
        m[0]! * a + m[2]! * b,
        m[1]! * a + m[3]! * b,
        m[0]! * c + m[2]! * d,
        m[1]! * c + m[3]! * d,
        m[0]! * e + m[2]! * f + m[4]!,
        m[1]! * e + m[3]! * f + m[5]!,
      ];
    }
    if (fn !== OPS.constructPath) return;
    const data = (args[1] as Float32Array[])[0];
    if (!data) return;
    const line: Pt[] = [];
    // Packed: 0 move, 1 line, 2 curve, 3 quadratic, 4 close, each with its points behind it.
    for (let k = 0; k < data.length;) {
      const op = data[k++]!;
      const n = op === 2 ? 6 : op === 3 ? 4 : op === 4 ? 0 : 2;
      if (n >= 2) {
        const [x, y] = [data[k + n - 2]!, data[k + n - 1]!];
        line.push([m[0]! * x + m[2]! * y + m[4]!, m[1]! * x + m[3]! * y + m[5]!]);
      }
      k += n;
    }
    out.push(line);
  });
  return out;
}

/** Lines of every page of a PDF. */
export async function pathsOf(bytes: Buffer): Promise<Pt[][][]> {
  const pdfjs = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const doc = await pdfjs.getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const out: Pt[][][] = [];
  for (let n = 1; n <= doc.numPages; n++) out.push(await paths(await doc.getPage(n)));
  return out;
}
