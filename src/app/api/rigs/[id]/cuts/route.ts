import { loggedCutSchema } from '@/core/documents/log';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { logCut } from '@/server/rigs';
import { onceAs } from '@/server/once';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  POST: async (request, { id }) =>
    logCut(id, await readBody(request, loggedCutSchema, SIZES.rig), onceAs(request)),
});
