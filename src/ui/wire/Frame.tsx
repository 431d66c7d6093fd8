import type { FrameKind } from '@/core/documents/rig';
import type { Layout } from './layout';

const STROKE = {
  stroke: 'var(--frame)',
  fill: 'none',
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;

/** The cutter's frame, each kind as itself. */
export function Frame({ kind, l }: { kind: FrameKind; l: Layout }) {
  const thick = l.full ? 7 : 4;
  const bow = `M${l.left} ${l.wireY} V${l.barY} H${l.right} V${l.wireY}`;
  const foot = l.height - (l.full ? 22 : 4);
  if (kind === 'gantry') return <Towers l={l} foot={foot} />;
  if (kind === 'slicer') return <Slicer l={l} thick={thick} />;
  if (kind === 'table') return <Table l={l} thick={thick} />;
  if (kind === 'hand-tool') return <HandTool l={l} thick={thick} />;
  return (
    <g {...STROKE} strokeWidth={thick}>
      <path d={bow} />
      {kind === 'drop-bow' && <Guides l={l} foot={foot} />}
      {kind === 'pulled-bow' && <Pull l={l} />}
    </g>
  );
}

function Guides({ l, foot }: { l: Layout; foot: number }) {
  return (
    <g strokeWidth={1.5} stroke="var(--edge)">
      {[l.left, l.right].map((x) => (
        <path key={x} d={`M${x - 7} 6 V${foot} M${x + 7} 6 V${foot} M${x - 12} ${foot} H${x + 12}`} />
      ))}
    </g>
  );
}

/** A cord from the bar over a pulley to a weight. */
function Pull({ l }: { l: Layout }) {
  const x = (l.left + l.right) / 2;
  const end = l.right + (l.full ? 40 : 12);
  return (
    <g strokeWidth={1.5} stroke="var(--edge)">
      <path d={`M${x} ${l.barY} L${end - 5} 10 M${end + 5} 14 V34`} />
      <circle cx={end} cy={14} r={5} />
      <rect x={end - 4} y={34} width={18} height={16} fill="var(--edge)" stroke="none" rx={2} />
    </g>
  );
}

function Towers({ l, foot }: { l: Layout; foot: number }) {
  const w = l.full ? 18 : 10;
  return (
    <g>
      {[l.left - w, l.right].map((x) => (
        <g key={x}>
          <rect x={x} y={l.barY - 12} width={w} height={foot - l.barY + 12} fill="var(--frame)" rx={2} />
          <rect
            x={x - 4}
            y={l.wireY - 11}
            width={w + 8}
            height={22}
            fill="var(--sheet)"
            stroke="var(--frame)"
            strokeWidth={2}
            rx={3}
          />
          <path
            d={`M${x + w / 2} ${l.barY - 6} V${l.wireY - 14} M${x + w / 2} ${l.wireY + 14} V${foot - 4}`}
            stroke="var(--sheet)"
            strokeDasharray="2 3"
          />
        </g>
      ))}
      <path d={`M${l.left - w - 10} ${foot} H${l.right + w + 10}`} stroke="var(--frame)" strokeWidth={3} />
    </g>
  );
}

function Slicer({ l, thick }: { l: Layout; thick: number }) {
  const y = l.foamBottom;
  return (
    <g {...STROKE} strokeWidth={thick}>
      <path d={`M${l.left} ${y} V${l.wireY - 26} M${l.right} ${y} V${l.wireY - 26}`} />
      <path
        d={`M${l.left - 7} ${l.wireY - 26} h14 M${l.right - 7} ${l.wireY - 26} h14`}
        strokeWidth={thick - 1}
      />
      <rect
        x={l.left - 26}
        y={y}
        width={l.right - l.left + 52}
        height={l.full ? 10 : 6}
        fill="var(--frame)"
        stroke="none"
        rx={2}
      />
    </g>
  );
}

/** Seen lying on its side: the table's board across the wire, its arm over the top. */
function Table({ l, thick }: { l: Layout; thick: number }) {
  const w = l.full ? 12 : 7;
  const x = Math.max(l.x0 + 8, l.f0 - w - 1);
  const top = l.full ? l.wireY - 74 : l.barY;
  const bottom = l.full ? l.wireY + 66 : l.height - 6;
  return (
    <g>
      <path {...STROKE} strokeWidth={thick} d={`M${l.right} ${l.wireY} V${l.barY} H${x + w / 2} V${top}`} />
      <path {...STROKE} strokeWidth={thick - 2} d={`M${l.left} ${l.wireY} V${l.wireY + 30} H${x}`} />
      <rect x={x} y={top} width={w} height={bottom - top} fill="var(--frame)" rx={2} />
      <path
        d={`M${x + w / 2} ${top + 8} V${bottom - 8}`}
        stroke="var(--sheet)"
        strokeWidth={1}
        strokeDasharray="7 5"
      />
    </g>
  );
}

function HandTool({ l, thick }: { l: Layout; thick: number }) {
  const x = (l.left + l.right) / 2;
  return (
    <g {...STROKE} strokeWidth={thick - 2}>
      <path
        d={`M${l.left} ${l.wireY} C${l.left} ${l.barY + 20} ${x - 90} ${l.barY + 4} ${x - 40} ${l.barY + 4} H${x + 40} C${x + 90} ${l.barY + 4} ${l.right} ${l.barY + 20} ${l.right} ${l.wireY}`}
      />
      <rect
        x={x - 52}
        y={l.barY - 5}
        width={104}
        height={l.full ? 18 : 12}
        rx={8}
        fill="var(--edge)"
        stroke="none"
      />
    </g>
  );
}
