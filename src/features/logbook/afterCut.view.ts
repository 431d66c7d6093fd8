import { z } from 'zod';
import { cutAfterSchema, PLACES, SEEN, type Place } from '@/core/documents/log';

/** What is filled in about a cut afterwards: where it was sanded and for how long are asked apart. */
export interface AfterFields {
  kerfMm: number | null;
  where: Place | '';
  minutes: number | null;
  seen: z.input<typeof cutAfterSchema>['seen'];
  note: string;
}

const fields = z.object({
  kerfMm: z.number().nullable(),
  where: z.enum(['', ...PLACES]),
  minutes: z.number().nullable(),
  seen: z.array(z.enum(SEEN)),
  note: z.string(),
});

/** The form read as a document: nothing sanded where no place is named; a place without its minutes is refused. */
export const afterForm: z.ZodType<z.output<typeof cutAfterSchema>, AfterFields> = fields
  .refine((f) => f.where === '' || f.minutes !== null, { path: ['minutes'], message: 'must be given' })
  .transform(({ kerfMm, where, minutes, seen, note }): z.input<typeof cutAfterSchema> => ({
    kerfMm,
    sanded: where === '' || minutes === null ? null : { where, minutes },
    seen,
    note,
  }))
  .pipe(cutAfterSchema);
