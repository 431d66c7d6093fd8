import { enter } from '@/server/access';
import { readBody } from '@/server/body';
import { addressOf } from '@/server/device';
import { enterSchema } from '@/server/devices';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** Lets a device in by a code or a link. The one route that a device without either may ask. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes(
  { POST: async (request) => enter(await readBody(request, enterSchema, 1024), addressOf(request.headers)) },
  { writes: false },
);
