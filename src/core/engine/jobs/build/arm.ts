import { ARM_STUFF } from '../../../catalog/armMaterials';
import type { ArmSection, BuildOf } from '../../../documents/build';
import type { JobFindingFigures } from '../../../documents/worksheet';
import { armRate, tubeInertia } from '../../../physics/making/arm';
import { rectangleInertia, uFrameRate } from '../../../physics/tension/frame';
import { finding, only, type KnownCut } from '../work';

/** Share of its strength that an arm is bent to for good. Common practice, no source. */
const STRENGTH_SHARE = 0.5;
/** Bent further than this share of its reach an arm is no longer the small bend that is reckoned with. Common practice, no source. */
const BEND_SHARE = 0.25;
/** What a stiff arm may give under the wire's tension, mm. Ours. */
const STIFF_MM = 3;
/** How far an arm's pull may differ from what the rig is worked out with, as a share. Ours. */
const PULL_SHARE = 0.15;

/** Second moment, m⁴, and half height, m, of a section the way it bends. */
function bendOf(s: ArmSection): { inertia: number; half: number } {
  return s.kind === 'tube'
    ? { inertia: tubeInertia(s.outerMm / 1000, s.innerMm / 1000), half: s.outerMm / 2000 }
    : { inertia: rectangleInertia(s.widthMm / 1000, s.thickMm / 1000), half: s.thickMm / 2000 };
}

/** An arm of a table on its post, or both arms of a bow on its bar, as the spring that they are. N/mm, N, mm, MPa. */
export function armOf(of: BuildOf<'table'> | BuildOf<'bow'>, c: KnownCut) {
  const stuff = ARM_STUFF[of.material];
  const { inertia, half } = bendOf(of.section);
  const reach = of.reachMm / 1000;
  const ei = stuff.youngs * inertia;
  const rate =
    of.kind === 'table'
      ? armRate(stuff.youngs, inertia, reach, of.postMm / 1000)
      : uFrameRate(reach, c.rig.wire.lengthMm / 1000, ei, ei);
  const wanted = c.e.tension.coldN;
  const pull = of.gapMm === null ? wanted : (rate * of.gapMm) / 1000;
  const grown = c.e.tension.growth ?? 0;
  return {
    /** Whether the arm is the spring. */
    springs: of.gapMm !== null,
    rateNPerMm: rate / 1000,
    pullN: pull,
    wantedN: wanted,
    hotN: of.gapMm === null ? c.e.tension.hotN : Math.max(0, pull - rate * grown),
    /** What the arm gives under the rig's tension. */
    gapWantedMm: (wanted / rate) * 1000,
    growthMm: grown * 1000,
    // The pull's moment is the same all along the post, and at the arm's root.
    stressMPa: (Math.max(pull, wanted) * reach * half) / inertia / 1e6,
    allowedMPa: (STRENGTH_SHARE * stuff.strength) / 1e6,
  };
}
export type ArmFigures = ReturnType<typeof armOf>;

/** What is wrong with an arm for this rig's wire and tension. */
export function armFindings(
  of: BuildOf<'table'> | BuildOf<'bow'>,
  c: KnownCut,
  a: ArmFigures,
): JobFindingFigures[] {
  const stuff = ARM_STUFF[of.material];
  const overstressed =
    a.stressMPa > a.allowedMPa && finding('arm-overstressed', 'stop', overstressOf(of.section, a));
  if (!a.springs)
    return only(
      overstressed,
      !overstressed &&
        a.gapWantedMm > STIFF_MM &&
        finding('arm-gives', 'fix', { givesMm: a.gapWantedMm, mostMm: STIFF_MM }),
    );
  const mostGap = BEND_SHARE * of.reachMm;
  const bends = a.gapWantedMm <= mostGap;
  const pulls = Math.abs(a.pullN / a.wantedN - 1) <= PULL_SHARE;
  const slack = a.hotN !== null && a.hotN <= 0;
  return only(
    overstressed,
    !overstressed &&
      !bends &&
      finding('arm-too-soft', 'fix', {
        gapMm: a.gapWantedMm,
        mostMm: mostGap,
        wantedN: a.wantedN,
        rateNPerMm: a.rateNPerMm,
      }),
    bends &&
      !pulls &&
      finding('arm-pull-differs', 'fix', { pullN: a.pullN, wantedN: a.wantedN, gapMm: a.gapWantedMm }),
    slack && finding('arm-goes-slack', 'fix', { growthMm: a.growthMm, gapMm: of.gapMm }),
    stuff.creeps > 0 &&
      finding('arm-creeps', 'note', { share: stuff.creeps, leftN: a.pullN * (1 - stuff.creeps) }),
    pulls &&
      !slack &&
      !inRig(c, a) &&
      finding('arm-not-in-rig', 'note', { rateNPerMm: a.rateNPerMm, pullN: a.pullN, hotN: a.hotN }),
  );
}

/** Whether the rig is worked out with this arm as its spring. */
function inRig({ rig: { tension: t } }: KnownCut, a: ArmFigures): boolean {
  return (
    t.kind === 'flex' && t.frameNPerMm !== null && Math.abs(t.frameNPerMm / a.rateNPerMm - 1) <= PULL_SHARE
  );
}

/** How much thicker a section must be to bear its bend: stress goes with 1/t² of a bar, with 1/D³ of a tube of one shape. */
function overstressOf(s: ArmSection, a: ArmFigures) {
  const over = a.stressMPa / a.allowedMPa;
  return {
    stressMPa: a.stressMPa,
    allowedMPa: a.allowedMPa,
    nowMm: s.kind === 'bar' ? s.thickMm : s.outerMm,
    needMm: s.kind === 'bar' ? s.thickMm * Math.sqrt(over) : s.outerMm * Math.cbrt(over),
  };
}

/** The rig's tension with the arm as its spring. */
export const armPatch = (a: ArmFigures) => ({
  tension: {
    kind: 'flex',
    frameNPerMm: Number(a.rateNPerMm.toPrecision(4)),
    setN: Number(a.pullN.toPrecision(4)),
    setWhen: 'cold',
  },
});
