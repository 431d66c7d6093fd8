import { describe, expect, it } from 'vitest';
import { logQuerySchema } from '@/core/documents/logbook';
import { guessed } from './guess';
import { addressOf, asksForSome, queryOfAddress } from './query';

describe('a view’s address', () => {
  it('holds what is asked for and nothing that goes without saying', () => {
    expect(addressOf(logQuerySchema.parse({}))).toBe('');
    expect(asksForSome(logQuerySchema.parse({ sort: 'feed' }))).toBe(false);
    const q = logQuerySchema.parse({ kinds: 'cut,pull', q: 'a&b=c', foam: 'xps', sort: 'kerf', dir: 'up' });
    expect(asksForSome(q)).toBe(true);
    expect(queryOfAddress(addressOf(q))).toEqual(q);
  });
  it('that is rubbish asks for all', () => {
    expect(queryOfAddress('sort=colour&x=1')).toEqual(logQuerySchema.parse({}));
  });
});

describe('columns guessed', () => {
  it('by name and unit, each once', () => {
    expect(guessed(['Date', 'Volts', 'Speed (in/min)', 'Kerf, thou', 'Comment', 'Weather'])).toEqual({
      at: { column: 'Date', unit: null },
      volts: { column: 'Volts', unit: 'V' },
      feedMmS: { column: 'Speed (in/min)', unit: 'in/min' },
      kerfMm: { column: 'Kerf, thou', unit: 'thou' },
      note: { column: 'Comment', unit: null },
    });
    expect(guessed(['a', 'b'])).toEqual({});
  });
});
