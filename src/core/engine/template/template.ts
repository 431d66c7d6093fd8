import type { Plan } from '../../documents/plan';
import type { TemplatesFigures } from '../../documents/templates';
import { allowance } from '../../physics/shape/allowance';
import { evaluate } from '../evaluate';
import { merge } from '../merge';
import { timesOf } from '../times';
import { allowedOver, allowingOf } from './allowing';
import { blankOf } from './blank';
import { edgesOf, wantedOf } from './ends';
import { grownAsCut, isOther, planAsCut } from './cutTemplate';
import { fallingArm, drivenFeed } from './driven';
import { planFindings } from './findings';
import { forecastOf } from './forecast';
import { atFeedOf } from './heat';
import { methodOf } from './method';
import { mountOf } from './mount';
import { grownOf, hasOwn, withOwn } from './own';
import { pacedAndForeseen } from './settle';
import { passesOf } from './passes';
import { pieceOf } from './pieces';
import { pullsOf } from './pull';
import { slantOf } from './slant';
import type { Slots } from './feedSchedule';
import type { PassPlan, TemplatePlan } from './templatePlan';
import { paceOptions, feedsOf, slotAt } from './paceOptions';
import { writtenTemplates } from './written';

/** Works a plan out: allowance at each end by its own feed, templates, pace, pull, forecast, blank. Pure. */
export function planOut(asked: Plan): TemplatePlan {
  const plan = planAsCut(asked);
  const { cut } = plan.template;
  const wanted = { root: wantedOf(plan, 'root'), tip: wantedOf(plan, 'tip') };
  const slant = slantOf(plan, wanted.root, wanted.tip);
  const { foam } = plan.rig;
  const slanted =
    slant.deg > 0 ? merge(plan.rig, { foam: { widthMm: foam.widthMm * slant.stretch } }) : plan.rig;
  const set = evaluate(slanted);
  // A drive that nobody leads runs at the feed its pull gives, whatever feed is set.
  const runs = drivenFeed(plan, set);
  const rig = runs === null ? slanted : merge(slanted, { cut: { feedMmS: runs } });
  const e = runs === null ? set : evaluate(rig);
  const h = atFeedOf(e, slant.stretch);
  // Ways of the bare sections give the feeds, the feeds the kerfs, the kerfs the templates.
  const none = { root: edgesOf(wanted.root, NONE), tip: edgesOf(wanted.tip, NONE) };
  const bare = passesOf(plan, wanted.root, wanted.tip, none.root, none.tip);
  const feed = feedsOf(bare, h);
  const slot = { root: slotAt(rig, feed.root, slant.stretch), tip: slotAt(rig, feed.tip, slant.stretch) };
  const turned = plan.template.split === 'turned';
  const diameter = e.s.diameter * 1000;
  const grow = (w: number | null) =>
    allowance({
      slot: w ?? diameter,
      diameter,
      pinnedTo: plan.template.pinnedTo,
      firstCut: plan.template.firstCut,
      round: plan.template.round,
      turned,
    });
  const now = { root: grow(slot.root), tip: grow(slot.tip) };
  const made = cut ? { root: grownAsCut(cut, 'root', now.root), tip: grownAsCut(cut, 'tip', now.tip) } : now;
  const edges = {
    root: withOwn(plan, wanted.root, edgesOf(wanted.root, made.root)),
    tip: withOwn(plan, wanted.tip, edgesOf(wanted.tip, made.tip)),
  };
  const slots: Slots = { root: Math.max(diameter, slot.root ?? 0), tip: Math.max(diameter, slot.tip ?? 0) };
  const own = hasOwn(plan);
  const grows = own
    ? {
        root: grownOf(plan, wanted.root, edges.root, made.root),
        tip: grownOf(plan, wanted.tip, edges.tip, made.tip),
      }
    : made;
  const standing = { slots, is: grows, now };
  const given = cut || own || turned ? allowingOf(plan, wanted, standing) : null;
  const lines = passesOf(plan, wanted.root, wanted.tip, edges.root, edges.tip);
  const method = methodOf(plan, lines, e, h);
  const arm = fallingArm(method, plan.method);
  const hanging = arm && typeof method['hangG'] === 'number' ? { ...arm, hangG: method['hangG'] } : null;
  const cutOut = lines.map((pass) => ({
    root: pieceOf(plan, pass, wanted.root),
    tip: pieceOf(plan, pass, wanted.tip),
  }));
  const passes = lines.map((pass, i): PassPlan => {
    const going = h && pacedAndForeseen(pass, h, slots, paceOptions(plan));
    return {
      pass,
      // Turned over, the block is cut by the same pair again.
      pieces: cutOut[turned ? 0 : i]!,
      paced: going && going.paced,
      pulls: h && going ? pullsOf(plan, pass, going.paced, h, e, hanging) : [],
      forecast:
        !going || !h ? [] : given ? forecastOf(pass, going.paced, h, slots, given(pass.side)) : going.forecast,
    };
  });
  const blank = blankOf(plan, wanted.root, wanted.tip, Math.max(slots.root, slots.tip), e, slant.stretch);
  const out = {
    plan,
    allowed: cut || own ? allowedOver(plan, standing) : null,
    slots,
    allowing: given,
    own,
    other: isOther(asked),
    wanted,
    feed,
    slot,
    grows,
    passes,
    seconds: h ? passes.reduce((sum, p) => sum + p.paced!.seconds, 0) : null,
    method,
    blank,
    mounts: { root: mountOf(plan, blank, wanted.root), tip: mountOf(plan, blank, wanted.tip) },
    heat: h,
    slant,
    evaluation: e,
    times: e.off ? null : timesOf(e),
  };
  return { ...out, findings: planFindings(out) };
}

const NONE = { top: 0, bottom: 0 };

/** `rod template`: a plan in, its templates out. */
export function template(plan: Plan): TemplatesFigures {
  return writtenTemplates(planOut(plan));
}
