import { exportRecipe } from '@/server/recipe';
import { routes } from '@/server/routes';
import { reader } from '@/app/reader';

export const dynamic = 'force-dynamic';
/** The recipe card as PDF, in the units of who asks. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: async (_, { id }) => {
    const { profile, day } = await reader();
    return exportRecipe(id, profile, day);
  },
});
