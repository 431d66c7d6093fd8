import { readBody } from '@/server/body';
import { deviceOf } from '@/server/device';
import { devicesFor, invitationSchema, invite } from '@/server/devices';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** The devices that are let in; POST asks another in. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes(
  {
    GET: (request) => devicesFor(deviceOf(request.headers)),
    POST: async (request) => invite(deviceOf(request.headers), await readBody(request, invitationSchema, 1024)),
  },
  { writes: false },
);
