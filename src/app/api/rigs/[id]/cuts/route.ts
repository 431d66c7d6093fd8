import { loggedCutSchema } from '@/core/documents/log';
import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { onceAs, wantsLittle } from '@/server/once';
import { logCut, takeCut } from '@/server/rigs';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** Logs a cut: answered with the rig and its new tuning, or with `Prefer: return=minimal` that it was taken. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  POST: async (request, { id }) => {
    const cut = await readBody(request, loggedCutSchema, SIZES.rig);
    return (wantsLittle(request) ? takeCut : logCut)(id, cut, onceAs(request));
  },
});
