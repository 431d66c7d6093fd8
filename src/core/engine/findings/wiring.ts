import { cordAmps, cordFor } from '../../physics/circuit/cord';
import { leadOhm } from '../../physics/circuit/leads';
import { ohmAt } from '../setup';
import { runningAmps } from '../load';
import { springC } from '../springHeat';
import { tidy, type Draft, type Finder, type Patch } from './draft';
import type { Evaluation } from '../evaluation';
import { noFuse } from './fuse';
import { noSwitch } from './switch';
import { limitUnknown, control } from './control';
import { slowPulses } from './pulses';
import { flat } from './flat';
import { coarse } from './coarse';
import { battery } from './battery';

/** Most of the wire's volts worth losing in copper, and in contacts. Common practice, no source. */
const MOST_LOSS = 0.05;
/** Foam wants this much more room than its height, mm: packing and templates. Ours. */
const PACKING_MM = 40;

/** Leads, fuse, switch, frame, the control's own limits, battery. */
export const wiringFindings: Finder = (e) => [
  ...frame(e),
  noSwitch(e),
  noFuse(e),
  limitUnknown(e),
  springInCircuit(e),
  ...(e.off ? [] : [leads(e), ...losses(e), control(e), slowPulses(e), flat(e), coarse(e), ...battery(e)]),
];

function frame(e: Evaluation): (Draft | null)[] {
  const { frame: f, foam } = e.s.rig;
  const shallow = foam.heightMm !== null && f.throatMm !== null && foam.heightMm + PACKING_MM > f.throatMm;
  return [
    f.material === 'metal'
      ? {
          code: 'metal-frame-live',
          level: 'stop',
          values: {},
          tries: () => [{ frame: { material: 'metal-insulated' } }],
        }
      : null,
    shallow
      ? { code: 'frame-too-shallow', level: 'stop', values: { heightMm: foam.heightMm, throatMm: f.throatMm } }
      : null,
  ];
}

function leads(e: Evaluation): Draft | null {
  const areaMm2 = e.s.rig.leads.areaMm2;
  const amps = runningAmps(e);
  const leadAmps = cordAmps(areaMm2);
  if (!(amps > leadAmps)) return null;
  const area = cordFor(amps);
  return {
    code: 'lead-overheats',
    level: 'stop',
    values: { amps, areaMm2, leadAmps },
    tries: () => [area === null ? null : { leads: { areaMm2: area } }],
  };
}

function losses(e: Evaluation): (Draft | null)[] {
  const { s } = e;
  const l = s.rig.leads;
  const copper = leadOhm(l.lengthMm / 1000, l.areaMm2 * 1e-6);
  const rest = l.contactOhm + l.seriesOhm;
  const amps = e.idle.amps;
  const volts = amps * ohmAt(s, e.idle.airC);
  const thicker = () => {
    const areaMm2 = tidy((l.areaMm2 * copper * amps) / (0.8 * MOST_LOSS * volts), 2, 'up');
    return areaMm2 <= 100 ? { leads: { areaMm2 } } : null;
  };
  const loss = (
    code: 'lead-loss-high' | 'contact-loss-high',
    ohm: number,
    tries: () => (Patch | null)[],
  ): Draft | null =>
    volts > 1e-9 && ohm * amps > MOST_LOSS * volts
      ? { code, level: 'fix', values: { volts: ohm * amps, share: (ohm * amps) / volts }, tries }
      : null;
  return [loss('lead-loss-high', copper, () => [thicker()]), loss('contact-loss-high', rest, () => [])];
}

function springInCircuit(e: Evaluation): Draft | null {
  const { tension } = e.s.rig;
  const c = springC(e);
  return tension.carriesCurrent && tension.kind === 'spring'
    ? {
        code: 'spring-in-circuit',
        level: 'fix',
        values: { fromC: c?.[0] ?? null, toC: c?.[1] ?? null },
        tries: () => [{ tension: { carriesCurrent: false } }],
      }
    : null;
}
