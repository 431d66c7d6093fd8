import type { Rig } from '../documents/rig';
import { tidy } from './findings/draft';
import { lengthForFastest, settingForFastest } from './need';
import { setUp, type Setup } from './setup';
import type { WireChoice } from './wiresSold';
import { roomMm, rigOf, type Wish } from './wishedRig';
import { EASY_FEED } from './proposalScore';

/** Lengths over the room that the foam asks for, and shares of the easy feed to aim at: dense foam is cut slower rather than hotter. */
const LENGTHS = [1, 1.25, 1.6];
/** Shares of an easy feed that are tried. */
export const PACES = [1, 0.7, 0.5, 0.3, 0.2];
/** A frame is not built for more wire than this many times the foam's width and its room. Ours. */
const MOST_WIRE = 3;

/** A wire at the lengths or settings worth trying. */
export function* waysOf(wish: Wish, wire: WireChoice): Iterable<Rig> {
  const room = roomMm(wish);
  const feeds = PACES.map((p) => (p * EASY_FEED) / 1000);
  if (wish.control === 'none') {
    for (const factor of LENGTHS) yield rigOf(wish, wire, room * factor, null);
    // No dial: the wire's length is what sets the heat.
    const s = setUp(rigOf(wish, wire, room, null));
    for (const feed of feeds) {
      const metres = lengthForFastest(s, feed / s.reserve);
      if (metres !== null && metres * 1000 >= room && metres * 1000 <= room * MOST_WIRE)
        yield rigOf(wish, wire, metres * 1000, null);
    }
    return;
  }
  const base = rigOf(wish, wire, wish.control === 'clip' ? room * LENGTHS[2]! : room, null);
  const s = setUp(base);
  for (const feed of feeds) {
    const found = settingFor(s, feed / s.reserve);
    if (found !== null) yield rigOf(wish, wire, base.wire.lengthMm, tidy(found, 3, 'up'));
  }
  yield base;
}

function settingFor(s: Setup, fastest: number): number | null {
  if (s.drive.kind !== 'clip') return settingForFastest(s, fastest);
  const metres = lengthForFastest(s, fastest);
  return metres !== null && metres <= s.rig.wire.lengthMm / 1000 && metres > s.width ? metres * 1000 : null;
}
