import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { PLAIN_WEIGHTS } from '@/core/documents/drawer';
import { seededDrawer } from '@/core/engine/match/testDrawer';
import type { MatchAnswer, MatchRequest } from './protocol';

/** The worker as it stands, its `self` a stand-in that keeps what it tells. */
const told: MatchAnswer[] = [];
const self = {
  postMessage: (a: MatchAnswer) => void told.push(a),
  onmessage: null as ((e: { data: MatchRequest }) => void) | null,
};
const ask = (q: MatchRequest) => {
  told.length = 0;
  self.onmessage!({ data: q });
  return told;
};

beforeAll(async () => {
  vi.stubGlobal('self', self);
  await import('./match.worker');
});
afterAll(() => vi.unstubAllGlobals());

describe('the match worker', () => {
  const drawer = seededDrawer(4, { wires: 5, lengths: 3, supplies: 6, controls: 12 }, true);

  it('says nothing of a match that was never run', () => {
    expect(ask({ ask: 'rank', weights: PLAIN_WEIGHTS, count: 5 })).toEqual([]);
  });

  it('ends a run with its counts, every pairing in one of them', () => {
    const end = ask({ ask: 'run', drawer, profile: 'metric' }).at(-1)!;
    if (end.tell !== 'done') throw new Error(end.tell);
    expect(end.total).toBe(5 * 3 * 12);
    expect(end.working + end.refused.reduce((n, r) => n + r.count, 0)).toBe(end.total);
    expect(end.refused.map((r) => r.count)).toEqual(end.refused.map((r) => r.count).sort((a, b) => b - a));
  });

  it('ranks lines, each the best of a wire, supply and control, with its other lengths', () => {
    const [answer] = ask({ ask: 'rank', weights: PLAIN_WEIGHTS, count: 4 });
    if (answer?.tell !== 'ranked') throw new Error('not ranked');
    expect(answer.pairs).toHaveLength(4);
    expect(answer.groups).toBeGreaterThanOrEqual(4);
    for (const pair of answer.pairs) {
      expect(pair.reading).not.toBeNull();
      expect(pair.otherLengthsMm).not.toContain(pair.lengthMm);
    }
    const scores = answer.pairs.map((p) => p.score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
  });

  it('shows the refusals of a reason, no more than are asked for', () => {
    const end = ask({ ask: 'run', drawer, profile: 'inch' }).at(-1)!;
    if (end.tell !== 'done') throw new Error(end.tell);
    const { code, count } = end.refused[0]!;
    const [answer] = ask({ ask: 'refused', code, count: 2 });
    if (answer?.tell !== 'refused') throw new Error('no rows');
    expect(answer.rows).toHaveLength(Math.min(2, count));
    for (const row of answer.rows) expect(row.text).toMatch(/\d/);
  });

  it('a fault inside is told, not thrown', () => {
    const [answer] = ask({ ask: 'run', drawer: {} as typeof drawer, profile: 'metric' });
    expect(answer).toMatchObject({ tell: 'fault' });
  });
});
