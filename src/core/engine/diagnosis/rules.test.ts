import { describe, expect, it } from 'vitest';
import { CASES, HELD_BACK, PLAIN, signsOf, type Case } from './cases';
import { RULES } from './rules';
import { weigh } from './weigh';
import { loggedCutSchema, SEEN, type LoggedCut } from '../../documents/log';
import { rigSchema } from '../../documents/rig';
import { CAUSE_WORDS } from '../../words/diagnosis';
import { METRIC_SAY } from '../../words/say';
import { merge } from '../merge';
import { solve } from '../solve';
import { testRig } from '../testRigs';
import { diagnose } from './diagnose';
import { CAUSES, PLACES } from './signs';

const named = ([seen, where, , cause]: Case) => `${cause}: ${seen.join(', ')} ${where ?? 'anywhere'}`;

describe('what is behind a cut', () => {
  it('the table has forty cases or more, and every cause', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(40);
    expect(HELD_BACK.length).toBe(10);
    expect(new Set(CASES.map(([, , , cause]) => cause))).toEqual(new Set(CAUSES));
    for (const [, , , , reason] of [...CASES, ...HELD_BACK]) expect(reason.length).toBeGreaterThan(15);
  });
  it.each(CASES.map((c) => [named(c), c] as const))('%s', (_, c) => {
    const first = weigh(signsOf(c))
      .slice(0, 2)
      .map((w) => w.cause);
    expect(first).toContain(c[3]);
  });
  it.each(HELD_BACK.map((c) => [named(c), c] as const))('set aside, %s', (_, c) => {
    const first = weigh(signsOf(c))
      .slice(0, 2)
      .map((w) => w.cause);
    expect(first).toContain(c[3]);
  });
  it('most of them stand first', () => {
    const first = [...CASES, ...HELD_BACK].filter((c) => weigh(signsOf(c))[0]!.cause === c[3]);
    expect(first.length / (CASES.length + HELD_BACK.length)).toBeGreaterThan(0.85);
  });
  it('likelihoods share out to one, and the first has a reason', () => {
    for (const c of CASES) {
      const w = weigh(signsOf(c));
      expect(w.reduce((s, x) => s + x.share, 0)).toBeCloseTo(1, 12);
      expect(w[0]!.because.length, named(c)).toBeGreaterThan(0);
    }
  });
  it('nothing seen has no causes; every rule can hold', () => {
    expect(weigh(PLAIN)).toEqual([]);
    const all = [...CASES, ...HELD_BACK].map(signsOf);
    for (const r of RULES) expect(all.some(r.holds), r.id).toBe(true);
    expect(new Set(RULES.map((r) => r.id)).size).toBe(RULES.length);
  });
});

describe('a logged cut diagnosed', () => {
  const rig = testRig({
    leads: { areaMm2: 1.31, switchA: 10, fuseA: 4 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
    supply: { kind: 'bench', volts: 32, maxAmps: 6 },
    tension: { kind: 'spring', setN: 55, springNPerMm: 1.5 },
  });
  const fastest = solve(rig).cutting!.fastestFeedMmS!;
  const slowest = solve(rig).cutting!.slowestFeedMmS!;
  const cut = (feedMmS: number, seen: LoggedCut['seen'], more = {}) =>
    diagnose(
      rig,
      loggedCutSchema.parse({
        at: '2026-11-20T10:00:00Z',
        setting: 18.5,
        widthMm: 640,
        depthMm: 50,
        seconds: 50 / feedMmS,
        grade: 'good',
        seen,
      }),
      { where: 'all-over', metalTemplates: false, ...more },
    );

  it('pushed past the fastest: slower, and by how much', () => {
    const d = cut(1.15 * fastest, ['drag-lines']);
    expect(d.causes[0]!.cause).toBe('too-fast');
    const feed = (d.causes[0]!.change.patch!['cut'] as { feedMmS: number }).feedMmS;
    expect(feed).toBeLessThan(0.9 * fastest);
    expect(feed).toBeGreaterThan(slowest);
  });
  it('too slow: faster, into the window', () => {
    const d = cut(0.7 * slowest, ['gloss', 'grooves']);
    expect(d.causes[0]!.cause).toBe('too-slow');
    expect((d.causes[0]!.change.patch!['cut'] as { feedMmS: number }).feedMmS).toBeGreaterThan(slowest);
  });
  it('a rushed corner waits the seconds of the reading', () => {
    const d = cut(0.5 * fastest, ['hollow'], { where: 'corner' });
    expect(d.causes[0]!.cause).toBe('corner-rushed');
    expect(d.causes[0]!.change.size).toBe(0.5);
  });
  it('every patch offered is legal, every cause has its words', () => {
    for (const seen of SEEN)
      for (const where of PLACES)
        for (const feed of [0.6 * slowest, 0.5 * fastest, 1.2 * fastest])
          for (const { cause, change } of cut(feed, [seen], { where }).causes) {
            const words = CAUSE_WORDS[cause];
            expect(`${words.name} ${words.why} ${words.change(change, METRIC_SAY)} ${words.tell}`).not.toMatch(
              /undefined|NaN|null/,
            );
            if (change.patch) expect(rigSchema.safeParse(merge(rig, change.patch)).success).toBe(true);
          }
  });
});
