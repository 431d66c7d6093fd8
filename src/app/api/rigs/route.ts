import { readBody, route, SIZES } from '@/server/http';
import { createRig, newRigSchema, shelf } from '@/server/rigs';

export const dynamic = 'force-dynamic';
export const GET = route((request: Request) => shelf(new URL(request.url).searchParams.get('away') === '1'));
/** New or imported rig; at most 256 kB. */
export const POST = route(async (request: Request) =>
  createRig(await readBody(request, newRigSchema, SIZES.rig)),
);
