/** An end of the wire as a hand leads it: arc of its track mm, feed mm/s. */
export interface Led {
  readonly arc: number;
  readonly feed: number;
}

/** A hand with a bow in it follows what it aims at like a critically damped spring of this rate, 1/s: a sixth of a second behind. Ours. */
const HAND = 12;
/** No hand goes faster through a cut, mm/s. */
const MOST = 200;

/** An end after `dt` seconds, its hand aiming at an arc that stays; never past it or back over it. Exact for any step. */
export function follow(end: Led, aim: number, dt: number): Led {
  const off = end.arc - aim;
  const c = end.feed + HAND * off;
  const fade = Math.exp(-HAND * dt);
  const arc = aim + (off + c * dt) * fade;
  const feed = (end.feed - HAND * c * dt) * fade;
  if (Math.abs(arc - end.arc) <= MOST * dt) return { arc, feed };
  const way = Math.sign(arc - end.arc);
  return { arc: end.arc + way * MOST * dt, feed: way * MOST };
}
