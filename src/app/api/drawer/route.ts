import { route } from '@/server/http';
import { drawer } from '@/server/stock';

export const dynamic = 'force-dynamic';
export const GET = route(drawer);
