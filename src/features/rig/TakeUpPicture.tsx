'use client';
import { takeUpAt } from '@/core/engine/takeUp';
import { useDerived } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './tension.module.css';
import type { Evaluation } from '@/core/engine/evaluation';

const HEIGHT = 84;
const LEFT = 70;

/** Where the take-up's end stands, m from slack, and what it has: cold (switched off), cutting, hot; its safe load and travel. */
function places(e: Evaluation) {
  const t = e.tension;
  const { holder, safeN } = t.takeUp;
  const { kind, travelMm, frameNPerMm } = e.s.rig.tension;
  const frame = frameNPerMm === null ? Infinity : frameNPerMm * 1000;
  const at = (n: number) => (kind === 'flex' ? n / frame : takeUpAt(holder, n));
  const cold = kind === 'weight' ? 0 : at(t.coldN);
  const hot = kind === 'weight' ? (t.growth ?? 0) : at(t.hotN ?? 0);
  const cut = kind === 'weight' ? (t.growthCut ?? 0) : at(t.cutN ?? t.hotN ?? 0);
  return {
    cold,
    hot,
    cut,
    safe: kind === 'spring' && safeN !== null ? at(safeN) : null,
    travel: travelMm === null ? null : travelMm / 1000,
  };
}

/** The take-up magnified: its end cold, cutting and hot, its working range, safe load and travel. */
export function TakeUpPicture() {
  const { evaluation: e } = useDerived();
  const { say } = useUnits();
  const [ref, width] = useWidth(520);
  const { kind } = e.s.rig.tension;
  const p = places(e);
  const t = e.tension;
  if (kind === 'fixed')
    return (
      <p ref={ref} className={css.note}>
        Fixed ends take nothing up.{' '}
        {t.slack !== null && t.growth !== null && (
          <>
            The hot wire is <b className="num">{say(t.growth * 1000, 'depth')}</b> longer
            {t.slack > 0 ? (
              <>
                {' '}
                and hangs <b className="num">{say(t.slack * 1000, 'depth')}</b> in the middle. Add a spring, or
                any take-up, with <b className="num">{say(3 * t.growth * 1000, 'depth')}</b> of travel: three
                times the growth.
              </>
            ) : (
              <>; the frame and the wire itself take that, at the cost of most of its tension.</>
            )}
          </>
        )}
      </p>
    );
  const sinks = kind === 'weight';
  const need = 3 * (t.growth ?? 0);
  const most = Math.max(p.cold, p.hot, p.safe ?? 0, sinks ? need : 0, 1e-3) * 1.08;
  const x = (m: number) => LEFT + ((width - LEFT - 60) * Math.max(0, m)) / most;
  const y = 34;
  const from = p.travel === null ? null : sinks ? 0 : Math.max(0, p.cold - p.travel);
  const to = sinks ? (p.travel ?? 0) : p.cold;
  return (
    <div ref={ref}>
      <svg
        width={width}
        height={HEIGHT}
        className={css.pull}
        role="img"
        aria-label={`Take-up: cold ${say(p.cold * 1000, 'depth')}, hot ${say(p.hot * 1000, 'depth')}.`}
      >
        <TakeUpBody kind={kind} y={y} end={x(p.cold)} />
        <rect x={x(0)} y={y + 18} width={x(most) - x(0)} height={8} className={css.track} />
        {from !== null && (
          <rect x={x(from)} y={y + 18} width={Math.max(0, x(to) - x(from))} height={8} className={css.suits} />
        )}
        <rect
          x={x(Math.min(p.hot, p.cold))}
          y={y + 20}
          width={Math.max(2, Math.abs(x(p.cold) - x(p.hot)))}
          height={4}
          className={css.works}
        />
        {p.safe !== null && p.safe < most && (
          <>
            <path d={`M${x(p.safe)} ${y - 14} v44`} className={css.set} />
            <text x={x(p.safe) - 4} y={y - 18} textAnchor="end">
              safe to {say(t.takeUp.safeN, 'force')}
            </text>
          </>
        )}
        <path
          d={`M${x(p.cold)} ${y + 14} v16 M${x(p.hot)} ${y + 14} v16 M${x(p.cut)} ${y + 17} v10`}
          className={css.hair}
        />
        <text x={x(p.hot) + (sinks ? 5 : -5)} y={y + 44} textAnchor={sinks ? 'start' : 'end'}>
          hot
        </text>
        <text x={x(p.cold) + (sinks ? -5 : 5)} y={y + 44} textAnchor={sinks ? 'end' : 'start'}>
          cold, off
        </text>
      </svg>
      <p className={css.says}>
        {sinks ? 'It sinks' : 'It works over'}{' '}
        <b className="num">{say(Math.abs(p.cold - p.hot) * 1000, 'depth')}</b>; practice keeps{' '}
        {say(need * 1000, 'depth')} margin, three times the growth
        {p.travel === null ? '' : `, and it has ${say(p.travel * 1000, 'depth')}`}.
      </p>
    </div>
  );
}

function TakeUpBody({ kind, y, end }: { kind: string; y: number; end: number }) {
  const x0 = 20;
  const n = 11;
  const step = (end - x0 - 16) / n;
  const coils = Array.from(
    { length: n },
    (_, i) => `L${x0 + 8 + (i + 0.25) * step} ${y - 10} L${x0 + 8 + (i + 0.75) * step} ${y + 10}`,
  ).join(' ');
  if (kind === 'weight')
    return (
      <g className={css.body}>
        <circle cx={x0 + 14} cy={y} r={11} />
        <path d={`M${x0 + 14} ${y - 11} H${end + 40} M${x0 + 3} ${y} v22`} />
        <rect x={x0 - 5} y={y + 22} width={16} height={16} className={css.mass} />
      </g>
    );
  return (
    <g className={css.body}>
      <path d={`M${x0} ${y - 14} v28`} strokeWidth={3} />
      {kind === 'spring' ? (
        <path d={`M${x0} ${y} h8 ${coils} L${end - 8} ${y} H${end}`} />
      ) : kind === 'rubber' ? (
        <rect x={x0 + 8} y={y - 6} width={Math.max(8, end - x0 - 16)} height={12} rx={6} />
      ) : (
        <path d={`M${x0} ${y + 14} Q${(x0 + end) / 2} ${y + 14} ${end} ${y - 10}`} />
      )}
      <circle cx={end} cy={y} r={4} className={css.mass} />
    </g>
  );
}
