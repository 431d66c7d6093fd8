import type { Section } from '../../documents/section';
import { nacaSection } from '../../physics/shape/naca';
import type { Pt } from '../../numeric/polyline';

/** Pieces of arc that a round shape is drawn with, a half circle. */
const ARC = 180;

const arc = (cx: number, cy: number, rx: number, ry: number, from: number, to: number): Pt[] =>
  Array.from({ length: ARC + 1 }, (_, i): Pt => {
    const a = from + ((to - from) * i) / ARC;
    return [cx + rx * Math.cos(a), cy + ry * Math.sin(a)];
  });

/** A section as a loop in chords, from the tail over the top to the nose and back, the nose at 0 and the tail at 1. */
export function sectionLoop(s: Section): Pt[] {
  switch (s.kind) {
    case 'naca':
      return nacaSection(s.code);
    case 'points':
      return s.points.map(([x, y]): Pt => [x, y]);
    case 'rectangle':
      return [[1, s.height / 2], [0, s.height / 2], [0, -s.height / 2], [1, -s.height / 2]]; // prettier-ignore
    case 'circle':
      return arc(0.5, 0, 0.5, 0.5, 0, 2 * Math.PI).slice(0, -1);
    case 'half-round':
      return arc(0.5, 0, 0.5, s.height, 0, Math.PI);
    case 'trapezium': {
      const in0 = (1 - s.topShare) / 2;
      return [
        [1, 0],
        [1 - in0, s.height],
        [in0, s.height],
        [0, 0],
      ];
    }
  }
}
