/// <reference lib="webworker" />
import type { FindingCode } from '@/core/documents/reading';
import { judgeAll, pairOf, ranked, refusalOf, type Judged } from '@/core/engine/match/match';
import { refusalText } from '@/core/words/match';
import { lengthWants } from '@/core/engine/match/wants';
import type { Profile } from '@/core/units/profile';
import { sayIn } from '@/core/words/say';
import type { MatchAnswer, MatchRequest, RefusedCount } from './protocol';

declare const self: DedicatedWorkerGlobalScope;

/** The judgement stays here: what the page shows of it is asked for a page at a time. */
let judged: Judged | null = null;
let profile: Profile = 'metric';
/** Reports are no closer than this, ms, so that the page is not woken for nothing. */
const APART = 60;

const tell = (answer: MatchAnswer) => self.postMessage(answer);

self.onmessage = (event: MessageEvent<MatchRequest>) => {
  const q = event.data;
  try {
    if (q.ask === 'run') {
      profile = q.profile;
      run(q);
    } else if (judged && q.ask === 'rank') rank(judged, q);
    else if (judged && q.ask === 'refused')
      tell({ tell: 'refused', code: q.code, rows: rows(judged, q.code, q.count) });
  } catch (e) {
    tell({ tell: 'fault', fault: String(e) });
  }
};

function run(q: Extract<MatchRequest, { ask: 'run' }>): void {
  const start = performance.now();
  let last = start;
  const steps = judgeAll(q.drawer);
  let step = steps.next();
  while (!step.done) {
    const now = performance.now();
    if (now - last > APART) {
      last = now;
      tell({ tell: 'progress', ...step.value });
    }
    step = steps.next();
  }
  judged = step.value;
  const { drawn } = judged;
  tell({
    tell: 'done',
    total: judged.drawn.total,
    working: judged.working.length,
    refused: counts(judged),
    wants: lengthWants(
      judged.working.map((w) => ({ lengthMm: drawn.lengthMm(w.at) })),
      judged.refused.map((r) => ({ lengthMm: drawn.lengthMm(r.at), code: r.code })),
    ),
    ms: performance.now() - start,
  });
}

function rank(j: Judged, q: Extract<MatchRequest, { ask: 'rank' }>): void {
  // The same wire on the same supply and control, at its several lengths, is one line: its best, and the others named.
  const groups = new Map<string, ReturnType<typeof ranked>>();
  for (const r of ranked(j.working, q.weights)) {
    const { wire, supply, control } = r.w.at;
    const key = `${wire}|${supply}|${control}`;
    const group = groups.get(key);
    if (group) group.push(r);
    else groups.set(key, [r]);
  }
  const pairs = [...groups.values()].slice(0, q.count).map(([best, ...others]) => ({
    ...pairOf(j.drawn, best!.w, best!.score, true),
    otherLengthsMm: others.map((o) => j.drawn.lengthMm(o.w.at)),
    places: { wire: best!.w.at.wire, supply: best!.w.at.supply, control: best!.w.at.control },
  }));
  tell({ tell: 'ranked', pairs, groups: groups.size });
}

function counts(j: Judged): RefusedCount[] {
  const by = new Map<FindingCode, number>();
  for (const r of j.refused) by.set(r.code, (by.get(r.code) ?? 0) + 1);
  return [...by].map(([code, count]) => ({ code, count })).sort((a, b) => b.count - a.count);
}

function rows(j: Judged, code: FindingCode, count: number) {
  const say = sayIn(profile);
  return j.refused
    .filter((r) => r.code === code)
    .slice(0, count)
    .map((r) => {
      const { wire, lengthMm, supply, control } = refusalOf(j.drawn, r);
      return { wire, lengthMm, supply, control: control.kind, text: refusalText(r.code, r.values, say) };
    });
}
