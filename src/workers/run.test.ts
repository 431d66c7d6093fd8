import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Port } from './latest';
import { askOnce, runWorker, type BrokenOff } from './run';

type A = { tell: 'progress' | 'done'; n: number };

class FakePort implements Port<string, A> {
  static made: FakePort[] = [];
  asked: string[] = [];
  stopped = false;
  onmessage: ((e: { data: A }) => void) | null = null;
  onerror: ((e: unknown) => void) | null = null;
  constructor() {
    FakePort.made.push(this);
  }
  postMessage(q: string) {
    this.asked.push(q);
  }
  terminate() {
    this.stopped = true;
  }
  say(tell: A['tell'], n = 0) {
    this.onmessage!({ data: { tell, n } });
  }
}

beforeEach(() => {
  vi.useFakeTimers();
  FakePort.made = [];
});
afterEach(() => void vi.useRealTimers());

function begun() {
  const answers: number[] = [];
  const broken = vi.fn();
  const run = runWorker<string, A>('first', {
    make: () => new FakePort(),
    deadlineMs: 1000,
    onAnswer: (a) => {
      answers.push(a.n);
      return a.tell === 'done';
    },
    onBroken: broken,
  });
  return { run, answers, broken, port: FakePort.made[0]! };
}

describe('a worker that answers several times', () => {
  it('is asked, tells its progress, and after its last answer has no deadline any more', () => {
    const { run, answers, broken, port } = begun();
    expect(port.asked).toEqual(['first']);
    port.say('progress', 1);
    port.say('done', 2);
    vi.advanceTimersByTime(10_000);
    expect(answers).toEqual([1, 2]);
    expect(broken).not.toHaveBeenCalled();
    run.ask('more');
    expect(port.asked).toEqual(['first', 'more']);
  });

  it('progress alone does not keep it alive: at the deadline it is stopped and told', () => {
    const { broken, port, answers } = begun();
    vi.advanceTimersByTime(900);
    port.say('progress', 1);
    vi.advanceTimersByTime(200);
    expect(broken).toHaveBeenCalledExactlyOnceWith('late');
    expect(port.stopped).toBe(true);
    port.say('done', 2);
    expect(answers).toEqual([1]);
  });

  it('a fault in it is told once', () => {
    const { broken, port } = begun();
    port.onerror!(new Error('x'));
    port.onerror!(new Error('x'));
    vi.advanceTimersByTime(5000);
    expect(broken).toHaveBeenCalledExactlyOnceWith('fell');
  });

  it('stopped, it is asked no more, answers no more, and nothing is told', () => {
    const { run, answers, broken, port } = begun();
    run.stop();
    run.ask('more');
    port.say('done', 3);
    vi.advanceTimersByTime(5000);
    expect(port.stopped).toBe(true);
    expect(port.asked).toEqual(['first']);
    expect(answers).toEqual([]);
    expect(broken).not.toHaveBeenCalled();
  });
});

describe('one question', () => {
  const ask = (): Promise<A | BrokenOff> =>
    askOnce<string, A>('q', { make: () => new FakePort(), deadlineMs: 1000 });

  it('is answered, and its worker is stopped', async () => {
    const answer = ask();
    FakePort.made[0]!.say('done', 7);
    expect(await answer).toEqual({ tell: 'done', n: 7 });
    await Promise.resolve();
    expect(FakePort.made[0]!.stopped).toBe(true);
  });

  it.each([
    ['late', (): void => void vi.advanceTimersByTime(1001)],
    ['fell', (): void => FakePort.made[0]!.onerror!(new Error('x'))],
  ] as const)('that breaks off (%s) says so', async (how, breakIt) => {
    const answer = ask();
    breakIt();
    expect(await answer).toBe(how);
    expect(FakePort.made[0]!.stopped).toBe(true);
  });
});
