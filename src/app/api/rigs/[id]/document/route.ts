import { exportRig } from '@/server/rigs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** The rig as a file to keep: its document, with what the log says of its foam. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (_, { id }) => {
    const doc = await exportRig(id);
    const name = (doc.name || 'rig').replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'rig';
    return new Response(JSON.stringify(doc, null, 2), {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}.rig.json`,
      },
    });
  },
});
