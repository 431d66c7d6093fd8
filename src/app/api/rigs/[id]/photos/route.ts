import { route } from '@/server/http';
import { addPhoto, listPhotos } from '@/server/photos';

export const dynamic = 'force-dynamic';
type Context = { params: Promise<{ id: string }> };
export const GET = route(async (_: Request, ctx: Context) => listPhotos((await ctx.params).id));
export const POST = route(async (request: Request, ctx: Context) => addPhoto((await ctx.params).id, request));
