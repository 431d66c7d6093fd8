import 'server-only';
import { runVerb, type Verb } from '@/core/edge/verbs';
import { parseJson, readBytes } from './body';
import { heavy } from './heavy';
import { Refusal, SIZES } from './http';

const MOST: Record<Verb, number> = {
  solve: SIZES.rig,
  need: SIZES.rig,
  match: SIZES.drawer,
  tune: SIZES.log,
  template: SIZES.plan,
  job: SIZES.job,
  path: SIZES.job,
  replay: SIZES.job,
  practice: SIZES.job,
};
/** Done at once: one rig, a few milliseconds each. */
const QUICK: readonly Verb[] = ['solve', 'need', 'job'];
const QUICK_BYTES = 16 * 1024;
const DEADLINE_MS = 60_000;

/** Does a verb on the documents of a request; what takes long, in a thread of its own, which ends with its caller. */
export async function verbRequest(verb: Verb, request: Request): Promise<Response> {
  const bytes = await readBytes(request, MOST[verb]);
  if (QUICK.includes(verb) && bytes.length <= QUICK_BYTES) {
    const answer = runVerb(verb, parseJson(Buffer.from(bytes).toString('utf8')));
    if (!answer.ok) throw new Refusal(422, answer.faults);
    return Response.json(answer.output);
  }
  // A copy of its own: a thread takes the whole of the memory that it is given.
  const text = await heavy(
    { kind: 'verb', verb, text: Uint8Array.from(bytes) },
    { deadlineMs: DEADLINE_MS, signal: request.signal },
  );
  return new Response(text as string, { headers: { 'content-type': 'application/json' } });
}
