import type { FoamFlaw, FoamPiece } from '@/core/documents/foamPiece';

export const FLAW_WORDS: Record<FoamFlaw, string> = {
  voids: 'voids',
  'chewed-edges': 'chewed edges',
  'hard-lumps': 'hard lumps',
  warped: 'warped',
  damp: 'damp or fresh',
};
export const FLAW_HELP: Record<FoamFlaw, string> = {
  voids: 'hold it to the light, or knock on it: the wire jumps there',
  'chewed-edges': 'cut a fresh edge before anything is measured from it',
  'hard-lumps': 'reground foam: press with a thumb; the wire slows there and steps',
  warped: 'a board with its skins on bends when one of them goes',
  damp: 'bead foam fresh from the press holds pentane, and burns: let it lie in the open for weeks',
};

/** A foam's piece in a few words. */
export function pieceWords(p: FoamPiece | null): string {
  if (!p) return '';
  return [
    ...p.flaws.map((f) => FLAW_WORDS[f]),
    p.skins && 'skins on',
    p.samples.length > 0 && `${p.samples.length} sample${p.samples.length === 1 ? '' : 's'}`,
    p.pieces !== null && `${p.pieces} left`,
  ]
    .filter(Boolean)
    .join(', ');
}
