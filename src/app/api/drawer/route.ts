import { routes } from '@/server/routes';
import { drawer } from '@/server/stock';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: drawer,
});
