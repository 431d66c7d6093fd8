'use client';
import { useMemo } from 'react';
import {
  BufferGeometry,
  BoxGeometry,
  Color,
  DoubleSide,
  EdgesGeometry,
  Float32BufferAttribute,
  Line,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
} from 'three';
import { blockOf, type PlanView } from '@/core/engine/template/view';
import { arcs, pointAt, type Pt } from '@/core/numeric/polyline';
import { View3d, type Look } from '@/ui/View3d';

const POINTS = 160;

/** A loop in even steps of its arc, so that both ends have their points matched. */
function even(loop: readonly Pt[]): Pt[] {
  const closed = [...loop, loop[0]!];
  const along = arcs(closed);
  const whole = along[along.length - 1]!;
  return Array.from({ length: POINTS }, (_, i) => pointAt(closed, along, (whole * i) / POINTS));
}

/** The core's skin between its two ends, and its two faces. */
function coreOf(root: Pt[], tip: Pt[], span: number): BufferGeometry {
  const at: number[] = [];
  const quad = (a: number[], b: number[], c: number[], d: number[]) =>
    at.push(...a, ...b, ...c, ...a, ...c, ...d);
  const r = root.map(([x, y]) => [x, y, 0]);
  const t = tip.map(([x, y]) => [x, y, -span]);
  for (let i = 0; i < POINTS; i++) {
    const j = (i + 1) % POINTS;
    quad(r[i]!, r[j]!, t[j]!, t[i]!);
  }
  // Faces as strips from the top to the bottom: good for what is as long as it is thin.
  for (const face of [r, t])
    for (let i = 0; i < POINTS / 2 - 1; i++)
      quad(face[i]!, face[i + 1]!, face[POINTS - 2 - i]!, face[POINTS - 1 - i]!);
  const g = new BufferGeometry();
  g.setAttribute('position', new Float32BufferAttribute(at, 3));
  g.computeVertexNormals();
  return g;
}

/** The core in its block, with the wire at the middle station of its first pass. */
export function CoreView({ view }: { view: PlanView }) {
  const look = useMemo((): Look => {
    const span = view.plan.piece.spanMm;
    const size = view.plan.blank ?? view.blank.smallest;
    const at = blockOf(view);
    const pass = view.passes[0]!;
    const k = Math.floor(pass.nodes.length / 2);
    const wire = (['root', 'tip'] as const).map((end, i) => {
      const line = pass.lines[end];
      const [x, y] = pointAt(line.points, arcs(line.points), line.nodes[k]!);
      return [x, y, i === 0 ? 60 : -span - 60];
    });
    const reach = Math.max(span, size.widthMm) * 1.5;
    return (colour) => {
      const core = new Mesh(
        coreOf(even(view.sections.root), even(view.sections.tip), span),
        new MeshLambertMaterial({ color: colour('--foamEdge'), side: DoubleSide }),
      );
      const block = new LineSegments(
        new EdgesGeometry(new BoxGeometry(size.widthMm, size.heightMm, size.lengthMm)),
        new LineBasicMaterial({ color: colour('--edge') }),
      );
      block.position.set((at.x0 + at.x1) / 2, (at.y0 + at.y1) / 2, -size.lengthMm / 2);
      const line = new BufferGeometry();
      line.setAttribute('position', new Float32BufferAttribute(wire.flat(), 3));
      return {
        things: [core, block, new Line(line, new LineBasicMaterial({ color: new Color('#e0571b') }))],
        eye: [view.blank.box.x0 - reach * 0.75, reach * 0.62, reach * 0.52],
        at: [(view.blank.box.x0 + view.blank.box.x1) / 2, 0, -span / 2],
      };
    };
  }, [view]);
  return (
    <View3d
      look={look}
      label="The core in its block with the wire through both sections. Turn it by dragging, or with the arrow keys left and right."
      instead="“Both ends” shows the same in two."
    />
  );
}
