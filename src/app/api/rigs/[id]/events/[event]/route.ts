import { eventSchema } from '@/core/documents/event';
import { readBody } from '@/server/body';
import { changeEvent, removeEvent } from '@/server/events';
import { SIZES } from '@/server/http';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes<{ id: string; event: string }>({
  PUT: async (request, { id, event }) =>
    changeEvent(id, event, await readBody(request, eventSchema, SIZES.rig)),
  DELETE: (_, { id, event }) => removeEvent(id, event),
});
