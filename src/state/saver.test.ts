import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { OpenRig } from '@/server/types';
import type { Outcome } from './api';
import { Saver, type SaveState } from './saver';

const answer = (revision: number) => ({ kind: 'done', data: { record: { revision } } as OpenRig }) as const;
/** Time passes as fast as the test wants: nothing here waits for a clock. */
const after = (ms: number) => vi.advanceTimersByTimeAsync(ms);
beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

function made(send: (base: number) => Promise<Outcome<OpenRig>>) {
  const states: SaveState[] = [];
  const onConflict = vi.fn();
  const refused = vi.fn<(words: string) => void>();
  const saver = new Saver(1, {
    send,
    onState: (s) => states.push(s),
    onSaved: () => {},
    onConflict,
    onRefused: refused,
    theirs: (body) => (body === undefined ? null : (body as OpenRig)),
    waitMs: 5,
    retryMs: [10],
  });
  return { saver, states, onConflict, refused };
}

describe('saving', () => {
  it('sends a burst as one save, on the last revision acknowledged', async () => {
    const bases: number[] = [];
    const { saver, states } = made(async (base) => {
      bases.push(base);
      return answer(base + 1);
    });
    for (let i = 0; i < 20; i++) saver.change();
    await after(40);
    saver.change();
    await after(40);
    expect(bases).toEqual([1, 2]);
    expect(states.at(-1)).toBe('saved');
    expect(saver.open).toBe(false);
  });

  it('says failed and tries again until it is acknowledged', async () => {
    let calls = 0;
    const { saver, states } = made(async (base) => (++calls < 3 ? { kind: 'lost' } : answer(base + 1)));
    saver.change();
    await after(120);
    expect(calls).toBe(3);
    expect(states).toContain('failed');
    expect(states.at(-1)).toBe('saved');
  });

  it('never says saved while a later change is on its way', async () => {
    let release = () => {};
    const { saver, states } = made(async (base) => {
      await new Promise<void>((r) => (release = r));
      return answer(base + 1);
    });
    saver.change();
    await after(20);
    saver.change();
    release();
    await after(5);
    expect(states).not.toContain('saved');
    await after(20);
    release();
    await after(20);
    expect(states.at(-1)).toBe('saved');
  });

  it('rests after a conflict until it is settled', async () => {
    const bases: number[] = [];
    const { saver, onConflict, states } = made(async (base) => {
      bases.push(base);
      return base === 1 ? { kind: 'refused', status: 409, faults: [], body: { theirs: {} } } : answer(base + 1);
    });
    saver.change();
    await after(30);
    saver.change();
    await after(30);
    expect(bases).toEqual([1]);
    expect(onConflict).toHaveBeenCalledOnce();
    saver.resume(7, true);
    await after(30);
    expect(bases).toEqual([1, 7]);
    expect(states.at(-1)).toBe('saved');
  });

  it('tells a refusal and rests until something is changed: nothing is tried again in silence', async () => {
    let calls = 0;
    const fault = { path: 'name', rule: 'max 200', message: 'must have no more than 200 letters' };
    const { saver, states, refused } = made(async (base) =>
      ++calls === 1 ? { kind: 'refused', status: 422, faults: [fault], body: {} } : answer(base + 1),
    );
    saver.change();
    await after(60_000);
    expect(calls).toBe(1);
    expect(states.at(-1)).toBe('refused');
    expect(refused.mock.calls[0]![0]).toContain('no more than 200 letters');
    expect(saver.open).toBe(true);
    saver.change();
    await after(30);
    expect(calls).toBe(2);
    expect(states.at(-1)).toBe('saved');
  });

  it.each([408, 425, 429])('a refusal that says “not now” (%i) is tried again', async (status) => {
    let calls = 0;
    const { saver, states } = made(async (base) =>
      ++calls < 3 ? { kind: 'refused', status, faults: [], body: {} } : answer(base + 1),
    );
    saver.change();
    await after(200);
    expect(calls).toBe(3);
    expect(states.at(-1)).toBe('saved');
  });
});
