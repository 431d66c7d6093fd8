import { routes } from '@/server/routes';
import { exportWiring } from '@/server/wiring';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';
import { cookies } from 'next/headers';

export const dynamic = 'force-dynamic';
/** The wiring sheet as a file, `?as=svg` or `?as=pdf`, in the units of who asks. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (request, { id }) =>
    exportWiring(
      id,
      new URL(request.url).searchParams.get('as'),
      profileFrom((await cookies()).get(UNITS_COOKIE)?.value),
    ),
});
