import { ALLOYS } from '../catalog/alloys';
import { FOAMS, type FoamId } from '../catalog/foams';
import type { ChangeEvent, HeatEvent, RigEvent } from '../documents/event';
import type { EntryKind } from '../documents/logbook';
import type { LoggedPull } from '../documents/pull';
import type { Role } from '../units/profile';
import { codeWords } from './codes';
import { JOB_NAMES } from './jobNames';
import { fieldOf } from './rigFields';
import type { Say } from './say';

export const ENTRY_WORDS: Record<EntryKind, string> = {
  cut: 'Cut',
  heat: 'First heat',
  pull: 'Tension',
  hot: 'Under power',
  hang: 'New wire',
  change: 'Changed',
  remark: 'Remark',
  run: 'Called cut',
  made: 'Made',
  slack: 'Slackened',
};

const LONG = 60;
type Leaf = ChangeEvent['changes'][number]['from'];

function leaf(path: string, value: Leaf, role: Role | null, say: Say): string {
  if (value === null || value === '') return 'nothing';
  if (typeof value === 'number') return role ? say(value, role) : `${Number(value.toPrecision(4))}`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  const words = codeWords(path, value);
  return words.length > LONG ? `${words.slice(0, LONG)} …` : words;
}

/** One change in words: `gauge 0.455 mm → 0.574 mm`. */
export function changeWords(c: ChangeEvent['changes'][number], say: Say): string {
  const [name, role] = fieldOf(c.path);
  if (c.path === 'note') return 'note written';
  return `${name} ${leaf(c.path, c.from, role, say)} → ${leaf(c.path, c.to, role, say)}`;
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
    case 'slack':
      return e.until === null ? 'for storage, not set again yet' : 'for storage, set again since';
    case 'remark':
      return '';
    case 'made':
      return `${e.count} × ${e.job || JOB_NAMES[e.work].toLowerCase()}${e.measuredMm === null ? '' : `, measured ${say(e.measuredMm, 'slot')}${e.wantedMm === null ? '' : ` of ${say(e.wantedMm, 'slot')}`}`}${e.change ? `; next time: ${e.change}` : ''}`;
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
