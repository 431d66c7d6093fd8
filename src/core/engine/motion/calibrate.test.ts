import { describe, expect, it } from 'vitest';
import { calibrationSchema, driveSchema, type Calibration } from '../../documents/keptMachine';
import { saidBy, scaleBy, scaleSaid } from './calibrate';

const at = '2026-05-02T09:00:00Z';
const of = (c: Record<string, unknown>) => saidBy(calibrationSchema.parse({ at, ...c }), 1000);
const belt = driveSchema.parse({ by: 'belt' });
const screw = driveSchema.parse({ by: 'screw', pitchMm: 8 });

describe('calibrating a machine', () => {
  it('scale: old × commanded over measured; a result of no whole teeth, off its lead, over a short way, or far off is doubted', () => {
    // MACHINES.md section 9: 200 × 16 on 2 mm × 20 teeth is 80 a mm; 83 is 19.3 teeth.
    expect(scaleBy(belt)).toBe(80);
    expect(scaleBy(screw)).toBe(400);
    // 3200 a turn is 8.889 a degree, as in MACHINES.md section 9; through a gear of 3 three times that.
    const gear = driveSchema.parse({ by: 'gear' });
    expect(scaleBy(gear)).toBeCloseTo(8.889, 3);
    expect(scaleBy({ ...gear, ratio: 3 })).toBeCloseTo(26.667, 3);
    expect(scaleSaid(8.889, 360, 350, gear).doubts).toEqual(['not-its-lead']);
    expect(scaleSaid(80, 300, 300, belt)).toMatchObject({ now: 80, teeth: 20, doubts: [] });
    expect(scaleSaid(80, 300, 299.2, belt).now).toBeCloseTo(80.2139, 4);
    const off = scaleSaid(80, 300, (300 * 80) / 83, belt);
    expect(off.now).toBeCloseTo(83, 9);
    expect(off.teeth).toBeCloseTo(19.277, 3);
    expect(off.doubts).toEqual(['no-whole-teeth']);
    expect(scaleSaid(80, 100, 100, belt).doubts).toEqual(['short-way']);
    expect(scaleSaid(80, 300, 280, null).doubts).toEqual(['large-change']);
    expect(scaleSaid(400, 300, 294, screw).doubts).toEqual(['not-its-lead']);
    expect(scaleSaid(400, 300, 300.9, screw).doubts).toEqual([]);
  });
  it('square, diagonals, slab: which end has to move, and by how much', () => {
    // The left end 3.5 mm ahead over 1000 mm: 0.2005°, and the right one comes forward.
    const square = of({ kind: 'square', aheadMm: 3.5 });
    expect(square.deg).toBeCloseTo(0.20054, 4);
    expect(square.move).toEqual({ end: 'right', how: 'forward', mm: 3.5 });
    expect(of({ kind: 'square', aheadMm: 0 }).move).toBeNull();
    // A 300 by 400 rectangle sheared by an angle: diagonals by Pythagoras, and the angle comes back.
    const shear = (0.2 * Math.PI) / 180;
    const diagonal = (sign: number) => Math.hypot(400 + sign * 300 * Math.sin(shear), 300 * Math.cos(shear));
    const cut = of({ kind: 'diagonals', sidesMm: [400, 300], diagonalsMm: [diagonal(1), diagonal(-1)] });
    expect(cut.deg).toBeCloseTo(0.2, 3);
    // 0.4 mm thicker on the right over 500 mm is 0.8 mm over the towers' 1000: the left end comes up.
    const slab = of({ kind: 'slab', cornersMm: [40, 40.4, 40, 40.4], acrossMm: 500 });
    expect(slab.move).toMatchObject({ end: 'left', how: 'up' });
    expect(slab.move!.mm).toBeCloseTo(0.8, 9);
    expect(slab.doubts).toEqual([]);
  });
  it('backlash, switches and the turned zero', () => {
    expect(of({ kind: 'backlash', axis: 'X', apartMm: 0.4 })).toMatchObject({
      now: 0.4,
      doubts: ['much-backlash'],
    });
    expect(of({ kind: 'switch', axis: 'X', stopped: false }).doubts).toEqual(['switch-dead']);
    expect(of({ kind: 'switch', axis: 'X', stopped: true }).doubts).toEqual([]);
    // MACHINES.md 6.5: new = old + (measured − wanted)/2.
    const zero: Calibration = { kind: 'zero', at, measuredMm: 60.8, wantedMm: 60, was: 0.1, now: 0, note: '' };
    expect(saidBy(zero, 1000).now).toBeCloseTo(0.5, 9);
  });
});
