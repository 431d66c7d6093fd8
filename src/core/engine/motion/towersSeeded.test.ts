import { describe, expect, it } from 'vitest';
import { shareInBox } from '../../numeric/box';
import { signedDistance } from '../../numeric/inside';
import { boxOf, type Pt } from '../../numeric/polyline';
import type { TowerKind } from '../../documents/towerJobs';
import { ACROSS } from './ends';
import { pathOf, replayed, unlike, stops, type OnRig } from './testTowers';
import { seededComb, seededCore, seededTurned } from './testSeededTowers';
import { CLEAR_MM } from './turned';

const SEEDED = { core: seededCore, turned: seededTurned, comb: seededComb } as const;
describe.each(Object.entries(SEEDED))('200 seeded jobs of the kind %s', (kind, seeded) => {
  const all = Array.from({ length: 200 }, (_, i) => {
    const job = seeded(i + 1) as OnRig<TowerKind>;
    return { name: `${kind}, seed ${i + 1}`, job, ...pathOf(job) };
  });
  it('their code replayed gives their own forecast to 0.005 mm and their time to 0.1 %', () => {
    for (const { name, job, figures, path } of all) {
      expect(stops(figures.findings), name).toEqual([]);
      const again = replayed(job, figures.code, path!.block).figures;
      expect(stops(again.findings), name).toEqual([]);
      expect(unlike(figures.forecast!, again.forecast!), name).toEqual([]);
    }
  });
  it('none goes rapidly in foam, turns its block into the wire, crosses a finished piece, or ends in foam', () => {
    for (const { name, job, path } of all) {
      const { played, program, what, block } = path!;
      const [wide, , high] = block;
      const reach = Math.hypot(block[1], high) / 2;
      program.moves.forEach((move, i) => {
        const ends = [i, i + 1].map((row) =>
          [0, 2].map((k): Pt => [played.faces[row * 4 + k]!, played.faces[row * 4 + k + 1]!]),
        );
        const across = (row: number, s: number): Pt => {
          const [l, r] = ends[row]!;
          return [l![0] + s * (r![0] - l![0]), l![1] + s * (r![1] - l![1])];
        };
        const box = { x0: 1e-6, y0: 1e-6, x1: wide - 1e-6, y1: high - 1e-6 };
        if (move.kind === 'rapid' && job.kind !== 'turned')
          for (const s of ACROSS)
            expect(shareInBox(across(0, s), across(1, s), box), `${name} move ${i}`).toBe(null);
        if (what[i] === 'turn')
          expect(across(1, 0)[1], name).toBeGreaterThan(high / 2 + reach + CLEAR_MM - 0.01);
        // No way of the wire passes the inside of what is wanted.
        if (job.kind === 'core' && move.kind === 'feed')
          path!.loops.forEach((loop, k) => {
            const face = (k === 0) === (job.rootAt === 'left') ? 0 : 1;
            const b = boxOf(loop);
            const [x, y] = across(1, face);
            if (x > b.x0 + 1 && x < b.x1 - 1 && y > b.y0 && y < b.y1)
              expect(signedDistance(loop as Pt[], [x, y]), `${name} move ${i} in the core`).toBeGreaterThan(
                0.05,
              );
          });
      });
      const n = program.moves.length;
      const [x, y] = [played.faces[n * 4]!, played.faces[n * 4 + 1]!];
      expect(x < 0 || x > wide || y > high, name).toBe(true);
      expect(program.moves.at(-1)!.heat).toBe(0);
    }
  });
});
