import { exportRecipe } from '@/server/recipe';
import { routes } from '@/server/routes';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';
import { cookies } from 'next/headers';

export const dynamic = 'force-dynamic';
/** The recipe card as PDF, in the units of who asks. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (_, { id }) => exportRecipe(id, profileFrom((await cookies()).get(UNITS_COOKIE)?.value)),
});
