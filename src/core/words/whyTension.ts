import { pullAlong } from '../engine/growthAlong';
import { barOf, letGoOf } from '../engine/takeUp';
import type { Say } from './say';
import type { Teller } from './whyTeller';
import type { Evaluation } from '../engine/evaluation';

const mm = (m: number) => m * 1000;

/** Forces in the frame of a bow whose arms are known. */
export function barNumbers(e: Evaluation, say: Say): [string, string][] {
  const forces = barOf(e.s, e.tension.mostN);
  if (!forces) return [];
  return [
    ['tie', say(forces.tie, 'force')],
    ['pressed on the bar', say(forces.bar, 'force')],
    ['buckles at', say(forces.bucklesN, 'force')],
  ];
}

/** The same by the temperature along the wire, its unheated ends with it. */
function along(e: Evaluation, say: Say): [string, string][] {
  const { idle, cutting } = pullAlong(e);
  return [
    ...(idle ? [['hot, by the heat along the wire', say(idle.pull, 'force')] as [string, string]] : []),
    ...(cutting
      ? [['cutting, by the heat along the wire', say(cutting.pull, 'force')] as [string, string]]
      : []),
  ];
}

function letsGo(e: Evaluation): string {
  const { holder, wire } = letGoOf(e);
  return `${(holder + wire).toPrecision(2)} J, ${Math.round((100 * holder) / (holder + wire))} % of it in the take-up`;
}

export const WHY_TENSION = {
  pull: (e, say) => {
    const t = e.tension;
    const { rate, rest } = t.takeUp.holder;
    const stiff = (k: number) => (Number.isFinite(k) ? say(k / 1000, 'stiffness') : 'stiff');
    return {
      title: 'Tension of the wire',
      relation:
        'The hot wire is longer by its expansion × its rise × its length. Take-up, frame and wire give way in series; what the growth takes from their stretch it takes from the tension. A hung weight keeps its tension, but for what its guide holds back.',
      numbers: [
        ['set', say(t.takeUp.setN, 'force')],
        ['when', e.s.rig.tension.setWhen],
        ['take-up', e.s.rig.tension.kind === 'weight' ? 'keeps its tension' : stiff(rate)],
        ['frame and wire', stiff(rest)],
        ['the wire grows', t.growth === null ? 'not known' : say(mm(t.growth), 'depth')],
        ['cold', say(t.coldN, 'force')],
        ['hot, idling', say(t.hotN, 'force')],
        ['cutting', say(t.cutN, 'force')],
        ...along(e, say),
        ['let go if it breaks', letsGo(e)],
      ],
      source: 'Hooke; Shigley, Mechanical Engineering Design, chapter 10; capstan equation for a guide.',
    };
  },
  stress: (e, say) => {
    const t = e.tension;
    return {
      title: 'How hard the wire is stressed',
      relation:
        'Tension ÷ metal area against what breaks the wire, hot and cold; the larger share counts. Over half is high, over 80 % is refused. Yield comes earlier: from 90 % of it the wire takes a set.',
      numbers: [
        ['stress, hot', t.stress === null ? 'not known' : say(t.stress / 1e6, 'stress')],
        ['strength at that heat', t.strength === null ? 'not known' : say(t.strength / 1e6, 'stress')],
        ['share of strength', say(t.use, 'share')],
        ['share of yield', say(t.yieldUse, 'share')],
      ],
      source: `Strengths: ${e.s.alloy.source}. The shares are common practice, no source.`,
    };
  },
  lag: (e, say) => {
    const t = e.tension;
    return {
      title: 'Lag of the middle',
      relation:
        'The drag bows the wire as a string: drag × width² ÷ (8 × tension) between templates at the faces, width × (2 × length − width) in place of width² where it is free from anchor to anchor. A corner wants 1.5 × lag ÷ feed, nothing where the lag is under 0.05 mm or a tenth of its limit; by hand half a second to two.',
      numbers: [
        ['drag on each metre', say(t.drag, 'drag')],
        ['foam', say(e.s.rig.foam.widthMm, 'foamSize')],
        ['tension while cutting', say(t.cutN, 'force')],
        ['lag', t.lag === null ? 'none' : say(mm(t.lag), 'slot')],
        ['wait at a corner', t.wait === null ? 'none' : say(t.wait, 'time')],
      ],
      source: 'Statics of a shallow string. The drag is ours: good to a factor of two.',
    };
  },
} satisfies Record<'pull' | 'stress' | 'lag', Teller>;
