import { emptyWorkshop, loadWorkshop } from '@/server/demo';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  POST: loadWorkshop,
  DELETE: emptyWorkshop,
});
