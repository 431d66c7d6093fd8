import { route } from '@/server/http';
import { photoFile, removePhoto } from '@/server/photos';

export const dynamic = 'force-dynamic';
type Context = { params: Promise<{ photo: string }> };
export const GET = route(async (_: Request, ctx: Context) => photoFile((await ctx.params).photo));
export const DELETE = route(async (_: Request, ctx: Context) => removePhoto((await ctx.params).photo));
