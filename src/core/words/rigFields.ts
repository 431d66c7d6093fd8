import type { Role } from '../units/profile';
import { faultWords, plainField } from './plainField';

/** Fields of a rig by their path: name and role. */
const LEAVES: Readonly<Record<string, readonly [name: string, role: Role | null]>> = {
  name: ['name', null],
  note: ['note', null],
  'frame.kind': ['cutter', null],
  'frame.arms.wireArmMm': ['arm to the wire', 'wireLength'],
  'frame.arms.tieArmMm': ['arm to the tie', 'wireLength'],
  'frame.arms.barMm': ['bar', 'wireLength'],
  'frame.arms.barI_mm4': ['second moment of the bar', null],
  'frame.arms.barGPa': ['modulus of the bar', null],
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
  'wire.measuredOhm': ['resistance, cold', 'ohms'],
  'wire.clampC': ['clamps at', 'temperature'],
  'supply.kind': ['supply', null],
  'supply.volts': ['supply voltage', 'volts'],
  'supply.maxAmps': ['max current of the supply', 'amps'],
  'supply.internalOhm': ['internal resistance', 'ohms'],
  'supply.current': ['current', null],
  'supply.isolated': ['isolated', null],
  'supply.ratedVA': ['rated VA', null],
  'supply.battery.chemistry': ['chemistry', null],
  'supply.battery.cells': ['cells', null],
  'supply.battery.ampHours': ['amp-hours', null],
  'supply.battery.charge': ['charge left', 'share'],
  'control.kind': ['control', null],
  'control.setting': ['setting', null],
  'control.frequencyHz': ['pulses', 'pitch'],
  'control.ratedAmps': ['max current of the control', 'amps'],
  'control.ratedVolts': ['rated voltage of the control', 'volts'],
  'control.ratedWatts': ['rated power of the control', 'watts'],
  'control.efficiency': ['efficiency of the control', 'share'],
  'control.steps': ['steps of the dial', null],
  'control.marks': ['marks of the dial', null],
  'leads.areaMm2': ['lead', 'area'],
  'leads.lengthMm': ['lead length', 'leadLength'],
  'leads.contactOhm': ['contacts', 'ohms'],
  'leads.seriesOhm': ['in series', 'ohms'],
  'leads.fuseA': ['fuse', 'amps'],
  'leads.switchA': ['switch', 'amps'],
  'tension.kind': ['held by', null],
  'tension.setN': ['pull', 'force'],
  'tension.setWhen': ['tension read', null],
  'tension.springNPerMm': ['spring', 'stiffness'],
  'tension.springMaxN': ['spring max load', 'force'],
  'tension.frameNPerMm': ['frame gives', 'stiffness'],
  'tension.initialN': ['initial tension of the spring', 'force'],
  'tension.carriesCurrent': ['current runs through the spring', null],
  'tension.guide.friction': ['friction of the guide', null],
  'tension.guide.wrapDeg': ['wrap on the guide', 'angle'],
  'tension.springs.wireMm': ['wire of the spring', 'depth'],
  'tension.springs.coilMm': ['coil of the spring', 'depth'],
  'tension.springs.turns': ['turns of the spring', null],
  'tension.springs.initialN': ['initial tension of the spring', 'force'],
  'tension.springs.count': ['springs', null],
  'tension.springs.joined': ['springs joined', null],
  'tension.rubber.areaMm2': ['section of the rubber', 'area'],
  'tension.rubber.restMm': ['rubber at rest', 'depth'],
  'tension.rubber.stretch': ['stretch of the rubber', null],
  'tension.rubber.shearMPa': ['shear modulus of the rubber', null],
  'tension.travelMm': ['take-up left', 'depth'],
  'foam.kind': ['foam', null],
  'foam.densityKgM3': ['density', 'density'],
  'foam.widthMm': ['width', 'foamSize'],
  'foam.heightMm': ['height', 'foamSize'],
  'foam.tuning': ['tuning', null],
  'foam.tuningSd': ['uncertainty of the tuning', null],
  'cut.lagSeenMm': ['lag seen', 'slot'],
  'cut.batch': ['pieces in a batch', null],
  accepted: ['limits accepted by the owner', null],
  'cut.feedMmS': ['feed', 'feed'],
  'cut.reserve': ['feed ratio', 'share'],
  'cut.lagLimitMm': ['lag borne', 'slot'],
};

/** Name and role of a field; of one that is part of a named one, that one's; plain words of a path that nobody named. */
export function fieldOf(path: string): readonly [name: string, role: Role | null] {
  for (let p = path; p !== ''; p = p.slice(0, Math.max(0, p.lastIndexOf('.')))) {
    const found = LEAVES[p];
    if (found) return found;
  }
  return [plainField(path), null];
}

/** A fault of a rig's document in a sentence: the field by its name, the rule as it stands. */
export function faultSentence(f: { readonly path: string; readonly message: string }): string {
  if (!LEAVES[f.path]) return faultWords(f);
  const [name] = fieldOf(f.path);
  return `${name.charAt(0).toUpperCase()}${name.slice(1)} ${f.message}`;
}
