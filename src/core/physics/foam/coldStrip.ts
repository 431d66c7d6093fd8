import { coolEndLength } from '../time/coolEnd';
import { fluxAcrossSlot } from './flux';

/** A wire in its kerf beside a template that chills it. SI, °C. */
export interface Chilled {
  readonly diameter: number;
  readonly emissivity: number;
  /** W/(m·K) and m² of the wire. */
  readonly conductivity: number;
  readonly area: number;
  readonly flowC: number;
  readonly foamC: number;
  readonly width: number;
}

/** A template that the wire rides on: its thickness in m, °C, and what a metre of its edge takes, W/(m·K). */
export interface ColdTemplate {
  readonly thickness: number;
  readonly templateC: number;
  readonly contact: number;
}

/**
 * °C of the wire at the face of a template: a fin of contact over the template's thickness t, which draws 2·√(kA·g)·tanh(t/2λ_c),
 * λ_c = √(kA/g), against what the wire brings along from both sides, 2·kA/λ. Fins: Incropera & DeWitt §3.6; the split is ours.
 */
export function wireAtTemplate(c: Chilled, t: ColdTemplate, reach: number): number {
  const along = c.conductivity * c.area;
  const deep = Math.sqrt(along / t.contact);
  const draws = 2 * Math.sqrt(along * t.contact) * Math.tanh(t.thickness / (2 * deep));
  const brings = (2 * along) / reach;
  return (brings * c.foamC + draws * t.templateC) / (brings + draws);
}

/**
 * Strip of foam in m that stays cold beside a template: λ_f·ln((T_f − T_face)/(T_f − T_flow)), λ_f = √(kA/(dq/dT)) in the foam, T_face by
 * `wireAtTemplate`. The fin of Incropera & DeWitt §3.6; 0 where the wire at the face is still hot enough to melt.
 */
export function coldStripLength(c: Chilled, t: ColdTemplate): number {
  if (!(c.foamC > c.flowC) || !(t.templateC < c.flowC)) return 0;
  const flux = (tempC: number) => fluxAcrossSlot(c.diameter, c.emissivity, c.flowC, tempC, c.width);
  const reach = coolEndLength(c.conductivity, c.area, flux(c.foamC + 0.5) - flux(c.foamC - 0.5));
  const faceC = wireAtTemplate(c, t, reach);
  if (faceC >= c.flowC) return 0;
  return reach * Math.log((c.foamC - faceC) / (c.foamC - c.flowC));
}
