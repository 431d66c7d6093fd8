import { check } from '@/server/check';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** Walks everything that is kept and says what it found; changes nothing. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes(
  { POST: (request) => check(request.signal) },
  { writes: false },
);
