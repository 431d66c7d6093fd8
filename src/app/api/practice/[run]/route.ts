import { practiceService } from '@/server/practice';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** The trace of a run, to be played again; a run deleted. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ run: string }>({
  GET: (_, { run }) => practiceService.trace(run),
  DELETE: (_, { run }) => practiceService.remove(run),
});
