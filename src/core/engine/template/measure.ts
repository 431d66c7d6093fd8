import { placed } from '../../physics/shape/place';
import { boxOf, type Pt } from '../../numeric/polyline';
import { heightAt, surfacesOf } from '../../physics/shape/surfaces';
import { startAtTail } from './finish';

/** What a rule and callipers find of one end: greatest thickness square to the chord, and the chord, mm. */
export function sizesOf(laid: readonly Pt[], twistDeg: number): { thickMm: number; chordMm: number } {
  const flat = placed(laid, {
    chord: 1,
    thicknessScale: 1,
    twistDeg: -twistDeg,
    about: [0, 0],
    offset: [0, 0],
  });
  const { top, bottom } = surfacesOf(startAtTail(flat));
  const box = boxOf(flat);
  let thickMm = 0;
  for (let i = 1; i < 60; i++) {
    const x = box.x0 + (i / 60) * (box.x1 - box.x0);
    const up = heightAt(top, x);
    const low = heightAt(bottom, x);
    if (up !== null && low !== null) thickMm = Math.max(thickMm, up - low);
  }
  return { thickMm, chordMm: box.x1 - box.x0 };
}
