'use client';
import { useEffect, useRef } from 'react';
import type { PracticeScore } from '@/core/documents/practice';
import type { FrameKind } from '@/core/documents/rig';
import { FAULT_NAMES, lossWords } from '@/core/words/practice';
import { useUnits } from '@/ui/Units';
import css from './practice.module.css';
import type { LedBy } from './useLead';

const BY: Record<LedBy, string> = { hand: '', program: ', led by the program', replay: ', played again' };

/** What a run came to: points, the largest loss and what to change, the others, figures in the job's own terms. */
export function Result(p: { score: PracticeScore; frame: FrameKind; by: LedBy; note?: string | null }) {
  const { say } = useUnits();
  const { score } = p;
  const box = useRef<HTMLElement>(null);
  // On a phone it stands below the bench: it comes into sight by itself.
  useEffect(() => {
    box.current?.scrollIntoView({ block: 'nearest' });
  }, [score]);
  const [first, ...others] = score.losses.map((l) => ({ ...l, ...lossWords(l, p.frame, say) }));
  const { led, bench } = score;
  return (
    <section ref={box} className={css.result} aria-label="What it came to" data-points={score.points}>
      <h2>
        <b className="num">{score.points}</b> of 100{BY[p.by]}
      </h2>
      {first ? (
        <p>
          {first.reason} <b>{first.change}</b>
        </p>
      ) : (
        <p>{led ? 'Nothing lost: clean from end to end.' : 'Found out, with nothing lost.'}</p>
      )}
      {others.length > 0 && (
        <ul>
          {others.map((l, i) => (
            <li key={i}>
              <b className="num">−{l.points.toFixed(1)}</b> {l.reason}
            </li>
          ))}
        </ul>
      )}
      {led && (
        <dl className={css.figures}>
          <Figure
            name="Kerf off plan, a side"
            value={`${say(led.ends.mean, 'slot')}, ${say(led.ends.most, 'slot')} at most`}
          />
          <Figure
            name="Middle off its line"
            value={`${say(led.middle.mean, 'slot')}, ${say(led.middle.most, 'slot')} at most`}
          />
          <Figure
            name="Outside the window"
            value={`${say(led.outsideS, 'time')} of ${say(led.inFoamS, 'time')}`}
          />
          <Figure name="Mean feed" value={say(led.meanFeedMmS, 'feed')} />
          {led.worstWaitS !== null && (
            <Figure
              name="Worst wait"
              value={`${say(Math.abs(led.worstWaitS), 'time')} ${led.worstWaitS < 0 ? 'short' : 'over'}`}
            />
          )}
          {led.stepMostMm > 0 && (
            <Figure name="Ends out of step" value={`${say(led.stepMostMm, 'slot')} at most`} />
          )}
        </dl>
      )}
      {bench && (
        <dl className={css.figures}>
          <Figure name="It hid" value={FAULT_NAMES[bench.fault]} />
          <Figure name="Its foam took" value={`${say(bench.tuning, 'share')} of the catalogue’s heat`} />
          <Figure
            name="Its max feed"
            value={bench.maxFeedMmS === null ? 'cuts nothing' : say(bench.maxFeedMmS, 'feed')}
          />
          <Figure name="Test cuts" value={String(bench.cuts)} />
        </dl>
      )}
      {p.note && <p className={css.note}>{p.note}</p>}
    </section>
  );
}

function Figure(p: { name: string; value: string }) {
  return (
    <div>
      <dt>{p.name}</dt>
      <dd className="num">{p.value}</dd>
    </div>
  );
}
