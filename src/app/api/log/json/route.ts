import { logJson, queryOf } from '@/server/logbook';
import { route } from '@/server/http';

export const dynamic = 'force-dynamic';
export const GET = route(async (request: Request) => logJson(queryOf(request)));
