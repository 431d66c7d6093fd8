import { z } from 'zod';
import { baseSchema } from '@/core/documents/fields';
import { piecePlanSchema } from '@/core/documents/plan';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { planService } from '@/server/plans';
import { routes } from '@/server/routes';

const bodySchema = z.strictObject({ base: baseSchema, doc: piecePlanSchema });

export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ plan: string }>({
  PUT: async (request, { plan }) => {
    const { base, doc } = await readBody(request, bodySchema, SIZES.plan);
    return planService.put(plan, base, doc);
  },
  DELETE: (_, { plan }) => planService.remove(plan),
});
