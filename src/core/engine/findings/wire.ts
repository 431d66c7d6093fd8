import type { Draft, Finder } from './draft';
import { dialForFastest, dialForIdle, longer } from './patches';
import type { Evaluation } from '../evaluation';

/** The wire itself: too hot, melting, too short for the foam. Nothing is drawn from a supply that has shut off. */
export const wireFindings: Finder = (e) => [...(e.off ? [] : [hot(e)]), wider(e), short(e)];

function hot(e: Evaluation): Draft | null {
  const { s } = e;
  const worst = Math.max(e.idle.airC, e.idle.cutAirC);
  const { limitC, meltC } = s.alloy;
  function* tries() {
    const fastest = e.window.fastest?.feed ?? 0;
    if (s.feed !== null && s.feed / s.reserve < fastest) yield dialForFastest(s, s.feed / s.reserve, 'down');
    for (const share of [0.85, 0.6]) yield dialForIdle(s, share * limitC);
    for (const factor of [1.2, 1.35, 1.5]) yield longer(s, factor);
  }
  if (worst >= meltC) return { code: 'wire-melts', level: 'stop', values: { wireC: worst, meltC }, tries };
  if (worst > limitC)
    return {
      code: 'wire-too-hot',
      level: 'stop',
      values: { wireC: worst, limitC, alloy: s.alloy.name },
      tries,
    };
  return null;
}

function wider(e: Evaluation): Draft | null {
  const { foam, wire } = e.s.rig;
  const heatedMm = e.s.length * 1000;
  if (!(foam.widthMm > heatedMm + 1e-9)) return null;
  const lengthMm = Math.ceil((foam.widthMm + 120) / 10) * 10;
  return {
    code: 'foam-wider-than-wire',
    level: 'stop',
    values: { widthMm: foam.widthMm, lengthMm: heatedMm },
    *tries() {
      if (e.s.drive.kind === 'clip' && foam.widthMm <= wire.lengthMm)
        yield { control: { setting: Math.min(lengthMm, wire.lengthMm) } };
      else if (lengthMm <= 20000 && wire.measuredOhm === null && e.s.drive.kind !== 'clip')
        yield { wire: { lengthMm } };
    },
  };
}

function short(e: Evaluation): Draft | null {
  const { foam } = e.s.rig;
  const heatedMm = e.s.length * 1000;
  const wanted = e.wantedLength;
  if (wanted === null || e.off || foam.widthMm > heatedMm + 1e-9 || !(heatedMm < wanted * 1000 - 0.5))
    return null;
  return {
    code: 'wire-short',
    level: 'fix',
    values: { lengthMm: heatedMm, wantedMm: wanted * 1000, widthMm: foam.widthMm },
    *tries() {
      for (const spare of [0, 20]) yield longer(e.s, (wanted * 1000 + spare) / heatedMm);
    },
  };
}
