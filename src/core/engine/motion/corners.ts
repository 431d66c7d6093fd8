import type { Deviation } from '../../documents/motion';
import { turnAt, type Pt } from '../../numeric/polyline';
import { cornerWait } from '../../physics/tension/lag';
import type { AtFeed } from '../template/heat';
import { cornerCut } from '../template/trail';

/** A turn sharper than this is a corner, degrees: a round one of clipping turns less at each of its points. Ours. */
const CORNER_DEG = 25;
/** A corner is waited at where more than this share of the tolerance would be cut off. As for templates. */
const WAIT_SHARE = 0.8;
/** A corner that is off by less is not told, mm. */
const TELL_MM = 0.02;
/** So many of the largest deviations are told. */
const MOST_TOLD = 12;

/** A sharp turn: how long the wire waits at it, s, and how much of the corner the middle still cuts off, mm. */
export interface Corner {
  readonly waitS: number;
  readonly offMm: number;
  /** What the middle would cut off without a wait, how far it trails at which feed, and what the wait melts. */
  readonly of: Readonly<Record<'turnDeg' | 'plainMm' | 'lagMm' | 'feedMmS' | 'waitS' | 'meltsMm', number>>;
}
const STRAIGHT: Corner = {
  waitS: 0,
  offMm: 0,
  of: { turnDeg: 0, plainMm: 0, lagMm: 0, feedMmS: 0, waitS: 0, meltsMm: 0 },
};

/** Waits long enough for the middle to catch up where it would cut more off than the tolerance, not at all where waiting melts more. */
export function cornersOf(toleranceMm: number, h: AtFeed): (turnDeg: number) => Corner {
  const known = new Map<number, Corner>();
  const lag = h.lag(h.advised);
  return (turn) => {
    const deg = Math.round(Math.abs(turn));
    if (deg < CORNER_DEG) return STRAIGHT;
    const was = known.get(deg);
    if (was) return was;
    const plain = cornerCut(h.pace, lag, h.advised, deg, 0);
    const seconds = cornerWait(lag / 1000, h.advised / 1000, false, toleranceMm / 1000);
    const melts = Math.max(0, h.standing(seconds) - h.slot(h.advised)) / 2;
    const waits = plain > WAIT_SHARE * toleranceMm && seconds > 0 && melts <= plain;
    const corner: Corner = {
      waitS: waits ? seconds : 0,
      offMm: waits ? Math.max(melts, cornerCut(h.pace, lag, h.advised, deg, seconds)) : plain,
      of: {
        turnDeg: deg,
        plainMm: plain,
        lagMm: lag,
        feedMmS: h.advised,
        waitS: waits ? seconds : 0,
        meltsMm: waits ? melts : 0,
      },
    };
    known.set(deg, corner);
    return corner;
  };
}

/** Where a part comes out other than wanted: where the machine was slower than could be allowed for, and corners that the middle cuts off. `open`: lines that do not close. */
export function deviationsOf(
  corner: (turnDeg: number) => Corner,
  loops: readonly (readonly Pt[])[],
  given: readonly (readonly number[])[],
  after: readonly (readonly number[])[],
  kerf: number,
  open = false,
): Deviation[] {
  const out: Deviation[] = [];
  loops.forEach((loop, k) => {
    const n = loop.length;
    loop.forEach(([x, y], i) => {
      const add = (offMm: number, why: Deviation['why'], least: number, values: Deviation['values']) => {
        if (Math.abs(offMm) > least) out.push({ at: [x, y], loop: k, offMm, why, values: { ...values } });
      };
      add((given[k]![i] ?? 0) - (after[k]![i] ?? 0), 'slow', 0.005, {
        kerfMm: kerf + 2 * (after[k]![i] ?? 0),
        allowedMm: kerf + 2 * (given[k]![i] ?? 0),
      });
      const turn = turnAt([loop[(i - 1 + n) % n]!, loop[i]!, loop[(i + 1) % n]!], 1);
      if (Math.abs(turn) < CORNER_DEG || (open && (i === 0 || i === n - 1))) return;
      const { offMm, of } = corner(turn);
      add(-offMm, 'corner', TELL_MM, of);
      // In an inside corner a round wire leaves a fillet as wide as half its kerf.
      if (turn < 0)
        add((kerf / 2) * (1 / Math.cos((Math.abs(turn) * Math.PI) / 360) - 1), 'inside-corner', TELL_MM, {
          turnDeg: Math.abs(turn),
          kerfMm: kerf,
        });
    });
  });
  return out.sort((a, b) => Math.abs(b.offMm) - Math.abs(a.offMm)).slice(0, MOST_TOLD);
}
