import { coolEndTemperature } from '@/core/physics/time/coolEnd';
import { heatColour } from '../theme/palette';
import type { Evaluation } from '@/core/engine/evaluation';

/** Where things stand in the wire picture, px. Along the wire everything is to one scale. */
export interface Layout {
  readonly width: number;
  readonly height: number;
  /** Anchors, wire ends, foam faces. */
  readonly left: number;
  readonly right: number;
  readonly x0: number;
  readonly x1: number;
  readonly f0: number;
  readonly f1: number;
  readonly wireY: number;
  readonly barY: number;
  readonly foamTop: number;
  readonly foamBottom: number;
  readonly pxPerMm: number;
  readonly full: boolean;
}

const TAKE_UP = 60;

/** Lays a rig out in a picture of a width; `full` has room for numbers at both sides. */
export function layOut(e: Evaluation, width: number, height: number, full: boolean): Layout {
  const { rig } = e.s;
  const side = full ? 132 : 20;
  const takeUp = full ? TAKE_UP : 30;
  const left = side;
  const right = width - side;
  const x0 = left + takeUp;
  const x1 = right;
  const pxPerMm = (x1 - x0) / Math.max(rig.wire.lengthMm, rig.foam.widthMm);
  const middle = (x0 + x1) / 2;
  const half = (rig.foam.widthMm * pxPerMm) / 2;
  const low = rig.frame.kind === 'slicer';
  const wireY = full ? (low ? 148 : 136) : height * (low ? 0.72 : 0.62);
  const tall =
    rig.foam.heightMm === null
      ? full
        ? 84
        : height * 0.4
      : Math.min(full ? 92 : height * 0.5, Math.max(24, rig.foam.heightMm * pxPerMm));
  const above = low ? 0.78 : 0.52;
  return {
    width,
    height,
    left,
    right,
    x0,
    x1,
    f0: middle - half,
    f1: middle + half,
    wireY,
    barY: full ? 30 : 12,
    foamTop: wireY - tall * above,
    foamBottom: wireY + tall * (1 - above),
    pxPerMm,
    full,
  };
}

/** A stop of the wire's colour: share along the wire and °C. */
export interface HeatStop {
  readonly at: number;
  readonly tempC: number;
  readonly colour: string;
}

/** The wire's temperature from clamp to clamp: unheated ends by the fin's closed form, air, foam. */
export function heatAlong(e: Evaluation): HeatStop[] {
  const { s, cut, idle } = e;
  const cold = s.room.airC;
  if (e.off) return [stop(0, cold), stop(1, cold)];
  const airC = idle.cutAirC;
  const clampC = s.rig.wire.clampC ?? cold;
  const lambda = e.coolEnd ?? 0.005;
  const f0 = Math.max(0, (s.length - s.width) / 2);
  const f1 = s.length - f0;
  const at = (x: number) => {
    const end = Math.min(x, s.length - x);
    const air = coolEndTemperature(airC, clampC, end, lambda);
    return cut && x > f0 && x < f1 ? Math.min(air, cut.foamC) : air;
  };
  const blend = Math.min(0.012, s.width / 4);
  const ends = [0, 0.5, 1, 2, 3].map((k) => k * lambda).filter((x) => x < f0);
  const xs = cut ? [...ends, Math.max(0, f0 - blend), f0 + blend] : [...ends, s.length / 2];
  const all = [...xs, ...xs.map((x) => s.length - x).reverse()];
  return all.map((x) => stop(x / s.length, at(x)));
}

function stop(at: number, tempC: number): HeatStop {
  return { at: Math.min(1, Math.max(0, at)), tempC, colour: heatColour(tempC) };
}
