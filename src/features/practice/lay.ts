import type { Course } from '@/core/practice/course';
import type { Pt } from '@/core/numeric/polyline';

/** Free round the drawing, px. */
const ROUND = 22;
/** Kept free for the magnifier, px: on the right, or below where a phone has no room beside. */
const GLASS_ROOM = 104;
const GLASS_BELOW = 64;
export const NARROW = 520;

/** A view of one end: how its millimetres lie on a canvas. */
export interface View {
  readonly scale: number;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
  readonly mm: (px: number, py: number) => Pt;
  /** How far the drawing is moved with the foam, px, where the foam is pushed; 0 otherwise. */
  readonly shift: (x: number) => number;
}

/** Lays a course out over a width and height, both ends to one scale. */
export function viewOf(course: Course, width: number, height: number, pushed = false): View {
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
  const take = (x: number, y: number) => {
    x0 = Math.min(x0, x);
    x1 = Math.max(x1, x);
    y0 = Math.min(y0, y);
    y1 = Math.max(y1, y);
  };
  for (const end of ['near', 'far'] as const) {
    const f = course.faces[end];
    take(f.x0, f.y0);
    take(f.x1, f.y1);
    for (const [x, y] of course[end]) take(x, y);
  }
  const narrow = width < NARROW;
  const free = narrow ? width : width - GLASS_ROOM;
  const high = narrow ? height - GLASS_BELOW : height;
  // Foam that is pushed goes from one side of the wire, in the middle, to the other.
  const room = pushed ? free / 2 - ROUND : free - 2 * ROUND;
  const scale = Math.min(room / (x1 - x0), (high - 2 * ROUND) / (y1 - y0));
  const left = pushed ? free / 2 : (free - (x1 - x0) * scale) / 2;
  const top = (high - (y1 - y0) * scale) / 2;
  return {
    scale,
    x: (mm) => left + (mm - x0) * scale,
    y: (mm) => top + (y1 - mm) * scale,
    shift: (x) => (pushed ? (x0 - x) * scale : 0),
    mm: (px, py) => [(px - left) / scale + x0, y1 - (py - top) / scale],
  };
}

/** The page's colours, in the theme as it stands. */
export type Colours = Readonly<
  Record<'foam' | 'edge' | 'ink' | 'dim' | 'sheet' | 'frame' | 'act' | 'stop', string>
>;
export function coloursOf(el: Element): Colours {
  const style = getComputedStyle(el);
  const of = (name: string) => style.getPropertyValue(`--${name}`).trim();
  return {
    foam: of('foam'),
    edge: of('foamEdge'),
    ink: of('ink'),
    dim: of('dim'),
    sheet: of('sheet'),
    frame: of('frame'),
    act: of('act'),
    stop: of('stop'),
  };
}

/** Sets a canvas to its size on the screen, CSS px, and gives what paints it in these; null where the browser paints none. */
export function sized(
  canvas: HTMLCanvasElement,
  width: number,
  height: number,
): CanvasRenderingContext2D | null {
  const ratio = window.devicePixelRatio || 1;
  const [w, h] = [Math.round(width * ratio), Math.round(height * ratio)];
  if (canvas.width !== w || canvas.height !== h) {
    canvas.width = w;
    canvas.height = h;
  }
  const c = canvas.getContext('2d');
  c?.setTransform(ratio, 0, 0, ratio, 0, 0);
  return c;
}
