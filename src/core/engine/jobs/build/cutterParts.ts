import { ARM_STUFF } from '../../../catalog/armMaterials';
import type { BuildOf, BuildSizes } from '../../../documents/build';
import type { MaterialFigures } from '../../../documents/worksheet';
import type { KnownCut } from '../work';
import { built } from './materials';

/** Foam about the hole that an arm's table has room for at least, mm. Ours. */
export const EDGE_MM = 30;

/** Bore of a sleeve that a wire runs through freely, by half millimetres as drills come: a millimetre of air all round. */
export const boreFor = (d: number) => Math.ceil(2 * (d + 2)) / 2;

/** Whether what holds the wire conducts. */
export const isMetal = (of: BuildSizes, c: KnownCut) =>
  ('material' in of && ARM_STUFF[of.material].metal) || c.rig.frame.material.startsWith('metal');

/** Material and section of an arm, mm. */
export const sectionValues = ({ material, section: s }: BuildOf<'table'> | BuildOf<'bow'>) => ({
  material,
  wideMm: s.kind === 'bar' ? s.widthMm : s.outerMm,
  thickMm: s.kind === 'bar' ? s.thickMm : s.innerMm,
  section: s.kind,
});

/** Wire for each end, to be wound about a bolt or held in a terminal, mm. Common practice, no source. */
const GRIP_MM = { anchors: 60, terminals: 15 } as const;
/** The wire as it is cut off the spool; as much again is laid by. */
export const wireOf = (betweenMm: number, c: KnownCut, at: keyof typeof GRIP_MM = 'anchors') =>
  built('wire', 2, {
    lengthMm: betweenMm + 2 * GRIP_MM[at],
    betweenMm,
    gripMm: GRIP_MM[at],
    at,
    diameterMm: c.rig.wire.diameterMm,
    alloy: c.rig.wire.alloy,
  });

/** Insulators of the two bolts where the cutter is metal. */
export const insulators = (metal: boolean, boltMm: number) =>
  metal ? [built('insulators', 2, { boreMm: boltMm })] : [];

/** The take-up of the rig as a part, with its pull, N. */
export function takeUp(c: KnownCut): MaterialFigures {
  const { kind } = c.rig.tension;
  return built('take-up', 1, { kind, pullN: c.e.tension.coldN, massG: (c.e.tension.coldN / 9.80665) * 1000 });
}
