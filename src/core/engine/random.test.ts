import { describe, expect, it } from 'vitest';
import { METRIC_SAY } from '../words/say';
import { wiringLines } from '../words/wiring';
import { evaluate } from './evaluate';
import { findIt, LOOSE } from './find';
import { historyOf } from './history';
import { CandidateSet } from './match/pairing';
import { prepare } from './match/setting';
import { seededDrawer } from './match/testDrawer';
import { merge } from './merge';
import { profileOf } from './profile';
import { drafts, solve } from './solve';
import { compareControlModes } from './steady';
import { timesOf } from './times';
import { wiringPlan } from './wiringPlan';
import type { Rig } from '../documents/rig';
import { rigSchema } from '../documents/rig';

/** Rigs of every sort out of seeded drawers, each with the setting that a match would find. */
function* rigs(seeds: readonly number[], every: number): Iterable<{ rig: Rig; of: string }> {
  for (const seed of seeds) {
    const d = new CandidateSet(
      seededDrawer(seed, { wires: 6, lengths: 3, supplies: 9, controls: 18 }, seed % 2 === 0),
    );
    let i = 0;
    for (const p of d.pairings())
      if (i++ % every === 0) yield { rig: prepare(d, p).rig, of: `seed ${seed}, ${JSON.stringify(p)}` };
  }
}
const finite = (x: number | null) => x === null || Number.isFinite(x);

describe('rigs of every sort', () => {
  it('along the wire: settles, keeps its books, nothing hotter than the hotter of air and foam', () => {
    let n = 0;
    for (const { rig, of } of rigs([21, 22, 23, 24], 7)) {
      const e = evaluate(rig);
      if (e.off) continue;
      for (const cutting of [false, true]) {
        const p = profileOf(e, { cutting });
        if (!p) continue;
        n++;
        expect(p.converged, of).toBe(true);
        expect(Math.abs(p.lostW / p.madeW - 1), of).toBeLessThan(0.001);
        const top = Math.max(cutting ? e.cut!.airC : e.idle.airC, cutting ? e.cut!.foamC : 0);
        expect(Math.max(...p.tempC), of).toBeLessThan(top + 1);
        expect(Math.min(...p.tempC), of).toBeGreaterThan(rig.room.airC - 1);
      }
    }
    expect(n).toBeGreaterThan(150);
  });

  it('in time: every moment finite, warming never past the hottest it could be', () => {
    let n = 0;
    for (const { rig, of } of rigs([25, 26], 23)) {
      const e = evaluate(rig);
      const h = historyOf(e, 'as-it-is');
      if (!h) continue;
      n++;
      expect(h.airC.every(Number.isFinite) && h.foamC.every(Number.isFinite), of).toBe(true);
      if (rig.control.kind === 'hold-ohm') continue;
      const top = Math.max(e.idle.airC, e.cut!.airC, e.cut!.foamC);
      expect(Math.max(...h.airC, ...h.foamC), of).toBeLessThan(top + 2);
      expect(Math.abs(h.airC.at(-1)! / e.cut!.airC - 1), of).toBeLessThan(0.02);
    }
    expect(n).toBeGreaterThan(5);
  });

  it('times are finite and not negative; a warmer target takes no less', () => {
    for (const { rig, of } of rigs([27, 28], 5)) {
      const e = evaluate(rig);
      const t = e.off ? null : timesOf(e);
      if (!t) continue;
      for (const v of Object.values(t) as (number | null)[]) {
        expect(finite(v), of).toBe(true);
        if (v !== null) expect(v, of).toBeGreaterThanOrEqual(0);
      }
    }
  });

  it('what is found is legal, and keeps what it promises', () => {
    let found = 0;
    for (const { rig, of } of rigs([29, 30], 11)) {
      for (const what of LOOSE) {
        const it = findIt(rig, what);
        if (!it.ok) continue;
        const then = merge(rig, it.patch);
        expect(rigSchema.safeParse(then).success, `${of} ${what}`).toBe(true);
        if (what === 'setting' && rig.control.steps === null && rig.control.kind !== 'hold-ohm') {
          const e = evaluate(then);
          if (!e.window.fastest || e.idle.amps >= e.s.drive.limitAmps) continue;
          found++;
          // Three figures on the dial: a hundredth of it may be two hundredths of the heat and more of the feed.
          expect(e.reserve! / e.s.reserve, `${of} ${what}`).toBeGreaterThan(0.9);
          expect(e.reserve! / e.s.reserve, `${of} ${what}`).toBeLessThan(1.02);
        }
      }
    }
    expect(found).toBeGreaterThan(5);
  });

  it('a wiring plan never names a fuse that the leads do not bear, and its list is whole', () => {
    for (const { rig, of } of rigs([31, 32], 5)) {
      const e = evaluate(rig);
      const plan = wiringPlan(e);
      if (plan.fuse.wants !== null) {
        expect(plan.fuse.wants, of).toBeLessThanOrEqual(plan.lead.carriesAmps);
        expect(plan.fuse.wants / plan.runningAmps!, of).toBeGreaterThanOrEqual(1.25 * (1 - 1e-9));
      }
      expect(plan.stops, of).toEqual(
        drafts(e)
          .filter((d) => d.level === 'stop')
          .map((d) => d.code),
      );
      for (const line of wiringLines(plan, METRIC_SAY)) {
        expect(line.size.length, of).toBeGreaterThan(0);
        expect(`${line.part}${line.size}${line.mind}`, of).not.toMatch(/undefined|NaN|null/);
      }
    }
  });

  it('amps held keep the heat of each metre, whatever changes', () => {
    let n = 0;
    for (const { rig, of } of rigs([33, 34], 17)) {
      const a = compareControlModes(rig);
      if (!a) continue;
      n++;
      expect(a.ways.find((w) => w.way === 'amps')!.worst, of).toBeLessThan(1e-6);
      for (const w of a.ways) expect(Number.isFinite(w.worst), of).toBe(true);
    }
    expect(n).toBeGreaterThan(10);
  });

  it('a reading of any of them is whole, and ohms held are held', () => {
    let held = 0;
    for (const { rig, of } of rigs([35, 36, 37, 38, 39], 1)) {
      if (rig.control.kind !== 'hold-ohm') continue;
      const r = solve(rig);
      for (const group of [r.idle, r.cutting, r.time])
        for (const v of Object.values(group ?? {})) expect(finite(v as number | null), of).toBe(true);
      if (!r.idle || !((r.idle.amps ?? 0) > 0)) continue;
      held++;
      expect(r.idle.wireOhm!, of).toBeLessThanOrEqual(rig.control.setting! * 1.0001);
    }
    expect(held).toBeGreaterThan(2);
  });
});
