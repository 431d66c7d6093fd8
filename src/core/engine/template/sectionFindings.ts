import { signedArea } from '../../numeric/polyline';
import { noseRadius, insideCorner, sectionFaults } from './check';
import type { PlanDraft } from './planDraft';
import type { Finder } from './planFinder';

/** What stands against the two sections. */
export const sections: Finder = (t) =>
  (['root', 'tip'] as const).flatMap((end): PlanDraft[] => {
    const w = t.wanted[end];
    const slot = t.slot[end];
    // One that crosses itself was refused before anything was drawn.
    const out = sectionFaults(t.plan.piece[end].section).map((f): PlanDraft => ({
      code: 'section-doubled',
      level: 'note',
      values: { end, x: f.at[0], y: f.at[1] },
    }));
    if (slot === null) return out;
    const radius = noseRadius(w);
    if (radius < slot / 2)
      out.push({
        code: 'nose-sharp',
        level: 'fix',
        values: { end, radius, slot },
        patch: { piece: { finish: { squareNoseMm: Math.ceil(3 * slot) } } },
      });
    const left = insideCorner(w, slot / 2);
    if (left > 0.02)
      out.push({ code: 'inside-corner', level: 'note', values: { end, radius: slot / 2, left } });
    const tail = w.top.at(-1)![1] - w.bottom.at(-1)![1];
    const thick = Math.abs(signedArea(w.loop)) / w.chord;
    // A thickness away from the tail: what is thinner than the kerf there comes out as lace.
    if (tail < 0.98 && tail < 0.2 * thick && w.plain)
      out.push({
        code: 'tail-thin',
        level: 'note',
        values: { end, tail, least: 1 },
        patch: { piece: { finish: { leastTailMm: 1 } } },
      });
    return out;
  });
