import { wholeJob } from '@/server/jobs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** A job as an open document, with its rig: what `rod job` takes. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ job: string }>({
  GET: (_, { job }) => wholeJob(job),
});
