import { describe, expect, it } from 'vitest';
import { coldStripLength, wireAtTemplate } from '../../physics/foam/coldStrip';
import { coolEndLength } from '../../physics/time/coolEnd';
import { planOut } from './template';
import { testPlan } from './testPlans';

const stripOf = (material: string, thicknessMm: number, rig: Record<string, unknown> = {}) => {
  const t = planOut(testPlan({ rig, template: { material, thicknessMm } }));
  const found = t.findings.find((f) => f.code === 'template-chills');
  return found ? (found.values['strip'] as number) : 0;
};

describe('metal templates draw heat by their thickness and contact', () => {
  it('1 to 1.3 mm of polished aluminium, with which practice is content, says nothing; 6 mm does', () => {
    for (const rig of [{}, { wire: { diameterMm: 0.32, lengthMm: 900 }, control: { setting: 17 } }]) {
      expect(stripOf('aluminium', 1, rig)).toBe(0);
      expect(stripOf('aluminium', 1.3, rig)).toBe(0);
      expect(stripOf('aluminium', 6, rig)).toBeGreaterThan(0.7);
    }
  });
  it('wood, card and laminate say nothing at any thickness', () => {
    for (const m of ['card', 'plywood', 'laminate']) expect(stripOf(m, 12)).toBe(0);
  });
  it('the strip grows with the thickness, and towards that of a wire held at the template’s own heat', () => {
    const c = {
      diameter: 0.455e-3,
      emissivity: 0.75,
      conductivity: 15,
      area: 1.63e-7,
      flowC: 160,
      foamC: 274,
      width: 8e-4,
    };
    const at = (mm: number, contact = 1.2) =>
      coldStripLength(c, { thickness: mm / 1000, templateC: 20, contact });
    let last = -1;
    for (const mm of [1, 1.3, 2, 3, 6, 12]) {
      expect(at(mm)).toBeGreaterThanOrEqual(last);
      last = at(mm);
    }
    expect(at(6)).toBeGreaterThan(at(1) + 5e-4);
    // Any amount of contact: the fin's own end condition, T_face = T_template.
    const reach = coolEndLength(c.conductivity, c.area, 1);
    expect(wireAtTemplate(c, { thickness: 0.1, templateC: 20, contact: 1e9 }, reach)).toBeCloseTo(20, 1);
    expect(wireAtTemplate(c, { thickness: 1e-9, templateC: 20, contact: 1 }, reach)).toBeCloseTo(274, 1);
  });
});
