import { heatStep, pushStep, reads, step, type KnownCut, type Worked } from '../work';
import type { Sheets } from './sheetParts';

/** Steps of slicing a block, with what each should read. */
export function stepsOf(
  job: Sheets,
  c: KnownCut,
  v: Worked['values'] & { set: number; sd: number; count: number; cut: number },
) {
  const screw = job.by.kind === 'screw';
  const tolerance = Math.max(job.toleranceMm, v.sd);
  return [
    screw
      ? step(
          'set-turns',
          { turns: v.set, pitchMm: job.by.kind === 'screw' ? job.by.pitchMm : null, axisMm: v.axisMm! },
          reads(v.set, 'turns', 0.02),
        )
      : step(
          'set-spacers',
          { spacerMm: v.set, cards: v.cards!, cardMm: v.cardMm!, stripMm: v.stripMm! },
          reads(v.set, 'mm', 0.02),
        ),
    ...(screw ? [] : [step('insulate-spacers')]),
    heatStep(c),
    ...(job.skinsMm > 0 ? [step('skin-off', { skinsMm: job.skinsMm })] : []),
    step('test-sheet', { widthMm: job.blockMm[1] }, reads(v.givesMm!, 'mm', tolerance)),
    ...(v.raiseMm
      ? [
          step('raise-end', {
            raiseMm: v.raiseMm,
            end: v.wedgeMm! > 0 ? 'right' : 'left',
            turns: job.by.kind === 'screw' ? v.raiseMm / job.by.pitchMm : null,
          }),
        ]
      : []),
    pushStep(c, job.blockMm[0]),
    ...(v.slideDeg !== null
      ? [
          step('slide', {
            deg: v.slideDeg!,
            lastDeg: v.slideLastDeg!,
            friction: v.friction!,
            tried: job.slidesAtDeg === null ? 'no' : 'yes',
          }),
        ]
      : []),
    step(
      'ten-sheets',
      { sheets: Math.max(1, Math.min(10, v.cut)) },
      reads(v.givesMm! * Math.max(1, Math.min(10, v.cut)), 'mm', tolerance * Math.max(1, Math.min(10, v.cut))),
    ),
    step('weigh', { gramsPerM2: v.gramsPerM2! }, reads(v.sheetG!, 'g', 0.1 * v.sheetG!)),
    step('power-off'),
  ];
}
