import Papa from 'papaparse';
import { FORMULA } from './writeCsv';

/** A fault of a file: the line it stands on (1 is the header), its column where one is at fault, the rule, and in words. */
export interface FileFault {
  readonly line: number;
  readonly column: string | null;
  readonly rule: string;
  readonly message: string;
}

export interface CsvRow {
  readonly line: number;
  readonly cells: Readonly<Record<string, string>>;
}
export type CsvRead =
  | { readonly ok: true; readonly header: readonly string[]; readonly rows: readonly CsvRow[] }
  | { readonly ok: false; readonly faults: readonly FileFault[] };

/** Most rows, columns and characters of a cell that are taken. */
export const MOST_ROWS = 50_000;
const MOST_COLUMNS = 200;
const MOST_FAULTS = 20;

const TORN: Record<string, string> = {
  MissingQuotes: 'a quoted cell is never closed: the file is torn, or a quote stands alone',
  InvalidQuotes: 'a quote stands inside a cell that is not quoted',
  TooFewFields: 'has fewer cells than the header: the file is torn, or a comma is missing',
  TooManyFields: 'has more cells than the header: a comma too many, or one not quoted',
};

/** Reads comma- (or semicolon-, or tab-) separated text with a header; every fault with its line. Nothing is guessed or dropped. */
export function readCsv(text: string): CsvRead {
  const clean = text.replace(/^\ufeff/, '');
  const faults: FileFault[] = [];
  const rows: CsvRow[] = [];
  let header: string[] | null = null;
  let [seen, line] = [0, 1];
  const fault = (at: number, column: string | null, rule: string, message: string) =>
    faults.push({ line: at, column, rule, message });
  Papa.parse<string[]>(clean, {
    skipEmptyLines: true,
    step: ({ data, errors, meta }, parser) => {
      // Empty lines before a row are part of what was read on the way to it.
      const passed = clean.slice(seen, meta.cursor);
      const at = line + (/^[\r\n]*/.exec(passed)![0].match(/\n/g)?.length ?? 0);
      line += passed.match(/\n/g)?.length ?? 0;
      seen = meta.cursor;
      const torn = errors.find((e) => TORN[e.code]);
      if (torn) fault(at, null, 'torn', TORN[torn.code]!);
      else if (!header) {
        header = data.map((c) => c.trim());
        const twice = header.find((h, i) => h === '' || header!.indexOf(h) !== i);
        if (header.length > MOST_COLUMNS) fault(at, null, 'size', `has more than ${MOST_COLUMNS} columns`);
        else if (twice !== undefined)
          fault(at, twice || null, 'header', twice === '' ? 'a column has no name' : 'stands there twice');
      } else if (data.length !== header.length)
        fault(at, null, 'torn', TORN[data.length < header.length ? 'TooFewFields' : 'TooManyFields']!);
      else if (rows.length >= MOST_ROWS) {
        fault(at, null, 'size', `has more than ${MOST_ROWS} rows`);
        parser.abort();
      } else rows.push({ line: at, cells: Object.fromEntries(header.map((h, i) => [h, plain(data[i]!)])) });
      if (faults.length >= MOST_FAULTS || (faults.length > 0 && header === null)) parser.abort();
    },
  });
  if (faults.length === 0 && rows.length === 0)
    fault(1, null, 'empty', header === null ? 'the file is empty' : 'there is a header and no row below it');
  return faults.length > 0 ? { ok: false, faults } : { ok: true, header: header!, rows };
}

/** A cell without the mark that keeps a spreadsheet from taking it for a formula. */
const plain = (cell: string): string => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell);
