import { CUTTERS } from '../../documents/cutters';
import type { Rig } from '../../documents/rig';
import { cordAmps, cordFor } from '../../physics/circuit/cord';
import { fuseFor } from '../../physics/circuit/fuse';
import { switchFor } from '../../physics/circuit/switch';
import { leadOhm } from '../../physics/circuit/leads';
import { interpolateLinear } from '../../numeric/table';
import { setUp, ohmAt, type Setup } from '../setup';
import { runningAmps } from '../load';
import { OperatingPointSolver } from '../states';
import { leastPulses } from '../times';
import { springC } from '../springHeat';
import { dialStep, hotterLower } from '../dial';
import type { Draft, Finder, Patch } from './draft';
import { tidy } from './draft';
import { easedDial, longer } from './patches';
import type { Evaluation } from '../evaluation';

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

/** Whether a supply can push more than the leads carry, or nobody knows, and no fuse stands in the loop. */
export function fuseMissing({ supply, leads }: Rig): boolean {
  const strong = supply.kind === 'battery' || supply.kind === 'transformer' || supply.kind === 'other';
  const over = strong || supply.maxAmps === null || supply.maxAmps > cordAmps(leads.areaMm2);
  return leads.fuseA === null && over;
}

function noFuse(e: Evaluation): Draft | null {
  const { supply, leads: l } = e.s.rig;
  const carries = cordAmps(l.areaMm2);
  if (!fuseMissing(e.s.rig)) return null;
  const amps = e.off ? 0 : Math.max(0.1, runningAmps(e));
  const fuse = amps > 0 ? fuseFor(amps, carries, supply.kind === 'battery') : null;
  return {
    code: 'no-fuse',
    level: 'fix',
    values: {},
    *tries() {
      if (fuse !== null) yield { leads: { fuseA: fuse } };
      // None both carries the amps and guards these leads: thicker ones first.
      const areaMm2 = amps > 0 && fuse === null ? cordFor(1.5 * amps) : null;
      if (areaMm2 === null) return;
      const fits = fuseFor(amps, cordAmps(areaMm2), supply.kind === 'battery');
      if (fits !== null) yield { leads: { areaMm2, fuseA: fits } };
    },
  };
}

/** Whether no switch breaks the loop. */
export const switchMissing = ({ leads }: Rig): boolean => leads.switchA === null;

function noSwitch(e: Evaluation): Draft | null {
  if (!switchMissing(e.s.rig)) return null;
  const amps = e.off ? (e.s.drive.maxAmps ?? 0) : runningAmps(e);
  const rating = switchFor(amps);
  return {
    code: 'no-switch',
    level: 'fix',
    values: { led: CUTTERS[e.s.rig.frame.kind].led },
    tries: () => [rating === null ? null : { leads: { switchA: rating } }],
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
  if (c.ratedAmps === null && c.ratedWatts === null) return null;
  const primary = c.kind === 'phase' && c.ratedVolts !== null ? e.s.drive.openVolts / c.ratedVolts : 1;
  const amps = (c.kind === 'buck' ? runningAmps(e) : e.load.worstAmps) * primary;
  // A transformer hands its watts on: those of the secondary are those of the dimmer.
  const watts =
    (c.kind === 'buck' ? e.s.drive.volts * runningAmps(e) : e.s.drive.openVolts * e.load.worstAmps) || 0;
  const byAmps = c.ratedAmps === null ? 0 : amps / c.ratedAmps;
  const byWatts = c.ratedWatts === null ? 0 : watts / c.ratedWatts;
  const load = Math.max(byAmps, byWatts);
  if (!(load > 0.8)) return null;
  return {
    code: 'control-overload',
    level: load > 1 ? 'stop' : 'fix',
    values:
      byAmps >= byWatts ? { amps, ratedAmps: c.ratedAmps, load } : { watts, ratedWatts: c.ratedWatts, load },
    *tries() {
      yield easedDial(e.s, 0.75 / load);
      for (const more of [1, 1.3]) yield longer(e.s, (load / 0.75) * more);
    },
  };
}

function slowPulses(e: Evaluation): Draft | null {
  if (!e.s.drive.pulsed) return null;
  const leastHertz = leastPulses(e);
  const hertz = e.s.rig.control.frequencyHz;
  if (leastHertz === null || !(hertz < leastHertz)) return null;
  const frequencyHz = Math.ceil(1.05 * leastHertz);
  return {
    code: 'pulse-too-slow',
    level: 'fix',
    values: { hertz, leastHertz },
    tries: () => [{ control: { frequencyHz } }],
  };
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

/** Least rise of an alloy's resistance over 100 K that a controller can hold by. */
export const LEAST_RISE = 0.01;

/** Least rise of the factor Ct over any 100 K between the room and `hotC`: a controller passes all of them on its way. */
export function leastRise(s: Setup, hotC: number): number {
  let least = Infinity;
  for (let t = s.room.airC; t <= Math.max(s.room.airC, hotC - 100); t += 20)
    least = Math.min(least, interpolateLinear(s.alloy.ct, t + 100) / interpolateLinear(s.alloy.ct, t) - 1);
  return least;
}

function flat(e: Evaluation): Draft | null {
  const { s } = e;
  if (s.drive.heldOhm === null) return null;
  const rise = leastRise(s, e.idle.airC);
  if (!(rise < LEAST_RISE)) return null;
  const volts = e.idle.amps * (s.drive.restOhm + ohmAt(s, e.idle.airC));
  const held = { control: { kind: 'volts', setting: tidy(volts, 3, 'up') } };
  return {
    code: 'hold-ohm-flat',
    level: 'fix',
    values: { alloy: s.alloy.name, rise },
    tries: () => (s.rig.supply.kind === 'bench' && volts > 0 ? [held] : []),
  };
}

function coarse(e: Evaluation): Draft | null {
  const share = stepShare(e);
  return share !== null && share > 0.1 ? { code: 'dial-too-coarse', level: 'fix', values: { share } } : null;
}

/** Share by which one step of the dial, towards more heat, moves the max feed; null for a dial without steps. */
export function stepShare(e: Evaluation): number | null {
  const { rig } = e.s;
  const { setting, kind } = rig.control;
  const step = dialStep(e.s);
  if (step === null || setting === null || !e.window.fastest) return null;
  const next = setting + (hotterLower(kind) ? -step : step);
  if (!(next > 0)) return null;
  const there = new OperatingPointSolver(setUp({ ...rig, control: { ...rig.control, setting: next } })).atWidth(
    e.s.diameter,
  );
  return there ? Math.abs(there.feed / e.window.fastest.feed - 1) : null;
}

function battery(e: Evaluation): (Draft | null)[] {
  const b = e.battery;
  if (!b) return [];
  const [full, stop] = b.fastestFeedMmS;
  const insideOhm = e.s.drive.internalOhm;
  const wireOhm = ohmAt(e.s, e.idle.airC);
  return [
    b.minutes !== null && b.minutes < 10
      ? {
          code: 'battery-short',
          level: 'fix',
          values: { minutes: b.minutes },
          *tries() {
            yield easedDial(e.s, b.minutes! / 11);
            yield longer(e.s, Math.min(1.5, 11 / b.minutes!));
          },
        }
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
