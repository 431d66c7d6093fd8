import type { ReadingFigures } from '@/core/documents/reading';

export type ShelfState = 'dangerous' | 'fix' | 'test' | 'ready';

export const STATE_WORDS: Record<ShelfState, string> = {
  dangerous: 'Dangerous',
  fix: 'Needs a fix',
  test: 'Needs a test cut',
  ready: 'Ready',
};

/**
 * The state of a rig in a word: dangerous before all, then what must be mended, then what must be tried. A rig with nothing
 * found against it is ready once a cut was logged on it or its wire was measured: until then all of it is the catalogue's.
 */
export function stateOf(reading: ReadingFigures, cuts: number, measured: boolean): ShelfState {
  if (reading.findings.some((f) => f.level === 'stop')) return 'dangerous';
  if (reading.findings.some((f) => f.level === 'fix')) return 'fix';
  return cuts === 0 && !measured ? 'test' : 'ready';
}
