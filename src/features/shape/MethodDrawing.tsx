'use client';
import { useId } from 'react';
import type { PlanView } from '@/core/engine/template/view';
import { boxOf } from '@/core/numeric/polyline';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './frame.module.css';
import shape from './shape.module.css';
import { METHOD_NAMES } from './words';

const H = 250;

/** The block from above with its wire, and what drives both ends, to one scale. */
export function MethodDrawing({ view }: { view: PlanView }) {
  const [ref, width] = useWidth(760);
  const { say } = useUnits();
  const id = useId();
  const n = (k: string) => view.method[k] as number;
  const span = view.plan.piece.spanMm;
  const root = boxOf(view.sections.root);
  const tip = boxOf(view.sections.tip);
  const margin = view.plan.blank?.marginMm ?? 15;
  const depth = Math.max(root.x1, tip.x1) - Math.min(root.x0, tip.x0) + 2 * margin;
  const far =
    view.kind === 'anchored'
      ? Math.max(n('anchorMm'), span) + 40
      : view.kind === 'swing-arm'
        ? span + 260 + Math.max(n('rootRadiusMm'), n('tipRadiusMm')) * 0.3
        : span + 160;
  const reach =
    view.kind === 'swing-arm'
      ? Math.max(n('rootRadiusMm'), n('tipRadiusMm'))
      : view.kind === 'lever'
        ? n('longMarkMm')
        : depth;
  const scale = Math.min((width - 120) / (far + 80), (H - 70) / Math.max(depth, reach));
  const high = Math.max(depth + 30 / scale, reach) * scale + 44;
  const x = (v: number) => 70 + v * scale;
  const y = (v: number) => 26 + v * scale;
  const chills = view.findings.find((f) => f.code === 'template-chills');
  const strip = chills ? (chills.values['strip'] as number) : null;
  const front = Math.min(root.x0, tip.x0) - margin;
  const at = (v: number) => y(v - front);
  const wireAt = { root: (root.x0 + root.x1) / 2, tip: (tip.x0 + tip.x1) / 2 };
  const mark = (px: number, py: number, words: string, anchor: 'start' | 'middle' | 'end' = 'middle') => (
    <text className={css.strong} x={px} y={py} fontSize={14} textAnchor={anchor}>
      {words}
    </text>
  );
  return (
    <div ref={ref}>
      <svg className={css.svg} viewBox={`0 0 ${width} ${high}`} role="img" aria-labelledby={id}>
        <title
          id={id}
        >{`${METHOD_NAMES[view.kind]}, seen from above, to scale: span ${say(span, 'foamSize')}.`}</title>
        <rect className={shape.block} x={x(0)} y={y(0)} width={span * scale} height={depth * scale} />
        <path
          className={shape.root}
          d={`M${x(0)} ${at(root.x0)}L${x(span)} ${at(tip.x0)}L${x(span)} ${at(tip.x1)}L${x(0)} ${at(root.x1)}Z`}
        />
        {strip !== null &&
          [x(0), x(span) - Math.max(2, strip * scale)].map((at) => (
            <rect
              key={at}
              className={css.chill}
              x={at}
              y={y(0)}
              width={Math.max(2, strip * scale)}
              height={depth * scale}
            />
          ))}
        {strip !== null &&
          mark(x(0) + 4, y(depth) - 6, `${say(strip, 'slot')} stay cold beside each template`, 'start')}
        {mark(x(0) + 8, y(0) + 18, 'root', 'start')}
        {view.kind !== 'anchored' && mark(x(span) - 8, y(0) + 18, 'tip', 'end')}
        {driver()}
        <g>
          <line className={shape.thin} x1={x(0)} x2={x(span)} y1={y(depth) + 16} y2={y(depth) + 16} />
          <text x={x(span / 2)} y={y(depth) + 32} fontSize={14} textAnchor="middle">
            span {say(span, 'foamSize')}
          </text>
        </g>
      </svg>
    </div>
  );

  function driver() {
    const wire = (
      <line
        x1={x(-30)}
        x2={x(span + 30)}
        y1={at(wireAt.root)}
        y2={at(wireAt.tip)}
        stroke="#e0571b"
        strokeWidth={2.5}
      />
    );
    switch (view.kind) {
      case 'anchored': {
        const a = x(n('anchorMm'));
        const line = root.x0 + n('straightShare') * view.plan.piece.root.chordMm;
        return (
          <>
            {[root.x0, root.x1].map((v) => (
              <line key={v} className={shape.thin} x1={x(0)} y1={at(v)} x2={a} y2={at(line)} />
            ))}
            <line x1={x(-30)} y1={at(root.x0)} x2={a} y2={at(line)} stroke="#e0571b" strokeWidth={2.5} />
            <circle className={css.hole} cx={a} cy={at(line)} r={5} />
            {mark(a, at(line) - 10, `anchor ${say(n('anchorMm'), 'foamSize')}`, 'end')}
          </>
        );
      }
      case 'swing-arm': {
        const px = x(span + 150);
        const end = (r: number) => y(Math.max(n('rootRadiusMm'), n('tipRadiusMm')) - r);
        const foot = y(Math.max(n('rootRadiusMm'), n('tipRadiusMm')));
        return (
          <>
            {wire}
            <line
              x1={px}
              x2={px}
              y1={y(0) - 8}
              y2={foot}
              stroke="var(--frame)"
              strokeWidth={6}
              strokeLinecap="round"
            />
            <circle cx={px} cy={foot} r={6} fill="var(--ink)" />
            {(['root', 'tip'] as const).map((e) => (
              <g key={e}>
                <path
                  className={shape.thin}
                  d={`M${e === 'root' ? x(-30) : x(span + 30)} ${at(wireAt[e])}V${y(0) - (e === 'root' ? 14 : 7)}H${px - 24}L${px} ${end(n(`${e}RadiusMm`))}`}
                />
                <circle className={css.hole} cx={px} cy={end(n(`${e}RadiusMm`))} r={5} />
                {mark(
                  px + 12,
                  end(n(`${e}RadiusMm`)) + 5,
                  `${e} ${say(n(`${e}RadiusMm`), 'foamSize')}`,
                  'start',
                )}
              </g>
            ))}
            {mark(px + 12, foot + 5, 'pivot', 'start')}
          </>
        );
      }
      case 'lever': {
        const px = x(span + 90);
        const foot = y(n('longMarkMm'));
        const end = (r: number) => foot - r * scale;
        return (
          <>
            {wire}
            <line
              x1={px}
              x2={px}
              y1={end(n('longMarkMm')) - 6}
              y2={foot}
              stroke="var(--frame)"
              strokeWidth={6}
              strokeLinecap="round"
            />
            {[
              ['longMarkMm', String(view.method['longEnd'])],
              ['shortMarkMm', view.method['longEnd'] === 'root' ? 'tip' : 'root'],
            ].map(([k, e]) => (
              <g key={k}>
                <circle className={css.hole} cx={px} cy={end(n(k!))} r={5} />
                {mark(px + 12, end(n(k!)) + 5, `${e} ${say(n(k!), 'foamSize')}`, 'start')}
              </g>
            ))}
          </>
        );
      }
      default: {
        const hold = x(n('holdFromRootMm'));
        const hands = view.kind === 'two-person' ? [x(-45), x(span + 45)] : [hold];
        const py = (px: number) =>
          view.kind === 'two-person' ? at(px < hold ? wireAt.root : wireAt.tip) : y(depth) + 0;
        return (
          <>
            {wire}
            {view.kind === 'two-person' || view.kind === 'single-pass'
              ? hands.map((h) => <circle key={h} cx={h} cy={py(h)} r={9} fill="var(--act)" />)
              : [x(-30), x(span + 30)].map((px, i) => (
                  <path
                    key={px}
                    d={`M${px} ${at(i ? wireAt.tip : wireAt.root)}v40m-6 -9l6 9l6 -9`}
                    className={shape.root}
                  />
                ))}
            {view.kind === 'two-person'
              ? mark(x(span / 2), y(0) - 8, 'one at each end')
              : mark(
                  hold,
                  y(0) - 8,
                  `middle of the pull ${say(n('holdFromRootMm'), 'foamSize')} from the root`,
                )}
          </>
        );
      }
    }
  }
}
