import { faultsOf } from '@/core/documents/faults';
import { Refusal } from '@/server/http';
import { exportTemplates, templateQuerySchema } from '@/server/plans';
import { routes } from '@/server/routes';
import { reader } from '@/app/reader';

export const dynamic = 'force-dynamic';
/** Templates at full size: ?format=svg|dxf|pdf|list, of one piece by end and side, on a4, a3 or letter. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ plan: string }>({
  GET: async (request, { plan }) => {
    const query = templateQuerySchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
    if (!query.success) throw new Refusal(422, faultsOf(query.error));
    return exportTemplates(plan, query.data, (await reader()).profile);
  },
});
