import { VERBS, runVerb, type Verb } from '@/core/engine/verbs';
import { readJson, Refusal, refusal, route, SIZES } from '@/server/http';

const MOST: Record<Verb, number> = { solve: SIZES.rig, need: SIZES.rig, tune: SIZES.log };

/** The open documents over HTTP: solve and need take a rig (256 kB), tune a log (16 MB), each one or an array. */
export const POST = route(async (request: Request, ctx: { params: Promise<{ verb: string }> }) => {
  const verb = await verbOf(ctx.params);
  const answer = runVerb(verb, await readJson(request, MOST[verb]));
  if (!answer.ok) throw new Refusal(422, answer.faults);
  return answer.output;
});

async function verbOf(params: Promise<{ verb: string }>): Promise<Verb> {
  const { verb } = await params;
  const known = VERBS.find((v) => v === verb);
  if (!known) throw refusal(404, 'not-found', `There is no ${verb}; there are ${VERBS.join(', ')}.`);
  return known;
}
