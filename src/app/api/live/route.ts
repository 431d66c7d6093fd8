import { deviceOf } from '@/server/device';
import { refusal } from '@/server/http';
import { liveStream } from '@/server/live';
import { routes } from '@/server/routes';

export const dynamic = 'force-dynamic';
/** What is changed and who looks, as server-sent events, for a page that looks at `rig`, or at no rig. */
export const { GET, POST, PUT, PATCH, DELETE, OPTIONS } = routes({
  GET: async (request) => {
    const rig = new URL(request.url).searchParams.get('rig');
    const live = await liveStream(deviceOf(request.headers), rig?.slice(0, 64) ?? null, request.signal);
    if (!live) throw refusal(503, 'busy', 'Too many pages are open.');
    return live;
  },
});
