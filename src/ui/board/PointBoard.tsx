'use client';
import { useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { Pt } from '@/core/numeric/polyline';
import { useWidth } from '../useWidth';
import css from './board.module.css';

/** A point that one sets, in the board's own unit, y down. */
export interface BoardPoint {
  readonly key: string;
  readonly name: string;
  readonly at: Pt;
  readonly look: 'scale' | 'line' | 'edge';
}

const STEPS: Readonly<Record<string, Pt>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
const RADIUS_PX = 9;

/**
 * A drawing or picture with points on it that are set by pointer or keys: arrows move the point that has the focus by `step`, with Shift by
 * ten of them; Delete takes it away where that may be.
 */
export function PointBoard(p: {
  label: string;
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  points: readonly BoardPoint[];
  step: number;
  onMove: (key: string, at: Pt) => void;
  onDelete?: (key: string) => void;
  /** A place on the board that was pressed where no point is. */
  onPlace?: (at: Pt) => void;
  children: ReactNode;
}) {
  const [ref, width] = useWidth(500);
  const svg = useRef<SVGSVGElement>(null);
  const px = p.box.width / width;
  const atPointer = (e: PointerEvent): Pt => {
    const m = svg.current!.getScreenCTM()!.inverse();
    return [m.a * e.clientX + m.e, m.d * e.clientY + m.f];
  };
  const held = (at: Pt): Pt => [
    Math.min(p.box.x + p.box.width, Math.max(p.box.x, at[0])),
    Math.min(p.box.y + p.box.height, Math.max(p.box.y, at[1])),
  ];
  const onKey = (point: BoardPoint) => (e: KeyboardEvent) => {
    if ((e.key === 'Delete' || e.key === 'Backspace') && p.onDelete) {
      e.preventDefault();
      return p.onDelete(point.key);
    }
    const way = STEPS[e.key];
    if (!way) return;
    e.preventDefault();
    const by = p.step * (e.shiftKey ? 10 : 1);
    p.onMove(point.key, held([point.at[0] + way[0] * by, point.at[1] + way[1] * by]));
  };
  return (
    <div ref={ref}>
      <svg
        ref={svg}
        className={css.board}
        viewBox={`${p.box.x} ${p.box.y} ${p.box.width} ${p.box.height}`}
        role="group"
        aria-label={p.label}
      >
        {p.children}
        <rect className={css.ground} {...p.box} onPointerDown={(e) => p.onPlace?.(atPointer(e))} />
        {p.points.map((point) => (
          <g
            key={point.key}
            className={css.point}
            data-look={point.look}
            data-point={point.key}
            tabIndex={0}
            role="button"
            aria-label={`${point.name}: arrow keys move it`}
            onKeyDown={onKey(point)}
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              e.currentTarget.focus();
            }}
            onPointerMove={(e) =>
              e.currentTarget.hasPointerCapture(e.pointerId) && p.onMove(point.key, held(atPointer(e)))
            }
          >
            <circle cx={point.at[0]} cy={point.at[1]} r={RADIUS_PX * px} strokeWidth={2 * px} />
            <path
              d={`M${point.at[0] - 4 * px} ${point.at[1]}h${8 * px}M${point.at[0]} ${point.at[1] - 4 * px}v${8 * px}`}
              strokeWidth={px}
            />
            <text
              x={point.at[0] + (point.look === 'line' ? -12 : 12) * px}
              y={point.at[1] + (point.look === 'edge' ? 20 : -8) * px}
              textAnchor={point.look === 'line' ? 'end' : 'start'}
              fontSize={14 * px}
              strokeWidth={3 * px}
            >
              {point.name}
            </text>
          </g>
        ))}
      </svg>
    </div>
  );
}
