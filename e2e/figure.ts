import { expect } from '@playwright/test';

/**
 * Whether this run takes figures, as `npm run bench` does, one test after another. Times are judged then alone, and taken as often as a
 * median wants: `npm test` fails on no machine for being slow, and a time that two tests share tells nothing.
 */
export const FIGURES = process.env['UPWIND_FIGURES'] === '1';

/** Of a test that promises a time as well as something that is done: it runs in both. */
export const TIMED = { tag: '@timed' };
/** Of a test whose only promise is a time: it runs where figures are taken alone. */
export const FIGURE = { tag: '@figure' };

/** A time and its bound, ms: told, and judged where figures are taken. */
export function within(what: string, ms: number, most: number): void {
  console.log(`${what}: ${Math.round(ms)} ms of ${Math.round(most)}`);
  if (FIGURES) expect(ms, what).toBeLessThan(most);
}
