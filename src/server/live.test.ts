import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Hub, type Told } from './live';

const page = (id: string, device: string, rig: string | null = null) => ({ id, device, rig });

describe('what open pages are told', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  it('changes of one moment come together, each once', async () => {
    const hub = new Hub(null);
    const told: Told[] = [];
    const end = hub.open(page('a', 'Desk'), (t) => told.push(t));
    told.length = 0;
    const rig = JSON.stringify({ rig: 'r', part: 'rig', revision: 4 });
    for (const m of [rig, '{"part":"drawer"}', rig]) hub.changed(m);
    await vi.advanceTimersByTimeAsync(30);
    expect(told).toEqual([
      { kind: 'changes', changes: [{ rig: 'r', part: 'rig', revision: 4 }, { part: 'drawer' }] },
    ]);
    end();
    hub.changed(rig);
    await vi.advanceTimersByTimeAsync(30);
    expect(told).toHaveLength(1);
  });

  it('when something was changed last is known to a page that comes later', () => {
    const hub = new Hub(null);
    const begun = hub.last;
    vi.advanceTimersByTime(5000);
    expect(hub.last).toBe(begun);
    hub.changed('{"part":"drawer"}');
    expect(hub.last).toBe(begun + 5000);
    vi.advanceTimersByTime(1000);
    hub.missed();
    expect(hub.last).toBe(begun + 6000);
  });

  it('what is told of many pages fits the channel, and names the first of them', () => {
    const told: string[] = [];
    const hub = new Hub(async (m) => told.push(m));
    for (let n = 0; n < 120; n++)
      hub.open(page(`page ${n} ${'x'.repeat(36)}`, 'Wühltisch '.repeat(6), 'r'.repeat(36)), () => undefined);
    const last = told.at(-1)!;
    expect(Buffer.byteLength(last)).toBeLessThan(8000);
    expect((JSON.parse(last) as { here: { id: string }[] }).here[0]!.id).toMatch(/^page 0 /);
  });

  it('who looks is known in both programs, and one that falls silent is forgotten', async () => {
    const wire: { hubs: Hub[] } = { hubs: [] };
    const tell = async (m: string) => wire.hubs.forEach((h) => h.heardOf(m));
    const [a, b] = [new Hub(tell), new Hub(tell)];
    wire.hubs.push(a, b);
    let seen: Told = { kind: 'missed' };
    a.open(page('1', 'Desk', 'r'), (t) => (seen = t));
    const gone = b.open(page('2', 'Phone', 'r'), () => undefined);
    const who = () => (seen.kind === 'here' ? seen.here.map((h) => h.device) : null);
    expect(who()).toEqual(['Desk', 'Phone']);
    gone();
    expect(who()).toEqual(['Desk']);
    b.open(page('3', 'Tablet'), () => undefined);
    expect(who()).toEqual(['Desk', 'Tablet']);
    // The other program is gone without a word.
    wire.hubs.length = 0;
    await vi.advanceTimersByTimeAsync(31_000);
    a.open(page('4', 'Desk'), () => undefined);
    expect(who()).toEqual(['Desk', 'Desk']);
  });
});
