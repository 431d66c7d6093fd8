import { heatColour } from '../theme/palette';

/** The kerf seen along the wire, to scale: foam ahead, the wire, the channel melted behind it with its skin. */
export function Magnifier(props: {
  id: string;
  x: number;
  y: number;
  r: number;
  wireMm: number;
  slotMm: number;
  foamC: number;
}) {
  const { id, x, y, r, wireMm, slotMm, foamC } = props;
  const scale = (r * 0.95) / Math.max(slotMm, wireMm * 1.3, 0.3);
  const half = (slotMm * scale) / 2;
  const wire = (wireMm * scale) / 2;
  const cx = x + r * 0.22;
  const front = Math.max(half, wire) * 0.9;
  return (
    <g>
      <clipPath id={id}>
        <circle cx={x} cy={y} r={r} />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        <rect x={x - r} y={y - r} width={2 * r} height={2 * r} fill="var(--foam)" />
        <path
          d={`M${x - r - 4} ${y - half} H${cx} C${cx + front * 1.2} ${y - half} ${cx + front * 1.2} ${y + half} ${cx} ${y + half} H${x - r - 4} Z`}
          fill="var(--sheet)"
          stroke="var(--foamEdge)"
          strokeWidth={3}
        />
        <circle
          cx={cx}
          cy={y}
          r={Math.max(2, wire)}
          fill={heatColour(foamC)}
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
      </g>
      <circle cx={x} cy={y} r={r} fill="none" stroke="var(--edge)" strokeWidth={2} />
      <path d={`M${x - r * 0.62} ${y - half} V${y + half}`} stroke="var(--ink)" strokeWidth={1} />
      <path
        d={`M${x - r * 0.62 - 4} ${y - half} h8 M${x - r * 0.62 - 4} ${y + half} h8`}
        stroke="var(--ink)"
        strokeWidth={1}
      />
    </g>
  );
}
