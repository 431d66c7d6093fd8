import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { z } from 'zod';
import type { Outcome } from './api';
import { Outbox, ownId } from './outbox';
import type { OutboxStore, Waiting } from './outboxStore';
import { quietSince, quietWhile } from './quiet';

/** A store that outlives the page, as the browser's does. */
function store(): OutboxStore & { kept: Map<string, Waiting> } {
  const kept = new Map<string, Waiting>();
  return {
    kept,
    put: async (w) => void kept.set(w.id, w),
    remove: async (id) => void kept.delete(id),
    all: async () => [...kept.values()],
  };
}
/** A server that takes each id once, over a network that loses requests, or answers. */
function network() {
  const taken: string[] = [];
  const asked: string[] = [];
  const net = { loses: 'nothing' as 'nothing' | 'requests' | 'answers', status: 200, sent: 0, taken, asked };
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    net.sent++;
    if (net.loses === 'requests') throw new TypeError('no network');
    asked.push(`${init.method} ${path}`);
    const id = new Headers(init.headers).get('idempotency-key')!;
    if (net.status === 200 && !taken.includes(id)) taken.push(id);
    if (net.loses === 'answers') throw new TypeError('no network');
    const fault = { error: { path: 'cut', rule: 'gone', message: 'There is no such rig.' } };
    return Response.json(net.status === 200 ? { ok: true } : { ...fault, errors: [fault] }, {
      status: net.status,
    });
  });
  return net;
}
const ok = z.object({ ok: z.literal(true) });

describe('what is logged on a device', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('200 of them without a network wait, and arrive once each, whatever gets lost on the way', async () => {
    const net = network();
    const kept = store();
    const box = new Outbox(async () => kept);
    for (let n = 0; n < 200; n++) {
      net.loses = n % 2 ? 'requests' : 'answers';
      expect(await box.log('/api/x', ok, { n })).toMatchObject({ kind: 'kept' });
    }
    expect(box.waiting()).toHaveLength(200);
    // The first of them arrived, and its answer was lost: the rest waits behind it.
    expect(net.taken).toHaveLength(1);
    // Another page of the same device sends too, at the same time; the network is back only for moments.
    const other = new Outbox(async () => kept);
    const way = ['answers', 'requests', 'nothing'] as const;
    for (let n = 0; kept.kept.size > 0 && n < 1000; n++) {
      net.loses = way[n % 3]!;
      await Promise.all([box.flush(), other.flush()]);
    }
    expect(kept.kept.size).toBe(0);
    expect(net.taken).toHaveLength(200);
    expect(new Set(net.taken).size).toBe(200);
  });

  it('goes out in the order it was logged in: what amends something comes after it, though the network is back before', async () => {
    const net = network();
    const kept = store();
    const box = new Outbox(async () => kept);
    net.loses = 'requests';
    const on = await box.log('/api/events', ok, { on: true });
    expect(on.kind).toBe('kept');
    if (on.kind !== 'kept') return;
    vi.advanceTimersByTime(10);
    expect((await box.log(`/api/events/${on.id}`, ok, { off: true }, 'PUT')).kind).toBe('kept');
    net.loses = 'nothing';
    vi.advanceTimersByTime(10);
    // A third is answered at once: those before it went first.
    expect((await box.log('/api/x', ok, 3)).kind).toBe('done');
    expect(net.asked.slice(-4).map((a) => a.replace(on.id, 'first'))).toEqual([
      'POST /api/events',
      'PUT /api/events/first',
      'POST /api/x',
      'POST /api/x',
    ]);
    expect(new Set(net.taken).size).toBe(3);
    expect(kept.kept.size).toBe(0);
  });

  it('is tried again by itself every five seconds, as long as something waits', async () => {
    const net = network();
    const kept = store();
    const box = new Outbox(async () => kept);
    net.loses = 'requests';
    await box.log('/api/x', ok, 1);
    await vi.advanceTimersByTimeAsync(11_000);
    expect(net.sent).toBe(3);
    net.loses = 'nothing';
    await vi.advanceTimersByTimeAsync(5_000);
    expect(box.waiting()).toEqual([]);
    await vi.advanceTimersByTimeAsync(60_000);
    expect(net.sent).toBe(4);
  });

  it('counts down as it is sent, and news of it wait until it is, five seconds at most', async () => {
    const net = network();
    const kept = store();
    const box = new Outbox(async () => kept);
    net.loses = 'requests';
    for (let n = 0; n < 3; n++) await box.log('/api/x', ok, n);
    net.loses = 'nothing';
    const counts: number[] = [];
    let left = -1;
    box.subscribe(() => counts.push(box.waiting().length));
    const sent = box.flush();
    void quietSince().then(() => (left = kept.kept.size));
    await sent;
    await vi.advanceTimersByTimeAsync(0);
    expect(counts.slice(0, 3)).toEqual([2, 1, 0]);
    expect(left).toBe(0);
    let told = false;
    quietWhile(new Promise(() => {}));
    void quietSince().then(() => (told = true));
    await vi.advanceTimersByTimeAsync(4_900);
    expect(told).toBe(false);
    await vi.advanceTimersByTimeAsync(200);
    expect(told).toBe(true);
  });

  it('what the server refuses later is kept and told until it is thrown away', async () => {
    const net = network();
    const kept = store();
    const box = new Outbox(async () => kept);
    net.loses = 'requests';
    await box.log('/api/x', ok, 1);
    net.loses = 'nothing';
    net.status = 404;
    await box.flush();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(box.waiting()).toMatchObject([{ refused: expect.stringContaining('no such rig') as string }]);
    expect(net.sent).toBe(2);
    await box.discard(box.waiting()[0]!.id);
    expect(kept.kept.size).toBe(0);
  });

  it('what is refused at once is answered so, and a server that is busy or wants a code has it later', async () => {
    const net = network();
    const kept = store();
    const box = new Outbox(async () => kept);
    const how = async (status: number) => {
      net.status = status;
      return ((await box.log('/api/x', ok, 1)) as Outcome<unknown>).kind;
    };
    expect([await how(200), await how(422), await how(503), await how(401)]).toEqual([
      'done',
      'refused',
      'kept',
      'kept',
    ]);
    expect(kept.kept.size).toBe(2);
    // A browser that keeps nothing says that it was lost, and does not promise.
    net.loses = 'requests';
    expect(await new Outbox(async () => null).log('/api/x', ok, 1)).toEqual({ kind: 'lost' });
  });

  it('gives each an id that no other has', () => {
    const ids = Array.from({ length: 1000 }, ownId);
    expect(new Set(ids).size).toBe(1000);
    for (const id of ids)
      expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  });
});
