import { awgDiameter, awgOf } from './awg';
import type { Quantity, Unit } from './quantity';

export type { Quantity, Unit } from './quantity';

const times = (id: string, symbol: string, quantity: Quantity, factor: number, typed: string[]): Unit => ({
  id,
  symbol,
  quantity,
  toBase: (x) => x * factor,
  fromBase: (x) => x / factor,
  typed: [id.toLowerCase(), symbol.toLowerCase().replace(/\s/g, ''), ...typed],
});

const INCH = 25.4; // mm, exact: international inch
const POUND = 0.45359237; // kg, exact: international pound
const G = 9.80665; // m/s², exact: standard gravity
const SQUARE_INCH = INCH * INCH; // mm²
const FOOT_M = 0.3048; // exact

/** Every unit, with exact defined factors (NIST SP 811, appendix B). */
export const UNITS: readonly Unit[] = [
  times('mm', 'mm', 'length', 1, ['millimetre', 'millimetres', 'millimeter', 'millimeters']),
  times('cm', 'cm', 'length', 10, []),
  times('m', 'm', 'length', 1000, ['metre', 'metres', 'meter', 'meters']),
  times('in', 'in', 'length', INCH, ['"', '″', '”', "''", 'inch', 'inches']),
  times('ft', 'ft', 'length', 12 * INCH, ["'", '′', '’', 'foot', 'feet']),
  times('thou', 'thou', 'length', INCH / 1000, ['mil', 'mils', 'thousandths']),
  {
    id: 'awg',
    symbol: 'AWG',
    quantity: 'length',
    toBase: (n) => awgDiameter(n) * 1000,
    fromBase: (mm) => awgOf(mm / 1000),
    typed: ['awg', 'ga', 'gauge', 'gage', '#'],
  },
  times('mm2', 'mm²', 'area', 1, ['mm^2', 'sqmm']),
  times('mm/s', 'mm/s', 'speed', 1, ['mms', 'mm/sec']),
  times('in/s', 'in/s', 'speed', INCH, ['in/sec', '"/s', 'ips']),
  times('in/min', 'in/min', 'speed', INCH / 60, ['ipm', '"/min']),
  times('mm/min', 'mm/min', 'speed', 1 / 60, []),
  {
    id: 'C',
    symbol: '°C',
    quantity: 'temperature',
    toBase: (x) => x,
    fromBase: (x) => x,
    typed: ['c', '°c', 'degc'],
  },
  {
    id: 'F',
    symbol: '°F',
    quantity: 'temperature',
    toBase: (x) => ((x - 32) * 5) / 9,
    fromBase: (x) => (x * 9) / 5 + 32,
    typed: ['f', '°f', 'degf'],
  },
  times('K', 'K', 'temperatureDifference', 1, []),
  times('N', 'N', 'force', 1, ['newton', 'newtons']),
  times('lbf', 'lb', 'force', POUND * G, ['lb', 'lbs', 'pound', 'pounds', 'lbf']),
  times('ozf', 'oz', 'force', (POUND * G) / 16, ['ounce', 'ounces', 'ozf']),
  times('kgf', 'kg', 'force', G, ['kgf', 'kilo', 'kilos']),
  times('gf', 'g', 'force', G / 1000, ['gf', 'gram', 'grams']),
  times('kg/m3', 'kg/m³', 'density', 1, ['kg/m^3', 'kgm3', 'g/l']),
  times('lb/ft3', 'lb/ft³', 'density', POUND / FOOT_M ** 3, ['lb/ft^3', 'pcf', 'lbft3', 'lb']),
  times('g/cm3', 'g/cm³', 'density', 1000, ['g/cc']),
  times('V', 'V', 'volts', 1, ['volt', 'volts']),
  times('mV', 'mV', 'volts', 0.001, []),
  times('A', 'A', 'amps', 1, ['amp', 'amps', 'ampere', 'amperes']),
  times('mA', 'mA', 'amps', 0.001, []),
  times('ohm', 'Ω', 'ohms', 1, ['ohms', 'ω', 'r']),
  times('W', 'W', 'watts', 1, ['watt', 'watts']),
  times('W/m', 'W/m', 'heatPerLength', 1, []),
  times('W/in', 'W/in', 'heatPerLength', 1000 / INCH, []),
  times('s', 's', 'time', 1, ['sec', 'seconds', 'second']),
  times('min', 'min', 'time', 60, ['minutes', 'minute']),
  times('deg', '°', 'angle', 1, ['degrees', 'degree']),
  times('percent', '%', 'share', 0.01, ['pct']),
  times('one', '', 'count', 1, []),
  times('N/mm', 'N/mm', 'stiffness', 1, []),
  times('lbf/in', 'lb/in', 'stiffness', (POUND * G) / INCH, []),
  times('N*m', 'N·m', 'moment', 1, ['nm', 'n·m']),
  times('lbf*ft', 'lb·ft', 'moment', POUND * G * 12 * (INCH / 1000), ['lb·ft']),
  times('MPa', 'MPa', 'stress', 1, ['n/mm2']),
  times('GPa', 'GPa', 'stress', 1000, []),
  times('ksi', 'ksi', 'stress', (1000 * POUND * G) / SQUARE_INCH, []),
  times('Hz', 'Hz', 'pitch', 1, ['hertz']),
  times('g', 'g', 'mass', 1, ['gram', 'grams']),
  times('kg', 'kg', 'mass', 1000, []),
  times('oz', 'oz', 'mass', (POUND * 1000) / 16, ['ounce', 'ounces']),
  times('lb', 'lb', 'mass', POUND * 1000, ['lbs', 'pound', 'pounds']),
  times('m/s', 'm/s', 'airSpeed', 1, []),
  times('ft/s', 'ft/s', 'airSpeed', FOOT_M, []),
  times('mm/s2', 'mm/s²', 'acceleration', 1, ['mm/s^2', 'mm/s/s']),
  times('in/s2', 'in/s²', 'acceleration', INCH, ['in/s^2', 'in/s/s']),
];

const BY_ID = new Map(UNITS.map((u) => [u.id, u]));

/** The unit of an id; throws on a misspelt one. */
export function unitOf(id: string): Unit {
  const unit = BY_ID.get(id);
  if (!unit) throw new Error(`no unit ${id}`);
  return unit;
}
