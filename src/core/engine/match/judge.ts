import type { FindingCode, Values } from '../../documents/reading';
import { evaluate } from '../evaluate';
import { leastRise, LEAST_RISE } from '../findings/flat';
import type { Draft } from '../findings/draft';
import { drafts, FINDERS } from '../drafts';
import { robustFindings } from '../findings/robust';
import { wantedVolts, type Prepared } from './setting';
import type { Evaluation } from '../evaluation';

export interface Refused {
  readonly ok: false;
  readonly setting: number | null;
  readonly code: FindingCode;
  readonly values: Values;
}
export type Verdict =
  { readonly ok: true; readonly setting: number | null; readonly evaluation: Evaluation } | Refused;

/** The first of these that holds is the reason given; other stops follow as they are found. */
const ORDER: readonly FindingCode[] = [
  'mains-direct',
  'touch-voltage',
  'not-isolated',
  'foam-refused',
  'foam-wider-than-wire',
  'pulse-peak-overload',
  'supply-overload',
  'control-overload',
  'supply-volts-short',
  'wire-melts',
  'wire-too-hot',
  'wire-too-cold',
  'feed-too-fast',
  'melt-back',
  'fume-limit',
];

/** What may refuse a pairing: heat that hangs by a hair is told of a rig, and refuses none. */
const REFUSING = FINDERS.filter((finder) => finder !== robustFindings);

/** A setting within this share of what is asked for counts as reaching it: the rounding of a solve. */
const ROUNDING = 1e-6;

/**
 * Judges one pairing by solving its rig whole. It works where no stop finding stands, the supply's load is at most 1 and
 * the job's feed lies between the min clean feed and reserve × the fastest.
 */
export function judge({ setting, short, need, rig, s }: Prepared): Verdict {
  const e = evaluate(rig);
  const found = new Map<FindingCode, Values>();
  for (const draft of drafts(e, REFUSING))
    if ((draft.level === 'stop' || overloads(draft)) && !found.has(draft.code))
      found.set(draft.code, draft.values);
  if (short)
    found.set('supply-volts-short', {
      volts: s.drive.openVolts,
      setVolts: wantedVolts(s, need!),
      setAmps: null,
      amps: null,
    });
  if (!e.off) for (const [code, values] of shortfalls(e)) if (!found.has(code)) found.set(code, values);
  const code = ORDER.find((c) => found.has(c)) ?? [...found.keys()][0];
  if (code === undefined) return { ok: true, setting, evaluation: e };
  return { ok: false, setting, code, values: found.get(code)! };
}

/** A supply over its rating is no match, however little it is over. */
const overloads = ({ code, values }: Draft) =>
  (code === 'supply-overload' || code === 'pulse-peak-overload') && (values['load'] as number) > 1;

/** Where the feed of the job lies outside the clean window, or the control cannot hold. */
function* shortfalls(e: Evaluation): Iterable<[FindingCode, Values]> {
  const { s, window: w } = e;
  if (!s.melt) return;
  const feed = s.feed!;
  if (!w.fastest || w.slowest === null) {
    yield ['wire-too-cold', { wireC: e.idle.cutAirC, flowC: s.melt.flowC, draughtMS: s.room.draught }];
    return;
  }
  if (feed > s.reserve * w.fastest.feed * (1 + ROUNDING))
    yield [
      'feed-too-fast',
      { feedMmS: feed * 1000, fastestFeedMmS: w.fastest.feed * 1000, reserve: s.reserve },
    ];
  if (feed < w.meltBack!.feed)
    yield [
      'melt-back',
      {
        feedMmS: feed * 1000,
        slowestFeedMmS: w.meltBack!.feed * 1000,
        kerfMm: e.cut ? e.cut.width * 1000 : null,
      },
    ];
  if (w.fume && feed < w.fume.feed)
    yield [
      'fume-limit',
      {
        feedMmS: feed * 1000,
        slowestFeedMmS: w.fume.feed * 1000,
        foamC: e.cut?.foamC ?? null,
        fumeC: s.melt.fumeC,
      },
    ];
  if (s.drive.heldOhm !== null) {
    const rise = leastRise(s, e.idle.airC);
    if (rise < LEAST_RISE) yield ['hold-ohm-flat', { alloy: s.alloy.name, rise }];
  }
}
