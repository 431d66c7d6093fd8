import type { Mount } from '../engine/template/mount';
import { TEMPLATE_CATALOG } from '../catalog/templateMaterials';
import type { Say } from './say';
import { turnedSteps } from './turned';
import type { TemplatePlan } from '../engine/template/templatePlan';

const mounted = (m: Mount, say: Say) =>
  `${m.end === 'root' ? 'Root' : 'Tip'} face: leading edge ${say(m.noseHeightMm, 'foamSize')} and trailing edge ${say(m.tailHeightMm, 'foamSize')} over the bench, each within ${say(m.toleranceMm, 'slot')}; leading edge ${say(m.noseFromFrontMm, 'foamSize')} and trailing edge ${say(m.tailFromFrontMm, 'foamSize')} from the front face.`;

/** What stands beside the templates on paper: mounting of both ends, material, kerf allowed for. */
export function templateLines(t: TemplatePlan, say: Say): string[] {
  const m = TEMPLATE_CATALOG[t.plan.template.material];
  const size = t.plan.blank ?? t.blank.smallest;
  return [
    `Block ${say(size.lengthMm, 'foamSize')} long, ${say(size.widthMm, 'foamSize')} wide, ${say(size.heightMm, 'foamSize')} high, ends square.`,
    mounted(t.mounts.root, say),
    mounted(t.mounts.tip, say),
    t.slot.root === null
      ? 'The wire does not cut at this setting: these templates allow for no kerf.'
      : `Allowed for: a kerf of ${say(t.slot.root, 'slot')} at the root at a feed of ${say(t.feed.root, 'feed')}, ${say(t.slot.tip, 'slot')} at the tip at ${say(t.feed.tip, 'feed')}.`,
    ...(t.plan.template.split === 'turned' ? turnedLines(t) : []),
    `${m.name[0]!.toUpperCase()}${m.name.slice(1)}, ${say(t.plan.template.thicknessMm, 'slot')}, for a wire up to ${say(m.limitC, 'temperature')}. ${m.edge} ${m.hold}`,
  ];
}

/** The two cuts of one template, a line each. */
function turnedLines(t: TemplatePlan): string[] {
  const { before, turn } = turnedSteps(t.plan.template);
  return [...before, ...turn].map((line, i) => `${i + 1}. ${line}`);
}
