import { describe, expect, it } from 'vitest';
import { rigSchema } from '../../documents/rig';
import { evaluate } from '../evaluate';
import { merge } from '../merge';
import { sweptRig } from '../sweepRigs';
import { testRig } from '../testRigs';
import { changeFor } from './change';

const rigs = Array.from({ length: 600 }, (_, i) => sweptRig(i + 5000));
const cutting = rigs.map(evaluate).filter((e) => !e.off && e.window.fastest && e.window.slowest !== null);
/** The rig after a change, or null where there is none to make. */
const after = (e: (typeof cutting)[number], patch: object | null) =>
  patch && evaluate(rigSchema.parse(merge(e.s.rig, patch as Record<string, unknown>)));

describe('the one change to try', () => {
  it('too fast: a feed under the max feed; too slow: one over the min clean feed', () => {
    let tried = 0;
    for (const e of cutting) {
      if (!(e.window.slowest! < 0.8 * e.window.fastest!.feed)) continue;
      const slower = after(e, changeFor('too-fast', e).patch);
      const faster = after(e, changeFor('too-slow', e).patch);
      if (slower) expect(slower.feed!, e.s.rig.name).toBeLessThanOrEqual(e.window.fastest!.feed * (1 + 1e-9));
      if (faster) expect(faster.feed! * 1.01, e.s.rig.name).toBeGreaterThanOrEqual(e.window.slowest!);
      tried += Number(slower !== null) + Number(faster !== null);
    }
    expect(tried).toBeGreaterThan(100);
  });

  it('too hot: less heat; too cold: more, by the dial that the rig has', () => {
    let cooled = 0;
    let warmed = 0;
    for (const e of cutting) {
      const cooler = after(e, changeFor('too-hot', e).patch);
      if (cooler) {
        expect(cooler.window.fastest?.feed ?? 0, e.s.rig.name).toBeLessThan(e.window.fastest!.feed);
        cooled++;
      }
      const warmer = after(e, changeFor('too-cold', e).patch);
      if (!warmer || warmer.off) continue;
      expect(warmer.window.fastest?.feed ?? 0, e.s.rig.name).toBeGreaterThan(e.window.fastest!.feed);
      warmed++;
    }
    expect(cooled).toBeGreaterThan(60);
    expect(warmed).toBeGreaterThan(20);
  });

  it('a lagging or slack wire: pulled tighter within what it bears, else led slower', () => {
    let tighter = 0;
    let slower = 0;
    for (const e of cutting)
      for (const cause of ['lag', 'slack-wire'] as const) {
        const { patch } = changeFor(cause, e);
        const tension = patch?.['tension'] as { setN: number } | undefined;
        const cut = patch?.['cut'] as { feedMmS: number } | undefined;
        if (tension) {
          expect(tension.setN, e.s.rig.name).toBeGreaterThan(e.tension.takeUp.setN);
          tighter++;
        } else if (cut) {
          expect(cut.feedMmS, e.s.rig.name).toBeLessThan(e.window.fastest!.feed * 1000);
          slower++;
        }
      }
    expect(tighter).toBeGreaterThan(30);
    expect(slower).toBeGreaterThan(30);
  });

  it('cool ends: a longer wire, but never one whose ohms were measured or whose clip slides', () => {
    const short = evaluate(testRig({ wire: { lengthMm: 560 }, foam: { widthMm: 540 } }));
    const { patch, size } = changeFor('cool-ends', short);
    expect(size).toBeGreaterThan(560);
    expect(patch).toEqual({ wire: { lengthMm: size } });
    const measured = evaluate(testRig({ wire: { lengthMm: 560, measuredOhm: 5 }, foam: { widthMm: 540 } }));
    expect(changeFor('cool-ends', measured).patch).toBeNull();
  });

  it('what hands or templates did wrong is no setting of the rig: a size for its words at most', () => {
    const e = cutting[0]!;
    for (const cause of [
      'corner-rushed',
      'corner-overstayed',
      'stored-heat',
      'stood-at-exit',
      'ends-uneven',
    ] as const)
      expect(changeFor(cause, e).patch, cause).toBeNull();
    expect(changeFor('stood-at-exit', e).size).toBe(20);
    expect(changeFor('stored-heat', e).size).toBeGreaterThanOrEqual(12);
    expect(changeFor('corner-rushed', e).size).toBeGreaterThan(0);
    expect(changeFor('ends-uneven', e).size).toBeNull();
  });
});
