'use client';
import { zodResolver } from '@hookform/resolvers/zod';
import { useRef } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldErrors,
  type FieldValues,
  type Path,
  type PathValue,
} from 'react-hook-form';
import type { z } from 'zod';
import { wordsOf } from '@/core/documents/faults';

/** A fault of a form: the field by its path, and the rule in words. */
export interface FormFault {
  readonly path: string;
  readonly message: string;
}

/**
 * A form that is sent whole: its values as they are being filled in, and what its schema holds against them once it was sent.
 * `onGood` gets what the schema makes of them.
 */
export function useSchemaForm<In extends FieldValues, Out>(
  schema: z.ZodType<Out, In>,
  start: In,
  onGood: (read: Out) => Promise<void>,
) {
  const form = useForm<In, unknown, Out>({
    defaultValues: start as DefaultValues<In>,
    resolver: zodResolver(schema, { error: (issue) => issue.message ?? wordsOf(issue as z.core.$ZodIssue) }),
    shouldFocusError: false,
  });
  // The form is short, and every field is drawn from its values.
  // eslint-disable-next-line react-hooks/incompatible-library
  const values = form.watch();
  const since = useRef<Partial<In>>({});
  const put = (part: Partial<In>, shouldTouch = true) => {
    since.current = { ...since.current, ...part };
    for (const key of Object.keys(part) as Path<In>[])
      form.setValue(key, part[key as keyof In] as PathValue<In, Path<In>>, { shouldTouch });
    form.clearErrors();
  };
  return {
    values,
    put,
    touched: (key: keyof In & string) =>
      Boolean((form.formState.touchedFields as Record<string, unknown>)[key]),
    send: () => {
      since.current = {};
      return form.handleSubmit(onGood)();
    },
    busy: form.formState.isSubmitting,
    faults: faultsIn(form.formState.errors),
    /** Begins anew. What was filled in while the answer was waited for belongs to the next one, and stays. */
    begin: (from: In) => {
      form.reset(from);
      put(since.current);
    },
  };
}

/** The faults of a form, in the order of its fields. */
function faultsIn(errors: FieldErrors, at = ''): FormFault[] {
  return Object.entries(errors).flatMap(([key, error]): FormFault[] => {
    const path = at ? `${at}.${key}` : key;
    if (!error || typeof error !== 'object') return [];
    if (typeof error.message === 'string' && typeof error.type === 'string')
      return [{ path, message: error.message }];
    return faultsIn(error as FieldErrors, path);
  });
}
