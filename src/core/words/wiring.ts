import { timedByHand } from '../documents/rigDefaults';
import { COMPUTER_SUPPLY, RAILS } from '../catalog/computerSupply';
import { ALLOYS } from '../catalog/alloys';
import type { Rig } from '../documents/rig';
import type { WiringPlan } from '../engine/wiringPlan';
import { controlSettingText } from './control';
import type { Say } from './say';

/** One line of a wiring list: the part, what it is to be, and what to mind. */
export interface WiringLine {
  readonly part: string;
  readonly size: string;
  readonly mind: string;
}

const SUPPLY: Record<Rig['supply']['kind'], string> = {
  bench: 'Bench supply',
  brick: 'Brick',
  'computer-supply': 'Computer supply',
  battery: 'Battery',
  transformer: 'Transformer',
  charger: 'Charger',
  other: 'Supply',
};
const CONTROL: Record<Rig['control']['kind'], string> = {
  none: 'No control',
  volts: 'Voltage held',
  amps: 'Current held',
  pwm: 'Pulse dimmer',
  phase: 'Dimmer',
  scale: 'Variac or tap',
  buck: 'Buck converter',
  clip: 'Sliding clip',
  'hold-ohm': 'Resistance controller',
};
export const supplyName = (kind: Rig['supply']['kind']): string => SUPPLY[kind];
export const controlName = (kind: Rig['control']['kind']): string => CONTROL[kind];

/** The parts of a loop in the order the current meets them, in somebody's units. */
export function wiringLines(p: WiringPlan, say: Say): WiringLine[] {
  const { rig } = p;
  const { supply, control } = rig;
  const lines: WiringLine[] = [];
  const add = (part: string, size: string, mind: string) => lines.push({ part, size, mind });
  if (p.controlAt === 'primary')
    add(
      `${CONTROL[control.kind]}, mains side`,
      ratedOf(rig, say),
      'Mains side: by local code and by a licensed electrician only. Give it air.',
    );
  add(
    SUPPLY[supply.kind],
    `${say(supply.volts, 'volts')}${supply.current === 'ac' ? ' ac' : ''}${supply.maxAmps !== null ? `, up to ${say(supply.maxAmps, 'amps')}` : supply.ratedVA ? `, ${supply.ratedVA} VA` : ''}`,
    p.runningAmps === null
      ? 'It shuts off with this wire: see the findings.'
      : `${say(p.runningAmps, 'amps')} run.`,
  );
  if (supply.kind === 'computer-supply') {
    const rail = RAILS.find((r) => r.volts === supply.volts);
    add(
      'Its outputs',
      rail ? `${rail.colour} out, black back` : 'by its label',
      `Its control line switches it on: ${COMPUTER_SUPPLY.on}. It wants ${COMPUTER_SUPPLY.leastLoad}, or it will not stay on.`,
    );
  }
  add(
    'Fuse',
    fuseSize(p),
    p.fuse.blade
      ? 'A blade fuse, at the battery’s own terminal.'
      : 'Next to the supply, in the lead that goes out.',
  );
  add(
    'Switch',
    switchSize(p),
    !timedByHand(rig)
      ? 'Within reach; it takes the power off the wire and stops the motors.'
      : 'A foot or hold-to-run switch leaves both hands free. Off when the foot or hand is off.',
  );
  if (p.controlAt === 'loop')
    add(
      CONTROL[control.kind],
      ratedOf(rig, say),
      `Set to ${controlSettingText(control.kind, control.setting, say)}. Give it air.`,
    );
  if (p.controlAt === 'supply')
    add(
      'Its dial',
      controlSettingText(control.kind, control.setting, say),
      'Set with the wire off, then checked with it on.',
    );
  if (p.lamp)
    add(
      'Lamp: it is on',
      `${p.lamp.ohm} ohm, ${say(p.lamp.watts, 'watts')} or more`,
      'In series with a diode of 2 V and 10 mA, after the switch.',
    );
  add(
    'Leads, out and back',
    `${say(p.lead.areaMm2, 'area')}, ${say(p.lead.lengthMm, 'leadLength')} in all`,
    leadMind(p, say),
  );
  add(
    'Clips',
    `${p.contactOhm.toPrecision(2)} ohm together`,
    'Bright metal, clamped, not twisted. Outside the take-up, so that no spring carries current.',
  );
  add(
    'Wire',
    `${say(rig.wire.diameterMm, 'wireDiameter')}, ${say(rig.wire.lengthMm, 'wireLength')}, ${say(p.wireOhm, 'ohms')} cold`,
    `${ALLOYS[rig.wire.alloy].name}. Measure it before the first heat.`,
  );
  if (p.jumper)
    add(
      'Jumper',
      'the leads’ own size',
      'Past the take-up, from anchor to lead: a spring that carries the current loses its set.',
    );
  if (rig.frame.material === 'metal' || rig.frame.material === 'metal-insulated')
    add('Insulation', 'both anchors', 'Frame to wire must read open on the meter before power.');
  return lines;
}

function ratedOf(rig: Rig, say: Say): string {
  const { ratedAmps, ratedWatts } = rig.control;
  if (ratedAmps !== null) return `rated ${say(ratedAmps, 'amps')}`;
  return ratedWatts !== null ? `rated ${say(ratedWatts, 'watts')}` : 'rating not known: find it';
}

function fuseSize(p: WiringPlan): string {
  const { has, wants, blade } = p.fuse;
  const kind = blade ? 'blade' : 'glass';
  if (has !== null && wants !== null && has !== wants) return `${has} A fitted, ${wants} A ${kind} wanted`;
  if (has !== null) return `${has} A, ${kind}`;
  if (p.runningAmps === null) return 'sized once the supply holds';
  return wants === null ? 'none that fits these leads: thicker leads' : `${wants} A, ${kind} (none yet)`;
}

function switchSize(p: WiringPlan): string {
  const { has, wants } = p.switch;
  if (has !== null) return `for ${has} A`;
  if (p.runningAmps === null) return 'sized once the supply holds';
  return wants === null ? 'none yet' : `for ${wants} A (none yet)`;
}

function leadMind(p: WiringPlan, say: Say): string {
  const { lead, runningAmps } = p;
  const carries = `They carry ${say(lead.carriesAmps, 'amps')}`;
  if (runningAmps !== null && runningAmps > lead.carriesAmps)
    return `${carries}, too little: ${lead.wantsMm2 === null ? 'more than is listed' : say(lead.wantsMm2, 'area')} is wanted.`;
  if (lead.lossVolts === null || lead.lossShare === null) return `${carries}.`;
  return `${carries} and lose ${say(lead.lossVolts, 'volts')}, ${say(lead.lossShare, 'share')} of the wire’s volts.`;
}

/** Cautions that stand on every wiring sheet. */
export const WIRING_CAUTIONS: readonly string[] = [
  'Isolated extra-low voltage only. Anything on the mains side follows local code and belongs to a licensed electrician.',
  'The wire burns, and whips when it breaks: glasses, sleeves. Never leave it hot.',
  'Fumes: in the open air. Nothing flammable about; an extinguisher at hand.',
  'This sheet is arithmetic, not a test: nobody has looked at your wiring.',
];
