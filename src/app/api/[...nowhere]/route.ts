import { refusal } from '@/server/http';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';

/** What no route answers is a fault like all others, not a page. */
const nowhere = () => {
  throw refusal(404, 'not-found', 'There is no such route.');
};
export const { GET, POST, PUT, PATCH, DELETE } = routes(
  { GET: nowhere, POST: nowhere, PUT: nowhere, PATCH: nowhere, DELETE: nowhere },
  { writes: false },
);
/** Nor is anything allowed there. */
export const OPTIONS = GET;
