import { faultsOf } from '@/core/documents/faults';
import { Refusal } from '@/server/http';
import { jobPrintQuerySchema, printJob } from '@/server/jobs';
import { routes } from '@/server/routes';
import { reader } from '@/app/reader';

export const dynamic = 'force-dynamic';
/** A job on paper with its jigs at full size: ?paper=a4|a3|letter. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ job: string }>({
  GET: async (request, { job }) => {
    const query = jobPrintQuerySchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
    if (!query.success) throw new Refusal(422, faultsOf(query.error));
    return printJob(job, query.data, (await reader()).profile);
  },
});
