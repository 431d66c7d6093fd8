'use client';
import { useId } from 'react';
import type { PlanView } from '@/core/engine/template/view';
import { boxOf } from '@/core/numeric/polyline';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './frame.module.css';
import shape from './shape.module.css';

/** Blanks laid out in one sheet, to scale; tapered ones head to tail. */
export function NestDrawing({ view }: { view: PlanView }) {
  const [ref, width] = useWidth(800);
  const { say } = useUnits();
  const id = useId();
  const { stock, piece, blank } = view.plan;
  const n = view.blank.nest;
  const scale = (width - 16) / stock.lengthMm;
  const height = stock.widthMm * scale + 34;
  const length = piece.spanMm / view.blank.lengths;
  const slot = Math.max(view.slot.root ?? 1, view.slot.tip ?? 1);
  const margin = blank?.marginMm ?? 15;
  const wide = (end: 'root' | 'tip') => {
    const b = boxOf(view.sections[end]);
    return b.x1 - b.x0 + margin;
  };
  const [big, small] = wide('root') >= wide('tip') ? [wide('root'), wide('tip')] : [wide('tip'), wide('root')];
  const square = view.blank.smallest.widthMm;
  const blanks = Array.from({ length: n.rows }, (_, row) =>
    Array.from({ length: n.across }, (_, k) => {
      const x0 = row * (length + slot);
      if (!n.headToTail) {
        const y0 = k * (square + slot);
        return [
          [x0, y0],
          [x0 + length, y0],
          [x0 + length, y0 + square],
          [x0, y0 + square],
        ];
      }
      const pair = Math.floor(k / 2) * (n.widthOfPairMm + slot);
      return k % 2 === 0
        ? [
            [x0, pair],
            [x0 + length, pair],
            [x0 + length, pair + small],
            [x0, pair + big],
          ]
        : [
            [x0, pair + big + slot],
            [x0 + length, pair + small + slot],
            [x0 + length, pair + n.widthOfPairMm],
            [x0, pair + n.widthOfPairMm],
          ];
    }),
  ).flat();
  return (
    <div ref={ref}>
      <svg className={css.svg} viewBox={`0 0 ${width} ${height}`} role="img" aria-labelledby={id}>
        <title
          id={id}
        >{`${n.perSheet} blanks in a sheet of ${say(stock.lengthMm, 'foamSize')} by ${say(stock.widthMm, 'foamSize')}.`}</title>
        <rect
          className={shape.block}
          x={8}
          y={4}
          width={stock.lengthMm * scale}
          height={stock.widthMm * scale}
        />
        {blanks.map((b, i) => (
          <g key={i}>
            <path
              className={css.cut}
              d={`M${b.map(([x, y]) => `${8 + x! * scale} ${4 + y! * scale}`).join('L')}Z`}
            />
            <text
              className={css.strong}
              x={8 + ((b[0]![0]! + b[1]![0]!) / 2) * scale}
              y={10 + ((b[0]![1]! + b[1]![1]! + b[2]![1]! + b[3]![1]!) / 4) * scale}
              fontSize={15}
              textAnchor="middle"
            >
              {i + 1}
            </text>
          </g>
        ))}
        <text x={8} y={height - 8} fontSize={14}>
          {say(stock.lengthMm, 'foamSize')} × {say(stock.widthMm, 'foamSize')}; a kerf of {say(slot, 'slot')}{' '}
          between
        </text>
      </svg>
    </div>
  );
}
