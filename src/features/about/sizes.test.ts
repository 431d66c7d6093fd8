import { describe, expect, it } from 'vitest';
import { sizeText } from './sizes';

describe('sizes of files', () => {
  it.each([
    [0, '0 kB'],
    [812, '1 kB'],
    [212_400, '212 kB'],
    [3_960_000, '4.0 MB'],
    [39_120_000, '39 MB'],
    [1_240_000_000, '1.2 GB'],
    [5_000_000_000_000, '5000 GB'],
  ])('%d bytes are %s', (bytes, text) => expect(sizeText(bytes)).toBe(text));
});
