import { eventSchema } from '@/core/documents/event';
import { readBody } from '@/server/body';
import { addEvent, listEvents } from '@/server/events';
import { SIZES } from '@/server/http';
import { onceAs } from '@/server/once';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string }>({
  GET: (_, { id }) => listEvents(id),
  POST: async (request, { id }) =>
    addEvent(id, await readBody(request, eventSchema, SIZES.rig), onceAs(request)),
});
