'use client';
import type { Moment } from '@/core/practice/moment';
import type { PracticeWire } from '@/core/practice/wire';
import { useUnits } from '@/ui/Units';
import css from './practice.module.css';

/** Most that the gauge shows, over the max feed. */
const SHOWS = 1.5;

/** A share of the gauge that a word has room in. */
const ROOM = 0.14;

/** Live feed against the window: melts, clean, drags; what is asked for is marked. */
export function Gauge(p: { wire: PracticeWire; goal: number; m: Moment | null; ends: 'one' | 'both' }) {
  const { say } = useUnits();
  const { slowest, fastest } = p.wire.at;
  const top = SHOWS * fastest;
  const at = (feed: number) => `${Math.min(100, (100 * feed) / top)}%`;
  const feeds = p.m ? (p.ends === 'one' ? [p.m.near.feed] : [p.m.near.feed, p.m.far.feed]) : [];
  return (
    <div className={css.gauge} aria-hidden>
      <div className={css.zones}>
        <span data-zone="melts" style={{ left: 0, width: at(slowest) }} />
        <span data-zone="clean" style={{ left: at(slowest), width: `calc(${at(fastest)} - ${at(slowest)})` }} />
        <span data-zone="drags" style={{ left: at(fastest), right: 0 }} />
        <i data-goal style={{ left: at(p.goal) }} />
        {feeds.map((feed, i) => (
          <b key={i} data-needle={i === 0 ? 'near' : 'far'} style={{ left: at(Math.max(0, feed)) }} />
        ))}
      </div>
      <div className={css.scale}>
        {slowest > ROOM * top && <span style={{ left: 0 }}>melts</span>}
        <span style={{ left: at(Math.max(0.5 * fastest, (slowest + fastest) / 2)) }}>
          clean {say(slowest, 'feed')} to {say(fastest, 'feed')}
        </span>
        <span style={{ left: at((fastest + top) / 2) }}>drags</span>
      </div>
    </div>
  );
}
