import { VERBS, type Verb } from '@/core/edge/verbs';
import { refusal, route } from '@/server/http';
import { verbRequest } from '@/server/verbs';

/** The open documents over HTTP: solve and need take a rig (256 kB), match a drawer (1 MB), tune a log (16 MB), each one or an array. */
export const POST = route(async (request: Request, ctx: { params: Promise<{ verb: string }> }) =>
  verbRequest(await verbOf(ctx.params), request),
);

async function verbOf(params: Promise<{ verb: string }>): Promise<Verb> {
  const { verb } = await params;
  const known = VERBS.find((v) => v === verb);
  if (!known) throw refusal(404, 'not-found', `There is no ${verb}; there are ${VERBS.join(', ')}.`);
  return known;
}
