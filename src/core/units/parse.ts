import { ROLES, unitFor, type Profile, type Role } from './profile';
import { UNITS, type Unit } from './unit';

export type Parsed =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly rule: string };

const NUMBER = String.raw`[+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?`;
const AMOUNT = new RegExp(`^(${NUMBER})(?:\\s*/\\s*(\\d+)|\\s+(\\d+)\\s*/\\s*(\\d+))?\\s*(.*)$`, 'i');

/**
 * Reads what a person typed in a field: a number, with a decimal point or comma, a fraction (`1/8`, `1 1/8`), and a
 * unit or none (`24 awg`, `0.025 in`, `1 lb/ft3`, `3'`, `3' 6"`). Without a unit it is the profile's unit for the role.
 * The value is in the document's unit. Empty text is refused, never taken for zero.
 */
export function parseQuantity(typed: string, role: Role, profile: Profile): Parsed {
  const clean = typed
    .trim()
    .replace(/\u00a0|\u202f/g, ' ')
    .replace(/−/g, '-');
  if (clean === '') return no('a number is wanted');
  const feet = /^(.*?(?:'|′|ft|feet|foot))\s*-?\s*(\S.*)$/i.exec(clean);
  if (feet && ROLES[role] === 'length' && /\d/.test(feet[2]!)) {
    const a = parseOne(feet[1]!, role, profile);
    const b = parseOne(/[a-z"″”']/i.test(feet[2]!) ? feet[2]! : `${feet[2]!}in`, role, profile);
    if (a.ok && b.ok) return { ok: true, value: a.value + b.value };
  }
  return parseOne(clean, role, profile);
}

function parseOne(clean: string, role: Role, profile: Profile): Parsed {
  const m = AMOUNT.exec(clean);
  if (!m) return no('a number is wanted, like 12.5 or 1/8');
  const suffix = m[5]!.trim();
  if (/^\d|[.,]\d/.test(suffix)) return no('more than one number was typed');
  const whole = Number(m[1]!.replace(',', '.'));
  let x = whole;
  if (m[2]) x = whole / Number(m[2]);
  if (m[3]) x = whole + (Math.sign(whole) || 1) * (Number(m[3]) / Number(m[4]));
  if (!Number.isFinite(x)) return no('a number is wanted, like 12.5 or 1/8');
  const unit = suffix === '' ? unitFor(role, profile) : unitNamed(suffix, role);
  if (!unit) return no(`“${suffix}” is not a unit of ${WORDS[role] ?? ROLES[role]}`);
  return { ok: true, value: unit.toBase(x) };
}

const WORDS: Partial<Record<Role, string>> = {
  wireDiameter: 'diameter',
  wireLength: 'length',
  foamSize: 'length',
  draught: 'speed',
  share: 'share (use %)',
};

function unitNamed(suffix: string, role: Role): Unit | undefined {
  const key = suffix.toLowerCase().replace(/\s+/g, '').replace('³', '3').replace('²', '2');
  const quantity = ROLES[role];
  return UNITS.find(
    (u) => u.quantity === quantity && u.typed.some((t) => t.replace('³', '3').replace('²', '2') === key),
  );
}

function no(rule: string): Parsed {
  return { ok: false, rule };
}
