import { VERBS, type Verb } from '@/core/edge/verbs';
import { refusal } from '@/server/http';
import { routes } from '@/server/routes';
import { verbRequest } from '@/server/verbs';

export const dynamic = 'force-dynamic';
/** The open documents over HTTP: solve and need take a rig (256 kB), match a drawer (1 MB), tune a log (16 MB), each one or an array. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ verb: string }>(
  { POST: (request, { verb }) => verbRequest(verbOf(verb), request) },
  { writes: false },
);

function verbOf(verb: string): Verb {
  const known = VERBS.find((v) => v === verb);
  if (!known) throw refusal(404, 'not-found', `There is no ${verb}; there are ${VERBS.join(', ')}.`);
  return known;
}
