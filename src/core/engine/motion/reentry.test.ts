import { describe, expect, it } from 'vitest';
import type { TowerKind } from '../../documents/towerJobs';
import { atFeedOf } from '../template/heat';
import { motionCut, type TowerJob } from './motionCut';
import { reenter } from './reentry';
import { outlineJob, seededOutline } from './testMotion';
import { pathOf, replayed, stops, type OnRig } from './testTowers';
import { seededComb, seededCore, seededTurned } from './testSeededTowers';

describe('entering again after a cut broke off', () => {
  const all = ([1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const).flatMap((seed) =>
    [seededOutline(seed), seededCore(seed), seededTurned(seed), seededComb(seed)].map((job, k) => ({
      name: `${job.kind} ${seed}`,
      job: job as OnRig<TowerKind>,
      share: ((7 * seed + 3 * k) % 10) / 10,
    })),
  );
  it('from wherever it broke off: through kerfs that are open, then all that is left, and no stop is found', () => {
    let entered = 0;
    for (const { name, job, share } of all) {
      const { path } = pathOf(job);
      const { cut, stretch } = motionCut(job as TowerJob, job.rig);
      const h = atFeedOf(cut.e, stretch)!;
      const { played, cutting, block } = path!;
      const broke = { played, cutting, m: job.machine, block, h, warmUpS: 8, marginMm: job.marginMm };
      const n = path!.program.moves.length;
      const row = Math.floor(share * n);
      const again = reenter(broke, row);
      if (!again) continue;
      entered++;
      const back = replayed(job, again.code, path!.block);
      expect(stops(back.figures.findings), name).toEqual([]);
      const f = (r: number) => [0, 1, 2, 3].map((k) => path!.played.faces[r * 4 + k]!);
      const gone = new Set(
        Array.from({ length: row + 1 }, (_, r) =>
          f(r)
            .map((x) => x.toFixed(2))
            .join(),
        ),
      );
      const { moves } = back.played.program;
      // Every place before what is left is one where the wire has been, or lies in the air.
      const first = moves.length - (n - row);
      for (let i = 0; i < first; i++) {
        const at = [0, 1, 2, 3].map((k) => back.played.faces[(i + 1) * 4 + k]!.toFixed(2)).join();
        if (back.played.inFoam[i] === 1 && moves[i]!.kind === 'feed')
          expect(gone.has(at), `${name} ${i}`).toBe(true);
      }
      // What is left is the same to the end, and takes as long.
      const [a, b] = [path!.program.moves.at(-1)!.at, moves.at(-1)!.at];
      b.forEach((x, k) => expect(x, name).toBeCloseTo(a[k]!, 3));
      const left = path!.played.total - path!.played.reached[row]!;
      expect(Math.abs(again.leftS - left), name).toBeLessThan(0.5 + 0.01 * left);
      if (again.backMm > 0) expect(again.widensTo, name).toBeGreaterThan(0);
    }
    expect(entered).toBeGreaterThan(25);
  });
  it('a part’s outline is not gone round once more: closed loops are left out', () => {
    const job = outlineJob() as OnRig<'outline'>;
    const { path } = pathOf(job);
    const { cut } = motionCut(job, job.rig);
    const h = atFeedOf(cut.e)!;
    const { played, cutting, block } = path!;
    const broke = { played, cutting, m: job.machine, block, h, warmUpS: 8, marginMm: 10 };
    const last = path!.what.lastIndexOf('loop');
    const again = reenter(broke, last)!;
    // From the entry 10 mm before the block to the part 60 mm in, and round its outline; the hole and the slit to it are not gone again.
    expect(again.backMm).toBeLessThan(70 + 4 * 81 + 5);
    expect(again.leftMm).toBeLessThan(80 + 70);
    const n = path!.program.moves.length;
    expect(reenter(broke, n)).toBeNull();
  });
});
