import { cordFor } from '../physics/circuit/cord';
import { fuseFor } from '../physics/circuit/fuse';
import { lampResistor } from '../physics/circuit/lamp';
import { switchFor } from '../physics/circuit/switch';
import { leadOhm } from '../physics/circuit/leads';
import type { FindingCode } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { leadsCarry, runningAmps } from './load';
import { ohmAt } from './setup';
import { drafts } from './solve';
import type { Evaluation } from './evaluation';

/** What a rig's loop is made of, from the supply round to the supply. Volts, amps, ohms, watts; lengths mm, areas mm². */
export interface WiringPlan {
  readonly rig: Rig;
  /** Amps that run: the larger of idle and cutting, rms; null where the supply shuts off or nothing is known. */
  readonly runningAmps: number | null;
  readonly openVolts: number;
  readonly fuse: { readonly has: number | null; readonly wants: number | null; readonly blade: boolean };
  readonly switch: { readonly has: number | null; readonly wants: number | null };
  /** Where the control stands in the loop: before the wire, ahead of the transformer, in the supply itself, or nowhere. */
  readonly controlAt: 'loop' | 'primary' | 'supply' | 'none';
  readonly lead: {
    readonly areaMm2: number;
    readonly lengthMm: number;
    readonly carriesAmps: number;
    /** Thinnest listed copper that carries what runs; null where none does. */
    readonly wantsMm2: number | null;
    readonly lossVolts: number | null;
    readonly lossShare: number | null;
  };
  readonly contactOhm: number;
  readonly wireOhm: number;
  readonly jumper: boolean;
  /** Resistor of an indicator lamp of 2 V and 10 mA across the supply; null on alternating current or too few volts. */
  readonly lamp: { readonly ohm: number; readonly watts: number } | null;
  /** Why it must not be built as it stands; the first is the worst. */
  readonly stops: readonly FindingCode[];
}

/** An ordinary indicator diode: volts across it and amps through it. Common practice, no source. */
const LAMP = { volts: 2, amps: 0.01 };

/** The wiring plan of an evaluated rig. */
export function wiringPlan(e: Evaluation): WiringPlan {
  const { s } = e;
  const { rig, drive } = s;
  const { leads, supply, control } = rig;
  const amps = e.off ? null : runningAmps(e);
  const carriesAmps = leadsCarry(s);
  const blade = supply.kind === 'battery';
  const copper = leadOhm(leads.lengthMm / 1000, leads.areaMm2 * 1e-6);
  const wireVolts = e.idle.amps * ohmAt(s, e.idle.airC);
  const loss = e.off ? null : e.idle.amps * copper;
  // A bench supply's own dial comes before the lamp, everything else after it.
  const lampVolts = control.kind === 'volts' && supply.kind === 'bench' ? drive.volts : drive.openVolts;
  return {
    rig,
    runningAmps: amps,
    openVolts: drive.openVolts,
    fuse: {
      has: leads.fuseA,
      wants: amps === null || !(amps > 0) ? null : fuseFor(amps, carriesAmps, blade),
      blade,
    },
    switch: {
      has: leads.switchA,
      wants: amps === null ? null : switchFor(amps),
    },
    controlAt:
      control.kind === 'none' || control.kind === 'clip'
        ? 'none'
        : control.kind === 'phase' || (control.kind === 'scale' && supply.kind === 'transformer')
          ? 'primary'
          : supply.kind === 'bench' && (control.kind === 'volts' || control.kind === 'amps')
            ? 'supply'
            : 'loop',
    lead: {
      areaMm2: leads.areaMm2,
      lengthMm: leads.lengthMm,
      carriesAmps,
      wantsMm2: amps === null ? null : cordFor(amps),
      lossVolts: loss,
      lossShare: loss !== null && wireVolts > 0 ? loss / wireVolts : null,
    },
    contactOhm: leads.contactOhm + leads.seriesOhm,
    wireOhm: ohmAt(s, s.room.airC),
    jumper: rig.tension.kind === 'spring' || rig.tension.kind === 'rubber',
    lamp:
      supply.current === 'dc' && lampVolts > LAMP.volts + 1
        ? lampResistor(lampVolts, LAMP.volts, LAMP.amps)
        : null,
    stops: drafts(e)
      .filter((d) => d.level === 'stop')
      .map((d) => d.code),
  };
}
