import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normalCdf } from '../../numeric/normal';
import { GRADE_SD, type Evidence } from './evidence';
import { EYE_PRIOR_SD, SLOW_PRIOR_SD, sumGrades, type Graded } from './grades';
import { fastPhi } from './phiTable';
import { moments, PRIOR_SD, sumSeen, type Seen } from './moments';
import { posterior } from './posterior';

const ln = Math.log;
const timed = (share: number, sd = 0.15): Evidence => ({ kind: 'seen', what: 'feed', theta: -ln(share), sd });
const grade = (g: 'too-cold' | 'good' | 'too-hot', v: number, vc: number, vm: number): Evidence => ({
  kind: 'grade',
  grade: g,
  c: ln(vc / v),
  h: ln(vm / v),
});
/** The worked values stand without an eye of the maker's own; the closed form and the plain sum below hold with one. */
const is = (evidence: Evidence[], mean: number, sd: number) => {
  const p = posterior(evidence, 0);
  expect(Math.abs(p.logMean - mean)).toBeLessThanOrEqual(6e-5);
  expect(Math.abs(p.logSd - sd)).toBeLessThanOrEqual(6e-5);
  return p;
};

describe('tuning: worked values that an independent program gave', () => {
  it('timed feed at 0.8 of the model', () => void is([timed(0.8)], 0.1885, 0.1379));
  it('too cold at the model’s fastest', () => void is([grade('too-cold', 5.9, 5.9, 2)], 0.212, 0.2785));
  it('too cold at 0.8 of it', () => void is([grade('too-cold', 0.8 * 5.9, 5.9, 2)], 0.3001, 0.2665));
  it('too hot at the model’s slowest, with ψ', () => {
    const p = is([grade('too-hot', 2, 5.9, 2)], -0.1437, 0.3191);
    expect(Math.abs(p.slowMean - 0.2932)).toBeLessThanOrEqual(6e-5);
    expect(Math.abs(p.slowSd - 0.4047)).toBeLessThanOrEqual(6e-5);
  });
  it('good at 4 with 5.9 and 2.0', () => void is([grade('good', 4, 5.9, 2)], -0.0482, 0.287));
  it('good at 2 with 5.9 and 2.7, five times', () =>
    void is(
      Array.from({ length: 5 }, () => grade('good', 2, 5.9, 2.7)),
      0.2363,
      0.2689,
    ));
  it('three kinds in any order', () => {
    const a = grade('too-cold', 0.8 * 5.9, 5.9, 2);
    const b = grade('good', 4, 5.9, 2);
    const c = timed(0.85);
    for (const order of [
      [a, b, c],
      [c, b, a],
      [b, a, c],
    ])
      is(order, 0.173, 0.1235);
  });
});

describe('tuning: an eye of the maker’s own', () => {
  it('one too-cold grade is the closed form of a probit: sd of the edge √(0.3² + 0.2²)', () => {
    const s = Math.hypot(GRADE_SD, EYE_PRIOR_SD);
    for (const c of [-0.5, -0.1, 0, 0.3, 0.8]) {
      const wide = Math.hypot(s, PRIOR_SD);
      const z = -c / wide;
      const hazard = Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI) / normalCdf(z);
      const mean = (PRIOR_SD ** 2 * hazard) / wide;
      const variance = PRIOR_SD ** 2 - (PRIOR_SD ** 4 * hazard * (z + hazard)) / wide ** 2;
      const p = posterior([{ kind: 'grade', grade: 'too-cold', c, h: c - 1 }]);
      expect(Math.abs(p.logMean - mean), `${c}`).toBeLessThan(1e-5);
      expect(Math.abs(p.logSd - Math.sqrt(variance)), `${c}`).toBeLessThan(1e-5);
    }
  });

  // Few are multiplied, of many the logarithms are summed.
  it.each([1, 7])(
    'mixed grades, each %i times, and a timed feed agree with a plain sum over all three unknowns',
    (times) => {
      const grades = [
        grade('too-cold', 5.6, 5.9, 2),
        grade('good', 3.5, 5.9, 2),
        grade('good', 2.6, 5.9, 2),
        grade('too-hot', 2.1, 5.9, 2),
      ];
      const evidence: Evidence[] = [...grades, timed(0.85)];
      const p = posterior([...Array.from({ length: times }, () => grades).flat(), timed(0.85)]);
      let [sum, t1, t2, q1, q2] = [0, 0, 0, 0, 0];
      for (let theta = -1.6; theta <= 1.6; theta += 0.02)
        for (let psi = -2; psi <= 2; psi += 0.05)
          for (let chi = -0.9; chi <= 0.9; chi += 0.05) {
            let w = Math.exp(
              -0.5 * ((theta / PRIOR_SD) ** 2 + (psi / SLOW_PRIOR_SD) ** 2 + (chi / EYE_PRIOR_SD) ** 2),
            );
            for (const e of evidence) {
              if (e.kind === 'seen') w *= Math.exp(-0.5 * ((theta - e.theta) / e.sd) ** 2);
              else {
                const cold = normalCdf((theta + chi - e.c) / GRADE_SD);
                const hot = normalCdf((e.h + psi - theta) / GRADE_SD);
                const good = Math.max(1e-12, 1 - cold - hot);
                w *= (e.grade === 'too-cold' ? cold : e.grade === 'too-hot' ? hot : good) ** times;
              }
            }
            sum += w;
            t1 += w * theta;
            t2 += w * theta * theta;
            q1 += w * psi;
            q2 += w * psi * psi;
          }
      const sd = (a: number, b: number) => Math.sqrt(b / sum - (a / sum) ** 2);
      expect(Math.abs(p.logMean - t1 / sum)).toBeLessThan(1e-4);
      expect(Math.abs(p.logSd - sd(t1, t2))).toBeLessThan(1e-4);
      expect(Math.abs(p.slowMean - q1 / sum)).toBeLessThan(1e-3);
      expect(Math.abs(p.slowSd - sd(q1, q2))).toBeLessThan(1e-3);
    },
  );

  it('many grades do not tell more closely than one eye can', () => {
    const many = Array.from({ length: 60 }, (_, i) =>
      grade(i % 2 ? 'good' : 'too-cold', i % 2 ? 5.2 : 6.4, 5.9, 1),
    );
    expect(posterior(many).logSd).toBeGreaterThan(0.15);
    expect(posterior(many, 0).logSd).toBeLessThan(0.08);
  });
});

describe('tuning: what must always hold', () => {
  const seen = fc.record({
    theta: fc.double({ min: -0.6, max: 0.6, noNaN: true }),
    sd: fc.double({ min: 0.12, max: 0.4, noNaN: true }),
  });

  it('timed feeds alone give the conjugate normal result to 1e-9', () => {
    fc.assert(
      fc.property(fc.array(seen, { minLength: 1, maxLength: 12 }), (list) => {
        const p = posterior(list.map((s) => ({ kind: 'seen', what: 'feed', ...s })));
        fc.pre(p.setAside.length === 0);
        const precision = 1 / 0.35 ** 2 + list.reduce((s, e) => s + 1 / e.sd ** 2, 0);
        const mean = list.reduce((s, e) => s + e.theta / e.sd ** 2, 0) / precision;
        expect(Math.abs(p.logMean - mean)).toBeLessThan(1e-9);
        expect(Math.abs(p.logSd - 1 / Math.sqrt(precision))).toBeLessThan(1e-9);
      }),
    );
  });

  it('does not depend on the order of cuts, to 1e-12', () => {
    const all: Evidence[] = [
      timed(0.9),
      grade('good', 4, 6, 2),
      timed(1.1, 0.2),
      grade('too-hot', 2, 6, 2),
      grade('too-cold', 5.5, 6, 2),
    ];
    const p = posterior(all);
    const q = posterior([...all].reverse());
    expect(Math.abs(p.logMean - q.logMean)).toBeLessThan(1e-12);
    expect(Math.abs(p.slowSd - q.slowSd)).toBeLessThan(1e-12);
  });

  it('sets a wild timing aside, and names it', () => {
    const p = posterior([timed(1), timed(1.05), timed(0.95), timed(9), timed(1)]);
    expect(p.setAside).toEqual([3]);
    expect(Math.abs(p.logMean)).toBeLessThan(0.05);
  });

  it('keeps a single cut, however far', () => expect(posterior([timed(9)]).setAside).toEqual([]));

  it('the fast normal integral agrees with its plain twin', () => {
    for (let z = -10; z <= 10; z += 0.00137) expect(Math.abs(fastPhi(z) - normalCdf(z))).toBeLessThan(3e-7);
  });
});

/** Each piece weighed against all the others, whatever could be spared: the plain way of setting aside. */
function plainlySetAside(evidence: readonly Evidence[]): number[] {
  const graded = evidence.filter((e): e is Graded => e.kind === 'grade');
  const grades = sumGrades(graded, EYE_PRIOR_SD);
  let kept = evidence.flatMap((e, i) => (e.kind === 'seen' ? [i] : []));
  const aside: number[] = [];
  for (;;) {
    let [worst, worstFar] = [-1, 4];
    if (kept.length + graded.length > 1)
      for (const i of kept) {
        const e = evidence[i] as Seen;
        const others = moments(grades, sumSeen(kept.filter((k) => k !== i).map((k) => evidence[k] as Seen)));
        const far = Math.abs(e.theta - others.mean) / Math.hypot(others.sd, e.sd);
        if (far > worstFar) [worst, worstFar] = [i, far];
      }
    if (worst < 0) return aside.sort((a, b) => a - b);
    kept = kept.filter((k) => k !== worst);
    aside.push(worst);
  }
}

describe('what is set aside', () => {
  const between = (lo: number, hi: number) => fc.double({ min: lo, max: hi, noNaN: true });
  const theta = fc.oneof(
    { weight: 4, arbitrary: between(-0.2, 0.2) },
    { weight: 1, arbitrary: fc.oneof(between(-3, -1), between(1, 3)) },
  );
  const piece: fc.Arbitrary<Evidence> = fc.oneof(
    fc
      .record({ theta, sd: fc.constantFrom(0.15, 0.2) })
      .map((r) => ({ kind: 'seen', what: 'feed', ...r }) as const),
    fc
      .record({
        c: theta,
        gap: between(0.2, 1.2),
        grade: fc.constantFrom('too-cold', 'good', 'too-hot'),
      })
      .map(({ c, gap, grade: g }) => ({ kind: 'grade', grade: g, c, h: c - gap }) as Evidence),
  );

  it('is what weighing every piece against all the others sets aside', () => {
    let aside = 0;
    fc.assert(
      fc.property(fc.array(piece, { minLength: 4, maxLength: 20, size: 'max' }), (evidence) => {
        const plain = plainlySetAside(evidence);
        aside += plain.length;
        expect(posterior(evidence).setAside).toEqual(plain);
      }),
      { numRuns: 150, seed: 13 },
    );
    expect(aside).toBeGreaterThan(50);
  });

  it('a log that contradicts itself is sorted in far under a thousand weighings', () => {
    // Two benches in one log, five hundred cuts: weighed one against all each time, it took over a minute.
    const evidence = Array.from({ length: 500 }, (_, i) =>
      timed(i % 2 ? 0.5 + (i % 7) / 50 : 3 + (i % 11) / 20),
    );
    evidence.push(...Array.from({ length: 60 }, (_, i) => grade('good', 4 + (i % 5) / 10, 5.9, 2)));
    const p = posterior(evidence);
    expect(p.setAside.length).toBeGreaterThan(100);
    expect(new Set(p.setAside.map((i) => i % 2)).size).toBe(1);
  });
});
