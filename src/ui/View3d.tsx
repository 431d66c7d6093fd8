'use client';
import { useColorScheme } from '@mui/material/styles';
import { useEffect, useRef, useState } from 'react';
import {
  AmbientLight,
  Color,
  DirectionalLight,
  PerspectiveCamera,
  Scene,
  WebGLRenderer,
  type Object3D,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';

type Place = readonly [number, number, number];
/** What is looked at: things in mm, where the eye stands and what it looks at. `colour`: of the page, by its name. */
export type Look = (colour: (name: string) => Color) => {
  readonly things: readonly Object3D[];
  readonly eye: Place;
  readonly at: Place;
};

const HEIGHT = 250;

/** Something solid, to be turned by hand or by the arrow keys. `instead`: where the same is shown in two dimensions. Drawn only when something moves; `look` must be kept from one painting to the next. */
export function View3d({ look, label, instead }: { look: Look; label: string; instead: string }) {
  const host = useRef<HTMLDivElement>(null);
  const { mode, systemMode } = useColorScheme();
  const [failed, fail] = useState(false);
  useEffect(() => {
    const el = host.current;
    if (!el) return;
    const css = getComputedStyle(document.documentElement);
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
    const { things, eye, at } = look((name) => new Color(css.getPropertyValue(name).trim()));
    scene.add(...things, new AmbientLight(0xffffff, 1.5));
    const sun = new DirectionalLight(0xffffff, 2);
    sun.position.set(-200, 500, 300);
    scene.add(sun);
    const camera = new PerspectiveCamera(32, width / HEIGHT, 1, 20000);
    camera.position.set(...eye);
    const controls = new OrbitControls(camera, renderer.domElement);
    controls.target.set(...at);
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
  }, [look, mode, systemMode]);
  if (failed) return <p className="dim">This browser draws nothing in three dimensions; {instead}</p>;
  return <div ref={host} tabIndex={0} role="img" aria-label={label} style={{ height: HEIGHT }} />;
}
