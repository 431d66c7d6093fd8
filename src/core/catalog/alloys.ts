import { curve, type Curve } from '../numeric/table';

/** A resistance-wire alloy. SI units but for the names that say otherwise. */
export interface Alloy {
  readonly id: AlloyId;
  readonly name: string;
  readonly plain: string;
  /** Resistivity at 20 °C, Ω·m. */
  readonly rho20: number;
  /** Resistance at °C over resistance at 20 °C. */
  readonly ct: Curve;
  /** kg/m³ */
  readonly density: number;
  /** Mean linear expansion 20–400 °C, 1/K. */
  readonly expansion: number;
  /** Young's modulus, Pa. */
  readonly youngs: number;
  /** Specific heat at 20 °C, J/(kg·K). */
  readonly heatCapacity: number;
  /** Thermal conductivity, W/(m·K). */
  readonly conductivity: number;
  /** Total hemispherical emissivity of used wire. */
  readonly emissivity: number;
  /** Highest temperature for continuous use here, °C. */
  readonly limitC: number;
  /** Solidus, °C. */
  readonly meltC: number;
  /** Tensile strength in MPa against °C. */
  readonly strength: Curve;
  /** 0.2 % yield as a fraction of tensile strength. */
  readonly yieldFraction: number;
  /** Size law of hard-drawn wire, S20 = A/δ^m in MPa with δ in mm (Shigley table 10-4); null where it has none. */
  readonly sizeLaw: { readonly a: number; readonly m: number } | null;
  readonly caution: string | null;
  readonly source: string;
}

export const ALLOY_IDS = [
  'nicr-80',
  'nicr-60',
  'fecral-145',
  'fecral-135',
  'ss-304',
  'ss-304-hard',
  'n07041',
  'steel-music',
  'steel-soft',
  'ti-2',
  'cuni-44',
] as const;
export type AlloyId = (typeof ALLOY_IDS)[number];

type Pairs = readonly (readonly [number, number])[];
type Row = {
  name: string;
  plain: string;
  rho: number;
  ct: Pairs;
  dens: number;
  exp: number;
  e: number;
  cp: number;
  k: number;
  eps: number;
  limit: number;
  melt: number;
  strength: Pairs;
  yields: number;
  sizeLaw?: { a: number; m: number };
  caution?: string;
  source?: string;
};

const TYPICAL = 'typical handbook values, from memory';
/** Carbon steel over its resistivity at 20 °C (Kaye & Laby, 0.06 % C, from memory). */
const CARBON_CT: Pairs = [[20, 1], [100, 1.37], [200, 1.94], [400, 3.45], [600, 5.58], [700, 6.91], [800, 8.25], [1000, 8.92]]; // prettier-ignore
const STAINLESS_CT: Pairs = [[20, 1], [659, 1.611], [900, 1.75]]; // prettier-ignore

/* prettier-ignore */
const ROWS: Record<AlloyId, Row> = {
  'nicr-80': { name: 'Nickel-chromium 80/20', plain: 'nickel-chromium', rho: 1.08,
    ct: [[20, 1], [100, 1.006], [200, 1.015], [300, 1.028], [400, 1.045], [500, 1.065], [600, 1.068], [700, 1.057], [800, 1.051], [900, 1.052], [1000, 1.062], [1100, 1.071]],
    dens: 8400, exp: 15, e: 215, cp: 460, k: 15, eps: 0.75, limit: 1100, melt: 1400,
    strength: [[20, 810], [300, 740], [500, 640], [700, 380], [900, 100]], yields: 0.5, source: `ASTM B344 composition; ${TYPICAL}` },
  'nicr-60': { name: 'Nickel-chromium-iron 60/16', plain: 'nickel-chromium with iron', rho: 1.12,
    ct: [[20, 1], [100, 1.02], [200, 1.04], [300, 1.06], [400, 1.08], [500, 1.1], [600, 1.11], [800, 1.12], [1000, 1.14]],
    dens: 8200, exp: 15, e: 205, cp: 460, k: 14, eps: 0.75, limit: 1000, melt: 1390,
    strength: [[20, 730], [300, 670], [500, 560], [700, 320], [900, 90]], yields: 0.5 },
  'fecral-145': { name: 'Iron-chromium-aluminium 1.45', plain: 'iron-chromium-aluminium', rho: 1.45,
    ct: [[20, 1], [400, 1], [500, 1.01], [600, 1.02], [800, 1.03], [1000, 1.04]],
    dens: 7100, exp: 11.5, e: 215, cp: 460, k: 12, eps: 0.7, limit: 1200, melt: 1500,
    strength: [[20, 680], [300, 600], [500, 450], [700, 150], [900, 35]], yields: 0.7 },
  'fecral-135': { name: 'Iron-chromium-aluminium 1.35', plain: 'iron-chromium-aluminium', rho: 1.35,
    ct: [[20, 1], [200, 1.01], [400, 1.02], [500, 1.03], [600, 1.04], [800, 1.06], [1000, 1.07]],
    dens: 7250, exp: 11.5, e: 215, cp: 460, k: 12, eps: 0.7, limit: 1150, melt: 1500,
    strength: [[20, 670], [300, 590], [500, 430], [700, 140], [900, 34]], yields: 0.7 },
  'ss-304': { name: 'Stainless 302/304, annealed', plain: 'stainless locking wire', rho: 0.72, ct: STAINLESS_CT,
    dens: 7900, exp: 17.8, e: 193, cp: 500, k: 17, eps: 0.6, limit: 700, melt: 1400,
    strength: [[20, 620], [200, 510], [400, 470], [500, 440], [600, 380], [700, 290], [800, 180]], yields: 0.4 },
  'ss-304-hard': { name: 'Stainless 302/304, hard drawn', plain: 'hard stainless leader', rho: 0.72, ct: STAINLESS_CT,
    dens: 7900, exp: 17.8, e: 193, cp: 500, k: 17, eps: 0.6, limit: 450, melt: 1400,
    strength: [[20, 1900], [200, 1700], [300, 1550], [400, 1350], [500, 950], [600, 600]], yields: 0.85,
    sizeLaw: { a: 1867, m: 0.146 }, source: `size law: Shigley, table 10-4; ${TYPICAL}` },
  n07041: { name: 'Superalloy UNS N07041', plain: 'superalloy', rho: 1.31, ct: [[20, 1], [400, 1.02], [800, 1.03]],
    dens: 8250, exp: 13.5, e: 215, cp: 450, k: 12, eps: 0.7, limit: 900, melt: 1315,
    strength: [[20, 1400], [400, 1300], [600, 1250], [800, 900]], yields: 0.7 },
  'steel-music': { name: 'Carbon spring steel', plain: 'music wire', rho: 0.18,
    ct: CARBON_CT,
    dens: 7850, exp: 12.5, e: 205, cp: 490, k: 45, eps: 0.7, limit: 250, melt: 1450,
    strength: [[20, 2100], [150, 1900], [200, 1600], [300, 1000], [400, 600]], yields: 0.85,
    sizeLaw: { a: 2211, m: 0.145 }, source: `ASTM A228; size law: Shigley, table 10-4; ${TYPICAL}` },
  'steel-soft': { name: 'Soft steel, black or galvanised', plain: 'fence wire', rho: 0.14,
    ct: CARBON_CT,
    dens: 7850, exp: 12.5, e: 205, cp: 490, k: 50, eps: 0.7, limit: 300, melt: 1450,
    strength: [[20, 380], [200, 370], [300, 330], [400, 250]], yields: 0.5,
    caution: 'Galvanised wire gives off zinc fumes when hot.' },
  'ti-2': { name: 'Titanium grade 2', plain: 'titanium', rho: 0.56,
    ct: [[20, 1], [100, 1.28], [200, 1.6], [300, 1.9], [400, 2.15], [500, 2.35]],
    dens: 4510, exp: 9.2, e: 105, cp: 523, k: 20, eps: 0.6, limit: 450, melt: 1660,
    strength: [[20, 450], [200, 300], [300, 250], [400, 220], [500, 180]], yields: 0.65 },
  'cuni-44': { name: 'Constantan', plain: 'constantan', rho: 0.49, ct: [[20, 1], [1000, 1]],
    dens: 8900, exp: 15, e: 162, cp: 410, k: 23, eps: 0.6, limit: 500, melt: 1225,
    strength: [[20, 480], [300, 430], [500, 330]], yields: 0.5 },
};

/** Every alloy by id, in SI, frozen. */
export const ALLOYS: Readonly<Record<AlloyId, Alloy>> = Object.freeze(
  Object.fromEntries(
    ALLOY_IDS.map((id) => {
      const r = ROWS[id];
      const alloy: Alloy = Object.freeze({
        id,
        name: r.name,
        plain: r.plain,
        rho20: r.rho * 1e-6,
        ct: curve(r.ct),
        density: r.dens,
        expansion: r.exp * 1e-6,
        youngs: r.e * 1e9,
        heatCapacity: r.cp,
        conductivity: r.k,
        emissivity: r.eps,
        limitC: r.limit,
        meltC: r.melt,
        strength: curve(r.strength),
        yieldFraction: r.yields,
        sizeLaw: r.sizeLaw ?? null,
        caution: r.caution ?? null,
        source: r.source ?? TYPICAL,
      });
      return [id, alloy];
    }),
  ) as Record<AlloyId, Alloy>,
);
