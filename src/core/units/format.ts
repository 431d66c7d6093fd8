import { unitFor, type Profile, type Role } from './profile';
import { unitOf } from './unit';

/** A number as shown: figures and unit apart, so that a screen can set them in different type. */
export interface Shown {
  readonly figures: string;
  readonly unit: string;
}

/** x with `digits` significant figures, no exponent, no trailing point; 0 stays "0". */
export function significant(x: number, digits = 3): string {
  if (!Number.isFinite(x)) return x > 0 ? '∞' : '–';
  if (x === 0) return '0';
  const magnitude = Math.floor(Math.log10(Math.abs(Number(Math.abs(x).toPrecision(digits)))));
  const decimals = Math.min(8, Math.max(0, digits - 1 - magnitude));
  return Number(x.toPrecision(digits)).toFixed(decimals);
}

/** What is computed smaller than this in the unit shown is told to be so: its figures would claim what nobody knows. */
const LEAST_SHOWN = 0.0005;

/** A value in the document's unit, shown for a role and profile with at most three significant figures. */
export function show(value: number, role: Role, profile: Profile): Shown {
  if (role === 'wireDiameter' && profile !== 'metric') return showGauge(value, profile);
  const unit = unitFor(role, profile);
  const x = unit.fromBase(value);
  if (x !== 0 && Math.abs(x) < LEAST_SHOWN) return { figures: x > 0 ? '<0.001' : '>−0.001', unit: unit.symbol };
  const digits = role === 'temperature' || role === 'share' ? whole(x) : 3;
  return { figures: significant(x, digits), unit: unit.symbol };
}

/** Figures that a number typed by hand may have. */
const TYPED_FIGURES = 6;
/** Share by which such a number may miss the stored one: the rounding of two conversions. */
const EXACT = 1e-9;

/**
 * A number as it was typed: all its figures where it is one that a person types in this unit (35.4375 in), otherwise as a
 * maker writes what was converted (900 mm is 35.4 in, 28 AWG is 0.321 mm): three figures, and whatever stands before the point.
 */
export function asTyped(value: number, role: Role, profile: Profile): Shown {
  if (role === 'wireDiameter' && profile !== 'metric') return showGauge(value, profile);
  const unit = unitFor(role, profile);
  const x = unit.fromBase(value);
  const typed = Number(x.toPrecision(TYPED_FIGURES));
  const exact = Math.abs(unit.toBase(typed) - value) <= EXACT * Math.abs(value);
  return { figures: exact ? String(typed) : wholeAndThree(x), unit: unit.symbol };
}

function wholeAndThree(x: number): string {
  if (!Number.isFinite(x)) return significant(x);
  const before = Math.max(0, Math.floor(Math.log10(Math.abs(x))) + 1);
  return String(Number(x.toPrecision(Math.max(3, before))));
}

/** Degrees and per cents are shown whole, three figures at most. */
function whole(x: number): number {
  return Math.abs(x) < 9.5 ? 1 : Math.abs(x) < 99.5 ? 2 : Math.abs(x) < 999.5 ? 3 : 3;
}

/** A diameter within 1 % of an American gauge is named by it; any other in thousandths of an inch. */
function showGauge(mm: number, profile: Profile): Shown {
  const awg = unitOf('awg');
  const gauge = Math.round(awg.fromBase(mm));
  if (gauge >= 0 && gauge <= 44 && Math.abs(awg.toBase(gauge) / mm - 1) < 0.01)
    return { figures: String(gauge), unit: 'AWG' };
  if (profile === 'trade') return { figures: significant(unitOf('thou').fromBase(mm)), unit: 'thou' };
  return { figures: significant(unitOf('in').fromBase(mm)), unit: 'in' };
}

/** As one text with a no-break space between: `18.5 V`, `330 °C`, `24 AWG`. */
export function text(value: number, role: Role, profile: Profile): string {
  const shown = show(value, role, profile);
  if (!shown.unit) return shown.figures;
  return shown.unit === '%' || shown.unit === '°'
    ? shown.figures + (shown.unit === '%' ? '\u00a0%' : '°')
    : `${shown.figures}\u00a0${shown.unit}`;
}

/** A pair as a range with its unit once: `4.2–8.5 mm/s`. */
export function rangeText(pair: readonly [number, number], role: Role, profile: Profile): string {
  const a = show(pair[0], role, profile);
  const b = show(pair[1], role, profile);
  return `${a.figures}–${b.figures}${b.unit ? `\u00a0${b.unit}` : ''}`;
}
