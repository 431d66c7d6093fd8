import { readBody } from '@/server/body';
import { refusal, SIZES } from '@/server/http';
import { archiveRig, openRig, patchSchema, removeRig, saveRig, saveSchema } from '@/server/rigs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** A rig. It is saved on revision `base`: 409 with the newer one where another save came first. At most 256 kB. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (_, { id }) => {
    const open = await openRig(id);
    if (!open) throw refusal(404, 'not-found', 'There is no such rig.');
    return open;
  },
  PUT: async (request, { id }) => saveRig(id, await readBody(request, saveSchema, SIZES.rig)),
  PATCH: async (request, { id }) => archiveRig(id, await readBody(request, patchSchema, SIZES.rig)),
  DELETE: (_, { id }) => removeRig(id),
});
