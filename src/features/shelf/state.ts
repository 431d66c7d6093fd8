import type { Reading } from '@/core/documents/reading';

export type ShelfState = 'dangerous' | 'fix' | 'test' | 'ready';

export const STATE_WORDS: Record<ShelfState, string> = {
  dangerous: 'Dangerous',
  fix: 'Needs a fix',
  test: 'Needs a test cut',
  ready: 'Ready',
};

/** The state of a rig in a word: dangerous before all, then what must be mended, then what must be tried. */
export function stateOf(reading: Reading, cuts: number): ShelfState {
  if (reading.findings.some((f) => f.level === 'stop')) return 'dangerous';
  if (reading.findings.some((f) => f.level === 'fix')) return 'fix';
  return cuts === 0 ? 'test' : 'ready';
}
