'use client';
import type { LedPass } from '@/core/engine/call/led';
import { useUnits } from '@/ui/Units';
import css from './call.module.css';
import { outsideOf } from './led';
import { END_NAMES, SIDE_NAMES } from '../words';

const MOST = 5;

/** Passes that were led by feel: where the pace left the clean feeds, and what it did to the core beside the planned pace. */
export function LedReport({ passes }: { passes: readonly LedPass[] }) {
  const { say } = useUnits();
  if (passes.length === 0) return null;
  return (
    <section aria-label="How it was led">
      {passes.map((p) => {
        const outside = outsideOf(p.legs);
        const clean = `${say(p.window.slowest, 'feed')} to ${say(p.window.fastest, 'feed')}`;
        return (
          <div key={p.side}>
            <h3>{SIDE_NAMES[p.side]}: how it was led</h3>
            <Feeds pass={p} />
            <p className="dim">Feeds from station to station: root solid, tip dashed; clean from {clean}.</p>
            {outside.length === 0 ? (
              <p>Clean feeds all the way, at both ends.</p>
            ) : (
              <ul>
                {outside.slice(0, MOST).map((o) => (
                  <li key={o.from}>
                    <b>
                      Station {o.from} to {o.to}: too {o.left}.
                    </b>{' '}
                    {o.seconds.toFixed(1)} s where {o.planned.toFixed(1)} s is planned; at the {o.left}est the
                    root went {say(o.root, 'feed')}, the tip {say(o.tip, 'feed')}.
                  </li>
                ))}
                {outside.length > MOST && <li>and {outside.length - MOST} places more</li>}
              </ul>
            )}
            {p.dragged && (
              <p>
                Faster than the max feed the wire tears and drags: what that does to the core is not foretold.
              </p>
            )}
            {p.worst && (
              <p>
                What it did to the core: most at station {Math.round(p.worst.at)},{' '}
                {p.worst.where === 'middle'
                  ? 'in the middle'
                  : `at the ${END_NAMES[p.worst.where].toLowerCase()}`}
                : <b className="num">{say(Math.abs(p.worst.off), 'slot')}</b>{' '}
                {p.worst.off > 0 ? 'proud of' : 'below'} what the planned pace gives.
              </p>
            )}
          </div>
        );
      })}
    </section>
  );
}

const W = 360;
const H = 110;

/** Feeds of both ends from station to station over the band of clean ones. */
function Feeds({ pass }: { pass: LedPass }) {
  const { slowest, fastest } = pass.window;
  const top = Math.max(fastest, ...pass.legs.flatMap((l) => [l.root, l.tip])) * 1.1;
  const x = (k: number) => 30 + ((W - 40) * k) / pass.legs.length;
  const y = (v: number) => H - 20 - ((H - 30) * Math.min(top, v)) / top;
  const line = (end: 'root' | 'tip') =>
    `M${pass.legs.map((l, k) => `${x(k)} ${y(l[end])}H${x(k + 1)}`).join('L')}`;
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className={css.feeds} aria-hidden="true">
      <rect data-clean x={30} width={W - 40} y={y(fastest)} height={y(slowest) - y(fastest)} />
      <path d={line('root')} data-end="root" />
      <path d={line('tip')} data-end="tip" />
      <text x={30} y={H - 4}>
        station 0
      </text>
      <text x={W - 10} y={H - 4} textAnchor="end">
        {pass.legs.length}
      </text>
    </svg>
  );
}
