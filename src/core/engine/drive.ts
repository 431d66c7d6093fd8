import type { Rig } from '../documents/rig';
import { openVolts, insideOhm } from '../physics/circuit/battery';
import { leadOhm } from '../physics/circuit/leads';
import { phasePeak, phaseShare } from '../physics/circuit/phase';

/** What drives the loop: an rms source of `volts` through `restOhm`, held under `limitAmps` rms. */
export interface Drive {
  readonly volts: number;
  readonly limitAmps: number;
  /** The amps the control was told to hold; null where it holds none. */
  readonly heldAmps: number | null;
  readonly restOhm: number;
  readonly internalOhm: number;
  readonly leadOhm: number;
  /** Volts of the source as it stands open, before the control. */
  readonly openVolts: number;
  readonly kind: Rig['control']['kind'];
  readonly setting: number | null;
  /** Ohms of the hot wire that a controller holds by its pulses; null where it holds none. */
  readonly heldOhm: number | null;
  /** Peak amps over rms amps where the wire's ohms do not matter; pulses are reckoned apart. */
  readonly peak: number;
  readonly pulsed: boolean;
  /** Most amps the supply gives; null where neither stated nor known from its rating. */
  readonly maxAmps: number | null;
}

/** A buck converter gives at least this much less than it gets, V. Common practice, no source. */
export const BUCK_DROP = 1;

/** What the supply and control of a rig give at the clips. */
export function driveOf(rig: Rig): Drive {
  const { supply, control, leads } = rig;
  const b = supply.battery;
  const open = b ? openVolts(b.chemistry, b.cells, b.charge) : supply.volts;
  const inside =
    b && supply.internalOhm === 0 ? insideOhm(b.chemistry, b.cells, b.ampHours) : supply.internalOhm;
  const copper = leadOhm(leads.lengthMm / 1000, leads.areaMm2 * 1e-6);
  const outside = copper + leads.contactOhm + leads.seriesOhm;
  const setting = control.setting;
  const holds = control.kind === 'hold-ohm';
  const pulsed = control.kind === 'pwm' || holds;
  const share =
    control.kind === 'phase'
      ? phaseShare(setting ?? 0)
      : control.kind === 'scale'
        ? (setting ?? 1)
        : control.kind === 'pwm'
          ? Math.sqrt(setting ?? 1)
          : 1;
  const buck = control.kind === 'buck';
  const volts =
    control.kind === 'volts'
      ? Math.min(setting ?? open, open)
      : buck
        ? Math.max(0, Math.min(setting ?? 0, open - BUCK_DROP))
        : open * share;
  const heldAmps = control.kind === 'amps' ? setting : null;
  const maxAmps =
    supply.maxAmps ?? (supply.ratedVA !== undefined ? supply.ratedVA / (1.25 * supply.volts) : null);
  const cap =
    supply.kind === 'bench' && maxAmps !== null && !buck
      ? maxAmps * (control.kind === 'pwm' ? Math.sqrt(setting ?? 1) : 1)
      : Infinity;
  const onAc = supply.current === 'ac';
  const fullShare = control.kind === 'phase' ? Math.max(1e-9, share) : 1;
  return Object.freeze({
    volts,
    limitAmps: Math.min(cap, heldAmps ?? Infinity),
    heldAmps,
    restOhm: (buck ? 0 : inside) + outside,
    internalOhm: inside,
    leadOhm: outside,
    openVolts: open,
    kind: control.kind,
    setting,
    heldOhm: holds ? setting : null,
    peak: control.kind === 'phase' ? phasePeak(setting ?? 0) / fullShare : onAc ? Math.SQRT2 : 1,
    pulsed,
    maxAmps,
  });
}
