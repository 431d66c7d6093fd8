import type { Plan } from '../../documents/plan';
import type { Allowance } from '../../physics/shape/allowance';
import { grow, without } from '../../physics/shape/grow';
import { placed } from '../../physics/shape/place';
import { apart, arcs, lengthOf, nearest, partOf, signedArea, turnAt, type Pt } from '../../numeric/polyline';
import { monotone, surfacesOf } from '../../physics/shape/surfaces';
import { CoreFault } from '../../numeric/fault';
import { sectionFaults } from './check';
import { coreOf, startAtTail } from './finish';
import { sectionLoop } from './sections';
import type { End, Side, NominalSection } from './nominalSection';

/** A vertex turned by more than this is a corner. Ours. */
export const CORNER_DEG = 30;

/** What is wanted of one end of a plan's piece: its section by chord and thickness, finished, spar slots taken out. */
export function wantedOf(plan: Plan, end: End, slots = true): NominalSection {
  const e = plan.piece[end];
  refuseCrossed(e.section, end);
  const flat = placed(sectionLoop(e.section), {
    chord: e.chordMm,
    thicknessScale: e.thicknessScale,
    twistDeg: 0,
    about: [0, 0],
    offset: [0, 0],
  });
  const about: Pt = [plan.piece.twistAbout[0] * e.chordMm, plan.piece.twistAbout[1] * e.chordMm];
  const offset: Pt = end === 'tip' ? plan.piece.tip.offsetMm : [0, 0];
  const turned = signedArea(flat) < 0 ? [...flat].reverse() : flat;
  let loop: Pt[] = coreOf(turned, plan.piece.finish);
  if (slots) for (const s of plan.template.slots) loop = slotted(loop, s.at * e.chordMm, s);
  const { top, bottom } = surfacesOf(loop);
  return {
    end,
    chord: e.chordMm,
    loop,
    top,
    bottom,
    plain: monotone(top) && monotone(bottom),
    lay: (points) => placed(points, { chord: 1, thicknessScale: 1, twistDeg: e.twistDeg, about, offset }),
  };
}

/** A section that crosses itself, or has no area, has no inside to cut round: refused by its place. */
function refuseCrossed(section: Plan['piece']['root']['section'], end: End): void {
  const fault = sectionFaults(section).find((f) => f.kind === 'crosses');
  if (!fault) return;
  const at = fault.at.map((v) => v.toPrecision(3)).join(', ');
  throw new CoreFault(
    'range',
    `piece.${end}.section`,
    `crosses itself, or has no area, near ${at} of the chord`,
  );
}

/** A loop less a slot of a width about x, cut to a depth square to the chord from the surface at its middle. */
function slotted(loop: readonly Pt[], x: number, s: Plan['template']['slots'][number]): Pt[] {
  const { top, bottom } = surfacesOf(loop);
  const surface = s.side === 'top' ? top : bottom;
  const at = surface.find((p) => p[0] >= x) ?? surface.at(-1)!;
  const up = s.side === 'top' ? 1 : -1;
  const floor = at[1] - up * s.depthMm;
  const sky = at[1] + up * 10000;
  const x0 = x - s.widthMm / 2;
  const x1 = x + s.widthMm / 2;
  return startAtTail(
    without(loop, [
      [x0, floor],
      [x1, floor],
      [x1, sky],
      [x0, sky],
    ]),
  );
}

/** The edges of a wanted end grown by the allowance, each from the nose to the tail. */
export interface Edges {
  readonly top: readonly Pt[];
  readonly bottom: readonly Pt[];
}

export function edgesOf(w: NominalSection, a: Pick<Allowance, 'top' | 'bottom'>): Edges {
  return { top: edgeOf(w, 'top', a.top), bottom: edgeOf(w, 'bottom', a.bottom) };
}

function edgeOf(w: NominalSection, side: Side, g: number): Pt[] {
  const surface = w[side];
  if (Math.abs(g) < 1e-9) return [...surface];
  const grown = grow(w.loop, g);
  const nose = surface[0]!;
  const tail = surface[surface.length - 1]!;
  const before = surface[surface.length - 2]!;
  const run = apart(before, tail) || 1;
  const out = side === 'top' ? 1 : -1;
  const beside: Pt = [
    tail[0] - (out * g * (tail[1] - before[1])) / run,
    tail[1] + (out * g * (tail[0] - before[0])) / run,
  ];
  // The grown loop is counter-clockwise: over the top from the tail to the nose, then under it back.
  const closed = [...grown, grown[0]!];
  const from = nearest(closed, [nose[0] - g, nose[1]]).arc;
  const to = nearest(closed, beside).arc;
  const whole = lengthOf(closed);
  const twice = [...closed, ...closed.slice(1)];
  return side === 'top'
    ? partOf(twice, to, from < to ? from + whole : from).reverse()
    : partOf(twice, from, to < from ? to + whole : to);
}

/** Shares of the chord (of the arc where x turns back) at which both ends have their stations: even, but moved onto corners and slots. */
export function stationShares(plan: Plan, root: NominalSection, side: Side): number[] {
  const n = plan.template.stations;
  const shares = Array.from({ length: n + 1 }, (_, i) => i / n);
  const fixed = plan.template.slots
    .filter((s) => s.side === side)
    .flatMap((s) => [s.at - s.widthMm / 2 / root.chord, s.at + s.widthMm / 2 / root.chord]);
  const whole = lengthOf(root[side]);
  const along = arcs(root[side]);
  const box = root[side];
  const x0 = box[0]![0];
  const span = box[box.length - 1]![0] - x0;
  root[side].forEach((p, i) => {
    if (Math.abs(turnAt(root[side], i)) < CORNER_DEG) return;
    fixed.push(root.plain ? (p[0] - x0) / span : along[i]! / whole);
  });
  for (const f of fixed) {
    const i = Math.round(f * n);
    if (i > 0 && i < n && f > shares[i - 1]! && f < shares[i + 1]!) shares[i] = f;
  }
  return shares;
}
