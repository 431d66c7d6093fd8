import { edgeBetween } from '../numeric/edge';
import type { Rig } from '../documents/rig';
import { stopOf } from './drafts';
import { evaluate } from './evaluate';
import { cleanRange, type WindowCurve } from './windowCurve';

/** How many settings of a clean range are looked at for a stop, and how often its ends are halved. */
const LOOKS = 9;
const HALVINGS = 5;

/**
 * Settings between which `feed` mm/s is cut clean and nothing stops the rig: the widest run of them; null where there is none.
 * `rig` as it stands; only its setting is tried.
 */
export function cleanSettings(rig: Rig, curve: WindowCurve, feed: number): [number, number] | null {
  const range = cleanRange(curve, feed);
  if (!range) return null;
  const free = (setting: number) => stopOf(evaluate({ ...rig, control: { ...rig.control, setting } })) === null;
  const [lo, hi] = range;
  const at = (i: number) => lo + ((hi - lo) * i) / (LOOKS - 1);
  const open = Array.from({ length: LOOKS }, (_, i) => free(at(i)));
  let best: [number, number] | null = null;
  for (let i = 0; i < LOOKS; i++) {
    if (!open[i]) continue;
    let j = i;
    while (j + 1 < LOOKS && open[j + 1]) j++;
    if (!best || j - i > best[1] - best[0]) best = [i, j];
    i = j;
  }
  if (!best) return null;
  const edge = (inside: number, outside: number) => edgeBetween(free, inside, outside, HALVINGS);
  return [
    best[0] === 0 ? lo : edge(at(best[0]), at(best[0] - 1)),
    best[1] === LOOKS - 1 ? hi : edge(at(best[1]), at(best[1] + 1)),
  ];
}
