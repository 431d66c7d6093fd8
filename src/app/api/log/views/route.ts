import { logViewSchema } from '@/core/documents/logbook';
import { addView, views } from '@/server/logbook';
import { readBody, route, SIZES } from '@/server/http';

export const dynamic = 'force-dynamic';
export const GET = route(async () => views());
export const POST = route(async (request: Request) =>
  addView(await readBody(request, logViewSchema, SIZES.rig)),
);
