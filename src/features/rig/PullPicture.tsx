'use client';
import { useMemo } from 'react';
import { pullBand, waysOut, type PullBand } from '@/core/engine/tensionBand';
import { unitFor } from '@/core/units/profile';
import { patchWords } from '@/core/words/fixes';
import { apply } from '@/state/edit';
import { useDerived, useRigStore } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './tension.module.css';

const HEIGHT = 112;
const SIDE = 14;
const LOW: Record<PullBand['lowBy'], string> = { slack: 'slack', lag: 'lags too far' };
const HIGH: Record<PullBand['highBy'], string> = {
  stress: 'over half its strength',
  spring: 'past the spring',
  bar: 'bends the bar',
};
const WAY: Record<string, string> = {
  slower: 'Slower',
  cooler: 'Cooler',
  shorter: 'Shorter wire',
  alloy: 'A stronger alloy',
};

/** Pulls on one axis: the band that suits, and where the wire stands cold, hot and cutting. */
export function PullPicture() {
  const { evaluation: e } = useDerived();
  const { say, profile } = useUnits();
  const unit = unitFor('force', profile).toBase(1);
  const [ref, width] = useWidth(520);
  const band = useMemo(() => pullBand(e), [e]);
  const t = e.tension;
  if (!band)
    return (
      <p className="dim">{e.off ? 'The supply has shut off: only the cold tension is known.' : 'Not known.'}</p>
    );
  const { lowN, highN } = band;
  const most = 1.12 * Math.max(Math.min(band.refusedN, 4 * highN), t.coldN, t.hotN ?? 0, lowN ?? 0);
  const x = (n: number) => SIDE + ((width - 2 * SIDE) * Math.min(n, most)) / most;
  const marks = [
    { name: 'cold', n: t.coldN },
    ...(t.cutN === null ? [] : [{ name: 'cutting', n: t.cutN }]),
    { name: 'hot', n: t.hotN ?? 0 },
  ];
  const y = 62;
  return (
    <div ref={ref}>
      <p>
        {band.open && lowN !== null ? (
          <>
            Set it between <b className="num">{say(lowN, 'force')}</b> and{' '}
            <b className="num">{say(highN, 'force')}</b>.{' '}
            {highN < band.setsN ? '' : `From ${say(band.setsN, 'force')} on it takes a set.`}
          </>
        ) : (
          <b>
            No tension suits: what does not {band.lowBy === 'lag' ? 'lag too far' : 'hang slack'} is too much
            for it.
          </b>
        )}
      </p>
      <svg
        width={width}
        height={HEIGHT}
        className={css.pull}
        role="img"
        aria-label={`Tension: ${marks.map((m) => `${m.name} ${say(m.n, 'force')}`).join(', ')}.`}
      >
        <rect x={SIDE} y={y - 9} width={width - 2 * SIDE} height={18} className={css.track} />
        {lowN !== null && band.open && (
          <rect x={x(lowN)} y={y - 9} width={x(highN) - x(lowN)} height={18} className={css.suits} />
        )}
        {highN < most && (
          <rect x={x(highN)} y={y - 9} width={x(most) - x(highN)} height={18} className={css.over} />
        )}
        {lowN !== null && <path d={`M${x(lowN)} ${y - 9} v18`} className={css.edge} />}
        <path d={`M${x(highN)} ${y - 9} v18`} className={css.edge} />
        {band.setsN < highN && <path d={`M${x(band.setsN)} ${y - 9} v18`} className={css.set} />}
        {lowN !== null && x(Math.min(lowN, most)) > 60 && (
          <text x={x(lowN) - 4} y={y + 4} textAnchor="end" className={css.inside}>
            {LOW[band.lowBy]}
          </text>
        )}
        {x(most) - x(highN) > 96 && (
          <text x={x(highN) + 6} y={y + 4} className={css.inside}>
            {HIGH[band.highBy]}
          </text>
        )}
        {spread(marks, x, width).map((m) => (
          <g key={m.name}>
            <path d={`M${x(m.n)} ${y - 11} l-5 -8 h10 Z`} className={css.mark} />
            <path d={`M${x(m.n)} ${y - 19} L${m.at} ${y - 24}`} className={css.hair} />
            <text x={m.at} y={y - 43} textAnchor="middle">
              {m.name}
            </text>
            <text x={m.at} y={y - 27} textAnchor="middle" className={css.figure}>
              {say(m.n, 'force')}
            </text>
          </g>
        ))}
        {ticks(most, unit).map((n) => (
          <text key={n} x={x(n)} y={y + 28} textAnchor={n === 0 ? 'start' : 'middle'}>
            {say(n, 'force')}
          </text>
        ))}
      </svg>
      {!band.open && <WaysOut />}
    </div>
  );
}

/** Whole steps of somebody's unit, four to eight of them, N. */
function ticks(most: number, unit: number): number[] {
  const rough = most / unit / 6;
  const ten = 10 ** Math.floor(Math.log10(rough));
  const step = [1, 2, 5, 10].map((k) => k * ten).find((k) => k >= rough)! * unit;
  return Array.from({ length: Math.floor(most / step) + 1 }, (_, i) => i * step).filter((n) => n < 0.97 * most);
}

/** Captions at least 58 px apart, in the order of their numbers. */
function spread<M extends { n: number }>(
  marks: readonly M[],
  x: (n: number) => number,
  width: number,
): (M & { at: number })[] {
  const gap = 62;
  const sorted = [...marks].sort((a, b) => a.n - b.n).map((m) => ({ ...m, at: x(m.n) }));
  const middle = sorted.reduce((s, m) => s + m.at, 0) / sorted.length;
  for (let i = 1; i < sorted.length; i++) sorted[i]!.at = Math.max(sorted[i]!.at, sorted[i - 1]!.at + gap);
  const shift = middle - sorted.reduce((s, m) => s + m.at, 0) / sorted.length;
  const first = Math.max(sorted[0]!.at + shift, 30) - sorted[0]!.at;
  const last = Math.min(sorted.at(-1)!.at + first, width - 30) - sorted.at(-1)!.at;
  return sorted.map((m) => ({ ...m, at: m.at + last }));
}

/** Where no pull suits, what would give one; each was tried. */
function WaysOut() {
  const { evaluation: e, rig } = useDerived();
  const store = useRigStore();
  const { say } = useUnits();
  const ways = useMemo(() => waysOut(e), [e]);
  if (ways.length === 0)
    return <p>Nothing tried gives it one: slower, cooler, a shorter wire, another alloy.</p>;
  return (
    <ul className={css.ways} aria-label="Ways out">
      {ways.map((w) => {
        const alloy = (w.patch['wire'] as { alloy?: string } | undefined)?.alloy;
        const words = patchWords(w.patch, rig, say) || `Use ${alloy}`;
        return (
          <li key={w.by}>
            <Act
              onClick={() => {
                const { doc, edit } = store.getState();
                edit(words, apply(doc, w.patch));
              }}
            >
              {words}
            </Act>{' '}
            {WAY[w.by]}: then {say(w.band.lowN, 'force')} to {say(w.band.highN, 'force')}.
          </li>
        );
      })}
    </ul>
  );
}
