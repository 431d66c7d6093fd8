import { routes } from '@/server/routes';
import { exportSheet } from '@/server/sheet';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';
import { cookies } from 'next/headers';

export const dynamic = 'force-dynamic';
/** The sheet of a rig as PDF, in the units of who asks. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (_, { id }) => exportSheet(id, profileFrom((await cookies()).get(UNITS_COOKIE)?.value)),
});
