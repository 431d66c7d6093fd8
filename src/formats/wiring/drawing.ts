import type { WiringPlan } from '@/core/engine/wiringPlan';
import { controlSettingText } from '@/core/words/control';
import type { Say } from '@/core/words/say';
import { controlName, supplyName } from '@/core/words/wiring';

/** A shape of a drawing; millimetres, y down. */
export type Shape =
  | {
      readonly is: 'line';
      readonly points: readonly (readonly [number, number])[];
      readonly width: number;
      readonly dash?: readonly number[];
    }
  | {
      readonly is: 'rect';
      readonly x: number;
      readonly y: number;
      readonly w: number;
      readonly h: number;
      readonly width: number;
      readonly dash?: readonly number[];
    }
  | {
      readonly is: 'circle';
      readonly x: number;
      readonly y: number;
      readonly r: number;
      readonly width: number;
      readonly fill: boolean;
    }
  | {
      readonly is: 'text';
      readonly x: number;
      readonly y: number;
      readonly size: number;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly bold: boolean;
      readonly text: string;
    };

export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
}

const WIDTH = 180;
const HEIGHT = 100;
const TOP = 34;
const BACK = 62;
const WIRE_Y = 84;
const LEFT = 46;
const RIGHT = 170;

/** The loop of a rig as a wiring drawing, 180 by 100 mm, with the size of each part beside it. Standard symbols (IEC 60617). */
export function wiringDrawing(p: WiringPlan, say: Say): Drawing {
  const shapes: Shape[] = [];
  const line = (points: [number, number][], width = 0.5, dash?: number[]) =>
    shapes.push({ is: 'line', points, width, ...(dash ? { dash } : {}) });
  const rect = (x: number, y: number, w: number, h: number, width = 0.5, dash?: number[]) =>
    shapes.push({ is: 'rect', x, y, w, h, width, ...(dash ? { dash } : {}) });
  const text = (
    x: number,
    y: number,
    t: string,
    anchor: 'start' | 'middle' | 'end' = 'middle',
    bold = false,
    size = 3.2,
  ) => shapes.push({ is: 'text', x, y, size, anchor, bold, text: t });
  const w0 = 60;
  const { rig } = p;
  const copper = Math.min(1.4, 0.5 + 0.25 * Math.sqrt(p.lead.areaMm2));

  // The supply, and what stands ahead of it.
  rect(10, 26, 36, 44);
  text(28, 42, supplyName(rig.supply.kind), 'middle', true, 3.6);
  text(28, 48, `${say(rig.supply.volts, 'volts')}${rig.supply.current === 'ac' ? ' ac' : ''}`);
  if (rig.supply.maxAmps !== null) text(28, 53, `up to ${say(rig.supply.maxAmps, 'amps')}`);
  else if (rig.supply.ratedVA) text(28, 53, `${rig.supply.ratedVA} VA`);
  if (p.controlAt === 'supply')
    text(28, 60, `set ${controlSettingText(rig.control.kind, rig.control.setting, say)}`);
  if (rig.supply.current === 'dc') {
    text(43.5, TOP - 1.4, '+', 'middle', true, 4);
    text(43.5, BACK + 4.6, '−', 'middle', true, 4);
  }
  if (p.controlAt === 'primary') {
    rect(10, 6, 36, 14, 0.5, [1.5, 1]);
    text(28, 12, controlName(rig.control.kind), 'middle', true);
    text(28, 17, 'mains side: licensed only', 'middle', false, 2.8);
    line(
      [
        [28, 20],
        [28, 26],
      ],
      0.5,
      [1.5, 1],
    );
  }

  // Out: fuse, switch, control.
  line(
    [
      [LEFT, TOP],
      [56, TOP],
    ],
    copper,
  );
  rect(56, TOP - 2.4, 14, 4.8);
  line(
    [
      [56, TOP],
      [70, TOP],
    ],
    0.4,
  );
  text(63, TOP - 5, 'fuse');
  text(63, TOP + 8, fuseText(p), 'middle', true);
  line(
    [
      [70, TOP],
      [80, TOP],
    ],
    copper,
  );
  shapes.push({ is: 'circle', x: 80, y: TOP, r: 0.9, width: 0.4, fill: true });
  line(
    [
      [80, TOP],
      [91, TOP - 5],
    ],
    0.7,
  );
  shapes.push({ is: 'circle', x: 92, y: TOP, r: 0.9, width: 0.4, fill: true });
  text(86, TOP - 8, 'switch');
  text(
    86,
    TOP + 8,
    p.switch.has !== null ? `${p.switch.has} A` : p.switch.wants !== null ? `${p.switch.wants} A` : '–',
    'middle',
    true,
  );
  line(
    [
      [92, TOP],
      [112, TOP],
    ],
    copper,
  );
  if (p.controlAt === 'loop') {
    rect(112, TOP - 8, 30, 16);
    text(127, TOP - 1.6, controlName(rig.control.kind), 'middle', true);
    text(127, TOP + 4, controlSettingText(rig.control.kind, rig.control.setting, say));
    line(
      [
        [142, TOP],
        [RIGHT, TOP],
        [RIGHT, WIRE_Y],
      ],
      copper,
    );
  } else
    line(
      [
        [112, TOP],
        [RIGHT, TOP],
        [RIGHT, WIRE_Y],
      ],
      copper,
    );
  text(RIGHT - 2, TOP - 4, `${say(p.lead.areaMm2, 'area')} copper`, 'end', true);

  // The lamp across what goes out and what comes back.
  if (p.lamp) {
    line(
      [
        [101, TOP],
        [101, 44],
      ],
      0.4,
    );
    rect(99.4, 44, 3.2, 7, 0.4);
    line(
      [
        [101, 51],
        [101, 54],
      ],
      0.4,
    );
    shapes.push({ is: 'circle', x: 101, y: 56.4, r: 2.4, width: 0.4, fill: false });
    line(
      [
        [99.3, 54.7],
        [102.7, 58.1],
      ],
      0.4,
    );
    line(
      [
        [102.7, 54.7],
        [99.3, 58.1],
      ],
      0.4,
    );
    line(
      [
        [101, 58.8],
        [101, BACK],
        [w0, BACK],
      ],
      0.4,
    );
    for (const [x, y] of [
      [101, TOP],
      [w0, BACK],
    ] as const)
      shapes.push({ is: 'circle', x, y, r: 0.7, width: 0.3, fill: true });
    text(105, 48.6, `${p.lamp.ohm} ohm`, 'start');
    text(105, 57.6, 'lamp', 'start');
  }

  // The wire with its foam and clips, and the way back.
  const share = Math.min(1, rig.foam.widthMm / rig.wire.lengthMm);
  const span = (RIGHT - w0) * share;
  rect((w0 + RIGHT - span) / 2, WIRE_Y - 5, span, 10, 0.4);
  line(
    [
      [w0, WIRE_Y],
      [RIGHT, WIRE_Y],
    ],
    0.9,
  );
  for (const x of [w0, RIGHT]) shapes.push({ is: 'circle', x, y: WIRE_Y, r: 1.5, width: 0.5, fill: true });
  text(
    (w0 + RIGHT) / 2,
    WIRE_Y + 10.5,
    `wire ${say(rig.wire.diameterMm, 'wireDiameter')}, ${say(rig.wire.lengthMm, 'wireLength')}, ${say(p.wireOhm, 'ohms').replace('Ω', 'ohm')} cold`,
    'middle',
    true,
  );
  text((w0 + RIGHT - span) / 2 + 2, WIRE_Y + 4, 'foam', 'start', false, 2.8);
  line(
    [
      [w0, WIRE_Y],
      [w0, BACK],
      [LEFT, BACK],
    ],
    copper,
  );
  if (p.runningAmps !== null) text(w0 + 3, BACK + 8, `${say(p.runningAmps, 'amps')} run`, 'start');
  // Without anything ahead of the supply the drawing begins lower down.
  const up = p.controlAt === 'primary' ? 0 : 14;
  return { width: WIDTH, height: HEIGHT - up, shapes: shapes.map((s) => raised(s, up)) };
}

function raised(s: Shape, by: number): Shape {
  if (s.is === 'line') return { ...s, points: s.points.map(([x, y]) => [x, y - by] as const) };
  return { ...s, y: s.y - by };
}

function fuseText(p: WiringPlan): string {
  const amps = p.fuse.has ?? p.fuse.wants;
  if (amps === null && p.runningAmps === null) return '–';
  return amps === null ? 'none fits' : `${amps} A${p.fuse.blade ? ' blade' : ''}`;
}
