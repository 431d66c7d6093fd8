import { ARM_STUFF } from '../../../catalog/armMaterials';
import type { BuildOf, BuildSizes } from '../../../documents/build';
import type { JobOf } from '../../../documents/job';
import type { JobFindingFigures, MaterialFigures, StepFigures } from '../../../documents/worksheet';
import { wiringPlan } from '../../wiringPlan';
import { wireVolts } from '../cut';
import { coolMm, loopInFoam } from '../loop/groove';
import { finding, only, reads, SET_MM, step, type JobWork, type KnownCut, type Worked } from '../work';
import { proven } from '../proven';
import { armFindings, armOf, armPatch } from './arm';
import { UNDER_BOLT_MM } from './sizes';
import { built, WALL_MM } from './materials';

/** How far the length between anchors may differ from the wire that the rig is worked out with, mm. Ours. */
const LENGTH_MM = 5;
/** Foam about the hole that an arm's table has room for at least, mm. Ours. */
const EDGE_MM = 30;
/** Pull that a cord's relief must hold, N: a cord caught by a foot. Ours. */
const RELIEF_N = 50;

type Values = Worked['values'];
interface Own {
  readonly values: Values;
  readonly steps: readonly StepFigures[];
  readonly materials: readonly MaterialFigures[];
  readonly findings: readonly JobFindingFigures[];
}

/** Building the cutter from the sizes chosen: parts with cut lengths and holes, and what the rig's wire asks of them. MACHINES.md sections 2 to 4. */
export const build: JobWork<'build'> = {
  use: (_, rig) => rig,
  most: null,
  work: (job: JobOf<'build'>, c: KnownCut) => {
    const own = builtOf(job.of, c);
    const plan = wiringPlan(c.e);
    const { fuse, lead } = plan;
    return {
      values: own.values,
      steps: [
        ...own.steps,
        step('insulation-test', { metal: isMetal(job.of, c) ? 'yes' : 'no' }),
        step('relief-test', { pullN: RELIEF_N }, reads(RELIEF_N, 'N', 10)),
        step('first-heat'),
      ],
      parts: [],
      materials: [
        ...own.materials,
        built('leads', 2, {
          lengthMm: c.rig.leads.lengthMm / 2,
          areaMm2: Math.max(lead.wantsMm2 ?? 0, lead.areaMm2),
        }),
        ...(fuse.wants === null ? [] : [built('fuse', 1, { amps: fuse.wants })]),
        ...(plan.switch.wants === null ? [] : [built('switch', 1, { amps: plan.switch.wants })]),
        built('relief', 2, {}),
      ],
      timeS: null,
      findings: own.findings,
    };
  },
};

/** Bore of a sleeve that a wire runs through freely, by half millimetres as drills come: a millimetre of air all round. */
const boreFor = (d: number) => Math.ceil(2 * (d + 2)) / 2;

const isMetal = (of: BuildSizes, c: KnownCut) =>
  ('material' in of && ARM_STUFF[of.material].metal) || c.rig.frame.material.startsWith('metal');

function builtOf(sizes: BuildSizes, c: KnownCut): Own {
  switch (sizes.kind) {
    case 'table':
      return table(sizes, c);
    case 'slicer':
      return slicer(sizes, c);
    case 'bow':
      return bow(sizes, c);
    case 'loop':
      return loop(sizes, c);
  }
}

const withFix = (f: JobFindingFigures, c: KnownCut, code: string, patch: Readonly<Record<string, unknown>>) =>
  f.code === code ? { ...f, fixes: proven(c.rig, patch) } : f;

/** The wire between its anchors as built against the one that the rig is worked out with. */
function lengthFinding(betweenMm: number, c: KnownCut): JobFindingFigures | null {
  const have = c.rig.wire.lengthMm;
  if (Math.abs(betweenMm - have) <= LENGTH_MM) return null;
  const patch = { wire: { lengthMm: Number(betweenMm.toFixed(1)) } };
  return { ...finding('wire-length-differs', 'fix', { betweenMm, haveMm: have }), fixes: proven(c.rig, patch) };
}

function table(t: BuildOf<'table'>, c: KnownCut): Own {
  const a = armOf(t, c);
  const thick = t.boardMm[2];
  const between = t.postMm + thick + UNDER_BOLT_MM;
  const holeMm = boreFor(c.d);
  const off = t.boltMm / 2 + c.d / 2;
  return {
    values: { ...armValues(a), betweenMm: between, boltOffMm: off, openMm: t.postMm },
    materials: [
      built('base-board', 1, {
        lengthMm: t.boardMm[0],
        widthMm: t.boardMm[1],
        thickMm: thick,
        reachMm: t.reachMm,
        holeMm: holeMm + 2 * WALL_MM,
      }),
      built('legs', 4, { lengthMm: t.underMm }),
      built('post', 1, { ...sectionValues(t), lengthMm: t.postMm + thick + t.underMm }),
      built('arm', 1, { ...sectionValues(t), lengthMm: t.reachMm + EDGE_MM, holeMm: t.boltMm }),
      built('bush', 1, { boreMm: holeMm, outerMm: holeMm + 2 * WALL_MM, lengthMm: thick }),
      built('slit', 1, { widthMm: 2, lengthMm: t.boardMm[1] / 2 }),
      built('anchor-bolt', 2, { diameterMm: t.boltMm, offMm: off }),
      ...(a.springs ? [] : [takeUp(c)]),
      ...insulators(isMetal(t, c), t.boltMm),
      wireOf(between, c),
      built('fence', 1, { lengthMm: t.boardMm[0], heightMm: Math.min(t.postMm / 2, 80) }),
    ],
    steps: [
      step('cut-parts'),
      step('drill-hole', { reachMm: t.reachMm, offMm: off }, reads(off, 'mm', SET_MM)),
      step('fit-bush'),
      ...armSteps(a, t.gapMm),
    ],
    findings: only(
      ...armFindings(t, c, a).map((f) => withFix(f, c, 'arm-not-in-rig', armPatch(a))),
      lengthFinding(between, c),
      c.rig.foam.widthMm >= t.postMm &&
        finding('opening-too-low', 'stop', { openMm: t.postMm, foamMm: c.rig.foam.widthMm }),
      t.boardMm[0] < t.reachMm + EDGE_MM &&
        finding('board-too-small', 'stop', { haveMm: t.boardMm[0], needMm: t.reachMm + EDGE_MM }),
    ),
  };
}

function slicer(s: BuildOf<'slicer'>, c: KnownCut): Own {
  const wide = c.rig.foam.widthMm;
  const cool = c.e.coolEnd === null ? 0 : 3 * c.e.coolEnd * 1000;
  const least = wide + 2 * cool;
  return {
    values: { betweenMm: s.supportsMm, leastSupportsMm: least, pullN: c.e.tension.coldN },
    materials: [
      built('base-board', 1, {
        lengthMm: s.boardMm[0],
        widthMm: s.boardMm[1],
        thickMm: s.boardMm[2],
        reachMm: null,
        holeMm: null,
      }),
      s.by === 'screw'
        ? built('height-screws', 2, { diameterMm: s.boltMm, lengthMm: s.boardMm[2] + 60 })
        : built('spacer-strips', 2, { lengthMm: s.boardMm[0], widthMm: 20 }),
      built('supports', 2, { boltMm: s.boltMm, apartMm: s.supportsMm }),
      built('side-rails', 2, { lengthMm: s.boardMm[0], apartMm: wide }),
      takeUp(c),
      ...insulators(isMetal(s, c), s.boltMm),
      wireOf(c.rig.wire.lengthMm, c),
    ],
    steps: [
      step('cut-parts'),
      step('set-supports', { apartMm: s.supportsMm }, reads(s.supportsMm, 'mm', 1)),
      step(
        'hang-wire',
        { pullN: c.e.tension.coldN },
        reads(c.e.tension.coldN, 'N', Math.max(1, 0.05 * c.e.tension.coldN)),
      ),
    ],
    findings: only(
      s.supportsMm < wide && finding('supports-too-near', 'stop', { supportsMm: s.supportsMm, widthMm: wide }),
      s.supportsMm >= wide &&
        s.supportsMm < least &&
        finding('ends-stay-cool', 'fix', { supportsMm: s.supportsMm, leastMm: least }),
      c.rig.wire.lengthMm < s.supportsMm && lengthFinding(s.supportsMm, c),
      s.boardMm[1] < s.supportsMm &&
        finding('board-too-small', 'stop', { haveMm: s.boardMm[1], needMm: s.supportsMm }),
    ),
  };
}

function bow(b: BuildOf<'bow'>, c: KnownCut): Own {
  const a = armOf(b, c);
  const deep = c.rig.foam.heightMm;
  const bar = c.rig.wire.lengthMm;
  return {
    values: { ...armValues(a), betweenMm: bar, openMm: b.reachMm },
    materials: [
      built('bar', 1, { ...sectionValues(b), lengthMm: bar }),
      built('arm', 2, { ...sectionValues(b), lengthMm: b.reachMm + EDGE_MM, holeMm: b.boltMm }),
      built('corner-blocks', 2, { boltMm: b.boltMm }),
      built('anchor-bolt', 2, { diameterMm: b.boltMm, offMm: null }),
      ...(a.springs ? [] : [takeUp(c)]),
      ...insulators(isMetal(b, c), b.boltMm),
      wireOf(bar, c),
      built('grips', 2, {}),
    ],
    steps: [step('cut-parts'), ...armSteps(a, b.gapMm)],
    findings: only(
      ...armFindings(b, c, a).map((f) => withFix(f, c, 'arm-not-in-rig', armPatch(a))),
      deep !== null &&
        deep >= b.reachMm &&
        finding('opening-too-low', 'stop', { openMm: b.reachMm, foamMm: deep }),
    ),
  };
}

function loop(l: BuildOf<'loop'>, c: KnownCut): Own {
  const inFoam = loopInFoam(l.shape, l.loopMm, l.depthMm, c.d);
  const wire = inFoam + 2 * coolMm(c);
  return {
    values: {
      betweenMm: wire,
      inFoamMm: inFoam,
      coolMm: coolMm(c),
      volts: wireVolts(c),
    },
    materials: [
      wireOf(wire, c, 'terminals'),
      built('handle', 1, { lengthMm: l.handleMm, apartMm: l.loopMm }),
      built('terminals', 2, { wireMm: c.d, amps: c.e.idle.amps }),
      built('collar', 1, { lengthMm: l.depthMm, widthMm: l.loopMm + 40 }),
    ],
    steps: [
      step('cut-parts'),
      step('bend-loop', { shape: l.shape, loopMm: l.loopMm, wireMm: wire }, reads(l.loopMm, 'mm', SET_MM)),
      step('short-leads', { leadMm: c.rig.leads.lengthMm, areaMm2: c.rig.leads.areaMm2, amps: c.e.idle.amps }),
    ],
    findings: only(lengthFinding(wire, c)),
  };
}

const armValues = (a: ReturnType<typeof armOf>): Values => ({
  rateNPerMm: a.rateNPerMm,
  pullN: a.pullN,
  hotN: a.hotN,
  gapMm: a.gapWantedMm,
  stressMPa: a.stressMPa,
  allowedMPa: a.allowedMPa,
});

const sectionValues = ({ material, section: s }: BuildOf<'table'> | BuildOf<'bow'>) => ({
  material,
  wideMm: s.kind === 'bar' ? s.widthMm : s.outerMm,
  thickMm: s.kind === 'bar' ? s.thickMm : s.innerMm,
  section: s.kind,
});

const armSteps = (a: ReturnType<typeof armOf>, gapMm: number | null) => [
  ...(gapMm === null
    ? []
    : [step('bend-arm', { gapMm, pullN: a.pullN }, reads(gapMm, 'mm', Math.max(1, 0.05 * gapMm)))]),
  step('hang-wire', { pullN: a.pullN }, reads(a.pullN, 'N', Math.max(1, 0.1 * a.pullN))),
];

/** Wire for each end, to be wound about a bolt or held in a terminal, mm. Common practice, no source. */
const GRIP_MM = { anchors: 60, terminals: 15 } as const;
/** The wire as it is cut off the spool; as much again is laid by. */
const wireOf = (betweenMm: number, c: KnownCut, at: keyof typeof GRIP_MM = 'anchors') =>
  built('wire', 2, {
    lengthMm: betweenMm + 2 * GRIP_MM[at],
    betweenMm,
    gripMm: GRIP_MM[at],
    at,
    diameterMm: c.rig.wire.diameterMm,
    alloy: c.rig.wire.alloy,
  });

const insulators = (metal: boolean, boltMm: number) =>
  metal ? [built('insulators', 2, { boreMm: boltMm })] : [];

function takeUp(c: KnownCut): MaterialFigures {
  const { kind } = c.rig.tension;
  return built('take-up', 1, { kind, pullN: c.e.tension.coldN, massG: (c.e.tension.coldN / 9.80665) * 1000 });
}
