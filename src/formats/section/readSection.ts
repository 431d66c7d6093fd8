import { readCoordinates } from './coordinates';
import { SectionFault, type Found } from './outline';
import { readDxf } from './readDxf';
import { readSvg } from './readSvg';
import type { Pt } from '@/core/numeric/polyline';

/** A section file, read: points in chords at once, or outlines to choose from. */
export type SectionFile =
  | { readonly kind: 'section'; readonly name: string; readonly points: readonly Pt[]; readonly order: string }
  | ({ readonly kind: 'outlines' } & Found);

/** Largest section file that is read, bytes. */
export const MOST_BYTES = 4 * 1024 * 1024;

/** Reads coordinate text, DXF or SVG; which one is found out from what is in it. Throws a SectionFault with the reason. */
export function readSection(text: string, toleranceMm: number): SectionFile {
  if (text.length > MOST_BYTES) throw new SectionFault('is larger than 4 MB');
  const head = text.slice(0, 4000);
  if (/<svg[\s>]/i.test(head) || /^\s*<(\?xml|!DOCTYPE)/i.test(head))
    return outlines(readSvg(text, toleranceMm));
  if (/^\s*(999[\s\S]*?)?0\s*\r?\n\s*SECTION/.test(head)) return outlines(readDxf(text, toleranceMm));
  const c = readCoordinates(text);
  return { kind: 'section', name: c.name, points: c.points, order: c.order };
}

function outlines(found: Found): SectionFile {
  if (found.outlines.length === 0)
    throw new SectionFault(
      `has no closed outline${found.dropped.length > 0 ? ` (left out: ${found.dropped.join(', ')})` : ''}. A larger gap to be joined may help`,
    );
  return { kind: 'outlines', ...found };
}
