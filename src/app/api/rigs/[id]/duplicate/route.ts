import { duplicateRig } from '@/server/rigs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  POST: (_, { id }) => duplicateRig(id),
});
