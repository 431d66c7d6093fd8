import type { Rig } from '../documents/rig';
import type { Supply } from '../documents/supply';
import { evaluate } from './evaluate';
import { drafts } from './drafts';
import type { Draft } from './findings/draft';
import { ampsForFastest, voltsFor } from './need';
import { setUp } from './setup';
import type { Evaluation } from './evaluation';
import { COMMON_WIRES, LOOP_WIRES, type WireChoice } from './wiresSold';
import { roomMm, extra, rigOf, type Wish } from './wishedRig';
import { EASY_FEED, NO_CUT, BLOCKS, scoreOf } from './proposalScore';
import { PACES, waysOf } from './proposalWays';

/** What comes of a wish: a rig that cuts, or why none does and what would. */
export type Proposal =
  | {
      readonly ok: true;
      readonly rig: Rig;
      /** The wire is not of those given: it is to be bought. */
      readonly bought: boolean;
      /** Wire beyond what the foam asks for, mm, by which the heat is set where there is no dial. */
      readonly lengthenedMm: number;
    }
  | {
      readonly ok: false;
      /** The nearest that was found, with what stands against it. */
      readonly rig: Rig;
      readonly why: Draft;
      /** What would cut it: a wire of this gauge, mm, on a supply with a dial that gives these amps and volts; null: nothing. */
      readonly would: { readonly diameterMm: number; readonly amps: number; readonly volts: number } | null;
    };

/**
 * A whole legal rig that cuts, for a wish: of the wires given, else of those that shops sell, at several lengths or settings, the
 * one with the fewest and mildest findings whose feed lies nearest an easy one, stout before thin. Where none cuts: why, and
 * what would. Every value that the wish does not name is marked "assumed".
 */
export function propose(wish: Wish, wires: readonly WireChoice[]): Proposal {
  const sold = wish.frame === 'hand-tool' ? LOOP_WIRES : COMMON_WIRES;
  const own = bestOf(wish, wires);
  if (own.best) return { ok: true, rig: own.best.rig, bought: false, lengthenedMm: extra(wish, own.best.rig) };
  const shop = bestOf(wish, sold);
  if (shop.best)
    return { ok: true, rig: shop.best.rig, bought: true, lengthenedMm: extra(wish, shop.best.rig) };
  const nearest = shop.nearest;
  const why = drafts(nearest.e).find((d) => BLOCKS(d)) ?? NO_CUT;
  return { ok: false, rig: nearest.rig, why, would: wouldCut(wish, sold) };
}

interface Candidate {
  readonly rig: Rig;
  readonly e: Evaluation;
  readonly score: number;
}

function bestOf(wish: Wish, wires: readonly WireChoice[]): { best: Candidate | null; nearest: Candidate } {
  let best: Candidate | null = null;
  let nearest: Candidate | null = null;
  for (const wire of wires.length > 0 ? wires : COMMON_WIRES.slice(0, 1))
    for (const rig of waysOf(wish, wire)) {
      const e = evaluate(rig);
      const found = drafts(e);
      const one = { rig, e, score: scoreOf(rig, e, found) };
      if (!nearest || one.score < nearest.score) nearest = one;
      const cuts = wires.length > 0 && e.cut !== null && !e.off && !found.some(BLOCKS);
      if (cuts && (!best || one.score < best.score)) best = one;
    }
  return { best, nearest: nearest! };
}

/** What an easy cut of a wish takes with a wire in the middle of those sold, at the room's length. */
function wouldCut(wish: Wish, sold: readonly WireChoice[]) {
  for (const pace of PACES)
    for (const wire of [...sold].sort(
      (a, b) => Math.abs(Math.log(a.diameterMm / MIDDLE)) - Math.abs(Math.log(b.diameterMm / MIDDLE)),
    )) {
      const plain: Supply = { kind: 'bench', volts: 500, maxAmps: 500, internalOhm: 0, current: 'dc' };
      const s = setUp(rigOf({ ...wish, supply: plain, control: 'volts' }, wire, roomMm(wish), 1));
      const found = ampsForFastest(s, (pace * EASY_FEED) / 1000 / s.reserve);
      if (!found) continue;
      const volts = voltsFor(s, found.amps, found.foamC);
      const e = evaluate(
        rigOf(
          { ...wish, supply: { ...plain, volts: 60 }, control: 'volts' },
          wire,
          roomMm(wish),
          Math.min(60, Number(volts.toPrecision(4))),
        ),
      );
      if (!drafts(e).some(BLOCKS) && e.cut) return { diameterMm: wire.diameterMm, amps: found.amps, volts };
    }
  return null;
}
const MIDDLE = 0.45;
