import type { FindingFigures, Level } from '../documents/reading';
import { cutFindings } from './findings/cut';
import type { Draft, Finder } from './findings/draft';
import { modelFindings } from './findings/model';
import { powerFindings } from './findings/power';
import { robustFindings } from './findings/robust';
import { tensionFindings } from './findings/tension';
import { wireFindings } from './findings/wire';
import { wiringFindings } from './findings/wiring';
import type { Evaluation } from './evaluation';

/** Rank of a level: 0 is the worst. */
export const RANK = { stop: 0, fix: 1, note: 2 } as const satisfies Record<Level, number>;

export const FINDERS: readonly Finder[] = [
  powerFindings,
  wiringFindings,
  wireFindings,
  tensionFindings,
  cutFindings,
  robustFindings,
  modelFindings,
];

/** The findings of an evaluation, the worst first, without words. */
export function drafts(e: Evaluation, finders: readonly Finder[] = FINDERS): Draft[] {
  return [...draftsInTurn(e, finders)].sort((a, b) => RANK[a.level] - RANK[b.level]);
}

/** The same, one by one as they are found: what needs another solve comes late, for who may stop early. */
export function* draftsInTurn(e: Evaluation, finders: readonly Finder[]): Iterable<Draft> {
  const accepts = e.s.rig.accepted !== undefined;
  for (const finder of finders)
    for (const found of finder(e)) if (found) yield accepts ? owned(e, found) : found;
}

/** A finding as a document has it, without fixes and text. */
export function figuresOf({ code, level, values }: Draft): Omit<FindingFigures, 'fixes'> {
  return { code, level, values: { ...values } };
}

/** A finding that the wire's owner has accepted stands as a note with the reason; it is never hidden. */
function owned(e: Evaluation, d: Draft): Draft {
  const own = e.s.rig.accepted?.find((a) => a.code === d.code);
  return own ? { code: d.code, level: 'note', values: { ...d.values, accepted: own.reason } } : d;
}

/** The first stop finding of an evaluation; null where nothing stops the rig. */
export function stopOf(e: Evaluation): Draft | null {
  const first = drafts(e)[0];
  return first?.level === 'stop' ? first : null;
}
