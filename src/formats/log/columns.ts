import type { CutLine } from '@/core/documents/logbook';

type Cell = string | number | boolean | null;

/** The columns of a log as this program writes it, in order; units stand in the names. */
export const OWN_COLUMNS = [
  'at', 'rig', 'foam_kind', 'foam_kg_m3', 'wire_alloy', 'wire_mm', 'wire_length_mm', 'control', 'setting', 'width_mm', 'depth_mm',
  'seconds', 'feed_mm_s', 'kerf_mm', 'amps', 'volts', 'volts_at', 'timed_from', 'limit', 'grade', 'seen', 'marks', 'sanded_where',
  'sanded_minutes', 'note', 'cut_id',
] as const; // prettier-ignore
export type OwnColumn = (typeof OWN_COLUMNS)[number];

/** The cells of one cut. */
export function cellsOf(line: CutLine): Record<OwnColumn, Cell> {
  const { cut: c } = line;
  return {
    at: c.at,
    rig: line.rig,
    foam_kind: line.foamKind,
    foam_kg_m3: line.foamKgM3,
    wire_alloy: line.alloy,
    wire_mm: line.wireMm,
    wire_length_mm: line.wireLengthMm,
    control: line.control,
    setting: c.setting,
    width_mm: c.widthMm,
    depth_mm: c.depthMm,
    seconds: c.seconds,
    feed_mm_s: c.feedMmS,
    kerf_mm: c.kerfMm,
    amps: c.amps,
    volts: c.volts,
    volts_at: c.voltsAt ?? null,
    timed_from: c.timedFrom,
    limit: c.limit,
    grade: c.grade,
    seen: c.seen.join(' '),
    marks: c.marks ? c.marks.map((m) => `${m.mm}:${m.s}`).join(' ') : null,
    sanded_where: c.sanded?.where ?? null,
    sanded_minutes: c.sanded?.minutes ?? null,
    note: c.note,
    cut_id: line.id,
  };
}
