import { unitOf, type Quantity, type Unit } from './unit';

/** What a number is in the trade: it decides which unit a person wants to see. */
export const ROLES = {
  wireDiameter: 'length',
  wireLength: 'length',
  foamSize: 'length',
  depth: 'length',
  slot: 'length',
  area: 'area',
  leadLength: 'length',
  feed: 'speed',
  acceleration: 'acceleration',
  temperature: 'temperature',
  force: 'force',
  stiffness: 'stiffness',
  moment: 'moment',
  stress: 'stress',
  pitch: 'pitch',
  mass: 'mass',
  drag: 'force',
  density: 'density',
  draught: 'airSpeed',
  volts: 'volts',
  amps: 'amps',
  ohms: 'ohms',
  watts: 'watts',
  heatPerLength: 'heatPerLength',
  time: 'time',
  angle: 'angle',
  share: 'share',
  count: 'count',
} as const satisfies Record<string, Quantity>;
export type Role = keyof typeof ROLES;

export const PROFILES = ['metric', 'inch', 'trade'] as const;
export type Profile = (typeof PROFILES)[number];

const METRIC: Record<Role, string> = {
  wireDiameter: 'mm',
  wireLength: 'mm',
  foamSize: 'mm',
  depth: 'mm',
  slot: 'mm',
  area: 'mm2',
  leadLength: 'mm',
  feed: 'mm/s',
  acceleration: 'mm/s2',
  temperature: 'C',
  force: 'N',
  stiffness: 'N/mm',
  moment: 'N*m',
  stress: 'MPa',
  pitch: 'Hz',
  mass: 'g',
  drag: 'N',
  density: 'kg/m3',
  draught: 'm/s',
  volts: 'V',
  amps: 'A',
  ohms: 'ohm',
  watts: 'W',
  heatPerLength: 'W/m',
  time: 's',
  angle: 'deg',
  share: 'percent',
  count: 'one',
};
const LENGTHS_IN = { wireLength: 'in', foamSize: 'in', depth: 'in', slot: 'in', leadLength: 'in' } as const;

const UNIT_IDS: Record<Profile, Record<Role, string>> = {
  metric: METRIC,
  inch: {
    ...METRIC,
    ...LENGTHS_IN,
    wireDiameter: 'awg',
    feed: 'in/s',
    acceleration: 'in/s2',
    temperature: 'F',
    force: 'lbf',
    stiffness: 'lbf/in',
    moment: 'lbf*ft',
    stress: 'ksi',
    mass: 'oz',
    drag: 'lbf',
    density: 'lb/ft3',
    draught: 'ft/s',
    heatPerLength: 'W/in',
  },
  trade: { ...METRIC, ...LENGTHS_IN, wireDiameter: 'awg', slot: 'mm' },
};

/** The unit in which a profile shows and takes a role. */
export function unitFor(role: Role, profile: Profile): Unit {
  return unitOf(UNIT_IDS[profile][role]);
}
