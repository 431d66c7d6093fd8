import { LINE_FAULTS, type Replay, type ReplayFigures } from '../../documents/motion';
import type { AtFeed } from '../template/heat';
import { forecastOf, type Cutting } from './cutting';
import { judge } from './judge';
import { Found, ofFaults } from './judged';
import { play, type Played } from './play';
import { readCode } from './read';
import { reenter, type Reentry } from './reentry';
import { rigStops, stretches, seenFrom } from './motionSeen';

/** Motion code from anywhere, played on a machine and judged. */
export function replayOf(r: Replay): {
  figures: ReplayFigures;
  played: Played;
  cutting: Cutting | null;
  h: AtFeed | null;
} {
  const found = new Found();
  const program = readCode(r.code, r.machine);
  ofFaults(found, program.faults, r.unknown);
  const played = play(program, r.machine, r.blockMm);
  const { cut, h, cutting } = seenFrom(played, r.blockMm, r.rig);
  rigStops(found, cut);
  if (!h) found.add('no-feed', 'stop', null);
  judge(found, played, cutting, h, r.machine, r.blockMm, r.spindleMm);
  stretches(found, played, r.rig);
  const faults: readonly string[] = LINE_FAULTS;
  const refused = found.list().some((f) => f.level === 'stop' && faults.includes(f.code));
  return {
    played,
    cutting,
    h,
    figures: {
      format: 'upwind-rod/replay',
      version: 1,
      lines: r.code.split(/\r\n|\r|\n/).length,
      timeS: played.total,
      forecast: cutting && !refused ? forecastOf(played, cutting) : null,
      findings: found.list(),
    },
  };
}

/** Code that enters a program again which broke off before a row; null where it never began to cut, or nothing is left. */
export function reenterCode(r: Replay, row: number, marginMm: number): Reentry | null {
  const program = readCode(r.code, r.machine);
  const played = play(program, r.machine, r.blockMm);
  const { cut, h, cutting } = seenFrom(played, r.blockMm, r.rig);
  if (!h || !cutting) return null;
  const { machine: m, blockMm: block } = r;
  return reenter({ played, cutting, m, block, h, warmUpS: cut.warmUpS, marginMm }, row);
}
