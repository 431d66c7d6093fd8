import { coolEndLength } from '../time/coolEnd';
import { fluxAcrossSlot } from './flux';

/** A wire in its slot beside a template that chills it. SI, °C. */
export interface Chilled {
  readonly diameter: number;
  readonly emissivity: number;
  /** W/(m·K) and m² of the wire. */
  readonly conductivity: number;
  readonly area: number;
  readonly flowC: number;
  readonly foamC: number;
  readonly templateC: number;
  readonly width: number;
}

/**
 * Strip of foam in m that stays cold beside a template: λ_f·ln((T_f − T_t)/(T_f − T_flow)), λ_f = √(kA/(dq/dT)) in the foam. The fin
 * of Incropera & DeWitt §3.6; 0 where the template is no colder than the foam flows.
 */
export function coldStripLength(c: Chilled): number {
  if (!(c.foamC > c.flowC) || !(c.templateC < c.flowC)) return 0;
  const flux = (t: number) => fluxAcrossSlot(c.diameter, c.emissivity, c.flowC, t, c.width);
  const slope = flux(c.foamC + 0.5) - flux(c.foamC - 0.5);
  return coolEndLength(c.conductivity, c.area, slope) * Math.log((c.foamC - c.templateC) / (c.foamC - c.flowC));
}
