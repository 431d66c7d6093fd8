import { z } from 'zod';
import { loggedCutSchema, type LoggedCut } from '@/core/documents/log';
import type { Rig } from '@/core/documents/rig';

/** What is filled in about a test cut; where the volts were read is kept while there are none. */
export type CutFields = Omit<LoggedCut, 'at' | 'feedMmS' | 'sanded' | 'widthMm'> & {
  widthMm: number | null;
  voltsAt: 'display' | 'clips';
  marks: { mm: number; s: number }[] | undefined;
};

/** A test cut as its form begins: what the rig says of it, and nothing that was not seen yet. */
export function freshCut({ control, foam }: Rig): CutFields {
  return {
    setting: control.setting,
    amps: null,
    volts: null,
    voltsAt: 'display',
    widthMm: foam.widthMm,
    depthMm: 50,
    seconds: null,
    kerfMm: null,
    timedFrom: 'touch',
    limit: false,
    grade: null,
    seen: [],
    note: '',
    marks: undefined,
  };
}

/** The form read as a logged cut of this moment. A grade (or that it was pushed to the limit) and its seconds are wanted. */
export const cutForm = z
  .custom<CutFields>((f) => typeof f === 'object' && f !== null)
  .superRefine(({ grade, limit, seconds }, ctx) => {
    const want = (path: string, message: string) => ctx.addIssue({ code: 'custom', path: [path], message });
    if (grade === null && !limit)
      want('grade', 'Say how it cut: too cold, good or too hot, or that it was pushed to the limit.');
    if (seconds === null) want('seconds', 'Give the seconds: without a time a cut says nothing of feed.');
  })
  .transform(({ voltsAt, marks, ...cut }) => {
    const where = cut.volts === null ? {} : { voltsAt };
    // A width that is not given is refused by the document's own rule.
    return { ...cut, ...where, ...(marks ? { marks } : {}), at: new Date().toISOString() } as z.input<
      typeof loggedCutSchema
    >;
  })
  .pipe(loggedCutSchema);
