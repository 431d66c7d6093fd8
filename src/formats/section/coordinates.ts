import { apart, type Pt } from '@/core/numeric/polyline';
import { MOST_READ, SectionFault } from './outline';

/** A section read from coordinate text, in chords, from the tail over the top to the nose and back. */
export interface Coordinates {
  readonly name: string;
  readonly points: readonly Pt[];
  readonly order: 'one loop' | 'upper, then lower';
}

const NUMBER = /^[-+]?(\d+\.?\d*|\.\d+)([eE][-+]?\d+)?$/;

/**
 * Reads plain coordinate text: a name, then pairs of numbers, in either of the two common orders; which one is found out. One loop
 * runs from the tail over the top to the nose and back. The other gives a line with the two counts, then the upper surface from the
 * nose, then the lower from the nose. Throws a SectionFault that names the line.
 */
export function readCoordinates(text: string): Coordinates {
  const lines = text.split(/\r\n|\r|\n/);
  if (lines.length > MOST_READ)
    throw new SectionFault(`has ${lines.length} lines; at most ${MOST_READ} are read`);
  let name = '';
  const pairs: { at: Pt; line: number }[] = [];
  const breaks: number[] = [];
  lines.forEach((raw, i) => {
    const line = raw.trim();
    if (line === '' || line.startsWith('#')) {
      if (pairs.length > 0) breaks.push(pairs.length);
      return;
    }
    const parts = line.split(/[\s,;]+/);
    const numbers = parts.every((p) => NUMBER.test(p));
    if (!numbers && pairs.length === 0) {
      name = name || line.slice(0, 80);
      return;
    }
    if (!numbers) throw new SectionFault(`line ${i + 1}: “${line.slice(0, 40)}” is not two numbers`);
    if (parts.length !== 2)
      throw new SectionFault(`line ${i + 1}: has ${parts.length} numbers; two are wanted`);
    pairs.push({ at: [Number(parts[0]), Number(parts[1])], line: i + 1 });
  });
  if (pairs.length < 5) throw new SectionFault(`has ${pairs.length} points; at least 5 are wanted`);
  const first = pairs[0]!.at;
  const counts = first[0] > 1.5 && first[1] > 1.5 && Number.isInteger(Math.round(first[0]));
  const rest = counts ? pairs.slice(1).map((p) => p.at) : pairs.map((p) => p.at);
  if (counts) {
    const [upper, lower] = [Math.round(first[0]), Math.round(first[1])];
    if (upper + lower !== rest.length)
      throw new SectionFault(
        `line ${pairs[0]!.line}: tells of ${upper} and ${lower} points, but ${rest.length} follow`,
      );
    return {
      name,
      points: scaled(fromSurfaces(rest.slice(0, upper), rest.slice(upper))),
      order: 'upper, then lower',
    };
  }
  const back = rest.findIndex((p, i) => i > 2 && p[0] < rest[i - 1]![0] - 0.5 * spanOf(rest));
  // Without a count line: both surfaces from the nose show themselves by a jump back from the tail to the nose.
  if (back > 0 && rest[0]![0] < 0.5 * spanOf(rest))
    return {
      name,
      points: scaled(fromSurfaces(rest.slice(0, back), rest.slice(back))),
      order: 'upper, then lower',
    };
  return { name, points: scaled(rest), order: 'one loop' };
}

const spanOf = (points: readonly Pt[]) => {
  const xs = points.map((p) => p[0]);
  return Math.max(...xs) - Math.min(...xs);
};

function fromSurfaces(upper: readonly Pt[], lower: readonly Pt[]): Pt[] {
  const over = [...upper].reverse();
  const same = apart(upper[0]!, lower[0]!) < 1e-9;
  return [...over, ...lower.slice(same ? 1 : 0)];
}

/** In chords: the nose at 0 and the tail at 1, whatever the numbers were in; over the top first. */
function scaled(points: readonly Pt[]): Pt[] {
  const xs = points.map((p) => p[0]);
  const x0 = Math.min(...xs);
  const chord = Math.max(...xs) - x0;
  if (!(chord > 0)) throw new SectionFault('has no chord: all its points stand at one x');
  const loop = points.map(([x, y]): Pt => [(x - x0) / chord, y / chord]);
  const closed = apart(loop[0]!, loop[loop.length - 1]!) < 1e-9 ? loop.slice(0, -1) : loop;
  const nose = closed.findIndex((p) => p[0] === 0);
  const mean = (part: readonly Pt[]) => part.reduce((sum, p) => sum + p[1], 0) / Math.max(1, part.length);
  // Under the nose first: the other way about.
  return mean(closed.slice(0, nose)) >= mean(closed.slice(nose))
    ? closed
    : [closed[0]!, ...closed.slice(1).reverse()];
}
