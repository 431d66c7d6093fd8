import { describe, expect, it } from 'vitest';
import { CALIBRATION_KINDS, calibrationSchema } from '@/core/documents/keptMachine';
import { machineSchema } from '@/core/documents/machine';
import { saidBy } from '@/core/engine/motion/calibrate';
import { CALIBRATION_HOW, calibrationLine, calibrationText } from '@/core/words/calibration';
import { sayIn } from '@/core/words/say';
import { afterCalibration, fieldsOf, measured } from './measured';

const m = machineSchema.parse({ format: 'upwind-rod/machine', version: 1 });
const TYPED: Record<string, number> = { commandedMm: 300, measuredMm: 299, apartMm: 0.1, aheadMm: 1.2, a: 300, b: 400, d1: 500.4, d2: 499.6, fl: 40, fr: 40.2, bl: 40, br: 40.2, acrossMm: 500, wantedMm: 298, was: 0.1 }; // prettier-ignore

describe('what is typed of a machine', () => {
  it.each(CALIBRATION_KINDS)(
    '%s: nothing until every number is there, then a measurement that is kept and said',
    (kind) => {
      const keys = fieldsOf(kind).map((f) => f.key);
      if (keys.length > 0) expect(measured(kind, 'X', m, {})).toBeNull();
      for (const lacks of keys) {
        const { [lacks]: _, ...rest } = TYPED;
        expect(measured(kind, 'X', m, rest)).toBeNull();
      }
      const c = measured(kind, 'X', m, TYPED)!;
      expect(calibrationSchema.safeParse(c).success).toBe(true);
      for (const say of [sayIn('metric'), sayIn('inch')]) {
        expect(calibrationText(kind, saidBy(c, m.towersMm), say)).not.toMatch(/NaN|undefined|null/);
        expect(calibrationLine(c, say)).not.toMatch(/NaN|undefined|null/);
      }
      expect(CALIBRATION_HOW[kind]).toMatch(/\.$/);
    },
  );
  it('a scale and a backlash change their axis, nothing else changes the machine', () => {
    const scale = measured('scale', 'X', m, TYPED)!;
    const now = saidBy(scale, m.towersMm).now!;
    const after = afterCalibration(m, { ...scale, now } as typeof scale);
    expect(after.axes.X!.stepsPerMm).toBeCloseTo((80 * 300) / 299, 4);
    expect(after.axes.Y).toEqual(m.axes.Y);
    expect(afterCalibration(m, measured('backlash', 'Y', m, TYPED)!).axes.Y!.backlashMm).toBe(0.1);
    expect(afterCalibration(m, measured('square', 'X', m, TYPED)!)).toBe(m);
  });
});
