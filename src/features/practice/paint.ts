import { placeAt, type Course, type Track } from '@/core/practice/course';
import type { Moment, Spot } from '@/core/practice/moment';
import type { Pt } from '@/core/numeric/polyline';
import { heatColour } from '@/ui/theme/palette';
import { NARROW, type Colours, type View } from './lay';

/** Strip across the foam below a drawing: its height, and how many times larger its lag is drawn than it is. */
export const STRIP_PX = 84;
export const LAG_TIMES = 5;
/** Magnifier: its radius, px, beside and below. */
const GLASS = 46;
const GLASS_SMALL = 30;

/** What does not move: foam, the template's line, marks. */
export function paintGround(
  c: CanvasRenderingContext2D,
  o: {
    course: Course;
    end: 'near' | 'far';
    track: Track;
    view: View;
    colours: Colours;
    width: number;
    height: number;
  },
): void {
  const { course, end, view: v, colours } = o;
  c.clearRect(0, 0, o.width, o.height);
  const f = course.faces[end];
  c.fillStyle = colours.foam;
  c.strokeStyle = colours.edge;
  c.lineWidth = 1;
  c.fillRect(v.x(f.x0), v.y(f.y1), (f.x1 - f.x0) * v.scale, (f.y1 - f.y0) * v.scale);
  c.strokeRect(v.x(f.x0), v.y(f.y1), (f.x1 - f.x0) * v.scale, (f.y1 - f.y0) * v.scale);
  c.strokeStyle = colours.frame;
  c.lineWidth = 1.5;
  c.setLineDash([7, 5]);
  c.beginPath();
  course[end].forEach(([x, y], i) => (i === 0 ? c.moveTo(v.x(x), v.y(y)) : c.lineTo(v.x(x), v.y(y))));
  c.stroke();
  c.setLineDash([]);
  c.fillStyle = colours.dim;
  c.font = '600 13px "Barlow Semi Condensed", sans-serif';
  c.textAlign = 'center';
  for (const m of course.marks) {
    const [x, y] = placeAt(o.track, m[end]);
    const [px, py] = [v.x(x), v.y(y)];
    c.strokeStyle = colours.dim;
    c.lineWidth = 1;
    c.beginPath();
    if (m.kind === 'corner') c.arc(px, py, 7, 0, 2 * Math.PI);
    else {
      c.moveTo(px, py - 6);
      c.lineTo(px, py + 6);
    }
    c.stroke();
    c.fillText(String(m.n), px, py - 11);
  }
}

/** Adds what was cut since the last frame: a stroke as wide as the kerf, to scale. */
export function paintKerf(c: CanvasRenderingContext2D, v: View, from: Spot, to: Spot, colours: Colours): void {
  if (!to.inFoam || !from.inFoam) return;
  c.strokeStyle = colours.sheet;
  c.lineCap = 'round';
  c.lineWidth = Math.max(1.2, to.kerf * v.scale);
  c.beginPath();
  c.moveTo(v.x(from.at[0]), v.y(from.at[1]));
  c.lineTo(v.x(to.at[0]) + 0.01, v.y(to.at[1]));
  c.stroke();
}

/** Where the call is: a ring to keep the wire in. */
export function paintRing(c: CanvasRenderingContext2D, v: View, at: Pt, colours: Colours): void {
  c.strokeStyle = colours.act;
  c.lineWidth = 2;
  c.beginPath();
  c.arc(v.x(at[0]), v.y(at[1]), 11, 0, 2 * Math.PI);
  c.stroke();
}

export interface Over {
  readonly view: View;
  readonly end: 'near' | 'far';
  readonly m: Moment;
  readonly aim: Pt;
  readonly colours: Colours;
  readonly diameterMm: number;
  readonly smoke: boolean;
  /** Motion that only decorates is left out. */
  readonly still: boolean;
  readonly width: number;
  readonly height: number;
}

/** The wire in its place: its end, the middle behind it, the hand's pull, smoke, and the kerf under a magnifier. */
export function paintWire(c: CanvasRenderingContext2D, o: Over): void {
  const { view: v, m, colours } = o;
  const spot = m.spots[o.end];
  c.save();
  c.translate(v.shift(spot.at[0]), 0);
  const [x, y] = [v.x(spot.at[0]), v.y(spot.at[1])];
  const [ax, ay] = [v.x(o.aim[0]), v.y(o.aim[1])];
  if (Math.hypot(ax - x, ay - y) > 6) {
    c.strokeStyle = m.snagged ? colours.stop : colours.act;
    c.lineWidth = 1.5;
    c.setLineDash([2, 4]);
    c.beginPath();
    c.moveTo(x, y);
    c.lineTo(ax, ay);
    c.stroke();
    c.setLineDash([]);
    c.beginPath();
    c.arc(ax, ay, 8, 0, 2 * Math.PI);
    c.stroke();
  }
  const mid = m.spots.middle;
  const [mx, my] = [v.x(mid.at[0]), v.y(mid.at[1])];
  if (m.lag > 0.05) {
    c.strokeStyle = colours.ink;
    c.lineWidth = 1.5;
    c.beginPath();
    c.moveTo(x, y);
    c.lineTo(mx, my);
    c.stroke();
    dot(c, mx, my, 4, heatColour(mid.wireC), colours.ink);
  }
  if (o.smoke) smoke(c, x, y, o.still ? 0.5 : m.t % 1, colours.dim);
  dot(c, x, y, Math.max(5, (o.diameterMm / 2) * v.scale), heatColour(spot.wireC), colours.ink);
  c.restore();
  glass(c, o, spot);
}

function dot(c: CanvasRenderingContext2D, x: number, y: number, r: number, fill: string, line: string): void {
  c.fillStyle = fill;
  c.strokeStyle = line;
  c.lineWidth = 1.5;
  c.beginPath();
  c.arc(x, y, r, 0, 2 * Math.PI);
  c.fill();
  c.stroke();
}

function smoke(c: CanvasRenderingContext2D, x: number, y: number, phase: number, colour: string): void {
  c.fillStyle = colour;
  for (let i = 0; i < 3; i++) {
    const rise = ((phase + i / 3) % 1) * 34;
    c.globalAlpha = 0.35 * (1 - rise / 34);
    c.beginPath();
    c.arc(x + 5 * Math.sin(rise / 5 + i), y - 8 - rise, 4 + rise / 6, 0, 2 * Math.PI);
    c.fill();
  }
  c.globalAlpha = 1;
}

/** The wire in its kerf, enlarged so that the kerf can be judged: foam, kerf, wire, the middle where it lies. */
function glass(c: CanvasRenderingContext2D, o: Over, spot: Spot): void {
  const { colours, m } = o;
  const narrow = o.width < NARROW;
  const r = narrow ? GLASS_SMALL : GLASS;
  const [x, y] = [o.width - r - 6, narrow ? o.height - r - 2 : o.height / 2];
  const scale = r / (o.diameterMm * 2 + 0.7);
  c.save();
  c.beginPath();
  c.arc(x, y, r, 0, 2 * Math.PI);
  c.fillStyle = spot.inFoam ? colours.foam : colours.sheet;
  c.fill();
  c.clip();
  if (spot.inFoam) {
    c.fillStyle = colours.sheet;
    const half = (Math.max(spot.kerf, o.diameterMm) / 2) * scale;
    c.beginPath();
    c.arc(x, y, half, 0, 2 * Math.PI);
    c.fill();
    c.fillRect(x - r, y - half, r, 2 * half);
  }
  const mid = m.spots.middle;
  const back = Math.hypot(mid.at[0] - spot.at[0], mid.at[1] - spot.at[1]);
  if (m.lag > 0.02 && back * scale < r)
    dot(c, x - back * scale, y, (o.diameterMm / 2) * scale, heatColour(mid.wireC), colours.dim);
  dot(c, x, y, (o.diameterMm / 2) * scale, heatColour(spot.wireC), colours.ink);
  c.restore();
  c.strokeStyle = colours.edge;
  c.lineWidth = 1.5;
  c.beginPath();
  c.arc(x, y, r, 0, 2 * Math.PI);
  c.stroke();
}

/** Strip: free beside the wire, above and below the foam, and from the strip's top to the wire, px. */
const SIDE = 20;
const ABOVE = 8;
const WIRE_AT = 18;
/** The wire's line is drawn in so many pieces, each in its heat. */
const PIECES = 24;

/** The wire across the foam, seen from above: its heat from end to end, its bow drawn larger. */
export function paintAcross(
  c: CanvasRenderingContext2D,
  o: { m: Moment; colours: Colours; width: number; height: number; share: number },
): void {
  const { m, colours, width, height } = o;
  c.clearRect(0, 0, width, height);
  const long = width - 2 * SIDE;
  const side = ((1 - o.share) / 2) * long;
  const [a, b] = [SIDE + side, width - SIDE - side];
  c.fillStyle = colours.foam;
  c.strokeStyle = colours.edge;
  c.lineWidth = 1;
  c.fillRect(a, ABOVE, b - a, height - 2 * ABOVE);
  c.strokeRect(a, ABOVE, b - a, height - 2 * ABOVE);
  const bow = Math.min(height - WIRE_AT - 2 * ABOVE, m.lag * LAG_TIMES);
  const at = (t: number): Pt => {
    const x = SIDE + t * long;
    const aside = (2 * x - (a + b)) / (b - a);
    return [x, WIRE_AT + bow * Math.max(0, 1 - aside ** 2)];
  };
  for (const [wide, casing] of [
    [6, true],
    [3.5, false],
  ] as const) {
    for (let i = 0; i < PIECES; i++) {
      const [x] = at((i + 0.5) / PIECES);
      const tempC = x < a || x > b ? m.airC : spotC(m, (x - a) / (b - a));
      c.strokeStyle = casing ? colours.ink : heatColour(tempC);
      c.lineWidth = wide;
      c.lineCap = 'round';
      c.beginPath();
      c.moveTo(...at(i / PIECES));
      c.lineTo(...at((i + 1) / PIECES));
      c.stroke();
    }
  }
}

const spotC = ({ spots }: Moment, t: number) =>
  (t < 0.25 ? spots.near : t > 0.75 ? spots.far : spots.middle).wireC;
