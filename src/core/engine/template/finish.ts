import type { Piece } from '../../documents/plan';
import { grow } from '../../physics/shape/grow';
import { boxOf, type Pt } from '../../numeric/polyline';
import { dropTwins, heightAt, surfacesOf } from '../../physics/shape/surfaces';

type Finish = Piece['finish'];

/** Share of the chord over which a thickened tail runs out. */
const BLEND = 0.3;

/** Part of a surface up to x, ended there. */
function upTo(surface: readonly Pt[], x: number): Pt[] {
  const y = heightAt(surface, x);
  const kept = surface.filter((p) => p[0] < x - 1e-9);
  return y === null ? [...surface] : [...kept, [x, y]];
}

/** Part of a surface from x on, with a square front at x0. */
function squared(surface: readonly Pt[], x0: number, x: number): Pt[] {
  const y = heightAt(surface, x);
  if (y === null) return [...surface];
  const middle = surface[0]![1];
  return [[x0, middle], [x0, y], [x, y], ...surface.filter((p) => p[0] > x + 1e-9)];
}

const loopOf = (top: readonly Pt[], bottom: readonly Pt[]): Pt[] =>
  dropTwins([...[...top].reverse(), ...bottom.slice(1)], 1e-9);

/**
 * The core that a finished part asks for, mm, nose to the left, not twisted: its skin taken off all round, a tail that is not foam cut
 * off, the tail no thinner than foam holds, the nose left square. A loop from the tail over the top to the nose and back.
 */
export function coreOf(loop: readonly Pt[], f: Finish): Pt[] {
  const skinned = f.skinMm > 0 ? startAtTail(grow(loop, -f.skinMm)) : [...loop];
  let { top, bottom } = surfacesOf(skinned);
  const box = boxOf(skinned);
  const chord = box.x1 - box.x0;
  if (f.solidTailMm > 0) {
    const end = boxOf(loop).x1 - f.solidTailMm;
    top = upTo(top, end);
    bottom = upTo(bottom, end);
  }
  if (f.squareNoseMm > 0) {
    top = squared(top, box.x0, box.x0 + f.squareNoseMm);
    bottom = squared(bottom, box.x0, box.x0 + f.squareNoseMm);
  }
  const short = f.leastTailMm - (top.at(-1)![1] - bottom.at(-1)![1]);
  if (short > 0) {
    const end = top.at(-1)![0];
    const from = end - BLEND * chord;
    const more = (x: number) => (x <= from ? 0 : ((x - from) / (end - from)) * (short / 2));
    top = top.map(([x, y]): Pt => [x, y + more(x)]);
    bottom = bottom.map(([x, y]): Pt => [x, y - more(x)]);
  }
  return loopOf(top, bottom);
}

/** A counter-clockwise loop begun anew at its point of greatest x, the lower of two. */
export function startAtTail(loop: readonly Pt[]): Pt[] {
  let at = 0;
  loop.forEach((p, i) => {
    const b = loop[at]!;
    if (p[0] > b[0] + 1e-7 || (Math.abs(p[0] - b[0]) <= 1e-7 && p[1] > b[1])) at = i;
  });
  return [...loop.slice(at), ...loop.slice(0, at)];
}
