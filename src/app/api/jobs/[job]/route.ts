import { z } from 'zod';
import { baseSchema } from '@/core/documents/fields';
import { ownJobSchema } from '@/core/documents/job';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { jobService } from '@/server/jobs';
import { routes } from '@/server/routes';

const bodySchema = z.strictObject({ base: baseSchema, doc: ownJobSchema });

export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ job: string }>({
  PUT: async (request, { job }) => {
    const { base, doc } = await readBody(request, bodySchema, SIZES.job);
    return jobService.put(job, base, doc);
  },
  DELETE: (_, { job }) => jobService.remove(job),
});
