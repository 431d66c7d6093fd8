import { describe, expect, it } from 'vitest';
import { atFeedOf } from '../template/heat';
import { motionOf } from './motion';
import { motionCut } from './motionCut';
import { outlineJob } from './testMotion';
import { motionView, rowAfter, standsAfter, standsOf, wireAt } from './view';

const job = outlineJob();
const motion = motionOf(job, job.rig);
const view = motionView(motion);
const play = view.play!;

describe('a path as a page draws it', () => {
  it('the wire at any second lies between the rows before and after it', () => {
    for (let s = 0; s <= play.total; s += play.total / 37) {
      const { row, left } = wireAt(play, s);
      expect(play.reached[row]! <= s + 1e-9 && s <= play.reached[row + 1]! + 1e-9).toBe(true);
      for (const k of [0, 1]) {
        const [a, b] = [play.faces[row * 4 + k]!, play.faces[row * 4 + 4 + k]!];
        expect(left[k]!).toBeGreaterThanOrEqual(Math.min(a, b) - 1e-9);
        expect(left[k]!).toBeLessThanOrEqual(Math.max(a, b) + 1e-9);
      }
    }
    expect(wireAt(play, play.total).row).toBe(play.reached.length - 2);
  });
  it('rows are found by the lines of the code that are done', () => {
    const { code } = motion.figures;
    const lines = code.trim().split('\n').length;
    expect(rowAfter(play, 0)).toBe(0);
    expect(rowAfter(play, lines)).toBe(play.lines.length);
    for (const row of [1, 7, 30]) expect(rowAfter(play, play.lines[row]! - 1)).toBe(row);
  });
  it('what standing melts is nothing at first, grows, and is that of the model between the seconds of its table', () => {
    const h = atFeedOf(motionCut(job, job.rig).cut.e)!;
    const stands = standsOf(h);
    expect(standsAfter(stands, 0)).toBe(0);
    for (const s of [10, 60, 180]) {
      const model = (h.standing(s) - h.slot(h.advised)) / 2;
      expect(standsAfter(stands, s)).toBeCloseTo(model, 9);
      expect(standsAfter(stands, s + 20)).toBeGreaterThan(standsAfter(stands, s));
      const half = (h.standing(s + 0.5) - h.slot(h.advised)) / 2;
      expect(Math.abs(standsAfter(stands, s + 0.5) - half)).toBeLessThan(0.01 * half);
    }
    expect(standsAfter(stands, 1e6)).toBe(stands.at(-1));
    expect(standsAfter([], 10)).toBe(0);
    expect(standsOf(null)).toEqual([]);
  });
  it('slits of an outline are there from end to end; sections and cuts only of their own kinds', () => {
    expect(view.slits.length).toBe(motion.path!.slits.length);
    expect(view.sections).toBeNull();
    expect(view.comb).toEqual([]);
    expect(view.loops.length).toBe(2);
  });
});
