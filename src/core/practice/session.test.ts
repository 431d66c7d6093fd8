import { describe, expect, it } from 'vitest';
import { traceSchema } from '../documents/practice';
import { planOut } from '../engine/template/template';
import { testPlan } from '../engine/template/testPlans';
import { viewOf } from '../engine/template/view';
import { callSheet, COUNT_IN } from '../engine/call/cues';
import { calledAims, courseOfPass } from './called';
import { arcNear, matching, middleLine, placeAt, trackOf } from './course';
import { courseOf } from './drills';
import { follow } from './hand';
import { play, traceOf } from './play';
import { progressOf } from './progress';
import type { Aim } from './moment';
import { senseOf } from './senses';
import { KeyHand, LeadSession } from './session';
import { BENCHES } from './testBenches';
import { practiceWire } from './wire';

const rig = BENCHES['a plain bow']!;
const wire = practiceWire(rig)!;
const begun = (drill: 'feed' | 'corner' | 'taper') =>
  new LeadSession(wire, courseOf(drill, wire), { rig, drill, warm: true });

describe('a hand', () => {
  it('follows an even aim at its feed, a sixth of a second behind, whatever the step', () => {
    for (const dt of [0.001, 0.005, 0.02]) {
      let end = { arc: 0, feed: 0 };
      for (let t = dt; t < 5; t += dt) end = follow(end, 6 * t, dt);
      expect(Math.abs(end.feed - 6)).toBeLessThan(0.05);
      expect(Math.abs(30 - end.arc - 6 / 6)).toBeLessThan(0.1);
    }
  });
  it('comes to rest where it aims, without passing it', () => {
    let end = { arc: 0, feed: 0 };
    let most = 0;
    for (let i = 0; i < 600; i++) {
      end = follow(end, 10, 0.005);
      most = Math.max(most, end.arc);
    }
    expect(end.arc).toBeCloseTo(10, 6);
    expect(most).toBeLessThanOrEqual(10);
  });
});

describe('a run that is led by frames', () => {
  it('comes to the same as its trace, however long the frames are', () => {
    const session = begun('taper');
    const frames = [0.0166, 0.0167, 0.05, 0.008];
    let [near, far, i] = [0, 0, 0];
    while (!session.over) {
      const dt = frames[i++ % frames.length]!;
      near += 5 * dt;
      far += 3.5 * dt;
      session.advance(dt, { near, far });
    }
    const { trace, score } = session.end();
    expect(play(traceSchema.parse(trace))).toEqual(score);
  });
  it('a page that slept is not made up for', () => {
    const session = begun('feed');
    session.advance(30, { near: 2, far: 2 });
    expect(session.now.t).toBeLessThan(0.3);
  });
  it('what a hand draws past the end is the end; the run is over there', () => {
    const session = begun('feed');
    for (let i = 0; i < 400 && !session.over; i++) session.advance(0.05, { near: 4000, far: 4000 });
    expect(session.over).toBe(true);
    expect(session.now.near.arc).toBeLessThanOrEqual(session.run.near.length);
  });
});

describe('keys', () => {
  it('lead both ends at their own feeds, stand before a corner, and go on when pressed', () => {
    const course = courseOf('corner', wire);
    const hand = new KeyHand(course, { near: course.feed, far: course.feed });
    let aim = { near: 0, far: 0 };
    expect(hand.aim(aim, 1)).toEqual(aim);
    hand.press(aim);
    for (let i = 0; i < 4000; i++) aim = hand.aim(aim, 0.016);
    expect(aim.near).toBe(course.marks[0]!.near);
    expect(hand.leading).toBe(false);
    hand.press(aim);
    for (let i = 0; i < 4000; i++) aim = hand.aim(aim, 0.016);
    expect(aim.near).toBe(course.marks[1]!.near);
    const taper = new KeyHand(courseOf('taper', wire), { near: 4, far: 2 });
    taper.press({ near: 0, far: 0 });
    expect(taper.aim({ near: 1, far: 1 }, 0.5)).toEqual({ near: 3, far: 2 });
  });
});

describe('a course', () => {
  const course = courseOf('corner', wire);
  const track = trackOf(course.near, course.faces.near);
  it('finds its corners, its foam, and the place nearest to a hand', () => {
    const turns = course.near.slice(1, -1);
    expect(course.marks.map((m) => placeAt(track, m.near))).toEqual(turns);
    expect(track.enters).toBeCloseTo(10, 0);
    const [x, y] = placeAt(track, 30);
    expect(arcNear(track, [x, y + 4], 25, 20)).toBeCloseTo(30, 6);
    expect(arcNear(track, [x, y], 80, 20)).toBeGreaterThanOrEqual(60);
  });
  it('one end’s place belongs to the other’s, there and back', () => {
    const taper = courseOf('taper', wire);
    for (const arc of [0, 12, 40, 77, 100])
      expect(matching(taper, matching(taper, arc, 'far'), 'near')).toBeCloseTo(arc, 6);
    const line = middleLine(
      taper,
      trackOf(taper.near, taper.faces.near),
      trackOf(taper.far, taper.faces.far),
      1,
    );
    expect(line.length).toBeGreaterThan(50);
  });
});

describe('one’s own piece', () => {
  const view = viewOf(planOut(testPlan()));
  /** So many times slower is under the min clean feed, and no standing. */
  const SLOWER = Math.round(view.advised! / (0.75 * view.slowest!));
  it.each(view.passes.map((p) => [p.side, p] as const))(
    '%s: led as it is called nothing is lost',
    (_, pass) => {
      const plan = testPlan();
      const own = practiceWire(plan.rig)!;
      const course = courseOfPass(view, pass);
      const sheet = callSheet(pass);
      const aims = calledAims(pass, sheet);
      expect(aims.length * 0.005).toBeGreaterThan(sheet.seconds);
      const before = aims[Math.floor(COUNT_IN * 190)]!;
      expect(before.near).toBe(pass.lines.root.nodes[0]);
      const trace = traceOf({ rig: plan.rig, drill: 'core', course, warm: true }, aims);
      const score = play(traceSchema.parse(trace));
      expect(own.at.advised).toBeGreaterThan(0);
      expect(score.losses).toEqual([]);
      expect(score.led!.stepMostMm).toBeLessThan(1);
    },
  );
  it.each([
    ['fast', (aims) => aims.filter((_, i) => i % 4 === 0)],
    ['slow', (aims) => aims.flatMap((a) => Array<Aim>(SLOWER).fill(a))],
    ['step', (aims) => aims.map((a, i) => ({ near: a.near, far: aims[Math.max(0, i - 1200)]!.far }))],
    ['still', (aims) => [...aims.slice(0, 9000), ...Array<Aim>(1200).fill(aims[9000]!), ...aims.slice(9000)]],
    ['undone', (aims) => aims.slice(0, 9000)],
    ['cold', (aims) => aims],
  ] satisfies [string, (aims: Aim[]) => Aim[]][])('led badly it loses most for that: %s', (loses, how) => {
    const { rig: of } = testPlan();
    const pass = view.passes[0]!;
    const sheet = callSheet(pass);
    // Cold: no count-in to warm up in.
    const called = calledAims(pass, sheet).slice(loses === 'cold' ? COUNT_IN * 200 : 0);
    const aims = how(called);
    const course = courseOfPass(view, pass);
    const trace = traceOf({ rig: of, drill: 'core', course, warm: loses !== 'cold' }, aims);
    const { losses, points } = play(traceSchema.parse(trace));
    expect(losses[0]?.code).toBe(loses);
    expect(points).toBeLessThan(95);
  });
  it('its stations are those of the plan, both ends at once', () => {
    const pass = view.passes[0]!;
    const course = courseOfPass(view, pass);
    expect(course.marks.filter((m) => m.kind === 'station').length).toBe(testPlan().template.stations + 1);
    for (const end of ['near', 'far'] as const) {
      const { enters, leaves, length } = trackOf(course[end], course.faces[end]);
      expect(enters).toBeGreaterThan(0);
      expect(leaves).toBeLessThan(length);
    }
  });
});

describe('what is heard and seen', () => {
  it('goes through idle, clean and dragging as the wire is led faster', () => {
    const session = begun('feed');
    const heard = new Set<string>();
    let near = 0;
    for (let i = 0; i < 3000 && !session.over; i++) {
      near += (session.now.near.arc < 60 ? 0.5 : 2) * wire.at.fastest * 0.016;
      session.advance(0.016, { near, far: near });
      heard.add(senseOf(session.now, wire));
    }
    expect([...heard]).toEqual(expect.arrayContaining(['idle', 'clean', 'drags']));
  });
});

describe('progress', () => {
  it('goes by drill in rising order, the oldest of the last runs first', () => {
    const run = (drill: 'feed' | 'corner', points: number) => ({ drill, score: { points } as never });
    expect(progressOf([run('corner', 80), run('feed', 90), run('feed', 40)])).toEqual([
      { drill: 'feed', best: 90, points: [40, 90] },
      { drill: 'corner', best: 80, points: [80] },
    ]);
  });
});
