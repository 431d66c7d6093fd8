import { routes } from '@/server/routes';
import { wireState } from '@/server/wire';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: (_, { id }) => wireState(id),
});
