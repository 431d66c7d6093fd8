import { areaBeyond, leavable } from '../../physics/shape/grow';
import { duplicatePoint, selfCrossing } from '../../physics/shape/crossing';
import { apart, signedArea, turnAt, type Pt } from '../../numeric/polyline';
import { sectionLoop } from './sections';
import type { Section } from '../../documents/section';
import type { NominalSection } from './nominalSection';

/** What is wrong with a section as it was given, in chords. */
export interface SectionFault {
  readonly kind: 'crosses' | 'doubled';
  readonly at: Pt;
}

/** Points nearer than this share of the chord are one: files round to so many figures. */
const CLOSED = 1e-5;

/** Whether a section crosses itself, or has one point twice; a closing point that is the first again is no fault. */
export function sectionFaults(s: Section): SectionFault[] {
  const loop = sectionLoop(s);
  // A drawing closes its outline by a point of its own and once more by its "close": both are the first again.
  const open = [...loop];
  while (open.length > 3 && apart(open[0]!, open[open.length - 1]!) < CLOSED) open.pop();
  const out: SectionFault[] = [];
  const crossing = selfCrossing(open);
  if (crossing) out.push({ kind: 'crosses', at: crossing });
  const twin = duplicatePoint(open, 1e-9);
  if (twin >= 0) out.push({ kind: 'doubled', at: open[twin]! });
  if (Math.abs(signedArea(open)) < 1e-6) out.push({ kind: 'crosses', at: open[0]! });
  return out;
}

/** Radius of the nose, mm, through the nose and its neighbours about a millimetre away on either side. */
export function noseRadius(w: NominalSection): number {
  const pick = (side: readonly Pt[]) => side.find((p) => apart(p, side[0]!) >= 0.004 * w.chord) ?? side[1]!;
  const [a, b, c] = [pick(w.top), w.top[0]!, pick(w.bottom)];
  const cross = Math.abs((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]));
  return cross > 0 ? (apart(a, b) * apart(b, c) * apart(a, c)) / (2 * cross) : Infinity;
}

/** Foam that a wire of a kerf of radius r leaves in inside corners, mm², and whether there are such corners. */
export function insideCorner(w: NominalSection, r: number): number {
  if (!(r > 0)) return 0;
  const concave = w.loop.some(
    (_, i) => turnAt([w.loop.at(i - 1)!, w.loop[i]!, w.loop[(i + 1) % w.loop.length]!], 1) < -8,
  );
  return concave ? areaBeyond(leavable(w.loop, r), w.loop) : 0;
}
