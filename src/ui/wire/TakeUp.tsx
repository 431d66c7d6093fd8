import type { Rig } from '@/core/documents/rig';
import type { Layout } from './layout';

/** What holds the wire tight, between its anchor and the wire's end. */
export function TakeUp({ kind, l }: { kind: Rig['tension']['kind']; l: Layout }) {
  const { left, x0, wireY: y } = l;
  const line = {
    stroke: 'var(--ink)',
    fill: 'none',
    strokeWidth: l.full ? 1.8 : 1.2,
    strokeLinejoin: 'round',
  } as const;
  const a = left + (l.full ? 9 : 4);
  const b = x0 - (l.full ? 9 : 4);
  if (kind === 'spring' || kind === 'rubber') {
    const n = kind === 'spring' ? 9 : 0;
    const h = l.full ? 9 : 5;
    const step = (b - a) / (n || 1);
    const coils = Array.from(
      { length: n },
      (_, i) => `L${a + (i + 0.25) * step} ${y - h} L${a + (i + 0.75) * step} ${y + h}`,
    ).join(' ');
    return kind === 'spring' ? (
      <path {...line} d={`M${left} ${y} H${a} ${coils} L${b} ${y} H${x0}`} />
    ) : (
      <g {...line}>
        <path d={`M${left} ${y} H${a} M${b} ${y} H${x0}`} />
        <rect x={a} y={y - 4} width={b - a} height={8} rx={4} />
      </g>
    );
  }
  if (kind === 'weight') {
    const r = l.full ? 9 : 5;
    return (
      <g {...line}>
        <circle cx={left + r} cy={y + r} r={r} />
        <path d={`M${left + r} ${y} H${x0} M${left} ${y + r} V${y + (l.full ? 40 : 20)}`} />
        <rect
          x={left - (l.full ? 10 : 5)}
          y={y + (l.full ? 40 : 20)}
          width={l.full ? 20 : 10}
          height={l.full ? 20 : 10}
          rx={2}
          fill="var(--ink)"
        />
      </g>
    );
  }
  if (kind === 'flex')
    return (
      <g {...line}>
        <path d={`M${left} ${y} H${x0}`} />
        <path
          d={`M${left} ${l.barY} Q${left + 4} ${y - 20} ${left + (l.full ? 20 : 10)} ${y}`}
          strokeDasharray="4 4"
        />
      </g>
    );
  return (
    <g {...line}>
      <path d={`M${left} ${y} H${x0}`} />
      <rect x={a + 6} y={y - 5} width={b - a - 12} height={10} fill="var(--sheet)" />
      {Array.from({ length: 5 }, (_, i) => (
        <path key={i} d={`M${a + 10 + i * 5} ${y - 4} l4 8`} strokeWidth={1} />
      ))}
    </g>
  );
}
