import type { Piece, PiecePlan } from '../../documents/plan';
import type { OwnEdges } from '../../documents/ownEdge';
import type { Section } from '../../documents/section';
import { arcs, pointAt, signedArea, type Pt } from '../../numeric/polyline';
import { surfacesOf } from '../../physics/shape/surfaces';
import { sectionLoop } from './sections';

/** Points of each surface of a section that lies between two unlike ones. */
const POINTS = 120;

/** A section a share of the way from one to another: the same where they are alike, else point by point at equal shares of each surface's arc. */
export function sectionBetween(root: Section, tip: Section, share: number): Section {
  if (JSON.stringify(root) === JSON.stringify(tip) || share === 0) return root;
  if (share === 1) return tip;
  const even = (surface: readonly Pt[]) => {
    const along = arcs(surface);
    const whole = along[along.length - 1]!;
    return Array.from({ length: POINTS + 1 }, (_, i) =>
      pointAt(surface, along, (whole * (1 - Math.cos((Math.PI * i) / POINTS))) / 2),
    );
  };
  const parted = (s: Section) => {
    const loop = sectionLoop(s);
    const { top, bottom } = surfacesOf(signedArea(loop) < 0 ? [...loop].reverse() : loop);
    return { top: even(top), bottom: even(bottom) };
  };
  const [r, t] = [parted(root), parted(tip)];
  const between = (a: readonly Pt[], b: readonly Pt[]) =>
    a.map((p, i): [number, number] => [p[0] + share * (b[i]![0] - p[0]), p[1] + share * (b[i]![1] - p[1])]);
  const top = between(r.top, t.top).reverse();
  const bottom = between(r.bottom, t.bottom).slice(1);
  return { kind: 'points', points: [...top, ...bottom], name: 'between root and tip' };
}

type EndOf = Piece['root'];

/** The piece's end a share of the way from its root to its tip: chord, twist and thickness run straight. */
export function endBetween(piece: Piece, share: number): EndOf {
  const { root, tip } = piece;
  const mix = (a: number, b: number) => Number((a + share * (b - a)).toPrecision(12));
  return {
    section: sectionBetween(root.section, tip.section, share),
    chordMm: mix(root.chordMm, tip.chordMm),
    twistDeg: mix(root.twistDeg, tip.twistDeg),
    thicknessScale: mix(root.thicknessScale, tip.thicknessScale),
  };
}

const NO_EDGES: OwnEdges = { top: null, bottom: null };
const only = (side: 'top' | 'bottom', own: OwnEdges): OwnEdges => ({ ...NO_EDGES, [side]: own[side] });

/** A plan parted along its span into so many lengths, root first; neighbours have an end, and so a template, in common. */
export function lengthsOf(plan: PiecePlan, count: number): PiecePlan[] {
  const { piece } = plan;
  const [sweep, rise] = piece.tip.offsetMm;
  return Array.from({ length: count }, (_, k): PiecePlan => {
    const spanMm = piece.spanMm / count;
    return {
      ...plan,
      name: `${plan.name || 'Piece'}, length ${k + 1} of ${count}`,
      piece: {
        ...piece,
        spanMm,
        targetG: null,
        // Dowels of both faces join the lengths too; those of one face stay at that end of the whole.
        dowels: piece.dowels.filter(
          (d) => d.face === 'both' || (d.face === 'root' ? k === 0 : k === count - 1),
        ),
        root: endBetween(piece, k / count),
        tip: { ...endBetween(piece, (k + 1) / count), offsetMm: [sweep / count, rise / count] },
      },
      blank: plan.blank && { ...plan.blank, lengthMm: Math.min(plan.blank.lengthMm, spanMm) },
      template: {
        ...plan.template,
        // A joint is neither end of the whole: what was cut or is owned for those stays with them.
        cut: null,
        own: {
          root: k === 0 ? plan.template.own.root : NO_EDGES,
          tip: k === count - 1 ? plan.template.own.tip : NO_EDGES,
        },
      },
    };
  });
}

/** The half of a section above or below its chord line, as points: a flat from the nose to the middle of the tail, and the surface itself. */
export function sectionHalf(section: Section, side: 'top' | 'bottom'): Section {
  const loop = sectionLoop(section);
  const s = surfacesOf(signedArea(loop) < 0 ? [...loop].reverse() : loop);
  const surface = s[side].map(([x, y]): [number, number] => [x, y]);
  // From the tail over the top to the nose and back: what is flat is the other surface. Both halves have the same flat, or they would not meet.
  const [up, low] = [s.top[s.top.length - 1]!, s.bottom[s.bottom.length - 1]!];
  const tail: [number, number] = [(up[0] + low[0]) / 2, (up[1] + low[1]) / 2];
  const points = side === 'top' ? [...surface.slice().reverse(), tail] : [tail, ...surface];
  return { kind: 'points', points, name: `${side} half` };
}

/** A piece that is thicker than the board, parted along its chord line: an upper and a lower half, glued after cutting. */
export function halvesOf(plan: PiecePlan): PiecePlan[] {
  const { piece } = plan;
  return (['top', 'bottom'] as const).map((side): PiecePlan => ({
    ...plan,
    name: `${plan.name || 'Piece'}, ${side === 'top' ? 'upper' : 'lower'} half`,
    piece: {
      ...piece,
      targetG: null,
      // A dowel in the middle of the thickness lies in the joint of the halves: it is drilled when they are one.
      dowels: [],
      root: { ...piece.root, section: sectionHalf(piece.root.section, side) },
      tip: { ...piece.tip, section: sectionHalf(piece.tip.section, side) },
    },
    blank: null,
    template: {
      ...plan.template,
      // A half is flat on one side: no one template serves both.
      split: plan.template.split === 'turned' ? 'top-bottom' : plan.template.split,
      slots: plan.template.slots.filter((s) => s.side === side),
      cut: null,
      own: { root: only(side, plan.template.own.root), tip: only(side, plan.template.own.tip) },
    },
  }));
}
