'use client';
import type { FindingCode } from '@/core/documents/reading';
import type { RefusedCount, RefusedRow } from '@/workers/protocol';
import { useUnits } from '@/ui/Units';
import css from './match.module.css';
import { CONTROLS, REASONS } from './words';
import type { ControlKind } from '@/core/documents/controlKinds';

const PAGE = 30;

/** Pairings that do not work, by their reason; each reason opens into its pairings with their numbers. */
export function Refused(p: {
  counts: readonly RefusedCount[];
  rows: Partial<Record<FindingCode, readonly RefusedRow[]>>;
  onLook: (code: FindingCode, count: number) => void;
}) {
  const { typed } = useUnits();
  const all = p.counts.reduce((n, c) => n + c.count, 0);
  if (all === 0) return null;
  return (
    <section className={css.refused} aria-label="What does not work">
      <h2>What does not work, and why</h2>
      {p.counts.map(({ code, count }) => {
        const rows = p.rows[code];
        return (
          <details
            key={code}
            onToggle={(e) => {
              if (e.currentTarget.open && !rows) p.onLook(code, PAGE);
            }}
          >
            <summary>
              <b className="num">{count}</b> {REASONS[code] ?? code.replaceAll('-', ' ')}
            </summary>
            {rows && (
              <ul>
                {rows.map((r, i) => (
                  <li key={i}>
                    <b>
                      {r.wire}, {typed(r.lengthMm, 'wireLength')}, on {r.supply},{' '}
                      {CONTROLS[r.control as ControlKind]}
                    </b>
                    <span>{r.text}</span>
                  </li>
                ))}
              </ul>
            )}
            {rows && rows.length < count && (
              <button type="button" className="quiet" onClick={() => p.onLook(code, rows.length + 10 * PAGE)}>
                Show more of the {count}
              </button>
            )}
          </details>
        );
      })}
    </section>
  );
}
