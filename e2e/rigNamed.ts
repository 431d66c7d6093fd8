import type { APIRequestContext } from '@playwright/test';

/** The id of a rig of the workshop, by its name. */
export async function rigNamed(request: Pick<APIRequestContext, 'get'>, name: string): Promise<string> {
  const rigs = (await (await request.get('/api/rigs')).json()) as { id: string; name: string }[];
  const rig = rigs.find((r) => r.name === name);
  if (!rig) throw new Error(`no rig is named ${name}`);
  return rig.id;
}
