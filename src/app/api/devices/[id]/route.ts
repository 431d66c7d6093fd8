import { readBody } from '@/server/body';
import { deviceOf } from '@/server/device';
import { amendDevice, changeSchema, forgetDevice } from '@/server/devices';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** A device that is let in: its name and right, and forgetting it. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>(
  {
    PATCH: async (request, { id }) =>
      amendDevice(deviceOf(request.headers), id, await readBody(request, changeSchema, 1024)),
    DELETE: (request, { id }) => forgetDevice(deviceOf(request.headers), id),
  },
  { writes: false },
);
