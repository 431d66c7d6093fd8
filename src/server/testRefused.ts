import { Refusal } from './http';

/** The refusal that some work ends in; anything else that it throws is thrown on. */
export async function refused(work: Promise<unknown>): Promise<Refusal> {
  const e = await work.then(
    () => new Error('was not refused'),
    (reason: unknown) => reason,
  );
  if (!(e instanceof Refusal)) throw e;
  return e;
}
