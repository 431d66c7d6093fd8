import { log, queryOf } from '@/server/logbook';
import { route } from '@/server/http';

export const dynamic = 'force-dynamic';
export const GET = route(async (request: Request) => log(queryOf(request)));
