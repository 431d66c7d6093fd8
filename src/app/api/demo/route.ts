import { route } from '@/server/http';
import { emptyWorkshop, loadWorkshop } from '@/server/demo';

export const POST = route(loadWorkshop);
export const DELETE = route(emptyWorkshop);
