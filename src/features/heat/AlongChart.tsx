'use client';
import { useMemo, useState } from 'react';
import type { AlongLine, AlongReport } from '@/core/engine/along';
import { unitFor } from '@/core/units/profile';
import { Plot, PlotKey, type Line } from '@/ui/chart/Plot';
import { Slide } from '@/ui/Slide';
import { useUnits } from '@/ui/Units';
import css from './heat.module.css';

/** Temperature along the wire: idling, cutting, and at a chosen second of the warm-up. */
export function AlongChart({ report }: { report: AlongReport }) {
  const { profile, say } = useUnits();
  const [moment, setMoment] = useState(6);
  const chart = useMemo(() => {
    const length = unitFor('wireLength', profile);
    const temp = unitFor('temperature', profile);
    const line = (name: string, colour: string, l: AlongLine | null, more: Partial<Line> = {}): Line[] =>
      l
        ? [
            {
              name,
              colour,
              ...more,
              points: l.xMm.map((x, i) => ({ x: length.fromBase(x), y: temp.fromBase(l.tempC[i]!) })),
            },
          ]
        : [];
    const at = report.warming[Math.min(moment, report.warming.length - 1)];
    const lines = [
      ...line('idling in air', 'dim', report.idle, { width: 2, dash: [6, 4] }),
      ...(at ? line(`${say(at.seconds, 'time')} after switching on`, 'act', at.line, { width: 2.4 }) : []),
      ...line('cutting at the rig’s feed', 'ink', report.cutting, { width: 2.2 }),
    ];
    const all = lines.flatMap((l) => l.points);
    const end = Math.max(...all.map((p) => p.x));
    const low = temp.fromBase(0);
    return {
      lines,
      x: { title: `along the wire, ${length.symbol}`, min: 0, max: end },
      y: { title: `wire, ${temp.symbol}`, min: low, max: Math.max(...all.map((p) => p.y)) * 1.06 },
      foam: report.cutting ? report.foamMm.map((x) => length.fromBase(x)) : null,
      flow: report.flowC === null ? null : temp.fromBase(report.flowC),
    };
  }, [report, moment, profile, say]);
  if (!report.idle) return <p className="dim">The wire is cold: there is no heat to draw.</p>;
  return (
    <>
      <Plot
        lines={chart.lines}
        x={chart.x}
        y={chart.y}
        height={270}
        label={`Temperature along the wire. Idling, its middle stands at ${say(Math.max(...report.idle.tempC), 'temperature')}${report.cutting ? `; cutting, in the foam, at ${say(report.cutting.tempC[report.cutting.tempC.length >> 1], 'temperature')}` : ''}.`}
        over={({ x, y, box }) => (
          <>
            {chart.foam && (
              <g>
                <rect
                  x={x(chart.foam[0]!)}
                  y={box.bottom - 26}
                  width={x(chart.foam[1]!) - x(chart.foam[0]!)}
                  height={26}
                  fill="var(--foam)"
                  stroke="var(--foamEdge)"
                />
                <path
                  d={chart.foam.map((v) => `M${x(v)} ${box.top}V${box.bottom}`).join('')}
                  stroke="var(--foamEdge)"
                  strokeDasharray="3 3"
                />
                <text x={x(chart.foam[0]!) + 8} y={box.bottom - 8} style={{ fontWeight: 400 }}>
                  foam
                </text>
              </g>
            )}
            {chart.flow !== null && (
              <g>
                <path
                  d={`M${box.left} ${y(chart.flow)}H${box.right}`}
                  stroke="var(--edge)"
                  strokeDasharray="2 3"
                />
                <text
                  x={box.right - 6}
                  y={y(chart.flow) - 5}
                  textAnchor="end"
                  style={{ fontWeight: 400, fill: 'var(--dim)' }}
                >
                  the foam flows
                </text>
              </g>
            )}
          </>
        )}
      />
      <PlotKey lines={chart.lines} />
      {report.warming.length > 0 && (
        <div className={css.moment}>
          <span>
            Switched on{' '}
            <b className="num">
              {say(report.warming[Math.min(moment, report.warming.length - 1)]!.seconds, 'time')}
            </b>{' '}
            ago
          </span>
          <Slide
            name="Time since switching on"
            least={0}
            most={report.warming.length - 1}
            value={moment}
            says={say(report.warming[moment]?.seconds, 'time')}
            onValue={setMoment}
          />
        </div>
      )}
      {report.coldStripMm !== null && (
        <p>
          Beside such a template the wire does not melt the first{' '}
          <b className="num">{say(report.coldStripMm, 'slot')}</b> of foam: a strip to sand.
        </p>
      )}
      {(report.idle.converged && report.cutting?.converged) !== true && report.cutting && (
        <p role="alert">The lines have not settled: take them as a sketch.</p>
      )}
    </>
  );
}
