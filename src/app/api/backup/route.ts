import { backupSchema } from '@/core/documents/backup';
import { backup, restore } from '@/server/backup';
import { readBody, route, SIZES } from '@/server/http';

export const dynamic = 'force-dynamic';

export const GET = route(async () => {
  const b = await backup();
  return new Response(JSON.stringify(b), {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="upwind-rod-${b.madeAt.slice(0, 10)}.backup.json"`,
    },
  });
});

export const POST = route(async (request: Request) =>
  restore(await readBody(request, backupSchema, SIZES.backup)),
);
