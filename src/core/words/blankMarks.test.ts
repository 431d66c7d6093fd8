import { describe, expect, it } from 'vitest';
import { planformOf } from '../engine/template/planform';
import { planOut } from '../engine/template/template';
import { testPlan } from '../engine/template/testPlans';
import { merge } from '../engine/merge';
import { blankMarks } from './blankMarks';
import { sayIn } from './say';

const lines = (over: Readonly<Record<string, unknown>>, profile: 'metric' | 'inch' = 'metric') => {
  const t = planOut(merge(testPlan(), over));
  return blankMarks(planformOf(t.plan, t.wanted, t.blank), sayIn(profile)).join('\n');
};

describe('marks of a blank in words', () => {
  it('names both ends, both lines with their seconds, the diagonals and what the straight-edges stand out', () => {
    const text = lines({ stock: { thicknessMm: 60 } });
    expect(text).toMatch(/Root end: front line at .*mm, rear line at .*mm from the squared edge\./);
    expect(text).toMatch(/Front line .*mm, .*s; rear line .*mm, .*s at .*mm\/s\./);
    expect(text).toMatch(/root front to tip rear .*mm, root rear to tip front .*mm/);
    expect(text).toMatch(/through 60\.0\smm/);
    expect(text).toContain('Shed 6.00');
    expect(text).not.toContain('null');
  });
  it('in inches for a reader of inches; without a cut no time is made up; foam without a skin sheds none', () => {
    expect(lines({}, 'inch')).toMatch(/rear line at .*in from the squared edge/);
    const off = lines({ rig: { control: { setting: 0 } } });
    expect(off).toContain('no time and no allowance are known');
    expect(off).not.toMatch(/Front line .* s;/);
    expect(lines({ rig: { foam: { kind: 'eps', densityKgM3: 20 } } })).not.toContain('Shed');
  });
  it('says where each dowel is drilled, and how long a bow takes that nobody leads', () => {
    const dowels = [{ at: 0.25, diameterMm: 6, depthMm: 40, face: 'root' }];
    const text = lines({ piece: { dowels } });
    expect(text).toMatch(
      /Root face, dowel: \S+\smm from the squared edge, \S+\smm over the block’s lower face; a hole of 6\.00\smm, 40\.0\smm deep\./,
    );
    expect(text).not.toContain('Tip face, dowel');
    expect(text).not.toContain('own weight');
    const fall = { method: { kind: 'gravity', massG: 300, counterG: 0, frictionN: 0 } };
    expect(lines(fall)).toMatch(/own weight or cords: .*front line .*s, rear line .*s; its kerf is/);
    expect(lines({ method: { ...fall.method, massG: 90000 } })).toContain('stalls or runs away');
  });
});
