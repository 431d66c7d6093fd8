import type { Deviation } from '@/core/documents/motion';
import type { PlayView, wireAt } from '@/core/engine/motion/view';
import type { Pt } from '@/core/numeric/polyline';

/** Free round the drawing, px. */
const ROUND = 18;
/** Kerfs that differ by less are drawn as one line, mm: a stroke for each move would be slow. */
const STEP_MM = 0.02;

export interface Scene {
  readonly play: PlayView;
  readonly loops?: readonly (readonly Pt[])[];
  readonly sections?: readonly [readonly Pt[], readonly Pt[]] | null;
  readonly deviations?: readonly Deviation[];
  readonly line?: number | null;
  readonly width: number;
  readonly height: number;
  /** Null: all of it. */
  readonly seconds: number | null;
  readonly wire: ReturnType<typeof wireAt> | null;
  /** Also what is still to come, faintly. */
  readonly ahead?: boolean;
}

/** What is drawn of a path, mm: the block and all of the wire's way. */
function boxOf(play: PlayView) {
  let [x0, x1, y0, y1] = [0, play.block[0], 0, play.block[2]];
  for (let i = 4; i < play.faces.length; i += 4) {
    x0 = Math.min(x0, play.faces[i]!);
    x1 = Math.max(x1, play.faces[i]!);
    y0 = Math.min(y0, play.faces[i + 1]!);
    y1 = Math.max(y1, play.faces[i + 1]!);
  }
  return { x0, x1, y0, y1 };
}

/** Height of a canvas that a path fills at a width, px. */
export function highFor(play: PlayView, width: number): number {
  const { x0, x1, y0, y1 } = boxOf(play);
  return 2 * ROUND + Math.max(60, ((width - 2 * ROUND) * (y1 - y0)) / (x1 - x0 || 1));
}

/** How millimetres lie on the canvas: the block and all the wire's way fit in. */
export function fit(play: PlayView, width: number, height: number) {
  const { x0, x1, y0, y1 } = boxOf(play);
  const scale = Math.min((width - 2 * ROUND) / (x1 - x0 || 1), (height - 2 * ROUND) / (y1 - y0 || 1));
  const left = (width - (x1 - x0) * scale) / 2;
  return {
    scale,
    x: (mm: number) => left + (mm - x0) * scale,
    y: (mm: number) => height - ROUND - (mm - y0) * scale,
  };
}

/** Draws a path on a canvas: foam, parts, the opened slot as wide as it is, ways in the air dotted, the wire. Colours are the page's own. */
export function paintPath(canvas: HTMLCanvasElement, s: Scene): void {
  const ratio = window.devicePixelRatio || 1;
  const [w, h] = [Math.round(s.width * ratio), Math.round(s.height * ratio)];
  if (canvas.width !== w || canvas.height !== h) {
    canvas.width = w;
    canvas.height = h;
  }
  const c = canvas.getContext('2d');
  if (!c) return;
  const style = getComputedStyle(canvas);
  const colour = (name: string) => style.getPropertyValue(name).trim();
  c.setTransform(ratio, 0, 0, ratio, 0, 0);
  c.clearRect(0, 0, s.width, s.height);
  const { play } = s;
  const f = fit(play, s.width, s.height);
  c.fillStyle = colour('--foam');
  c.strokeStyle = colour('--edge');
  c.lineWidth = 1;
  const [bx, by] = [f.x(0), f.y(play.block[2])];
  c.fillRect(bx, by, play.block[0] * f.scale, play.block[2] * f.scale);
  c.strokeRect(bx, by, play.block[0] * f.scale, play.block[2] * f.scale);
  const [left, right] = s.sections ?? [null, null];
  const solids = left ? [left] : (s.loops ?? []);
  const trace = (loops: readonly (readonly Pt[])[]) => {
    c.beginPath();
    for (const loop of loops) {
      loop.forEach(([x, y], i) => (i === 0 ? c.moveTo(f.x(x), f.y(y)) : c.lineTo(f.x(x), f.y(y))));
      c.closePath();
    }
  };
  trace(solids);
  c.globalAlpha = 0.5;
  c.fillStyle = colour('--edge');
  c.fill('evenodd');
  c.globalAlpha = 1;
  if (right) {
    // The far face: its section and the wire's way there, behind the near one.
    trace([right]);
    c.strokeStyle = colour('--dim');
    c.setLineDash([6, 4]);
    c.stroke();
    c.beginPath();
    for (let i = 0; i < s.play.faces.length; i += 4) {
      const [x, y] = [f.x(s.play.faces[i + 2]!), f.y(s.play.faces[i + 3]!)];
      if (i === 0) c.moveTo(x, y);
      else c.lineTo(x, y);
    }
    c.setLineDash([1, 3]);
    c.stroke();
    c.setLineDash([]);
  }
  if (s.ahead) {
    c.globalAlpha = 0.3;
    ways(c, { ...s, seconds: null, wire: null, thin: true }, f, colour);
    c.globalAlpha = 1;
  }
  ways(c, s, f, colour);
  for (const d of s.deviations ?? []) {
    c.strokeStyle = colour('--fix');
    c.lineWidth = 1.5;
    c.beginPath();
    c.arc(f.x(d.at[0]), f.y(d.at[1]), 6, 0, 2 * Math.PI);
    c.stroke();
  }
  if (s.wire) {
    const { left, right } = s.wire;
    c.strokeStyle = colour('--hot');
    c.fillStyle = colour('--hot');
    c.lineWidth = 2;
    c.beginPath();
    c.moveTo(f.x(left[0]), f.y(left[1]));
    c.lineTo(f.x(right[0]), f.y(right[1]));
    c.stroke();
    c.beginPath();
    c.arc(f.x(left[0]), f.y(left[1]), 4.5, 0, 2 * Math.PI);
    c.fill();
  }
}

/** The wire's way up to a second: runs of one kerf as one stroke. */
function ways(
  c: CanvasRenderingContext2D,
  s: Scene & { readonly thin?: boolean },
  f: ReturnType<typeof fit>,
  colour: (name: string) => string,
): void {
  const { play, seconds } = s;
  const n = play.kerf.length;
  c.lineJoin = 'round';
  c.lineCap = 'round';
  let drawn: string | null = null;
  const end = () => {
    if (drawn !== null) c.stroke();
    drawn = null;
  };
  for (let i = 0; i < n; i++) {
    if (seconds !== null && play.reached[i]! >= seconds) break;
    const k = play.kerf[i]!;
    const cuts = Number.isFinite(k);
    const here = s.line !== null && s.line === play.lines[i];
    const key = here ? `here ${i}` : cuts ? String(Math.round(k / STEP_MM)) : 'air';
    const [x0, y0] = [f.x(play.faces[i * 4]!), f.y(play.faces[i * 4 + 1]!)];
    const whole = seconds === null || play.reached[i + 1]! <= seconds;
    const [x1, y1] = whole
      ? [f.x(play.faces[i * 4 + 4]!), f.y(play.faces[i * 4 + 5]!)]
      : s.wire
        ? [f.x(s.wire.left[0]), f.y(s.wire.left[1])]
        : [x0, y0];
    if (key !== drawn) {
      end();
      drawn = key;
      c.beginPath();
      c.strokeStyle = colour(here ? '--hot' : cuts ? '--cut' : '--dim');
      c.lineWidth = here ? 4 : cuts && !s.thin ? Math.max(1.4, k * f.scale) : 1;
      c.setLineDash(cuts || here ? [] : [2, 4]);
      c.moveTo(x0, y0);
    }
    c.lineTo(x1, y1);
  }
  end();
  c.setLineDash([]);
}
