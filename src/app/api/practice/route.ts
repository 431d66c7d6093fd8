import { readBody } from '@/server/body';
import { SIZES } from '@/server/http';
import { onceAs } from '@/server/once';
import { practiceService, sentRunSchema } from '@/server/practice';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: (request) => practiceService.list(new URL(request.url).searchParams.get('rig') ?? undefined),
  POST: async (request) => {
    const sent = await readBody(request, sentRunSchema, SIZES.job);
    return practiceService.add(sent, onceAs(request) ?? crypto.randomUUID(), request.signal);
  },
});
