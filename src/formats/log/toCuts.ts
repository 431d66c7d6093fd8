import { loggedCutSchema, SEEN, type LoggedCut } from '@/core/documents/log';
import { faultsOf } from '@/core/documents/faults';
import type { Mapped, Mapping } from '@/core/documents/logImport';
import { unitOf } from '@/core/units/unit';
import { OWN_COLUMNS, type OwnColumn } from './columns';
import type { CsvRow, FileFault } from './readCsv';
import { dayTime } from './dayTime';

/** A cut out of a file, with the line it stood on. Own files say which rig it was made on, and what of it. */
export interface ReadCut {
  readonly line: number;
  readonly cut: LoggedCut;
  readonly own: {
    readonly id: string;
    readonly rig: string;
    readonly made: Readonly<Record<string, string>>;
  } | null;
}
export type CutsRead =
  | { readonly ok: true; readonly cuts: readonly ReadCut[] }
  | { readonly ok: false; readonly faults: readonly FileFault[] };

const MOST_FAULTS = 20;
const NUMBER = /^[+-]?(\d+(\.\d*)?|\.\d+)(e[+-]?\d+)?$/i;
const ID = /^[A-Za-z0-9-]{8,64}$/;

/** A cell that cannot be what its column says. */
class CellFault extends Error {
  constructor(
    readonly column: string,
    readonly rule: string,
    message: string,
  ) {
    super(message);
  }
}

/** Whether a header is that of this program's own files. */
export const isOwn = (header: readonly string[]): boolean => OWN_COLUMNS.every((c) => header.includes(c));

function number(cells: CsvRow['cells'], column: string): number | null {
  const cell = cells[column]!.trim();
  if (cell === '') return null;
  const text = /^[+-]?\d+,\d+$/.test(cell) ? cell.replace(',', '.') : cell;
  if (!NUMBER.test(text) || !Number.isFinite(Number(text)))
    throw new CellFault(column, 'number', `“${cell.slice(0, 40)}” is not a number`);
  return Number(text);
}

/** All rows as cuts, or every fault (the first twenty) with its line; `one` makes a cut of one row. */
function each(
  rows: readonly CsvRow[],
  names: (path: string) => string,
  one: (row: CsvRow) => Omit<ReadCut, 'line' | 'cut'> & { cut: unknown },
): CutsRead {
  const cuts: ReadCut[] = [];
  const faults: FileFault[] = [];
  for (const row of rows) {
    if (faults.length >= MOST_FAULTS) break;
    try {
      const { cut, own } = one(row);
      const parsed = loggedCutSchema.safeParse(cut);
      if (parsed.success) cuts.push({ line: row.line, cut: parsed.data, own });
      else
        for (const f of faultsOf(parsed.error))
          faults.push({ line: row.line, column: names(f.path), rule: f.rule, message: f.message });
    } catch (e) {
      if (!(e instanceof CellFault)) throw e;
      faults.push({ line: row.line, column: e.column, rule: e.rule, message: e.message });
    }
  }
  return faults.length > 0 ? { ok: false, faults } : { ok: true, cuts };
}

const OWN_OF: Partial<Record<string, OwnColumn>> = {
  widthMm: 'width_mm',
  depthMm: 'depth_mm',
  feedMmS: 'feed_mm_s',
  kerfMm: 'kerf_mm',
  voltsAt: 'volts_at',
  timedFrom: 'timed_from',
};

/** Cuts of this program's own file, exactly as they were. */
export function ownCuts(rows: readonly CsvRow[]): CutsRead {
  return each(
    rows,
    (path) => OWN_OF[path.split(/[.[]/)[0]!] ?? path,
    ({ cells }) => {
      const text = (c: OwnColumn) => (cells[c]! === '' ? null : cells[c]!);
      const flag = cells['limit']!;
      if (flag !== 'true' && flag !== 'false')
        throw new CellFault('limit', 'true or false', `“${flag.slice(0, 40)}” is neither true nor false`);
      if (!ID.test(cells['cut_id']!))
        throw new CellFault('cut_id', 'id', 'is not the id of a cut: the file may be torn');
      const marks = text('marks')
        ?.split(' ')
        .map((m) => {
          const [mm, s] = m.split(':').map(Number);
          return { mm, s };
        });
      const where = text('sanded_where');
      return {
        own: { id: cells['cut_id']!, rig: cells['rig']!, made: cells },
        cut: {
          at: cells['at'],
          setting: number(cells, 'setting'),
          amps: number(cells, 'amps'),
          volts: number(cells, 'volts'),
          ...(text('volts_at') === null ? {} : { voltsAt: text('volts_at') }),
          widthMm: number(cells, 'width_mm'),
          depthMm: number(cells, 'depth_mm'),
          seconds: number(cells, 'seconds'),
          feedMmS: number(cells, 'feed_mm_s'),
          kerfMm: number(cells, 'kerf_mm'),
          timedFrom: text('timed_from') ?? undefined,
          limit: flag === 'true',
          grade: text('grade'),
          seen: text('seen')?.split(' ') ?? [],
          ...(marks ? { marks } : {}),
          ...(where === null ? {} : { sanded: { where, minutes: number(cells, 'sanded_minutes') } }),
          note: cells['note'],
        },
      };
    },
  );
}

const GRADE_OF: Record<string, string> = {
  cold: 'too-cold', 'too cold': 'too-cold', 'too-cold': 'too-cold', good: 'good', ok: 'good', clean: 'good', fine: 'good',
  hot: 'too-hot', 'too hot': 'too-hot', 'too-hot': 'too-hot',
}; // prettier-ignore
const YES = /^(yes|y|true|1|x|limit)$/i;
const NO = /^(no|n|false|0|)$/i;

/** Cuts out of somebody's spreadsheet by a mapping of its columns; `widthMm` is the rig's, for a file without one. */
export function mappedCuts(rows: readonly CsvRow[], mapping: Mapping, widthMm: number): CutsRead {
  const { columns } = mapping;
  const named = (path: string) => columns[path.split(/[.[]/)[0]! as Mapped]?.column ?? path;
  return each(rows, named, ({ cells }) => {
    const value = (what: Mapped): number | null => {
      const c = columns[what];
      if (!c) return null;
      const x = number(cells, c.column);
      return x === null || c.unit === null ? x : unitOf(c.unit).toBase(x);
    };
    const text = (what: Mapped): string => (columns[what] ? cells[columns[what].column]!.trim() : '');
    const at = dayTime(text('at'), mapping.dayOrder, mapping.zone);
    if (at === null)
      throw new CellFault(
        columns.at?.column ?? 'at',
        'day',
        `“${text('at').slice(0, 40)}” is not a day in the order ${mapping.dayOrder}`,
      );
    const grade = text('grade').toLowerCase();
    if (grade !== '' && !GRADE_OF[grade])
      throw new CellFault(
        columns.grade!.column,
        'grade',
        `“${grade.slice(0, 40)}” is none of: too cold, good, too hot`,
      );
    const limit = text('limit');
    if (!YES.test(limit) && !NO.test(limit))
      throw new CellFault(columns.limit!.column, 'yes or no', `“${limit.slice(0, 40)}” is neither yes nor no`);
    const seen = text('seen')
      .toLowerCase()
      .split(/[,;/]+|\s{2,}/)
      .map((s) => s.trim().replace(/ /g, '-'))
      .filter(Boolean);
    const odd = seen.find((s) => !(SEEN as readonly string[]).includes(s));
    if (odd !== undefined)
      throw new CellFault(columns.seen!.column, 'seen', `“${odd.slice(0, 40)}” is none of: ${SEEN.join(', ')}`);
    return {
      own: null,
      cut: {
        at,
        setting: value('setting'),
        amps: value('amps'),
        volts: value('volts'),
        widthMm: value('widthMm') ?? widthMm,
        depthMm: value('depthMm'),
        seconds: value('seconds'),
        feedMmS: value('feedMmS'),
        kerfMm: value('kerfMm'),
        limit: limit !== '' && YES.test(limit),
        grade: grade === '' ? null : GRADE_OF[grade],
        seen: [...new Set(seen)],
        note: text('note'),
      },
    };
  });
}
