import { describe, expect, it } from 'vitest';
import { listPdf } from './listPdf';
import type { PAPERS } from './tiles';

const MM = 72 / 25.4;

/** Text of each page with its lowest place over the foot of the paper, mm. */
async function pagesOf(lines: readonly string[], paper: keyof typeof PAPERS) {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const doc = await getDocument({ data: new Uint8Array(await listPdf('A list', lines, paper)) }).promise;
  return Promise.all(
    Array.from({ length: doc.numPages }, async (_, i) => {
      const { items } = await (await doc.getPage(i + 1)).getTextContent();
      const texts = items.flatMap((t) => ('str' in t && t.str.trim() !== '' ? [t] : []));
      return {
        text: texts.map((t) => t.str).join(' '),
        lowest: Math.min(...texts.map((t) => (t.transform as number[])[5]! / MM)),
      };
    }),
  );
}

describe('a list on paper', () => {
  it.each(['a4', 'letter'] as const)(
    'on %s: goes on to further pages, none of its lines lost or below the foot',
    async (paper) => {
      const lines = Array.from(
        { length: 60 },
        (_, i) =>
          `Line ${i + 1} of a cutting list, long enough to take two lines of print on a page of this width.`,
      );
      expect(await pagesOf(lines.slice(0, 10), paper)).toHaveLength(1);
      const pages = await pagesOf(lines, paper);
      expect(pages.length).toBeGreaterThan(1);
      for (const p of pages) expect(p.lowest).toBeGreaterThan(12);
      const all = pages.map((p) => p.text).join(' ');
      for (let i = 1; i <= 60; i++) expect(all).toContain(`Line ${i} of`);
    },
  );
});
