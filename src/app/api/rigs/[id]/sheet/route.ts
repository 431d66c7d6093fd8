import { routes } from '@/server/routes';
import { exportSheet } from '@/server/sheet';
import { reader } from '@/app/reader';

export const dynamic = 'force-dynamic';
/** The sheet of a rig as PDF, in the units of who asks. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (_, { id }) => {
    const { profile, day } = await reader();
    return exportSheet(id, profile, day);
  },
});
