import { FOAMS } from '@/core/catalog/foams';
import { CUTTERS, hasPieces } from '@/core/documents/cutters';
import { jobsOf } from '@/core/documents/jobKinds';
import type { Rig } from '@/core/documents/rig';
import type { ReadingFigures } from '@/core/documents/reading';
import { controlSettingText } from '@/core/words/control';
import type { Say } from '@/core/words/say';
import type { Role } from '@/core/units/profile';
import { FRAME_NAMES, SUPPLY_NAMES, TENSION_SHORT } from './words';

/** Stages of the rig itself; the others are of a piece. */
export const OWN_STAGES = ['foam', 'cutter', 'wire', 'power', 'tension', 'try'] as const;
export const STAGES = [...OWN_STAGES, 'shape', 'cut', 'job', 'make'] as const;
export type StageId = (typeof STAGES)[number];
export type OwnStage = (typeof OWN_STAGES)[number];

const OF_PIECES: readonly StageId[] = ['shape', 'cut'];
const OF_JOBS: readonly StageId[] = ['job', 'make'];

/** The stages of a cutter: a loop has no tension to set, a bow shapes and cuts pieces, the others have jobs that they make. */
export function stagesOf(frame: Rig['frame']): StageId[] {
  const { takeUp } = CUTTERS[frame.kind];
  const work = hasPieces(frame) ? OF_PIECES : jobsOf(frame).length > 0 ? OF_JOBS : [];
  return [...OWN_STAGES.filter((s) => s !== 'tension' || takeUp), ...work];
}

export const STAGE_NAMES: Record<StageId, string> = {
  foam: 'Foam',
  cutter: 'Cutter',
  wire: 'Wire',
  power: 'Power',
  tension: 'Tension',
  try: 'Try',
  shape: 'Shape',
  cut: 'Cut',
  job: 'Job',
  make: 'Make',
};

/** The question each stage's decision answers, and the one its chart answers. */
export const STAGE_HEADS: Record<StageId, { decide: string; follow: string }> = {
  foam: { decide: 'What is to be cut', follow: 'Where does this foam cut clean?' },
  cutter: { decide: 'Which cutter', follow: 'Where does this rig cut clean?' },
  wire: { decide: 'Which wire', follow: 'Where does this wire cut clean?' },
  power: { decide: 'What drives the wire', follow: 'Where on the dial does it cut clean?' },
  tension: { decide: 'What holds the wire tight', follow: 'How tight, and how far it lags' },
  try: { decide: 'Log a test cut', follow: 'Where did the cuts lie?' },
  shape: { decide: 'What the core is', follow: 'What falls out of the block?' },
  cut: { decide: 'How both ends are driven', follow: 'When does the wire reach each station?' },
  job: { decide: 'What is to be made', follow: 'Where does everything stand?' },
  make: { decide: 'What was measured', follow: 'Step by step' },
};

/** Each stage's present answer in one line. */
export function stageAnswer(
  stage: OwnStage,
  rig: Rig,
  reading: ReadingFigures,
  cuts: number,
  say: Say,
  typed: (v: number, role: Role) => string,
): string {
  if (stage === 'foam')
    return `${FOAMS[rig.foam.kind].name.replace(/^.*\((.+)\)$/, '$1')}, ${typed(rig.foam.widthMm, 'foamSize')}`;
  if (stage === 'cutter') return FRAME_NAMES[rig.frame.kind];
  if (stage === 'wire')
    return `${typed(rig.wire.diameterMm, 'wireDiameter')}, ${typed(rig.wire.lengthMm, 'wireLength')}`;
  if (stage === 'power')
    return rig.control.kind === 'none'
      ? SUPPLY_NAMES[rig.supply.kind]
      : `${controlSettingText(rig.control.kind, rig.control.setting, say)} of ${typed(rig.supply.volts, 'volts')}`;
  if (stage === 'tension')
    return reading.tension.hotN === 0
      ? 'slack when hot'
      : `${typed(Number((rig.tension.setN ?? reading.tension.coldN ?? 0).toPrecision(3)), 'force')} ${rig.tension.setWhen}, ${TENSION_SHORT[rig.tension.kind]}`;
  return cuts === 0 ? 'no test cut yet' : `${cuts} cut${cuts === 1 ? '' : 's'} logged`;
}
