import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { GRADES, loggedCutSchema, PLACES, SEEN, type LoggedCut } from '@/core/documents/log';
import { mappingSchema } from '@/core/documents/logImport';
import type { CutLine } from '@/core/documents/logbook';
import { dayTime } from './dayTime';
import { MOST_ROWS, readCsv } from './readCsv';
import { isOwn, mappedCuts, ownCuts } from './toCuts';
import { writeCsv } from './writeCsv';

const line = (cut: Partial<LoggedCut> = {}, more: Partial<CutLine> = {}): CutLine => ({
  id: 'cut-00000001',
  rig: 'Blade bow',
  foamKind: 'xps',
  foamKgM3: 33,
  alloy: 'nicr-80',
  wireMm: 0.455,
  wireLengthMm: 1050,
  control: 'volts',
  cut: loggedCutSchema.parse({ at: '2026-05-02T18:10:00Z', widthMm: 640, seconds: 12.4, depthMm: 50, ...cut }),
  ...more,
});
const read = (text: string) => {
  const csv = readCsv(text);
  if (!csv.ok) throw new Error(JSON.stringify(csv.faults));
  return csv;
};

const number = fc.oneof(fc.constant(null), fc.double({ min: 0.06, max: 99, noNaN: true }));
const anyCut = fc
  .record({
    at: fc
      .date({ min: new Date(0), max: new Date('2099-01-01'), noInvalidDate: true })
      .map((d) => d.toISOString()),
    setting: number,
    amps: number,
    volts: number,
    voltsAt: fc.constantFrom('display' as const, 'clips' as const, undefined),
    widthMm: fc.double({ min: 1, max: 2000, noNaN: true }),
    depthMm: fc.double({ min: 0.2, max: 2000, noNaN: true }),
    seconds: fc.double({ min: 0.06, max: 2000, noNaN: true }),
    feedMmS: number,
    kerfMm: number,
    timedFrom: fc.constantFrom('touch' as const, 'in-foam' as const),
    limit: fc.boolean(),
    grade: fc.constantFrom(...GRADES, null),
    seen: fc.uniqueArray(fc.constantFrom(...SEEN)),
    note: fc.oneof(
      fc.string({ unit: 'grapheme', maxLength: 40 }),
      fc.constantFrom(
        '=1+1',
        "'=1+1",
        '+4',
        '-4',
        '@x',
        '\t=x',
        '\n=1',
        '＝1',
        "''",
        "'",
        'a,b;"c"\r\nd',
        '\n',
        ' lead',
      ),
    ),
    marks: fc.constantFrom(undefined, [
      { mm: 25, s: 3.1 },
      { mm: 50.25, s: 7.4 },
    ]),
    sanded: fc.constantFrom(undefined, ...PLACES.map((where) => ({ where, minutes: 2.5 }))),
  })
  .map((c) => loggedCutSchema.parse(JSON.parse(JSON.stringify(c))));

describe('own files', () => {
  it('read back exactly, whatever is in them', () => {
    fc.assert(
      fc.property(fc.array(anyCut, { minLength: 1, maxLength: 8 }), (cuts) => {
        const lines = cuts.map((cut, i) => line(cut, { cut, id: `cut-0000000${i}` }));
        const text = writeCsv(lines);
        const csv = read(text);
        expect(isOwn(csv.header)).toBe(true);
        const back = ownCuts(csv.rows);
        expect(back.ok && back.cuts.map((c) => c.cut)).toEqual(cuts);
        expect(back.ok && writeCsv(back.cuts.map((c, i) => ({ ...lines[i]!, cut: c.cut })))).toBe(text);
      }),
      { numRuns: 200, seed: 20261125 },
    );
  });
  it('a cell that a spreadsheet would calculate is written as text', () => {
    for (const note of [
      '=HYPERLINK("x")',
      '+1',
      '-2+3',
      '@SUM(A1)',
      '\t=1',
      '\r=1',
      '\n=1',
      '＝1+1',
      '＋1',
      '－1',
      '＠x',
      "'=1",
    ]) {
      const cell = writeCsv([line({ note })])
        .split('\r\n')
        .slice(1)
        .join('\r\n');
      expect(cell, note).toContain(`"'${note.replaceAll('"', '""')}"`);
    }
    expect(writeCsv([line({}, { rig: '=cmd' })])).toContain(`"'=cmd"`);
  });
  it('numbers are written as numbers', () => {
    const [, row] = writeCsv([line({ setting: 0.1 + 0.2, kerfMm: 1e-2 * 3 })]).split('\r\n');
    expect(row).toContain(',0.30000000000000004,');
    expect(row).not.toContain("'");
  });
});

describe('what is torn, huge or rubbish is refused with its line', () => {
  const good = writeCsv([line(), line({ note: 'two\nlines' }), line()]);
  const faults = (text: string) => {
    const csv = readCsv(text);
    if (!csv.ok) return csv.faults;
    const cuts = ownCuts(csv.rows);
    return cuts.ok ? [] : cuts.faults;
  };
  it('a file cut off anywhere in a row', () => {
    expect(faults(good)).toEqual([]);
    const rows = good.length;
    const ends = [...good].flatMap((c, i) => (c === '\n' ? [i + 1] : []));
    for (let n = good.indexOf('\n') + 2; n < rows; n += 3) {
      const whole = ends.includes(n) || ends.includes(n + 1) || ends.includes(n + 2);
      const found = faults(good.slice(0, n));
      // The last id is the only cell whose loss of a letter could pass: ids are at least eight long.
      if (!whole && !/cut-0000\d*$/.test(good.slice(0, n)))
        expect(found.length, JSON.stringify(good.slice(n - 30, n))).toBeGreaterThan(0);
    }
  });
  it('names line, column and rule', () => {
    const [head, row] = good.split('\r\n');
    expect(faults(`${head}\r\n${row}\r\n${row!.replace(',640,', ',wide,')}\r\n`)).toEqual([
      { line: 3, column: 'width_mm', rule: 'number', message: '“wide” is not a number' },
    ]);
    expect(faults(`${head}\r\n${row!.replace(',640,', ',0.2,')}\r\n`)[0]).toMatchObject({
      line: 2,
      column: 'width_mm',
      message: 'must be at least 1',
    });
    expect(faults(`${head}\r\n\r\n\r\n${row}\r\n${row}x,y\r\n`)[0]).toMatchObject({ line: 5, rule: 'torn' });
    expect(faults(`${head}\r\n${row!.replace('touch', '"touch')}`)[0]).toMatchObject({ line: 2, rule: 'torn' });
  });
  it('counts lines through quoted line breaks', () => {
    const text = good + 'x\r\n';
    expect(faults(text)[0]).toMatchObject({ line: 6, rule: 'torn' });
  });
  it('empty, headerless, doubled and endless files', () => {
    expect(faults('')[0]).toMatchObject({ rule: 'empty' });
    expect(faults('a,a\n1,2\n')[0]).toMatchObject({ line: 1, column: 'a', rule: 'header' });
    expect(faults('a,,b\n')[0]).toMatchObject({ rule: 'header' });
    const huge = `a\n${'1\n'.repeat(MOST_ROWS + 1)}`;
    expect(faults(huge)[0]).toMatchObject({ line: MOST_ROWS + 2, rule: 'size' });
    expect(faults('\u0000\u0001\ufffd')).not.toEqual([]);
  });
});

describe('somebody else’s spreadsheet', () => {
  const mapping = mappingSchema.parse({
    dayOrder: 'day-month-year',
    columns: {
      at: { column: 'When' },
      setting: { column: 'Volts' },
      widthMm: { column: 'Wide', unit: 'in' },
      feedMmS: { column: 'Speed', unit: 'in/min' },
      grade: { column: 'How' },
      seen: { column: 'Looks' },
      limit: { column: 'Max' },
    },
  });
  const cuts = (text: string) => mappedCuts(read(text).rows, mapping, 500);
  it('is read by its mapping, in its own units', () => {
    const back = cuts(
      'When;Volts;Wide;Speed;How;Looks;Max;Else\n2.5.2026;18,5;25;10;too cold;drag lines, hairs;;x\n',
    );
    expect(back.ok && back.cuts[0]!.cut).toMatchObject({
      at: '2026-05-02T12:00:00.000Z',
      setting: 18.5,
      widthMm: 635,
      feedMmS: 10 * (25.4 / 60),
      grade: 'too-cold',
      seen: ['drag-lines', 'hairs'],
      limit: false,
    });
  });
  it('a width that it lacks is the rig’s', () => {
    const back = cuts('When,Volts,Wide,Speed,How,Looks,Max\n02/05/2026 17:30,18,,10,good,,\n');
    expect(back.ok && back.cuts[0]!.cut).toMatchObject({ at: '2026-05-02T17:30:00.000Z', widthMm: 500 });
  });
  it('what it cannot be is refused by line and column', () => {
    const head = 'When,Volts,Wide,Speed,How,Looks,Max\n';
    const fault = (row: string) => {
      const back = cuts(`${head}${row}\n`);
      return back.ok ? null : back.faults[0];
    };
    expect(fault('31.2.2026,18,25,10,good,,')).toMatchObject({ line: 2, column: 'When', rule: 'day' });
    expect(fault('1.2.2026,18,25,10,lovely,,')).toMatchObject({ column: 'How' });
    expect(fault('1.2.2026,18,25,10,good,rainbows,')).toMatchObject({ column: 'Looks' });
    expect(fault('1.2.2026,18,25,10,good,,maybe')).toMatchObject({ column: 'Max' });
    expect(fault('1.2.2026,18,25,-10,good,,')).toMatchObject({
      column: 'Speed',
      message: 'must be at least 0.01',
    });
  });
  it('days in three orders, strictly', () => {
    expect(dayTime('2026-05-02', 'year-month-day')).toBe('2026-05-02T12:00:00.000Z');
    expect(dayTime('5/2/26 9:05', 'month-day-year')).toBe('2026-05-02T09:05:00.000Z');
    expect(dayTime('2026-05-02T18:10:00Z', 'month-day-year')).toBe('2026-05-02T18:10:00.000Z');
    expect(dayTime('13/13/2026', 'month-day-year')).toBeNull();
    expect(dayTime('yesterday', 'year-month-day')).toBeNull();
  });
});
