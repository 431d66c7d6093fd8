import { expect, type APIRequestContext } from '@playwright/test';
import { rigNamed } from './rigNamed';

/** A small straight piece on the sample's bow: a pass of about half a minute. */
export async function smallPiece(request: APIRequestContext): Promise<{ rig: string; plan: string }> {
  const rig = await rigNamed(request, 'Blade bow');
  const made = await request.post(`/api/rigs/${rig}/plans`, {
    data: {
      format: 'upwind-rod/plan',
      version: 1,
      name: 'Small edge',
      piece: {
        spanMm: 640,
        pieces: 2,
        root: { section: { kind: 'rectangle', height: 0.5 }, chordMm: 24 },
        tip: { section: { kind: 'rectangle', height: 0.5 }, chordMm: 20 },
      },
      template: { split: 'square', stations: 6, leadInMm: 25, tailMm: 25 },
    },
  });
  expect(made.status()).toBe(200);
  return { rig, plan: (await made.json()).id };
}
