import { routes } from '@/server/routes';
import { changeStock, removeStock } from '@/server/stock';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ kind: string; id: string }>({
  PUT: (request, { kind, id }) => changeStock(kind, id, request),
  DELETE: (request, { kind, id }) =>
    removeStock(kind, id, new URL(request.url).searchParams.get('sure') === '1'),
});
