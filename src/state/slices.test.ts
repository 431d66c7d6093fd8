import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { windowCurve, windowSteps } from '@/core/engine/windowCurve';
import { testRig } from '@/core/engine/testRigs';
import { inSlices } from './slices';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

/** Work of so many steps, each of which takes a millisecond of the clock given. */
function* steps(count: number, clock: { ms: number }): Generator<void, number> {
  for (let i = 0; i < count; i++) {
    clock.ms++;
    yield;
  }
  return clock.ms;
}

describe('work in slices', () => {
  it('lets go after its slice, goes on, and hands over what it ends with', () => {
    const clock = { ms: 0 };
    const done = vi.fn();
    inSlices(steps(20, clock), done, 8, () => clock.ms);
    expect(clock.ms).toBe(0);
    vi.advanceTimersToNextTimer();
    expect(clock.ms).toBe(8);
    expect(done).not.toHaveBeenCalled();
    vi.runAllTimers();
    expect(done).toHaveBeenCalledExactlyOnceWith(20);
  });

  it('stopped, it does no more and hands over nothing', () => {
    const clock = { ms: 0 };
    const done = vi.fn();
    const stop = inSlices(steps(20, clock), done, 8, () => clock.ms);
    vi.advanceTimersToNextTimer();
    stop();
    vi.runAllTimers();
    expect(clock.ms).toBe(8);
    expect(done).not.toHaveBeenCalled();
  });

  it('a slice is never empty, however slow a step is', () => {
    const clock = { ms: 0 };
    const done = vi.fn();
    inSlices(steps(3, clock), done, 0, () => clock.ms);
    for (let i = 1; i <= 3; i++) {
      vi.advanceTimersToNextTimer();
      expect(clock.ms).toBe(i);
    }
    vi.runAllTimers();
    expect(done).toHaveBeenCalledOnce();
  });

  it('the window over the dial is the same in steps as at once', () => {
    const rig = testRig();
    const at = windowSteps(rig, 40);
    let step = at.next();
    let count = 0;
    for (; !step.done; count++) step = at.next();
    expect(count).toBe(40);
    expect(step.value).toEqual(windowCurve(rig, 40));
    expect(step.value!.fastest.some((v) => v > 0)).toBe(true);
  });
});
