import { routes } from '@/server/routes';
import { addStock } from '@/server/stock';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ kind: string }>({
  POST: (request, { kind }) => addStock(kind, request),
});
