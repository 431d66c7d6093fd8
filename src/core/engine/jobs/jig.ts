import type { OwnJob } from '../../documents/job';
import type { WorksheetFigures } from '../../documents/worksheet';
import { boxOf, type Pt } from '../../numeric/polyline';
import { grow } from '../../physics/shape/grow';
import type { Mark, PrintedPiece } from '../template/pieces';
import { loopInFoam } from './loop/groove';
import { loopLine } from './loop/line';

/** Width of a spacer strip, room about a jig's marks, half a cross and the radius of a pin's hole, mm. Ours. */
const STRIP_MM = 20;
const ROOM_MM = 16;
const CROSS_MM = 5;
const PIN_RADIUS = 1;

const line = (from: Pt, to: Pt, text = ''): Mark => ({ kind: 'jig', from, to, text });
const cross = ([x, y]: Pt): Mark[] => [
  line([x - CROSS_MM, y], [x + CROSS_MM, y]),
  line([x, y - CROSS_MM], [x, y + CROSS_MM]),
];
const box = (x0: number, y0: number, x1: number, y1: number): Pt[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];
const round = (mm: number) => `${mm.toFixed(2)} mm`;

/** What of a job is printed at full size: spacer strips, a pin's jig, a fence's marks, a template, a loop to bend by. None while it is stopped. */
export function jigsOf(job: OwnJob, sheet: WorksheetFigures): PrintedPiece[] {
  const v = sheet.values;
  const known = (key: string): number | null => (sheet.steps.length > 0 ? (v[key] ?? null) : null);
  switch (job.kind) {
    case 'sheets': {
      const spacer = known('spacerMm');
      if (spacer === null) return [];
      const set = job.by.kind === 'spacers' ? (job.by.heightMm ?? spacer) : spacer;
      return ['LEFT', 'RIGHT'].map((side) => ({
        outline: box(0, 0, job.blockMm[0], STRIP_MM),
        holes: [],
        marks: [],
        label: [`SPACER ${side}: ${round(set)} HIGH`, 'Card laid up to that height, measured.'],
        labelAt: [6, STRIP_MM - 6],
      }));
    }
    case 'strips': {
      const fence = known('fenceMm');
      return fence === null ? [] : [toWire(`FENCE TO WIRE ${round(fence)}`, fence, 'fence')];
    }
    case 'disc': {
      const pin = known('pinMm');
      const hole = known('holePinMm');
      return [
        ...(hole === null ? [] : [toWire(`HOLE, CUT FIRST: PIN TO WIRE ${round(hole)}`, hole, 'pin')]),
        ...(pin === null ? [] : [toWire(`DISC: PIN TO WIRE ${round(pin)}`, pin, 'pin')]),
      ];
    }
    case 'cutout': {
      const off = known('templateMm');
      if (off === null) return [];
      const hole = job.keep === 'hole';
      const outline = grow(job.outline, hole ? -off : off);
      const b = boxOf(outline);
      return [
        {
          outline,
          holes: [],
          marks: cross([(b.x0 + b.x1) / 2, (b.y0 + b.y1) / 2]),
          label: [`${hole ? 'OPENING' : 'TEMPLATE'}, ${round(off)} ${hole ? 'SMALLER' : 'LARGER'} ALL ROUND`],
          labelAt: [b.x0 + 4, (b.y0 + b.y1) / 2 - 8],
        },
      ];
    }
    case 'groove': {
      const outer = known('loopMm');
      if (outer === null) return [];
      const half = outer / 2;
      const d = v['d'] ?? 0;
      const inFoam = loopInFoam(job.shape, outer, job.depthMm, d, job.outline);
      const middle = loopLine(job.shape, outer - d, job.depthMm - d / 2, job.outline);
      return [
        {
          outline: box(-half, -job.depthMm, half, ROOM_MM),
          holes: [],
          marks: [
            line([-half - CROSS_MM, 0], [half + CROSS_MM, 0], 'face of the foam'),
            ...middle.slice(1).map((to, i) => line(middle[i]!, to)),
          ],
          label: [
            `LOOP ${round(outer)} OUTSIDE, ${round(job.depthMm)} DEEP`,
            `${round(inFoam)} of wire in the foam`,
          ],
          labelAt: [-half + 2, ROOM_MM - 4],
        },
      ];
    }
    case 'outline':
    case 'core':
    case 'turned':
    case 'comb':
    case 'segments':
    case 'build':
      return [];
  }
}

/** A strip with the wire's place at one end and a pin's hole or a fence's line at the other, the distance between them true. */
function toWire(label: string, apart: number, from: 'pin' | 'fence'): PrintedPiece {
  return {
    outline: box(-ROOM_MM, -ROOM_MM, apart + ROOM_MM, ROOM_MM),
    holes: from === 'pin' ? [{ at: [0, 0], radius: PIN_RADIUS }] : [],
    marks: [...(from === 'pin' ? cross([0, 0]) : [line([0, -ROOM_MM], [0, ROOM_MM])]), ...cross([apart, 0])],
    label: [label],
    labelAt: [6, ROOM_MM - 6],
  };
}
