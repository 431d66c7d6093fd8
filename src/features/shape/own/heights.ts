import type { OwnEdge } from '@/core/documents/ownEdge';
import { parseQuantity } from '@/core/units/parse';
import { unitFor, type Profile } from '@/core/units/profile';

/** Heights are told as sizes of foam are: mm, or inches. */
export const ROLE = 'foamSize';
const DIGITS = 4;
const LEAST = 3;
const MOST = 400;

/** Heights of an edge as typed, a station a line: from the nose along the chord line, and over it. Empty lines are left out. */
export type Heights =
  | { readonly ok: true; readonly points: readonly (readonly [number, number])[] }
  | { readonly ok: false; readonly fault: string };

export function readHeights(text: string, profile: Profile): Heights {
  const points: [number, number][] = [];
  for (const [i, line] of text.split(/\r?\n/).entries()) {
    if (line.trim() === '') continue;
    // A fraction of an inch holds a space: there the two are parted by a tab or a semicolon.
    const parts = (/[;\t]/.test(line) ? line.split(/[;\t]/) : line.trim().split(/\s+/)).filter(
      (p) => p.trim() !== '',
    );
    if (parts.length !== 2) return no(`line ${i + 1}: two numbers are wanted, not ${parts.length}`);
    const [x, y] = parts.map((p) => parseQuantity(p, ROLE, profile));
    if (!x!.ok) return no(`line ${i + 1}, along the chord: ${x!.rule}`);
    if (!y!.ok) return no(`line ${i + 1}, height: ${y!.rule}`);
    points.push([round(x!.value), round(y!.value)]);
  }
  if (points.length < LEAST) return no(`${LEAST} stations are the least`);
  if (points.length > MOST) return no(`${MOST} stations are the most`);
  const back = points.findIndex((p, i) => i > 0 && p[0] === points[i - 1]![0] && p[1] === points[i - 1]![1]);
  if (back > 0) return no(`station ${back + 1} is the same as the one before`);
  return { ok: true, points };
}
const no = (fault: string): Heights => ({ ok: false, fault });
const round = (mm: number) => Number(mm.toFixed(4));

/** An edge's points as they would be typed, in the unit of the profile. */
export function writtenHeights(edge: OwnEdge, profile: Profile): string {
  const { fromBase } = unitFor(ROLE, profile);
  const say = (mm: number) => String(Number(fromBase(mm).toFixed(DIGITS)));
  return edge.points.map(([x, y]) => `${say(x)}\t${say(y)}`).join('\n');
}
