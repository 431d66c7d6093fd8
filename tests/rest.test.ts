import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { givesBackAtRest } from '../scripts/rest.mjs';

const MB = 1024 * 1024;

describe('memory goes back when the server is at rest', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  const server = () => {
    const state = { held: 100 * MB, times: 0 };
    const collect = () => {
      state.times++;
      state.held = 110 * MB;
    };
    return { state, asked: givesBackAtRest({ collect, held: () => state.held }) };
  };

  it('a while after the last request, never between requests', () => {
    const { state, asked } = server();
    state.held = 250 * MB;
    for (let n = 0; n < 20; n++) {
      asked();
      vi.advanceTimersByTime(9000);
    }
    expect(state.times).toBe(0);
    vi.advanceTimersByTime(1000);
    expect(state.times).toBe(1);
    vi.advanceTimersByTime(3600e3);
    expect(state.times).toBe(1);
  });

  it('only where it has grown enough since the last time', () => {
    const { state, asked } = server();
    const rest = () => {
      asked();
      vi.advanceTimersByTime(10_000);
    };
    state.held = 115 * MB;
    rest();
    expect(state.times).toBe(0);
    state.held = 117 * MB;
    rest();
    expect(state.times).toBe(1);
    state.held = 125 * MB;
    rest();
    expect(state.times).toBe(1);
    state.held = 127 * MB;
    rest();
    expect(state.times).toBe(2);
  });

  it('the runtime’s own collection is had without a switch at the start', async () => {
    vi.useRealTimers();
    const lost = new WeakRef({ an: 'object nobody holds' });
    // What a reference has shown is kept until the running task has ended.
    await new Promise((done) => setImmediate(done));
    vi.useFakeTimers();
    let held = 0;
    const asked = givesBackAtRest({ held: () => held });
    held = 40 * MB;
    expect(lost).toBeInstanceOf(WeakRef);
    asked();
    vi.advanceTimersByTime(10_000);
    expect(lost.deref()).toBeUndefined();
  });
});
