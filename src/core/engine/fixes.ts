import type { FindingCode } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { draftsInTurn, FINDERS, RANK } from './drafts';
import { heldAnew } from './evaluate';
import type { Draft, Finder, Patch } from './findings/draft';
import { tensionFindings } from './findings/tension';
import { wiringFindings } from './findings/wiring';
import { fuseMissing } from './findings/fuse';
import { switchMissing } from './findings/switch';
import { merge } from './merge';
import type { Spares } from './spares';
import type { Evaluation } from './evaluation';
import { inOrder } from './kindOfPatch';
import { worthLeading, buildable, guardOnly, coldPatch, legal } from './legalFix';
import { solvedOnce, growth, lifted } from './fixEffects';

const HELD_FINDERS: readonly Finder[] = [wiringFindings, tensionFindings];
const WIRED_FINDERS: readonly Finder[] = [wiringFindings];
/** What a fuse and a switch decide, and all that they decide. A test holds it to the plain way. */
const GUARDS: Partial<Record<FindingCode, (rig: Rig) => boolean>> = {
  'no-switch': switchMissing,
  'no-fuse': fuseMissing,
};

/** How many patches are tried for a finding, by its level, and how many proven ones are given at most. */
const MOST_TRIES = { stop: 8, fix: 5, note: 1 } as const;
const MOST_FIXES = 3;
/** A lesser finding counts as made worse when its measure grows by more than this share. */
const WORSE = 0.02;

/** A patch that was proven, with what of the lesser findings it makes worse, and the name of what it takes from the drawer. */
export interface ProvenFix {
  readonly patch: Patch;
  readonly worsens: readonly FindingCode[];
  readonly uses: string | null;
}
/** What leaves a rig that does not cut, or hardly: no fix may end there. */
const DEAD: ReadonlySet<FindingCode> = new Set(['wire-too-cold', 'cannot-start', 'heat-marginal']);
/** What smokes or glows is no way out of anything either. */
const HARMS: ReadonlySet<FindingCode> = new Set(['fume-limit', 'heat-too-high', 'glows']);

/** Patches of a draft that are proven to remove it and to make nothing worse; the gentlest kind first. */
export function fixesOf(
  draft: Draft,
  found: readonly Draft[],
  near: Evaluation,
  spares: Spares | null,
): ProvenFix[] {
  // A note waits for its fix until nothing worse stands: what is worse is mended first, and changes it.
  if (draft.level === 'note' && found[0]!.level !== 'note') return [];
  const proven: ProvenFix[] = [];
  const most = Math.min(MOST_FIXES, draft.most ?? 1);
  let tried = 0;
  for (const { patch, uses } of inOrder(draft, near, spares)) {
    if (tried++ >= MOST_TRIES[draft.level] + (spares ? spares.supplies.length + spares.wires.length : 0)) break;
    const worsens = proof(patch, draft, found, near);
    if (worsens) proven.push({ patch: { ...patch }, worsens, uses });
    if (proven.length === most) break;
  }
  return proven;
}

/** The lesser findings that a patch makes worse; null where it does not mend its finding, harms, or is not worth doing. */
function proof(patch: Patch, draft: Draft, found: readonly Draft[], near: Evaluation): FindingCode[] | null {
  const { rig } = near.s;
  if (!legal(rig, patch) || !buildable(rig, patch)) return null;
  const missing = GUARDS[draft.code];
  if (missing && guardOnly(patch)) return missing(merge(rig, patch)) ? null : [];
  // What no current flows by changes no heat: only the wiring, and the pull where that is touched, are looked at again.
  const cold = coldPatch(patch);
  const held = cold && patch['tension'] !== undefined;
  const e = held
    ? heldAnew(near, merge(rig, patch))
    : cold
      ? { ...near, s: { ...near.s, rig: merge(rig, patch) } }
      : solvedOnce(near, patch);
  if (!cold && !worthLeading(e, near)) return null;
  const worsens: Draft[] = [];
  for (const d of draftsInTurn(e, held ? HELD_FINDERS : cold ? WIRED_FINDERS : FINDERS)) {
    const before = found.find((f) => f.code === d.code);
    if (d.code === draft.code || lifted(d, found)) return null;
    if (!before && (RANK[d.level] <= RANK[draft.level] || DEAD.has(d.code))) return null;
    if (!before && d.level !== 'note' && HARMS.has(d.code)) return null;
    const grown = before ? growth(before, d) : Infinity;
    if (before && d.level === 'stop' && grown > 1e-9) return null;
    if (grown > WORSE && d.level !== 'note') worsens.push(d);
  }
  return worsens.sort((a, b) => RANK[a.level] - RANK[b.level]).map((d) => d.code);
}
