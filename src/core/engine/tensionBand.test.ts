import { describe, expect, it } from 'vitest';
import type { Rig } from '../documents/rig';
import { procedure } from '../words/procedures';
import { endChecks } from '../words/endChecks';
import { WAYS_FOR } from '../words/ways';
import { METRIC_SAY } from '../words/say';
import { evaluate } from './evaluate';
import { merge } from './merge';
import { middleOf } from './middle';
import { drafts } from './solve';
import { springC } from './springHeat';
import { pullBand, waysOut, withPull } from './tensionBand';
import { testRig } from './testRigs';

const bow = (tension: object, more: object = {}) =>
  evaluate(
    testRig({
      leads: { areaMm2: 1.31, switchA: 10, fuseA: 4 },
      foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
      supply: { kind: 'bench', volts: 32, maxAmps: 6 },
      cut: { feedMmS: 4.2 },
      ...more,
      tension,
    }),
  );
const codes = (e: ReturnType<typeof evaluate>) => drafts(e).map((d) => d.code);
const OWN = ['lag-high', 'wire-goes-slack', 'wire-stress-high', 'wire-overstressed', 'spring-past-safe-load', 'bar-near-buckling']; // prettier-ignore

describe('the band of pulls that suit', () => {
  it.each([
    ['spring', { kind: 'spring', setN: 40, springNPerMm: 1.5, springMaxN: 58 }, 'spring'],
    ['spring, unmeasured', { kind: 'spring', setN: 40 }, 'stress'],
    ['weight over a guide', { kind: 'weight', setN: 40, guide: { friction: 0.2, wrapDeg: 90 } }, 'stress'],
    ['springy frame', { kind: 'flex', setN: 40, frameNPerMm: 1.5 }, 'stress'],
    ['set hot', { kind: 'spring', setN: 40, setWhen: 'hot', springNPerMm: 1.5 }, 'stress'],
  ] as const)('%s: inside it nothing is found, just outside the finding is', (_, tension, by) => {
    const e = bow(tension);
    const band = pullBand(e)!;
    expect(band.open).toBe(true);
    expect(band.highBy).toBe(by);
    const found = (n: number) => codes(withPull(e, n)).filter((c) => OWN.includes(c));
    expect(found(0.5 * (band.lowN! + band.highN))).toEqual([]);
    expect(found(band.lowN! * 1.001)).toEqual([]);
    expect(found(band.highN * 0.999)).toEqual([]);
    expect(found(band.lowN! * 0.999)).toEqual([band.lowBy === 'lag' ? 'lag-high' : 'wire-goes-slack']);
    expect(found(band.highN * 1.001)).toEqual([by === 'spring' ? 'spring-past-safe-load' : 'wire-stress-high']);
    expect(codes(withPull(e, band.refusedN * 1.001))).toContain('wire-overstressed');
  });

  it('without one every way out that is offered gives one', () => {
    // Soft stainless near its heat, dense foam, fast: what does not lag is too much for it.
    const e = bow(
      { kind: 'weight', setN: 20 },
      {
        wire: { alloy: 'ti-2', diameterMm: 0.3, lengthMm: 1100 },
        control: { setting: 17 },
        foam: { kind: 'xps', densityKgM3: 45, widthMm: 900 },
        cut: { feedMmS: null, reserve: 0.9, lagLimitMm: 0.5 },
      },
    );
    expect(pullBand(e)!.open).toBe(false);
    const ways = waysOut(e);
    expect(ways.length).toBeGreaterThan(0);
    for (const w of ways) expect(pullBand(evaluate(merge(e.s.rig, w.patch) as Rig))!.open, w.by).toBe(true);
  });

  it('a supply that shut off has none', () => {
    expect(
      pullBand(
        bow(
          { kind: 'spring' },
          { supply: { kind: 'brick', volts: 15, maxAmps: 1 }, control: { kind: 'none', setting: null } },
        ),
      ),
    ).toBeNull();
  });
});

describe('the middle of a rig’s wire', () => {
  const e = bow({ kind: 'weight', setN: 30 });
  it('cuts a square corner off by about half its lag, after the wait by hardly anything', () => {
    const m = middleOf(e, { kind: 'corner', turnDeg: 90 })!;
    expect(m.lag).toBeCloseTo(e.tension.lag!, 12);
    expect(m.off / m.lag).toBeGreaterThan(0.44);
    expect(m.off / m.lag).toBeLessThan(0.52);
    expect(m.waited!.off / m.lag).toBeLessThan(0.05);
  });
  it('comes out hollow on an arc by f²/(2R)', () => {
    const radius = 20 * e.tension.lag!;
    const m = middleOf(e, { kind: 'arc', radius })!;
    expect(m.off / (m.lag ** 2 / (2 * radius))).toBeCloseTo(1, 1);
    expect(m.waited).toBeNull();
  });
  it('is not drawn where nothing lags', () => {
    expect(middleOf(bow({ kind: 'fixed', setN: 1 }), { kind: 'arc', radius: 0.05 })).toBeNull();
  });
});

describe('words of setting', () => {
  it('every way of every take-up has steps with this rig’s numbers, safety first', () => {
    for (const kind of ['spring', 'weight', 'flex', 'rubber', 'fixed'] as const) {
      const e = bow({ kind, setN: 30, frameNPerMm: kind === 'flex' ? 1.5 : null });
      for (const way of WAYS_FOR[kind]) {
        const steps = procedure(way, e, null, METRIC_SAY);
        expect(steps.length, `${kind} ${way}`).toBeGreaterThan(3);
        expect(steps[0]!.act).toMatch(/[Gg]lasses/);
        const all = steps.map((s) => `${s.act} ${s.reads ?? ''} ${s.ifNot ?? ''}`).join(' ');
        expect(all).not.toMatch(/undefined|NaN|null|Infinity/);
        expect(all).toMatch(/\d\s(N|Hz|g|mm)\b/);
      }
      const checks = endChecks(e.s.rig, METRIC_SAY);
      expect(checks.some((c) => c.id === 'jumper')).toBe(kind === 'spring' || kind === 'rubber');
    }
  });
  it('rubber is called rubber, and set again after its first hour', () => {
    const e = bow({ kind: 'rubber', setN: 40 });
    const all = procedure('stretch', e, null, METRIC_SAY)
      .map((s) => `${s.act} ${s.reads ?? ''}`)
      .join(' ');
    expect(all).not.toContain('spring');
    expect(all).toMatch(/after an hour.*32\.0\sN and 36\.0\sN/);
  });
  it('a metal frame is checked for an open circuit', () => {
    const metal = testRig({ frame: { kind: 'bow', material: 'metal-insulated' } });
    expect(endChecks(metal, METRIC_SAY)[0]!.text).toContain('frame to wire reads open');
  });
  it('the stretch is told from a spring on the bench', () => {
    const e = bow({ kind: 'spring', setN: 45, springNPerMm: 1.5 });
    const steps = procedure('stretch', e, { free: 0.062, spring: { rate: 1500, initial: 0 } }, METRIC_SAY);
    // 62 + 45/1.5 = 92 mm cold.
    expect(steps.map((s) => s.reads ?? '').join(' ')).toMatch(/92\.0\smm long, for 45\.0\sN/);
  });
});

describe('a spring that carries the current', () => {
  it('of 1 mm wire at 2.5 A stays cooler than one of 0.6 mm, and says from and to', () => {
    const at = (wireMm: number) =>
      springC(bow({ kind: 'spring', carriesCurrent: true, springs: { wireMm, coilMm: 8, turns: 20 } }))!;
    const [thin, thick] = [at(0.6), at(1)];
    expect(thin[0]).toBeGreaterThan(thick[0]);
    expect((thick[1] - 20) / (thick[0] - 20)).toBeCloseTo(2 / 1.5, 9);
    expect(springC(bow({ kind: 'spring', carriesCurrent: true }))).toBeNull();
  });
});
