import { describe, expect, it } from 'vitest';
import { loggedCutSchema } from '@/core/documents/log';
import { METRIC_SAY, sayIn } from '@/core/words/say';
import type { LogEntry } from '@/state/types';
import { whenIn } from '@/ui/When';
import { cutLines } from './cutLines';

const at = '2026-09-26T10:30:00.000Z';
const entry = (cut: object, over: Partial<LogEntry> = {}): LogEntry => ({
  ...{ id: 'c', rigId: 'r', rig: 'Blade bow', kind: 'cut', at, pictures: 0 },
  doc: loggedCutSchema.parse({ at, widthMm: 500, ...cut }),
  made: { foam: 'xps', foamKgM3: 33, alloy: 'nicr-80', wireMm: 0.4, control: 'volts', feedMmS: null },
  ...over,
});
const lines = (cut: object, over?: Partial<LogEntry>, say = METRIC_SAY) =>
  Object.fromEntries(cutLines(entry(cut, over), say, whenIn('en', 'UTC'))) as Record<string, string>;

describe('a cut line by line', () => {
  it('what is not known is a dash, never a nought or a code word', () => {
    const bare = lines({}, { rig: '' });
    for (const name of ['Depth', 'Time', 'Feed', 'Marks', 'Kerf', 'Seen', 'Sanded', 'Note'])
      expect(bare[name], name).toBe('–');
    expect(bare['Rig']).toBe('a rig without a name');
    expect(bare['It cut']).toBe('not judged');
    expect(Object.values(bare).join(' ')).not.toMatch(/nicr-80|xps|null|undefined|NaN/);
  });

  it('a limit cut is said as one, whatever its grade', () => {
    expect(lines({ limit: true, depthMm: 50, seconds: 9, grade: 'good' })['It cut']).toMatch(/at the limit/);
    expect(lines({ grade: 'too-hot' })['It cut']).toBe('too hot');
  });

  it('a time says from where it was taken, a meter where it was read', () => {
    const cut = lines({
      depthMm: 50,
      seconds: 12.5,
      timedFrom: 'in-foam',
      amps: 2.5,
      volts: 18,
      voltsAt: 'clips',
    });
    expect(cut['Time']).toMatch(/12\.5.s from inside the foam/);
    expect(cut['Meter']).toMatch(/^2\.50?.A, 18(\.0)?.V at the clips$/);
    expect(lines({ volts: 18 })['Meter']).toMatch(/at the display$/);
  });

  it('speaks the reader’s units', () => {
    const inches = lines({ kerfMm: 2.54, depthMm: 50.8 }, {}, sayIn('inch'));
    expect(inches['Width']).toMatch(/in$/);
    expect(inches['Kerf']).toMatch(/^0\.1(00?)?.in$/);
    expect(lines({ kerfMm: 2.54 })['Kerf']).toMatch(/mm$/);
  });

  it('marks and sanding are told with their numbers', () => {
    const cut = lines({
      marks: [
        { mm: 25, s: 6 },
        { mm: 50, s: 12 },
      ],
      sanded: { where: 'exit', minutes: 4 },
    });
    expect(cut['Marks']!.split(', ')).toHaveLength(2);
    expect(cut['Sanded']).toMatch(/4.min$/);
  });
});
