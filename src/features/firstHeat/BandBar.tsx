'use client';
import type { Role } from '@/core/units/profile';
import type { Standing } from '@/core/engine/firstHeat/standing';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './firstHeat.module.css';

const X0 = 12;

/** The band that is fine as a stretch of a rule, and where the reading lies; beyond the rule it stands at its end. */
export function BandBar(p: {
  what: string;
  band: readonly [number, number];
  read: number | null;
  standing: Standing | null;
  role: Role;
}) {
  const { say } = useUnits();
  const [ref, wide] = useWidth(300);
  const X1 = wide - X0;
  const [low, high] = p.band;
  const span = Math.log(high / low);
  const [from, to] = [Math.log(low) - 1.6 * span - 0.2, Math.log(high) + 1.6 * span + 0.2];
  const x = (v: number) => X0 + ((X1 - X0) * (Math.log(v) - from)) / (to - from);
  const at = p.read === null ? null : Math.min(X1, Math.max(X0, x(Math.max(1e-6, p.read))));
  const words = { low: 'under the band', fine: 'in the band', high: 'over the band' };
  return (
    <div className={css.bar}>
      <span className={css.barName}>{p.what}</span>
      <div ref={ref}>
        <svg
          viewBox={`0 0 ${wide} 46`}
          width={wide}
          height={46}
          role="img"
          aria-label={`${p.what}: fine from ${say(low, p.role)} to ${say(high, p.role)}${p.read === null ? '' : `; read ${say(p.read, p.role)}, ${p.standing ? words[p.standing] : ''}`}`}
        >
          <path d={`M${X0} 18H${X1}`} stroke="var(--line)" strokeWidth="2" />
          <rect x={x(low)} y="10" width={x(high) - x(low)} height="16" rx="2" fill="var(--clean)" />
          <path d={`M${x(low)} 8v20M${x(high)} 8v20`} stroke="var(--act)" strokeWidth="2" />
          <text x={x(low)} y="42" textAnchor="end">
            {say(low, p.role)}
          </text>
          <text x={x(high)} y="42">
            {say(high, p.role)}
          </text>
          {at !== null && (
            <path d={`M${at} 30 l-7 -26 h14 z`} fill={p.standing === 'fine' ? 'var(--ink)' : 'var(--stop)'} />
          )}
        </svg>
      </div>
      <b className="num">{p.read === null ? '' : say(p.read, p.role)}</b>
    </div>
  );
}
