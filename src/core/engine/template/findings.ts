import { drafts, RANK } from '../drafts';
import { asCut, ownEdges, turned } from './existingFindings';
import { material } from './materialFindings';
import { draft, type PlanDraft } from './planDraft';
import type { Known, Finder } from './planFinder';
import { sections } from './sectionFindings';
import { ends } from './endFindings';
import { block } from './blockFindings';
import { driving } from './drivingFindings';
import { foreseen } from './foreseenFindings';

const rig: Finder = (t) => {
  const stop = drafts(t.evaluation).find((d) => d.level === 'stop');
  return [
    stop && draft({ code: 'rig-stopped', level: 'stop', values: { code: stop.code } }),
    !t.heat && !stop && draft({ code: 'no-feed', level: 'stop', values: {} }),
  ];
};

const FINDERS: Finder[] = [rig, sections, ends, material, block, driving, foreseen, asCut, ownEdges, turned];

/** What is wrong with a plan, the worst first. */
export function planFindings(t: Known): PlanDraft[] {
  return FINDERS.flatMap((f) => f(t))
    .filter((d): d is PlanDraft => !!d)
    .sort((a, b) => RANK[a.level] - RANK[b.level]);
}
