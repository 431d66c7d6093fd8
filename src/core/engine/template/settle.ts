import { forecastOf, type ProfileDeviation } from './forecast';
import type { AtFeed } from './heat';
import { paceOf, type PaceOptions } from './pace';
import type { Pass } from './pass';
import type { FeedSchedule, Slots } from './feedSchedule';

/** Rounds in which legs whose forecast left the tolerance are given less of it, and how much less each time. */
const ROUNDS = 3;
const LESS = 0.8;

const most = (f: ProfileDeviation) => Math.max(Math.abs(f.root), Math.abs(f.middle), Math.abs(f.tip));

/**
 * The pace of a pass with its forecast. The pace goes by an estimate for steady going; where the forecast shows that the middle,
 * still hurrying from the leg before, leaves the tolerance all the same, that leg and the one before are slowed further and it is
 * tried again.
 */
export function pacedAndForeseen(
  pass: Pass,
  h: AtFeed,
  slots: Slots,
  o: PaceOptions,
): { paced: FeedSchedule; forecast: ProfileDeviation[] } {
  const shares = new Map<number, number>();
  for (let round = 0; ; round++) {
    const paced = paceOf(pass, h, slots, { ...o, shares });
    const forecast = forecastOf(pass, paced, h, slots);
    const beyond = forecast.filter(
      (f) => most(f) > o.toleranceMm && paced.legs[f.leg]!.meets && !nearTurn(pass, f.leg, o.corner),
    );
    if (beyond.length === 0 || round === ROUNDS) return { paced, forecast };
    for (const leg of new Set(beyond.flatMap((f) => [f.leg - 1, f.leg])))
      shares.set(leg, (shares.get(leg) ?? 1) * LESS);
  }
}

/** Beside a corner the wait decides, not the pace. */
function nearTurn(pass: Pass, leg: number, corner: number): boolean {
  return [leg, leg + 1].some((i) => Math.abs(pass.nodes[i]?.turnDeg ?? 0) >= corner);
}
