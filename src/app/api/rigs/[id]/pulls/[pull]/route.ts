import { removePull } from '@/server/pulls';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string; pull: string }>({
  DELETE: (_, { id, pull }) => removePull(id, pull),
});
