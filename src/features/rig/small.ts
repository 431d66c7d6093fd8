import type { Say } from '@/core/words/say';

/** Under this no bench can tell, mm. */
const LEAST = 0.05;

/** A distance that a bench could see; what is smaller is said to be under it. */
export function small(mm: number, say: Say): string {
  return mm > LEAST ? say(mm, 'slot') : `under ${say(LEAST, 'slot').replace(/(\.\d*?)0+(?=\D|$)/, '$1')}`;
}
