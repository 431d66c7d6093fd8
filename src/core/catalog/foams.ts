import { curve, type Curve } from '../numeric/table';

export const FOAM_IDS = [
  'eps',
  'xps',
  'epp',
  'epe',
  'eva',
  'pla-foam',
  'starch',
  'pvc',
  'pur',
  'pir',
  'phenolic',
  'paper-faced',
  'unknown',
] as const;
export type FoamId = (typeof FOAM_IDS)[number];
export type FoamVerdict = 'cut' | 'caution' | 'refuse';

/** How a foam takes a hot wire; null where the model has no figures. */
export interface FoamHeat {
  /** It collapses and flows away, °C. */
  readonly flowC: number;
  /** Heat to flow from 20 °C, J/kg. */
  readonly heatToFlow: number;
  /** W/(m·K) */
  readonly conductivity: number;
  /** 10 % compressive stress in Pa against density in kg/m³. */
  readonly stress10: Curve;
  /** Above this it smokes and gives off harmful fume, °C. */
  readonly fumeC: number;
  /** Densities that the table covers, kg/m³. */
  readonly densities: readonly [number, number];
}

export interface Foam {
  readonly id: FoamId;
  readonly name: string;
  readonly verdict: FoamVerdict;
  readonly heat: FoamHeat | null;
  readonly usualDensity: number;
  /** Why it is refused or wants care; empty where it cuts. */
  readonly reason: string;
  readonly source: string;
}

const kPa = (pairs: readonly (readonly [number, number])[]): Curve =>
  curve(pairs.map(([density, kilo]) => [density, kilo * 1000] as const));

const heat = (
  flowC: number,
  kJ: number,
  conductivity: number,
  stress: readonly (readonly [number, number])[],
  fumeC: number,
  densities: readonly [number, number],
): FoamHeat =>
  Object.freeze({ flowC, heatToFlow: kJ * 1000, conductivity, stress10: kPa(stress), fumeC, densities });

const MEMORY = 'typical values, from memory';
const none = (id: FoamId, name: string, verdict: FoamVerdict, usualDensity: number, reason: string): Foam =>
  Object.freeze({ id, name, verdict, heat: null, usualDensity, reason, source: 'common practice, no source' });

/* prettier-ignore */
export const FOAMS: Readonly<Record<FoamId, Foam>> = Object.freeze({
  eps: { id: 'eps', name: 'Bead polystyrene (EPS)', verdict: 'cut', usualDensity: 20, reason: '',
    heat: heat(160, 210, 0.036, [[12, 35], [15, 69], [18, 90], [22, 104], [29, 173], [38, 276], [46, 414]], 350, [12, 46]),
    source: `stress at density: minimum values of ASTM C578 types XI, I, VIII, II, IX, XIV, XV; ${MEMORY}` },
  xps: { id: 'xps', name: 'Extruded polystyrene (XPS)', verdict: 'cut', usualDensity: 33, reason: '',
    heat: heat(160, 210, 0.033, [[21, 104], [25, 173], [29, 276], [35, 414], [48, 690]], 350, [21, 48]),
    source: `stress at density: minimum values of ASTM C578 types X, IV, VI, VII, V; ${MEMORY}` },
  epp: { id: 'epp', name: 'Bead polypropylene (EPP)', verdict: 'cut', usualDensity: 30, reason: 'Needs about twice the heat of polystyrene of the same density.',
    heat: heat(175, 410, 0.038, [[20, 60], [30, 112], [45, 188], [60, 262]], 330, [20, 60]),
    source: `fume limit a guess; ${MEMORY}` },
  epe: { id: 'epe', name: 'Polyethylene foam (EPE)', verdict: 'cut', usualDensity: 30, reason: 'Strings and welds itself together again: keep the two halves apart.',
    heat: heat(130, 380, 0.045, [[20, 20], [30, 35], [45, 60]], 330, [20, 45]),
    source: `fume limit a guess; ${MEMORY}` },
  eva: { id: 'eva', name: 'Crosslinked EVA', verdict: 'caution', usualDensity: 60, reason: 'Acrid fumes: test a scrap outdoors first.',
    heat: heat(150, 400, 0.045, [[40, 40], [100, 150]], 300, [35, 200]), source: MEMORY },
  'pla-foam': none('pla-foam', 'PLA foam', 'caution', 30, 'Nothing reliable is known of how it melts: none of the numbers holds.'),
  starch: none('starch', 'Starch foam', 'caution', 20, 'It chars more than it melts: none of the numbers holds.'),
  pvc: none('pvc', 'PVC foam board', 'refuse', 60, 'A hot wire turns PVC into hydrogen chloride, which burns eyes and lungs.'),
  pur: none('pur', 'Polyurethane (PUR)', 'refuse', 35, 'It never melts: it chars and gives off isocyanates and hydrogen cyanide.'),
  pir: none('pir', 'Polyisocyanurate (PIR)', 'refuse', 32, 'It never melts: it chars and gives off isocyanates and hydrogen cyanide.'),
  phenolic: none('phenolic', 'Phenolic foam', 'refuse', 40, 'It never melts: it chars and gives off harmful fume.'),
  'paper-faced': none('paper-faced', 'Paper-faced board', 'refuse', 30, 'Paper stops the wire and scorches: refused until the paper is off.'),
  unknown: none('unknown', 'Not identified', 'refuse', 30, 'Nobody knows what it gives off: refused until it is identified.'),
});
