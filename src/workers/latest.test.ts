import { describe, expect, it, vi } from 'vitest';
import { Latest, type Port } from './latest';

interface Q {
  id: number;
}
class FakePort implements Port<Q, Q> {
  static made: FakePort[] = [];
  asked: Q[] = [];
  stopped = false;
  onmessage: ((e: { data: Q }) => void) | null = null;
  onerror: ((e: unknown) => void) | null = null;
  constructor() {
    FakePort.made.push(this);
  }
  postMessage(q: Q) {
    this.asked.push(q);
  }
  terminate() {
    this.stopped = true;
  }
}
const set = (deadline = 1000) => {
  FakePort.made = [];
  const answers: number[] = [];
  const late: number[] = [];
  const latest = new Latest<Q, Q>(
    () => new FakePort(),
    (a) => answers.push(a.id),
    (q) => late.push(q.id),
    deadline,
  );
  return { latest, answers, late };
};

describe('asking a worker the latest question', () => {
  it('drops all but the newest while one is worked on', () => {
    const { latest, answers } = set();
    [1, 2, 3].forEach((id) => latest.ask({ id }));
    const port = FakePort.made[0]!;
    port.onmessage!({ data: { id: 1 } });
    port.onmessage!({ data: { id: 3 } });
    expect(port.asked.map((q) => q.id)).toEqual([1, 3]);
    expect(answers).toEqual([1, 3]);
    latest.dispose();
    expect(port.stopped).toBe(true);
  });

  it('stops a worker at the deadline and asks the next of a new one', async () => {
    vi.useFakeTimers();
    const { latest, answers, late } = set(10);
    latest.ask({ id: 1 });
    latest.ask({ id: 2 });
    await vi.advanceTimersByTimeAsync(15);
    vi.useRealTimers();
    expect(late).toEqual([1]);
    expect(FakePort.made[0]!.stopped).toBe(true);
    FakePort.made[1]!.onmessage!({ data: { id: 2 } });
    expect(answers).toEqual([2]);
    latest.dispose();
  });

  it('restarts after a crash', () => {
    const { latest, late } = set();
    latest.ask({ id: 1 });
    FakePort.made[0]!.onerror!(new Error('gone'));
    expect(late).toEqual([1]);
    latest.ask({ id: 2 });
    expect(FakePort.made[1]!.asked).toEqual([{ id: 2 }]);
    latest.dispose();
  });
});
