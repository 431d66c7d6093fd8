import { TEMPLATE_CATALOG } from '../../catalog/templateMaterials';
import { coldStripLength } from '../../physics/foam/coldStrip';
import type { PlanDraft } from './planDraft';
import type { Finder } from './planFinder';

const draft = (d: PlanDraft): PlanDraft => d;

/** A cold strip narrower than this, mm, is lost in the sanding. Ours. */
const SEEN_STRIP = 0.72;

/** What the templates are made of beside the wire that rides on them. */
export const material: Finder = (t) => {
  const k = t.plan.template;
  const m = TEMPLATE_CATALOG[k.material];
  const cut = t.evaluation.cut;
  if (!cut) return [];
  const s = t.evaluation.s;
  const strip =
    m.contactWmK !== null && s.melt
      ? coldStripLength(
          {
            diameter: s.diameter,
            emissivity: s.alloy.emissivity,
            conductivity: s.alloy.conductivity,
            area: s.area,
            flowC: s.melt.flowC,
            foamC: cut.foamC,
            width: cut.width,
          },
          { thickness: k.thicknessMm / 1000, templateC: s.room.airC, contact: m.contactWmK },
        ) * 1000
      : 0;
  return [
    cut.airC > m.limitC &&
      draft({
        code: 'template-too-hot',
        level: 'fix',
        values: { material: m.name, limit: m.limitC, wire: cut.airC },
      }),
    strip > SEEN_STRIP &&
      draft({ code: 'template-chills', level: 'note', values: { material: m.name, strip } }),
  ];
};
