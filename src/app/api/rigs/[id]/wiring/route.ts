import { routes } from '@/server/routes';
import { exportWiring } from '@/server/wiring';
import { reader } from '@/app/reader';

export const dynamic = 'force-dynamic';
/** The wiring sheet as a file, `?as=svg` or `?as=pdf`, in the units of who asks. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (request, { id }) =>
    exportWiring(id, new URL(request.url).searchParams.get('as'), (await reader()).profile),
});
