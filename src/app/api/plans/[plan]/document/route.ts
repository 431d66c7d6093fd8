import { wholePlan } from '@/server/plans';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** A plan as an open document, with its rig: what `rod template` takes. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ plan: string }>({
  GET: (_, { plan }) => wholePlan(plan),
});
