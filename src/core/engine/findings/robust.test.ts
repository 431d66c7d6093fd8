import { describe, expect, it } from 'vitest';
import { drafts } from '../drafts';
import { evaluate } from '../evaluate';
import { sweptRig } from '../sweepRigs';
import { atTheEdge } from './robust';

describe('heat that hangs by a hair', () => {
  it('is missed by none of the wires that are not solved twice', () => {
    let looked = 0;
    let found = 0;
    for (let seed = 1; seed <= (process.env['LONG'] ? 12000 : 1500); seed++) {
      const e = evaluate(sweptRig(seed));
      if (e.off || !e.s.melt || !e.window.fastest) continue;
      const codes = drafts(e).map((d) => d.code);
      if (codes.includes('cannot-start')) continue;
      looked++;
      const edge = atTheEdge(e) !== null;
      if (edge) found++;
      expect(codes.includes('heat-marginal'), `seed ${seed}`).toBe(edge);
    }
    expect(looked).toBeGreaterThan(500);
    expect(found).toBeGreaterThan(10);
  });
});
