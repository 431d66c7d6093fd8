'use client';
import { useId } from 'react';
import { Frame } from './Frame';
import { heatAlong, layOut, type Layout } from './layout';
import { CUTTERS } from '@/core/documents/cutters';
import { TakeUp } from './TakeUp';
import type { Evaluation } from '@/core/engine/evaluation';

/** The rig drawn to scale along its wire, without numbers: the shelf's sketch, and the ground of the band. */
export function WirePicture(props: {
  e: Evaluation;
  width: number;
  height: number;
  full?: boolean;
  label: string;
  children?: (l: Layout) => React.ReactNode;
}) {
  const { e, width, height, full = false, label, children } = props;
  const id = useId();
  const l = layOut(e, width, height, full);
  const { rig } = e.s;
  const stops = heatAlong(e);
  const wire = full ? 3.4 : 2.4;
  const drawn = rig.wire.lengthMm * l.pxPerMm;
  const w0 = (l.x0 + l.x1 - drawn) / 2;
  const w1 = w0 + drawn;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      height={height}
      role={label ? 'img' : undefined}
      aria-label={label || undefined}
      aria-hidden={label ? undefined : true}
      style={{ display: 'block' }}
    >
      <defs>
        <linearGradient id={`${id}h`} x1={w0} x2={w1} y1="0" y2="0" gradientUnits="userSpaceOnUse">
          {stops.map((s, i) => (
            <stop key={i} offset={s.at} stopColor={s.colour} />
          ))}
        </linearGradient>
      </defs>
      <Frame kind={rig.frame.kind} l={l} />
      <Foam l={l} />
      {CUTTERS[rig.frame.kind].takeUp && <TakeUp kind={rig.tension.kind} l={l} />}
      <circle cx={l.left} cy={l.wireY} r={full ? 5 : 3} fill="var(--ink)" />
      <circle cx={l.right} cy={l.wireY} r={full ? 5 : 3} fill="var(--ink)" />
      <rect
        x={w0}
        y={l.wireY - wire / 2 - 1}
        width={w1 - w0}
        height={wire + 2}
        fill="var(--ink)"
        opacity={0.75}
      />
      <rect x={w0} y={l.wireY - wire / 2} width={w1 - w0} height={wire} fill={`url(#${id}h)`} />
      {full && <Clips w0={w0} w1={w1} y={l.wireY} />}
      {children?.(l)}
    </svg>
  );
}

function Foam({ l }: { l: Layout }) {
  const dx = l.full ? 18 : 8;
  const dy = l.full ? 12 : 6;
  const { f0, f1, foamTop: t, foamBottom: b, wireY } = l;
  const face = { fill: 'var(--foam)', stroke: 'var(--foamEdge)', strokeWidth: 1 } as const;
  return (
    <g strokeLinejoin="round">
      <path {...face} d={`M${f0} ${t} l${dx} ${-dy} H${f1 + dx} L${f1} ${t} Z`} />
      <path {...face} d={`M${f1} ${t} l${dx} ${-dy} V${b - dy} L${f1} ${b} Z`} />
      <rect {...face} x={f0} y={t} width={f1 - f0} height={b - t} />
      <rect x={f0} y={wireY - 3} width={f1 - f0} height={6} fill="var(--sheet)" opacity={0.8} />
    </g>
  );
}

function Clips({ w0, w1, y }: { w0: number; w1: number; y: number }) {
  return (
    <g>
      {[w0 + 5, w1 - 5].map((x, i) => (
        <g key={i}>
          <path d={`M${x - 4} ${y - 6} l4 -3 l4 3 v12 l-4 4 l-4 -4 Z`} fill="var(--act)" />
          <path d={`M${x} ${y + 9} V${y + 46}`} stroke="var(--act)" strokeWidth={2} fill="none" />
        </g>
      ))}
    </g>
  );
}
