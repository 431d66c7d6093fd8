import { cordAmps, cordFor } from '../../physics/circuit/cord';
import { fuseFor } from '../../physics/circuit/fuse';
import { leadOhm } from '../../physics/circuit/leads';
import type { Evaluation } from '../evaluate';
import { ohmPerMetre, setUp } from '../setup';
import { States } from '../states';
import { timeConstant } from '../times';
import type { Draft, Finder, Patch } from './draft';
import { tidy } from './draft';
import { longer } from './patches';

/** Most of the wire's volts worth losing in copper, and in contacts. Common practice, no source. */
const MOST_LOSS = 0.05;
/** Foam wants this much more room than its height, mm: packing and templates. Ours. */
const PACKING_MM = 40;
/** Switch ratings as sold, A. Common practice, no source. */
const SWITCHES = [3, 6, 10, 16, 20, 30];

/** Leads, fuse, switch, frame, the control's own limits, battery. */
export const wiringFindings: Finder = (e) => [
  ...frame(e),
  noSwitch(e),
  noFuse(e),
  limitUnknown(e),
  ...(e.off || !e.s.drive.built
    ? []
    : [leads(e), ...losses(e), control(e), slowPulses(e), coarse(e), ...battery(e)]),
];

const running = (e: Evaluation) => Math.max(e.idle.amps, e.idle.cutAmps);

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
  const amps = running(e);
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
  const volts = amps * ohmPerMetre(s, e.idle.airC) * s.length;
  const thicker = tidy((l.areaMm2 * copper * amps) / (0.8 * MOST_LOSS * volts), 2, 'up');
  const loss = (
    code: 'lead-loss-high' | 'contact-loss-high',
    ohm: number,
    tries: () => (Patch | null)[],
  ): Draft | null =>
    ohm * amps > MOST_LOSS * volts
      ? { code, level: 'fix', values: { volts: ohm * amps, share: (ohm * amps) / volts }, tries }
      : null;
  return [
    loss('lead-loss-high', copper, () => [thicker <= 100 ? { leads: { areaMm2: thicker } } : null]),
    loss('contact-loss-high', rest, () => []),
  ];
}

function noFuse(e: Evaluation): Draft | null {
  const { supply, leads: l } = e.s.rig;
  const carries = cordAmps(l.areaMm2);
  const strong = supply.kind === 'battery' || supply.kind === 'transformer' || supply.kind === 'other';
  if (l.fuseA !== null || !(strong || supply.maxAmps === null || supply.maxAmps > carries)) return null;
  const amps = e.off ? 0 : Math.max(0.1, running(e));
  const fuse = amps > 0 ? fuseFor(amps, carries, supply.kind === 'battery') : null;
  return {
    code: 'no-fuse',
    level: 'fix',
    values: {},
    tries: () => [fuse === null ? null : { leads: { fuseA: fuse } }],
  };
}

function noSwitch(e: Evaluation): Draft | null {
  if (e.s.rig.leads.switchA !== null) return null;
  const amps = e.off ? (e.s.drive.maxAmps ?? 0) : running(e);
  const rating = SWITCHES.find((a) => a >= 1.5 * amps);
  return {
    code: 'no-switch',
    level: 'fix',
    values: {},
    tries: () => [rating === undefined ? null : { leads: { switchA: rating } }],
  };
}

const RATED = new Set(['pwm', 'phase', 'scale', 'buck']);

function limitUnknown(e: Evaluation): Draft | null {
  const { control: c } = e.s.rig;
  return RATED.has(c.kind) && c.ratedAmps === null
    ? { code: 'control-limit-unknown', level: 'fix', values: {} }
    : null;
}

/** A dimmer ahead of a transformer carries the primary's amps: by the ratio of volts, where its own volts are known. */
function control(e: Evaluation): Draft | null {
  const { control: c } = e.s.rig;
  if (c.ratedAmps === null) return null;
  const primary = c.kind === 'phase' && c.ratedVolts !== null ? e.s.drive.openVolts / c.ratedVolts : 1;
  const amps = (c.kind === 'buck' ? running(e) : e.load.worstAmps) * primary;
  const load = amps / c.ratedAmps;
  if (!(load > 0.8)) return null;
  return {
    code: 'control-overload',
    level: load > 1 ? 'stop' : 'fix',
    values: { amps, ratedAmps: c.ratedAmps, load },
    *tries() {
      for (const more of [1, 1.3, 1.6]) yield longer(e.s, (load / 0.75) * more);
    },
  };
}

function slowPulses(e: Evaluation): Draft | null {
  if (!e.s.drive.pulsed) return null;
  const tau = timeConstant(e);
  const hertz = e.s.rig.control.frequencyHz;
  if (tau === null || !(hertz < 10 / tau)) return null;
  const frequencyHz = Math.ceil(10.5 / tau);
  return {
    code: 'pulse-too-slow',
    level: 'fix',
    values: { hertz, leastHertz: 10 / tau },
    tries: () => [{ control: { frequencyHz } }],
  };
}

function coarse(e: Evaluation): Draft | null {
  const { rig } = e.s;
  const { steps, setting, kind } = rig.control;
  if (steps === null || setting === null || !e.window.fastest) return null;
  const tops: Partial<Record<typeof kind, number>> = {
    volts: e.s.drive.openVolts,
    buck: e.s.drive.openVolts,
    pwm: 1,
    scale: 1,
    phase: 180,
    amps: e.s.drive.maxAmps ?? 10,
    clip: rig.wire.lengthMm,
  };
  const step = (tops[kind] ?? 1) / (steps - 1);
  const next = kind === 'clip' || kind === 'phase' ? setting - step : setting + step;
  if (!(next > 0)) return null;
  const there = new States(setUp({ ...rig, control: { ...rig.control, setting: next } })).atWidth(e.s.diameter);
  const share = there ? Math.abs(there.feed / e.window.fastest.feed - 1) : 0;
  return share > 0.1 ? { code: 'dial-too-coarse', level: 'fix', values: { share } } : null;
}

function battery(e: Evaluation): (Draft | null)[] {
  const b = e.battery;
  if (!b) return [];
  const [full, stop] = b.fastestFeedMmS;
  const insideOhm = e.s.drive.internalOhm;
  const wireOhm = ohmPerMetre(e.s, e.idle.airC) * e.s.length;
  return [
    b.minutes !== null && b.minutes < 10
      ? { code: 'battery-short', level: 'fix', values: { minutes: b.minutes } }
      : null,
    wireOhm < 3 * insideOhm
      ? {
          code: 'battery-weak',
          level: 'fix',
          values: { wireOhm, insideOhm },
          tries: () => [longer(e.s, (3.3 * insideOhm) / wireOhm)],
        }
      : null,
    full !== null && (stop ?? 0) < 0.9 * full
      ? { code: 'charge-fade', level: 'note', values: { fullFeedMmS: full, stopFeedMmS: stop } }
      : null,
  ];
}
