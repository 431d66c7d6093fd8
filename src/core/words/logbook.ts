import { ALLOYS } from '../catalog/alloys';
import { FOAMS, type FoamId } from '../catalog/foams';
import type { ChangeEvent, HeatEvent, RigEvent } from '../documents/event';
import type { EntryKind } from '../documents/logbook';
import type { LoggedPull } from '../documents/pull';
import type { Role } from '../units/profile';
import type { Say } from './say';

export const ENTRY_WORDS: Record<EntryKind, string> = {
  cut: 'Cut',
  heat: 'First heat',
  pull: 'Pull',
  hot: 'Under power',
  hang: 'New wire',
  change: 'Changed',
  remark: 'Remark',
  run: 'Called cut',
};

/** Leaves of a rig by their path: name and role. What is not here is shown by its path. */
const LEAVES: Readonly<Record<string, readonly [name: string, role: Role | null]>> = {
  name: ['name', null],
  note: ['note', null],
  'frame.kind': ['cutter', null],
  'frame.material': ['frame of', null],
  'frame.guided': ['led along templates', null],
  'frame.throatMm': ['throat', 'wireLength'],
  'frame.reachMm': ['reach', 'wireLength'],
  'room.airC': ['air', 'temperature'],
  'room.draughtMS': ['draught', 'draught'],
  'wire.alloy': ['alloy', null],
  'wire.diameterMm': ['gauge', 'wireDiameter'],
  'wire.strands': ['strands', null],
  'wire.lengthMm': ['wire', 'wireLength'],
  'wire.lie': ['wire lies', null],
  'wire.measuredOhm': ['ohms, cold', 'ohms'],
  'wire.clampC': ['clamps at', 'temperature'],
  'supply.kind': ['supply', null],
  'supply.volts': ['supply volts', 'volts'],
  'supply.maxAmps': ['supply amps', 'amps'],
  'supply.internalOhm': ['ohms inside it', 'ohms'],
  'supply.current': ['current', null],
  'supply.isolated': ['isolated', null],
  'control.kind': ['control', null],
  'control.setting': ['setting', null],
  'control.frequencyHz': ['pulses', 'pitch'],
  'control.ratedAmps': ['control carries', 'amps'],
  'leads.areaMm2': ['lead', 'area'],
  'leads.lengthMm': ['lead length', 'leadLength'],
  'leads.contactOhm': ['contacts', 'ohms'],
  'leads.seriesOhm': ['in series', 'ohms'],
  'leads.fuseA': ['fuse', 'amps'],
  'leads.switchA': ['switch', 'amps'],
  'tension.kind': ['held by', null],
  'tension.setN': ['pull', 'force'],
  'tension.setWhen': ['pull read', null],
  'tension.springNPerMm': ['spring', 'stiffness'],
  'tension.springMaxN': ['spring bears', 'force'],
  'tension.frameNPerMm': ['frame gives', 'stiffness'],
  'tension.travelMm': ['take-up left', 'depth'],
  'foam.kind': ['foam', null],
  'foam.densityKgM3': ['density', 'density'],
  'foam.widthMm': ['width', 'foamSize'],
  'foam.heightMm': ['height', 'foamSize'],
  'cut.feedMmS': ['feed', 'feed'],
  'cut.reserve': ['led at', 'share'],
  'cut.lagLimitMm': ['lag borne', 'slot'],
};

const LONG = 60;
type Leaf = ChangeEvent['changes'][number]['from'];

function leaf(value: Leaf, role: Role | null, say: Say): string {
  if (value === null || value === '') return 'nothing';
  if (typeof value === 'number') return role ? say(value, role) : `${Number(value.toPrecision(4))}`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return value.length > LONG ? `${value.slice(0, LONG)} …` : value;
}

/** One change in words: `gauge 0.455 mm → 0.574 mm`. */
export function changeWords(c: ChangeEvent['changes'][number], say: Say): string {
  const [name, role] = LEAVES[c.path] ?? [c.path, null];
  if (c.path === 'note') return 'note written';
  return `${name} ${leaf(c.from, role, say)} → ${leaf(c.to, role, say)}`;
}

const minutes = (from: string, to: string) =>
  Math.max(0, Math.round((Date.parse(to) - Date.parse(from)) / 60000));

const HEAT_SAID: Record<NonNullable<HeatEvent['cause']>, string> = {
  'as-drawn': 'as drawn',
  gauge: 'likeliest another gauge',
  alloy: 'likeliest another alloy',
  length: 'likeliest another length between the clips',
  contact: 'likeliest a poor contact',
  'folds-back': 'likeliest the supply holding its amps down',
  'supply-volts': 'likeliest other volts from the supply',
  averaging: 'likeliest a meter that averages pulses',
};

/** What happened, in one line. */
export function eventWords(e: RigEvent, say: Say): string {
  switch (e.kind) {
    case 'heat':
      return `${e.by === 'practice' ? 'On a practice bench: ' : ''}${e.steps.length} reading${e.steps.length === 1 ? '' : 's'}, ${e.cause ? HEAT_SAID[e.cause] : 'not weighed'}${e.corrected.length > 0 ? '; corrected the rig' : ''}`;
    case 'hot':
      return e.until === null ? 'on now' : `${minutes(e.at, e.until)} min`;
    case 'hang':
      return `${ALLOYS[e.alloy].name} ${say(e.diameterMm, 'wireDiameter')}, ${say(e.lengthMm, 'wireLength')}`;
    case 'change':
      return e.changes.map((c) => changeWords(c, say)).join('; ');
    case 'remark':
      return '';
    case 'run':
      return `${e.rehearsal ? 'Rehearsed cold: ' : ''}${e.plan || 'a piece'}, ${e.hand} core ${e.piece}, ${say(e.heldS, 'time')} of ${say(e.plannedS, 'time')}${e.finished ? '' : ', not finished'}`;
  }
}

/** A reading of the pull in one line. */
export function pullWords(p: LoggedPull, say: Say): string {
  const note = p.hertz === null ? '' : `, note ${say(p.hertz, 'pitch')}`;
  return `${say(p.newtons, 'force')} ${p.when}${note}`;
}

export const foamName = (kind: string): string => FOAMS[kind as FoamId]?.name ?? kind;
export const alloyName = (alloy: string): string => ALLOYS[alloy as keyof typeof ALLOYS]?.plain ?? alloy;
