import { practiceService } from '@/server/practice';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** The trace of a run, to be played again or kept as a file; a run deleted. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ run: string }>({
  GET: async (request, { run }) => {
    const trace = await practiceService.trace(run);
    if (new URL(request.url).searchParams.get('as') !== 'file') return trace;
    return Response.json(trace, {
      headers: { 'content-disposition': 'attachment; filename="practice.trace.json"' },
    });
  },
  DELETE: (_, { run }) => practiceService.remove(run),
});
