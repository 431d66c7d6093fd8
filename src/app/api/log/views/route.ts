import { logViewSchema } from '@/core/documents/logbook';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { addView, views } from '@/server/logbook';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: views,
  POST: async (request) => addView(await readBody(request, logViewSchema, SIZES.rig)),
});
