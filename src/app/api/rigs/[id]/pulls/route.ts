import { pullReadingSchema } from '@/core/documents/pull';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { listPulls, logPull } from '@/server/pulls';
import { onceAs } from '@/server/once';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: (_, { id }) => listPulls(id),
  POST: async (request, { id }) =>
    logPull(id, await readBody(request, pullReadingSchema, SIZES.rig), onceAs(request)),
});
