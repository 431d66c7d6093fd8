import 'server-only';
import type { Drawer } from '@/core/documents/drawer';
import type { Match } from '@/core/documents/match';
import { judgeAll, written } from '@/core/engine/match/match';
import { toldMatch } from '@/core/words/told';
import { readAll, runVerb, type Verb } from '@/core/edge/verbs';
import { readJson, Refusal, SIZES } from './http';

const MOST: Record<Verb, number> = {
  solve: SIZES.rig,
  need: SIZES.rig,
  match: SIZES.drawer,
  tune: SIZES.log,
  template: SIZES.plan,
};

/** Does a verb on the documents of a request. A match gives way to other requests as it goes, and ends with its caller. */
export async function verbRequest(verb: Verb, request: Request): Promise<unknown> {
  const input = await readJson(request, MOST[verb]);
  if (verb !== 'match') {
    const answer = runVerb(verb, input);
    if (!answer.ok) throw new Refusal(422, answer.faults);
    return answer.output;
  }
  const read = readAll(verb, input);
  if (!read.ok) throw new Refusal(422, read.faults);
  const matches: Match[] = [];
  for (const drawer of read.docs as readonly Drawer[])
    matches.push(await matchInSlices(drawer, request.signal));
  return read.many ? matches : matches[0];
}

async function matchInSlices(drawer: Drawer, signal: AbortSignal): Promise<Match> {
  const run = judgeAll(drawer);
  for (;;) {
    const step = run.next();
    if (step.done) return toldMatch(written(step.value));
    if (signal.aborted)
      throw new Refusal(499, [{ path: '(document)', rule: 'cancelled', message: 'was cancelled' }]);
    await new Promise((resolve) => setImmediate(resolve));
  }
}
