import { cutAfterSchema } from '@/core/documents/log';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { amendCut, removeCut } from '@/server/rigs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string; cut: string }>({
  PUT: async (request, { id, cut }) => amendCut(id, cut, await readBody(request, cutAfterSchema, SIZES.rig)),
  DELETE: (_, { id, cut }) => removeCut(id, cut),
});
