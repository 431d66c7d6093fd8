import { ALLOYS } from '../catalog/alloys';
import { FOAMS } from '../catalog/foams';

/** What the codes of documents are called, by the path they stand at; what stands anywhere is by its value alone. */
const BY_PATH: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'wire.alloy': Object.fromEntries(Object.values(ALLOYS).map((a) => [a.id, a.plain])),
  'foam.kind': Object.fromEntries(Object.values(FOAMS).map((f) => [f.id, f.name])),
  'frame.kind': {
    bow: 'hand bow',
    'pulled-bow': 'pulled bow',
    'drop-bow': 'falling bow',
    table: 'table',
    slicer: 'sheet slicer',
    gantry: 'motor towers',
    'hand-tool': 'shaped loop',
  },
  'frame.material': {
    wood: 'wood',
    plastic: 'plastic',
    metal: 'bare metal',
    'metal-insulated': 'metal, insulated',
  },
  'supply.kind': {
    bench: 'bench supply',
    brick: 'brick',
    'computer-supply': 'computer supply',
    battery: 'battery',
    transformer: 'transformer',
    charger: 'charger',
    other: 'other supply',
  },
  'supply.current': { dc: 'direct current', ac: 'alternating current' },
  'supply.isolated': { unknown: 'not known', true: 'yes', false: 'no' },
  'supply.battery.chemistry': {
    'lead-acid': 'lead-acid',
    'lithium-polymer': 'lithium-polymer',
    'lithium-iron': 'lithium iron phosphate',
    'nickel-metal': 'nickel-metal hydride',
    alkaline: 'alkaline',
  },
  'control.kind': {
    none: 'no dial',
    volts: 'voltage held',
    amps: 'current held',
    pwm: 'pulse-width dimmer',
    phase: 'dimmer ahead of a transformer',
    scale: 'variac or tap',
    buck: 'buck converter',
    clip: 'sliding clip',
    'hold-ohm': 'resistance held',
  },
  'tension.kind': {
    spring: 'spring',
    weight: 'hung weight',
    flex: 'springy frame',
    rubber: 'rubber band',
    fixed: 'screw, no give',
  },
  'tension.springs.joined': { parallel: 'side by side', series: 'one after another' },
  'wire.lie': { horizontal: 'level', vertical: 'upright' },
};

/** A code of a document in words; a value that is no code stands as it is. */
export function codeWords(path: string, value: string): string {
  return BY_PATH[path]?.[value] ?? value;
}
