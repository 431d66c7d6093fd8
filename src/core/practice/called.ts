import type { CallSheet } from '../engine/call/cues';
import { blockOf, type PassView, type PlanView } from '../engine/template/view';
import type { Pt } from '../numeric/polyline';
import { inside, type Course, type Face, type Mark } from './course';
import { STEP_S } from './run';
import { type Aim } from './moment';

/** A pass of a planned piece as a course to practise: its lines, its blank, its stations and corners with their waits. */
export function courseOfPass(view: PlanView, pass: PassView): Course {
  const block = blockOf(view);
  const marks = pass.nodes.flatMap((node, i): Mark[] =>
    node.kind === 'station' || node.kind === 'corner'
      ? [
          {
            kind: node.kind,
            n: node.n,
            near: pass.lines.root.nodes[i]!,
            far: pass.lines.tip.nodes[i]!,
            waitS: pass.waits.find((w) => w.node === i)?.seconds ?? 0,
          },
        ]
      : [],
  );
  return {
    near: pass.lines.root.points,
    far: pass.lines.tip.points,
    faces: { near: faceFor(block, pass.lines.root.points), far: faceFor(block, pass.lines.tip.points) },
    marks,
    together: false,
    feed: Math.max(view.feed.root ?? 0, view.feed.tip ?? 0),
  };
}

/** Free of foam about the ends of a line, mm: the wire starts and ends outside. */
const CLEAR = 3;

/** The block as far as a line starts and ends outside it: an end's line may begin in what is only waste. */
function faceFor(block: Face, line: readonly Pt[]): Face {
  let face = block;
  for (const [x, y] of [line[0]!, line.at(-1)!]) {
    if (!inside(face, x, y)) continue;
    face = x < (block.x0 + block.x1) / 2 ? { ...face, x0: x + CLEAR } : { ...face, x1: x - CLEAR };
  }
  return face;
}

/** Where the hands of a called pass are, step by step, from the first word to the run-out. */
export function calledAims(pass: PassView, sheet: Pick<CallSheet, 'reach' | 'leave'>): Aim[] {
  const knots = pass.nodes.flatMap((_, i) => {
    const at = { near: pass.lines.root.nodes[i]!, far: pass.lines.tip.nodes[i]! };
    return [
      { t: sheet.reach[i]!, ...at },
      { t: sheet.leave[i] ?? sheet.reach[i]!, ...at },
    ];
  });
  const out: Aim[] = [];
  const last = knots.at(-1)!;
  let k = 0;
  // The hands come to where they aim a moment later.
  for (let t = STEP_S; t < last.t + 1; t += STEP_S) {
    while (k < knots.length - 1 && knots[k + 1]!.t <= t) k++;
    const a = knots[k]!;
    const b = knots[Math.min(k + 1, knots.length - 1)]!;
    const share = b.t > a.t ? Math.min(1, Math.max(0, (t - a.t) / (b.t - a.t))) : 0;
    out.push({ near: a.near + share * (b.near - a.near), far: a.far + share * (b.far - a.far) });
  }
  return out;
}
