import { piecePlanSchema } from '@/core/documents/plan';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { planService } from '@/server/plans';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: (_, { id }) => planService.list(id),
  POST: async (request, { id }) => planService.add(id, await readBody(request, piecePlanSchema, SIZES.plan)),
});
