import { SETTING_LIMITS } from '../../documents/controlKinds';
import type { CutTemplate, Plan } from '../../documents/plan';
import { rootIncreasing } from '../../numeric/root';
import { evaluate } from '../evaluate';
import { hotterLower } from '../dial';
import { merge } from '../merge';
import type { Allowance } from '../../physics/shape/allowance';
import type { End } from './nominalSection';

/** Settings that are looked through, as shares of the present one. */
const RANGE = [0.4, 2] as const;

/** A plan as its cut templates know it: with the sections that they were made for. Itself where they follow. */
export const planAsCut = (plan: Plan): Plan =>
  plan.template.cut ? { ...plan, piece: { ...plan.piece, ...plan.template.cut.of } } : plan;

/** Whether a piece has become another since its templates were cut. */
export function isOther({ piece, template: { cut } }: Plan): boolean {
  if (!cut) return false;
  const { root, tip, twistAbout, finish } = piece;
  return JSON.stringify(cut.of) !== JSON.stringify({ root, tip, twistAbout, finish });
}

/** The edge of an end as it was cut, beside what the kerf asks for now. */
export const grownAsCut = (cut: CutTemplate, end: End, now: Allowance): Allowance => ({
  ...now,
  ...cut.growMm[end],
});

/** The setting at which an end led at `feed` mm/s has a kerf of `kerf` mm; null where the dial has none such near by. */
export function settingForKerf(rig: Plan['rig'], feed: number, kerf: number): number | null {
  const { kind, setting } = rig.control;
  const limits = SETTING_LIMITS[kind];
  if (setting === null || !limits) return null;
  const [lo, hi] = RANGE.map((r) => Math.min(limits[1], Math.max(limits[0], setting * r))) as [number, number];
  const at = (x: number) => (hotterLower(kind) ? lo + hi - x : x);
  const over = (x: number) => {
    const e = evaluate(merge(rig, { control: { setting: at(x) }, cut: { feedMmS: feed } }));
    return (e.off ? Infinity : e.cut ? e.cut.width * 1000 : 0) - kerf;
  };
  if (over(lo) > 0 || !(over(hi) > 0)) return null;
  const found = rootIncreasing(over, lo, hi, at(setting), (hi - lo) * 1e-5);
  return found.converged ? Number(at(found.x).toPrecision(4)) : null;
}

/** What marks a plan's templates as cut now. */
export function cutNow(
  plan: Pick<Plan, 'piece'>,
  of: {
    readonly slot: Readonly<Record<End, number | null>>;
    readonly grows: Readonly<Record<End, Allowance>>;
    readonly diameter: number;
  },
  at: string,
): CutTemplate | null {
  const { root, tip } = of.slot;
  if (root === null || tip === null) return null;
  const { piece } = plan;
  const edges = (end: End) => ({ top: of.grows[end].top, bottom: of.grows[end].bottom });
  return {
    at,
    kerfMm: { root, tip },
    diameterMm: of.diameter,
    growMm: { root: edges('root'), tip: edges('tip') },
    of: { root: piece.root, tip: piece.tip, twistAbout: piece.twistAbout, finish: piece.finish },
  };
}
