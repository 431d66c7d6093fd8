import { ownJobSchema } from '@/core/documents/job';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { jobService } from '@/server/jobs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: (_, { id }) => jobService.list(id),
  POST: async (request, { id }) => jobService.add(id, await readBody(request, ownJobSchema, SIZES.job)),
});
