import Papa from 'papaparse';
import type { CutLine } from '@/core/documents/logbook';
import { cellsOf, OWN_COLUMNS } from './columns';

/**
 * Cells that a spreadsheet would take for a formula, the wide signs of East Asian keyboards and a line break before one too, with any
 * marks already before them: they get one more `'`, which reading takes off again. Source: OWASP, CSV injection.
 */
export const FORMULA = /^'*[=+\-@\t\r\n\u000b\u000c\u0085\u2028\u2029\uff1d\uff0b\uff0d\uff20]/;

/** Cuts as comma-separated text (RFC 4180, with a header), one line each. Numbers are written so that they read back the same. */
export function writeCsv(lines: readonly CutLine[]): string {
  const data = lines.map((line) => {
    const cells = cellsOf(line);
    return OWN_COLUMNS.map((c) => cells[c]);
  });
  return (
    Papa.unparse({ fields: [...OWN_COLUMNS], data }, { escapeFormulae: FORMULA, newline: '\r\n' }) + '\r\n'
  );
}
