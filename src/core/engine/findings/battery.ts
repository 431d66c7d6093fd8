import { ohmAt } from '../setup';
import type { Draft } from './draft';
import { easedDial, longer } from './patches';
import type { Evaluation } from '../evaluation';

/** A battery that lasts minutes, has as many ohms as the wire, or slows the cut as it empties. */
export function battery(e: Evaluation): (Draft | null)[] {
  const b = e.battery;
  if (!b) return [];
  const [full, stop] = b.fastestFeedMmS;
  const insideOhm = e.s.drive.internalOhm;
  const wireOhm = ohmAt(e.s, e.idle.airC);
  return [
    b.minutes !== null && b.minutes < 10
      ? {
          code: 'battery-short',
          level: 'fix',
          values: { minutes: b.minutes },
          *tries() {
            yield easedDial(e.s, b.minutes! / 11);
            yield longer(e.s, Math.min(1.5, 11 / b.minutes!));
          },
        }
      : null,
    wireOhm < 3 * insideOhm
      ? {
          code: 'battery-weak',
          level: 'fix',
          values: { wireOhm, insideOhm },
          tries: () => [longer(e.s, (3.3 * insideOhm) / wireOhm)],
        }
      : null,
    full !== null && (stop ?? 0) < 0.9 * full
      ? { code: 'charge-fade', level: 'note', values: { fullFeedMmS: full, stopFeedMmS: stop } }
      : null,
  ];
}
