import { describe, expect, it } from 'vitest';
import { FRAME_KINDS, type Rig } from '../documents/rig';
import { traceSchema, type LedDrill, type LossCode } from '../documents/practice';
import { sweptRig } from '../engine/sweepRigs';
import { testRig } from '../engine/testRigs';
import { courseOf, drillsFor } from './drills';
import { demonstration } from './demonstrate';
import { play, traceOf } from './play';
import { PracticeRun } from './run';
import { type Aim } from './moment';
import { scoreOf } from './score';
import stored from './storedTrace.json';
import { Tally } from './tally';
import { BENCHES } from './testBenches';
import { practiceOf, practiceWire, UNFIT, type PracticeWire } from './wire';

type Drill = Exclude<LedDrill, 'core'>;
const led = (rig: Rig): Drill[] =>
  drillsFor(rig.frame.kind).filter((d): d is Drill => d !== 'core' && d !== 'unknown');
const cases = Object.entries(BENCHES).flatMap(([name, rig]) => led(rig).map((drill) => ({ name, rig, drill })));

function score(rig: Rig, drill: Drill, how: (w: PracticeWire) => { aims: Aim[]; warm?: boolean }) {
  const wire = practiceWire(rig)!;
  const { aims, warm = true } = how(wire);
  return play(traceOf({ rig, drill, course: courseOf(drill, wire), warm }, aims));
}

describe('drills', () => {
  it('every cutter has some; those that hands do not lead find a bench out', () => {
    for (const kind of FRAME_KINDS) expect(drillsFor(kind)).toContain('unknown');
    expect(drillsFor('bow')).toEqual(['feed', 'corner', 'taper', 'core', 'unknown']);
    expect(drillsFor('table')[0]).toBe('push');
    expect(drillsFor('hand-tool')[0]).toBe('groove');
    expect(drillsFor('gantry')).toEqual(['unknown']);
  });
  it.each(cases)('$name, $drill: led as the program leads it, nothing is lost', ({ rig, drill }) => {
    const s = score(rig, drill, (w) => ({ aims: demonstration(courseOf(drill, w)) }));
    expect(s.losses).toEqual([]);
    expect(s.points).toBe(100);
  });
  it('a corner is practised with a lag that is seen, and a taper that the window bears', () => {
    const wire = practiceWire(testRig())!;
    const corner = courseOf('corner', wire);
    expect(wire.at.lag(corner.feed)).toBeGreaterThan(0.3);
    expect(corner.feed).toBeLessThan(wire.at.fastest);
    expect(corner.marks.every((m) => m.waitS >= 0.5)).toBe(true);
    for (const rig of Object.values(BENCHES).filter((r) => r.frame.kind === 'bow')) {
      const w = practiceWire(rig)!;
      const { near, far, marks } = courseOf('taper', w);
      const share = (marks[8]!.far - marks[0]!.far) / (marks[8]!.near - marks[0]!.near);
      expect(near.length).toBe(far.length);
      expect(w.at.advised * share).toBeGreaterThan(w.at.slowest);
      expect(share).toBeLessThan(0.97);
    }
  });
});

/** Ways to lead badly, and what each should lose most for. */
const BAD: readonly {
  name: string;
  drills: readonly Drill[];
  loses: LossCode;
  how: (d: Drill, w: PracticeWire) => { aims: Aim[]; warm?: boolean };
}[] = [
  {
    name: 'half as fast again as the wire melts',
    drills: ['feed', 'push', 'taper', 'corner'],
    loses: 'fast',
    how: (d, w) => ({ aims: demonstration(courseOf(d, w), 1.6 * w.at.fastest) }),
  },
  {
    name: 'slower than is clean',
    drills: ['feed', 'push', 'groove', 'taper', 'corner'],
    loses: 'slow',
    how: (d, w) => ({ aims: demonstration(courseOf(d, w), 0.7 * w.at.slowest) }),
  },
  {
    name: 'into the foam before the wire is warm',
    drills: ['feed', 'push', 'groove', 'taper', 'corner'],
    loses: 'cold',
    how: (d, w) => ({ aims: demonstration(courseOf(d, w)), warm: false }),
  },
  {
    name: 'a stop of five seconds on the line',
    drills: ['feed', 'push', 'groove', 'taper', 'corner'],
    loses: 'still',
    how: (d, w) => {
      const aims = demonstration(courseOf(d, w));
      const at = Math.floor(aims.length * (d === 'corner' ? 0.25 : 0.6));
      return { aims: [...aims.slice(0, at), ...Array<Aim>(1000).fill(aims[at]!), ...aims.slice(at)] };
    },
  },
  {
    name: 'let go half-way',
    drills: ['feed', 'push', 'groove', 'taper', 'corner'],
    loses: 'undone',
    how: (d, w) => {
      const aims = demonstration(courseOf(d, w));
      return { aims: aims.slice(0, Math.floor(aims.length / 2)) };
    },
  },
  {
    name: 'corners turned without waiting',
    drills: ['corner'],
    loses: 'corner-short',
    how: (d, w) => ({ aims: demonstration(courseOf(d, w), undefined, false) }),
  },
  {
    name: 'corners stood at for six seconds',
    drills: ['corner'],
    loses: 'corner-long',
    how: (d, w) => {
      const course = courseOf(d, w);
      return { aims: demonstration({ ...course, marks: course.marks.map((m) => ({ ...m, waitS: 6 })) }) };
    },
  },
  {
    name: 'one end a seventh behind the other',
    drills: ['taper'],
    loses: 'step',
    how: (d, w) => ({ aims: demonstration(courseOf(d, w)).map((a) => ({ near: a.near, far: a.far * 0.86 })) }),
  },
  {
    name: 'evenly, but at nine tenths of what the wire melts',
    drills: ['feed', 'push', 'groove', 'taper'],
    loses: 'off-feed',
    how: (d, w) => ({ aims: demonstration(courseOf(d, w), 0.9 * w.at.fastest) }),
  },
];
const plain = BENCHES['a plain bow']!;
const benchFor = (d: Drill) =>
  d === 'push' ? BENCHES['a table']! : d === 'groove' ? BENCHES['a loop']! : plain;

describe('what is led badly loses for the right reason', () => {
  it.each(BAD.flatMap((b) => b.drills.map((drill) => ({ ...b, drill }))))(
    '$drill: $name',
    ({ drill, loses, how }) => {
      const s = score(benchFor(drill), drill, (w) => how(drill, w));
      expect(s.losses[0]?.code).toBe(loses);
      expect(s.points).toBeLessThan(98);
      expect(s.losses.every((l) => l.points > 0 && Object.values(l.values).every(Number.isFinite))).toBe(true);
    },
  );
  it('at least five kinds of them in each drill', () => {
    for (const drill of ['feed', 'push', 'groove', 'taper', 'corner'] as const)
      expect(BAD.filter((b) => b.drills.includes(drill)).length).toBeGreaterThanOrEqual(5);
  });
  it('a thick loop that is rushed melts too little: its heat lasts, its kerf does not', () => {
    const s = score(BENCHES['a loop']!, 'groove', (w) => ({
      aims: demonstration(courseOf('groove', w), 3 * w.at.fastest),
    }));
    expect(['off-feed', 'fast']).toContain(s.losses[0]?.code);
  });
  it('worse is never better: each further second of standing, and each step too fast, costs more', () => {
    const still = (seconds: number) =>
      score(plain, 'feed', (w) => {
        const aims = demonstration(courseOf('feed', w));
        const at = Math.floor(aims.length * 0.6);
        return {
          aims: [...aims.slice(0, at), ...Array<Aim>(200 * seconds).fill(aims[at]!), ...aims.slice(at)],
        };
      }).points;
    const fast = (by: number) =>
      score(plain, 'feed', (w) => ({ aims: demonstration(courseOf('feed', w), by * w.at.fastest) })).points;
    const falls = (list: number[]) => list.every((x, i) => i === 0 || x <= list[i - 1]!);
    expect(falls([1, 2, 4, 8].map(still))).toBe(true);
    expect(falls([0.6, 1.1, 1.4, 1.8].map(fast))).toBe(true);
  });
});

describe('random rigs', () => {
  it('a rig that can be led is led by the program without a loss worth naming; any other says why', () => {
    const why = new Set<string>();
    let ledRuns = 0;
    for (let seed = 1; seed <= 90; seed++) {
      const rig = sweptRig(seed);
      const fit = practiceOf(rig);
      if ('unfit' in fit) {
        why.add(fit.unfit);
        continue;
      }
      for (const drill of led(rig)) {
        ledRuns++;
        const course = courseOf(drill, fit.wire);
        const trace = traceOf({ rig, drill, course, warm: true }, demonstration(course));
        const { points, losses } = play(traceSchema.parse(trace));
        expect(points, `${rig.name} ${drill} ${JSON.stringify(losses)}`).toBeGreaterThan(95);
      }
    }
    expect(ledRuns).toBeGreaterThan(8);
    expect([...why].every((w) => UNFIT.some((u) => u === w))).toBe(true);
    expect(why.size).toBeGreaterThan(2);
  });
});

describe('a score does not depend on the step or the machine', () => {
  it.each(cases)(
    '$name, $drill: half the step changes it by under one point, led well and badly',
    ({ rig, drill }) => {
      const wire = practiceWire(rig)!;
      const course = courseOf(drill, wire);
      for (const [feed, waits] of [
        [course.feed, true],
        [1.3 * wire.at.fastest, false],
      ] as const) {
        const at = (dt: number) => {
          const run = new PracticeRun(wire, course, { dt });
          const tally = new Tally(run);
          for (const aim of demonstration(course, feed, waits, dt)) {
            run.step(aim);
            tally.take(run.moment());
          }
          return scoreOf(wire, course, tally.result()).points;
        };
        expect(Math.abs(at(0.0025) - at(0.005))).toBeLessThan(1);
      }
    },
  );
  it('a stored trace comes to its stored score', () => {
    const trace = traceSchema.parse(stored.trace);
    const { points, losses, led: figures } = play(trace);
    expect(points).toBe(stored.points);
    expect(losses.map((l) => l.code)).toEqual(stored.losses);
    expect(figures!.ends.mean).toBeCloseTo(stored.endsMean, 6);
  });
  it('a trace that is written and read is the same run', () => {
    const trace = traceSchema.parse(stored.trace);
    expect(play(traceSchema.parse(JSON.parse(JSON.stringify(trace))))).toEqual(play(trace));
  });
});
