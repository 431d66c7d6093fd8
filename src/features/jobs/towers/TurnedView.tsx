'use client';
import { useMemo } from 'react';
import {
  BoxGeometry,
  BufferGeometry,
  DoubleSide,
  EdgesGeometry,
  Float32BufferAttribute,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
} from 'three';
import type { JobOf } from '@/core/documents/job';
import { placesOf, reachOf } from '@/core/engine/motion/spun';
import { View3d, type Look } from '@/ui/View3d';

/** Directions that a section is drawn in: all corners of pieces with 2, 3, 4, 6 and 8 equal sides are among them. */
const AROUND = 144;

/** What a turned piece becomes, standing in its block. */
export function TurnedView({ job }: { job: JobOf<'turned'> }) {
  const look = useMemo((): Look => {
    const [long, wide, high] = job.blockMm;
    const rings = placesOf(job).map((x) =>
      Array.from({ length: AROUND }, (_, i): [number, number, number] => {
        const deg = (360 * i) / AROUND;
        const r = reachOf(job, x, deg);
        const a = (deg * Math.PI) / 180;
        return [x - long / 2, r * Math.sin(a), r * Math.cos(a)];
      }),
    );
    const at: number[] = [];
    const three = (...points: (readonly [number, number, number])[]) => at.push(...points.flat());
    rings.slice(1).forEach((ring, k) => {
      const before = rings[k]!;
      for (let i = 0; i < AROUND; i++) {
        const j = (i + 1) % AROUND;
        three(before[i]!, before[j]!, ring[j]!);
        three(before[i]!, ring[j]!, ring[i]!);
      }
    });
    for (const ring of [rings[0]!, rings.at(-1)!])
      for (let i = 0; i < AROUND; i++) three([ring[0]![0], 0, 0], ring[i]!, ring[(i + 1) % AROUND]!);
    const reach = Math.max(long, 2 * high);
    return (colour) => {
      const skin = new BufferGeometry();
      skin.setAttribute('position', new Float32BufferAttribute(at, 3));
      skin.computeVertexNormals();
      const piece = new Mesh(skin, new MeshLambertMaterial({ color: colour('--foamEdge'), side: DoubleSide }));
      const block = new LineSegments(
        new EdgesGeometry(new BoxGeometry(long, high, wide)),
        new LineBasicMaterial({ color: colour('--edge') }),
      );
      return { things: [piece, block], eye: [-reach * 0.55, reach * 0.7, reach * 1.25], at: [0, 0, 0] };
    };
  }, [job]);
  return (
    <View3d
      look={look}
      label="The piece in its block, as all its sides leave it. Turn it by dragging, or with the arrow keys left and right."
      instead="the wire’s way shows it from the side."
    />
  );
}
