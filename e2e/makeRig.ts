import { expect, type APIRequestContext } from '@playwright/test';

interface Made {
  frame?: Record<string, unknown>;
  wire: Record<string, unknown>;
  control: Record<string, unknown>;
  foam: Record<string, unknown>;
  supply?: Record<string, unknown>;
  cut?: Record<string, unknown>;
}
/** A rig of one kind of cutter as a test needs it, made by the server; its id. */
export async function makeRig(
  request: APIRequestContext,
  name: string,
  kind: string,
  parts: Made,
): Promise<string> {
  const doc = {
    format: 'upwind-rod/rig',
    version: 1,
    name,
    frame: { kind },
    supply: { kind: 'bench', volts: 30, maxAmps: 10 },
    leads: { fuseA: 8, switchA: 10, areaMm2: 4, lengthMm: 600 },
    tension: kind === 'hand-tool' ? { kind: 'fixed' } : { setN: 20 },
    ...parts,
  };
  const answer = await request.post('/api/rigs', {
    data: { doc, foamStockId: null, spoolId: null, supplyId: null },
  });
  expect(answer.ok(), await answer.text()).toBe(true);
  return ((await answer.json()) as { record: { id: string } }).record.id;
}
