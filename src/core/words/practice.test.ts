import { describe, expect, it } from 'vitest';
import { DRILLS, HIDDEN_FAULTS, LOSSES, type Loss } from '../documents/practice';
import { FRAME_KINDS } from '../documents/rig';
import { courseOf } from '../practice/drills';
import { demonstration } from '../practice/demonstrate';
import { play, traceOf } from '../practice/play';
import { BENCHES } from '../practice/testBenches';
import { benchScore, demonstrateBench } from '../practice/unknown';
import { practiceWire } from '../practice/wire';
import {
  DRILL_NAMES,
  drillGoal,
  FAULT_NAMES,
  ledOtherwise,
  lossWords,
  SENSE_WORDS,
  toldScore,
} from './practice';
import { METRIC_SAY, sayIn } from './say';

const rig = BENCHES['a plain bow']!;
const wire = practiceWire(rig)!;
/** Losses of real runs, one of each code that they come to. */
const real = (() => {
  const found = new Map<string, Loss>();
  for (const drill of ['feed', 'corner', 'taper'] as const) {
    const course = courseOf(drill, wire);
    const six = { ...course, marks: course.marks.map((m) => ({ ...m, waitS: 6 })) };
    const half = demonstration(course).slice(0, 1500);
    const runs = [
      demonstration(course, 1.6 * wire.at.fastest),
      demonstration(course, 0.7 * wire.at.slowest),
      demonstration(course, 0.9 * wire.at.fastest),
      demonstration(course, course.feed, false),
      demonstration(six),
      demonstration(course).map((a) => ({ near: a.near, far: a.far * 0.86 })),
      [...half, ...Array.from({ length: 1000 }, () => half.at(-1)!)],
    ];
    for (const [i, aims] of runs.entries())
      for (const loss of play(traceOf({ rig, drill, course, warm: i !== 3 }, aims)).losses)
        found.set(loss.code, loss);
  }
  const bench = demonstrateBench(rig, 3);
  const wrong = { ...bench, cuts: Array(9).fill(3), answer: { fault: 'thinner' as const, maxMmS: 99 } };
  for (const loss of benchScore(wrong).losses) found.set(loss.code, loss);
  return found;
})();

describe('words of practice', () => {
  it('every loss comes up on a bench, and says what it was and what to change, in the reader’s units', () => {
    expect([...real.keys()].sort()).toEqual([...LOSSES].sort());
    for (const loss of real.values())
      for (const say of [METRIC_SAY, sayIn('inch')]) {
        const { reason, change } = lossWords(loss, 'bow', say);
        expect(`${reason} ${change}`).not.toMatch(/undefined|NaN|not known|null/);
        expect(reason).toMatch(/\.$/);
        expect(change.length).toBeGreaterThan(20);
      }
    expect(lossWords(real.get('fast')!, 'bow', METRIC_SAY).reason).toContain('mm/s');
    expect(lossWords(real.get('fast')!, 'bow', sayIn('inch')).reason).not.toContain('mm/s');
  });
  it('only hands lead: a table and a slicer are told to push', () => {
    for (const kind of FRAME_KINDS) {
      const { change } = lossWords(real.get('slow')!, kind, METRIC_SAY);
      expect(change.startsWith(kind === 'table' || kind === 'slicer' ? 'Push' : 'Lead')).toBe(true);
    }
    expect(FRAME_KINDS.filter((k) => ledOtherwise(k) !== null)).toEqual(['pulled-bow', 'drop-bow', 'gantry']);
  });
  it('every drill, sense and fault has its words', () => {
    const goal = { feedMmS: 4.8, minMmS: 1.1, maxMmS: 9.6, waitS: 0.5, shortMmS: 3.4 };
    const goals = DRILLS.map((d) => drillGoal(d, goal, METRIC_SAY));
    expect(new Set(goals).size).toBe(DRILLS.length);
    expect(drillGoal('corner', { ...goal, waitS: 0 }, METRIC_SAY)).toContain('too small');
    expect(Object.keys(DRILL_NAMES).length).toBe(DRILLS.length);
    expect(Object.keys(FAULT_NAMES)).toEqual([...HIDDEN_FAULTS]);
    expect(Object.values(SENSE_WORDS).every((w) => w.what.endsWith('.'))).toBe(true);
  });
  it('a document that leaves the program carries them', () => {
    const course = courseOf('feed', wire);
    const score = play(
      traceOf({ rig, drill: 'feed', course, warm: true }, demonstration(course, 1.6 * wire.at.fastest)),
    );
    expect(toldScore(score, rig).losses[0]).toMatchObject({
      code: 'fast',
      reason: expect.stringContaining('Faster') as string,
    });
  });
});
