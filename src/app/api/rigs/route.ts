import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { createRig, newRigSchema, shelf } from '@/server/rigs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** The shelf; a new or imported rig, at most 256 kB. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: (request) => shelf(new URL(request.url).searchParams.get('away') === '1'),
  POST: async (request) => createRig(await readBody(request, newRigSchema, SIZES.rig)),
});
