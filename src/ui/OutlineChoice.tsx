'use client';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import css from './outlineChoice.module.css';
import { QuantityField } from './QuantityField';
import { useUnits } from './Units';

const MOST = 12;
const MOST_GAP_MM = 20;

/** The outlines that a drawing holds, with their sizes: one is chosen; gaps between their lines are joined up to a length. */
export function OutlineChoice(p: {
  units: string;
  dropped: readonly string[];
  outlines: readonly { readonly points: readonly Pt[] }[];
  chosen: number;
  onChoose: (index: number) => void;
  gap: number;
  onGap: (mm: number) => void;
}) {
  const { say } = useUnits();
  return (
    <>
      <p>
        Units: {p.units}.{' '}
        {p.dropped.length > 0 ? `Left out: ${p.dropped.join(', ')}.` : 'Nothing was left out.'}
      </p>
      <JoinGaps gap={p.gap} onGap={p.onGap} />
      <div className={css.choices} role="radiogroup" aria-label="Outline">
        {p.outlines.slice(0, MOST).map((o, i) => {
          const b = boxOf(o.points);
          return (
            <button
              key={i}
              type="button"
              role="radio"
              aria-checked={i === p.chosen}
              onClick={() => p.onChoose(i)}
            >
              <SmallOutline points={o.points} />
              <span className="num">
                {say(b.x1 - b.x0, 'foamSize')} × {say(b.y1 - b.y0, 'foamSize')}
              </span>
            </button>
          );
        })}
      </div>
    </>
  );
}

/** Up to which gap between the ends of a drawing's lines they are joined. */
export function JoinGaps(p: { gap: number; onGap: (mm: number) => void }) {
  const { say } = useUnits();
  return (
    <QuantityField
      label="Join gaps up to"
      name="section.gap"
      role="slot"
      value={p.gap}
      onValue={(v) =>
        v !== null && v >= 0 && v <= MOST_GAP_MM
          ? (p.onGap(v), null)
          : `must be 0 to ${say(MOST_GAP_MM, 'slot')}`
      }
    />
  );
}

/** An outline drawn small, to tell it from others. */
export function SmallOutline({ points, wide = false }: { points: readonly Pt[]; wide?: boolean }) {
  const w = wide ? 480 : 120;
  const h = wide ? 120 : 60;
  const b = boxOf(points);
  const s = Math.min((w - 8) / (b.x1 - b.x0 || 1), (h - 8) / (b.y1 - b.y0 || 1));
  const x = (v: number) => (4 + (v - b.x0) * s).toFixed(1);
  const y = (v: number) => (h / 2 - (v - (b.y0 + b.y1) / 2) * s).toFixed(1);
  return (
    <svg viewBox={`0 0 ${w} ${h}`} aria-hidden="true" className={css.small}>
      <path d={`M${points.map(([px, py]) => `${x(px)} ${y(py)}`).join('L')}Z`} />
    </svg>
  );
}
