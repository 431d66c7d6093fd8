'use client';
import { useColorScheme } from '@mui/material/styles';
import { useEffect, useRef, useState } from 'react';
import {
  AmbientLight,
  BufferGeometry,
  BoxGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  EdgesGeometry,
  Float32BufferAttribute,
  Line,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  Scene,
  WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import type { PlanView } from '@/core/engine/template/view';
import { arcs, pointAt, type Pt } from '@/core/numeric/polyline';

const POINTS = 160;
const HEIGHT = 250;

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

/** The core in its block, to be turned by hand. Drawn only when something moves. */
export function CoreView({ view }: { view: PlanView }) {
  const host = useRef<HTMLDivElement>(null);
  const { mode, systemMode } = useColorScheme();
  const [failed, fail] = useState(false);
  useEffect(() => {
    const el = host.current;
    if (!el) return;
    const css = getComputedStyle(document.documentElement);
    const colour = (name: string) => new Color(css.getPropertyValue(name).trim());
    let renderer: WebGLRenderer;
    try {
      renderer = new WebGLRenderer({ antialias: true, alpha: true });
    } catch {
      fail(true);
      return;
    }
    const width = el.clientWidth;
    renderer.setPixelRatio(Math.min(2, devicePixelRatio));
    renderer.setSize(width, HEIGHT);
    el.appendChild(renderer.domElement);
    const scene = new Scene();
    const span = view.plan.piece.spanMm;
    const { box, smallest } = view.blank;
    const size = view.plan.blank ?? smallest;
    const margin = view.plan.blank?.marginMm ?? 15;
    const core = new Mesh(
      coreOf(even(view.sections.root), even(view.sections.tip), span),
      new MeshLambertMaterial({ color: colour('--foamEdge'), side: DoubleSide }),
    );
    scene.add(core);
    const block = new LineSegments(
      new EdgesGeometry(new BoxGeometry(size.widthMm, size.heightMm, size.lengthMm)),
      new LineBasicMaterial({ color: colour('--edge') }),
    );
    block.position.set(box.x0 - margin + size.widthMm / 2, (box.y0 + box.y1) / 2, -size.lengthMm / 2);
    scene.add(block);
    // The wire stands at the middle station of the first pass.
    const pass = view.passes[0]!;
    const k = Math.floor(pass.nodes.length / 2);
    const wire = (['root', 'tip'] as const).map((end, i) => {
      const line = pass.lines[end];
      const [x, y] = pointAt(line.points, arcs(line.points), line.nodes[k]!);
      return [x, y, i === 0 ? 60 : -span - 60];
    });
    const wireLine = new BufferGeometry();
    wireLine.setAttribute('position', new Float32BufferAttribute(wire.flat(), 3));
    scene.add(new Line(wireLine, new LineBasicMaterial({ color: new Color('#e0571b') })));
    scene.add(new AmbientLight(0xffffff, 1.5));
    const sun = new DirectionalLight(0xffffff, 2);
    sun.position.set(-200, 500, 300);
    scene.add(sun);
    const camera = new PerspectiveCamera(32, width / HEIGHT, 1, 20000);
    const reach = Math.max(span, size.widthMm) * 1.5;
    camera.position.set(box.x0 - reach * 0.75, reach * 0.62, reach * 0.52);
    const controls = new OrbitControls(camera, renderer.domElement);
    controls.target.set((box.x0 + box.x1) / 2, 0, -span / 2);
    controls.enableDamping = false;
    controls.enableZoom = false;
    const draw = () => renderer.render(scene, camera);
    controls.addEventListener('change', draw);
    controls.update();
    draw();
    const keys = (e: KeyboardEvent) => {
      const turn = { ArrowLeft: 0.12, ArrowRight: -0.12 }[e.key];
      if (turn === undefined) return;
      e.preventDefault();
      const dx = camera.position.x - controls.target.x;
      const dz = camera.position.z - controls.target.z;
      camera.position.x = controls.target.x + dx * Math.cos(turn) - dz * Math.sin(turn);
      camera.position.z = controls.target.z + dx * Math.sin(turn) + dz * Math.cos(turn);
      controls.update();
      draw();
    };
    el.addEventListener('keydown', keys);
    return () => {
      el.removeEventListener('keydown', keys);
      controls.dispose();
      renderer.dispose();
      el.replaceChildren();
    };
  }, [view, mode, systemMode]);
  if (failed)
    return (
      <p className="dim">This browser draws nothing in three dimensions; “Both ends” shows the same in two.</p>
    );
  return (
    <div
      ref={host}
      tabIndex={0}
      role="img"
      aria-label="The core in its block with the wire through both sections. Turn it by dragging, or with the arrow keys left and right."
      style={{ height: HEIGHT }}
    />
  );
}
