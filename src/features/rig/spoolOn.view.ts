import type { Spool } from '@/state/types';

/** What a spool makes of a rig's wire. Ohms measured on the spool beat the catalogue: a length has its share of them. */
export function spoolOn({ alloy, diameterMm, strands, ohmPerM }: Spool, lengthMm: number) {
  const wire = { alloy, diameterMm, strands, measuredOhm: null };
  if (ohmPerM === null) return { wire };
  const measuredOhm = Number(((ohmPerM * lengthMm) / 1000).toPrecision(4));
  return { wire: { ...wire, measuredOhm }, from: { 'wire.measuredOhm': 'measured' } };
}
