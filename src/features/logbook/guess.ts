import type { DayOrder, Mapped, Mapping } from '@/core/documents/logImport';

export const MAP_NAMES: Record<Mapped, string> = {
  at: 'Day, time',
  setting: 'Setting',
  widthMm: 'Width',
  depthMm: 'Depth cut',
  seconds: 'Seconds',
  feedMmS: 'Feed',
  kerfMm: 'Kerf',
  amps: 'Amps',
  volts: 'Volts',
  grade: 'It cut (too cold, good, too hot)',
  limit: 'Pushed to the limit (yes, no)',
  seen: 'Seen',
  note: 'Note',
};
export const ORDER_NAMES: Record<DayOrder, string> = {
  'year-month-day': '2026-05-31',
  'day-month-year': '31.5.2026 or 31/5/2026',
  'month-day-year': '5/31/2026',
};
const LENGTHS = ['mm', 'cm', 'in', 'm'];
/** Units that a column may be in, the usual first; a setting is in its control's own. */
export const MAP_UNITS: Partial<Record<Mapped, readonly string[]>> = {
  widthMm: LENGTHS,
  depthMm: LENGTHS,
  kerfMm: ['mm', 'in', 'thou'],
  seconds: ['s', 'min'],
  feedMmS: ['mm/s', 'in/s', 'mm/min', 'in/min'],
  amps: ['A', 'mA'],
  volts: ['V', 'mV'],
};

const LIKE: Record<Mapped, RegExp> = {
  at: /^(when|date|day|at|time ?stamp)\b/i,
  setting: /^(set|dial|knob|duty)/i,
  widthMm: /^(width|wide)/i,
  depthMm: /^(depth|deep|length cut)/i,
  seconds: /^(sec|time$|time \()/i,
  feedMmS: /^(feed|speed|pace)/i,
  kerfMm: /^(slot|kerf|gap)/i,
  amps: /^(amp|current)/i,
  volts: /^volt/i,
  grade: /^(how|grade|verdict|it cut|result)/i,
  limit: /^(limit|max)/i,
  seen: /^(seen|looks)/i,
  note: /^(note|remark|comment)/i,
};

/** A first guess at a spreadsheet's columns by their names, and at their units by what stands in brackets or after a comma. */
export function guessed(header: readonly string[]): Mapping['columns'] {
  const out: Mapping['columns'] = {};
  const free = new Set(header);
  for (const what of Object.keys(LIKE) as Mapped[]) {
    const column = [...free].find((h) => LIKE[what].test(h.trim()));
    if (!column) continue;
    free.delete(column);
    const units = MAP_UNITS[what];
    const said = /[([,]\s*([a-z/]+)\s*[)\]]?$/i.exec(column.trim())?.[1]?.toLowerCase();
    out[what] = { column, unit: units ? (units.find((u) => u.toLowerCase() === said) ?? units[0]!) : null };
  }
  return out;
}
