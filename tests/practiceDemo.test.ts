import { describe, expect, it } from 'vitest';
import workshop from '@/db/workshop.json';
import { piecePlanSchema } from '@/core/documents/plan';
import { traceSchema, type LedDrill } from '@/core/documents/practice';
import { rigSchema } from '@/core/documents/rig';
import { callSheet } from '@/core/engine/call/cues';
import { planOut } from '@/core/engine/template/template';
import { viewOf } from '@/core/engine/template/view';
import { calledAims, courseOfPass } from '@/core/practice/called';
import { courseOf, drillsFor } from '@/core/practice/drills';
import { demonstration } from '@/core/practice/demonstrate';
import { play, traceOf } from '@/core/practice/play';
import { benchScore, demonstrateBench } from '@/core/practice/unknown';
import { practiceOf } from '@/core/practice/wire';

const rigs = workshop.rigs.map((r) => ({
  doc: rigSchema.parse(r.doc),
  plans: 'plans' in r ? (r.plans as unknown[]) : [],
}));

describe('the sample workshop on the practice bench', () => {
  it.each(rigs.map((r) => [r.doc.name, r] as const))(
    '%s: every drill led by the program loses nothing',
    (_, { doc, plans }) => {
      const fit = practiceOf(doc);
      // One of the samples is there to be mended.
      if ('unfit' in fit) return expect([doc.name, fit.unfit]).toEqual(['Short offcut trimmer', 'cold']);
      for (const drill of drillsFor(doc.frame.kind)) {
        if (drill === 'unknown') {
          for (const n of [1, 2, 3, 4, 5]) expect(benchScore(demonstrateBench(doc, n)).losses).toEqual([]);
          continue;
        }
        if (drill === 'core') continue;
        const course = courseOf(drill as Exclude<LedDrill, 'core'>, fit.wire);
        const trace = traceOf({ rig: doc, drill, course, warm: true }, demonstration(course));
        expect({ drill, losses: play(traceSchema.parse(trace)).losses }).toEqual({ drill, losses: [] });
      }
      for (const plan of plans) {
        const view = viewOf(planOut({ ...piecePlanSchema.parse(plan), rig: doc }));
        for (const pass of view.passes) {
          const course = courseOfPass(view, pass);
          const aims = calledAims(pass, callSheet(pass));
          const { points } = play(
            traceSchema.parse(traceOf({ rig: doc, drill: 'core', course, warm: true }, aims)),
          );
          expect(points, `${pass.side}`).toBe(100);
        }
      }
    },
  );
});
