import type { Rig } from '../documents/rig';
import type { Draft } from './findings/draft';
import { evaluate } from './evaluate';
import { range, AMPS_SD, feedSd } from './reading';
import { drafts } from './solve';
import type { Tuning } from './tune';
import { timesOf } from './times';

/** What a maker sets and leads by for this foam on this rig, with its spread. SI but where a name says otherwise. */
export interface Recipe {
  readonly feedMmS: number | null;
  readonly amps: readonly [number, number];
  readonly kerfMm: number | null;
  readonly kerfRangeMm: readonly [number, number] | null;
  /** How much a template led outside its line is grown, mm: (kerf − wire)/2, never under 0. */
  readonly growMm: number | null;
  readonly coldN: number;
  readonly pluckHz: number;
  readonly waitS: number | null;
  readonly warmUpS: number | null;
  /** Share by which the max feed changes in a room ten kelvin colder. */
  readonly colder: number | null;
  readonly cuts: number;
  /** Shown sd of feeds and kerf. */
  readonly sd: number;
  readonly stops: readonly Draft[];
}

/** The recipe of a (tuned) rig from its cuts. Pure. */
export function recipeOf(rig: Rig, tuning: Tuning): Recipe {
  const e = evaluate(rig);
  const sd = feedSd(rig);
  const kerf = e.cut ? e.cut.width * 1000 : null;
  const cold = evaluate({ ...rig, room: { ...rig.room, airC: Math.max(-30, rig.room.airC - 10) } });
  const fastest = e.window.fastest?.feed ?? null;
  return {
    feedMmS: e.feed === null ? null : e.feed * 1000,
    amps: range(e.idle.cutAmps, AMPS_SD),
    kerfMm: kerf,
    kerfRangeMm: kerf === null ? null : range(kerf, sd),
    growMm: kerf === null ? null : Math.max(0, (kerf - e.s.diameter * 1000) / 2),
    coldN: e.tension.coldN,
    pluckHz: e.tension.pluckHz,
    waitS: e.tension.wait,
    warmUpS: e.off ? null : (timesOf(e)?.warmUp ?? null),
    colder: fastest && cold.window.fastest ? cold.window.fastest.feed / fastest - 1 : null,
    cuts: tuning.used,
    sd,
    stops: drafts(e).filter((d) => d.level === 'stop'),
  };
}
