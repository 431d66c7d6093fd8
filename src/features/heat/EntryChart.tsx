'use client';
import { useMemo } from 'react';
import type { Hold, History } from '@/core/engine/history';
import { unitFor } from '@/core/units/profile';
import { Plot, PlotKey, type Line } from '@/ui/chart/Plot';
import { useUnits } from '@/ui/Units';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './heat.module.css';
import { HOLD_NAMES } from './words';

const STYLE: Record<Hold, Pick<Line, 'colour' | 'width' | 'dash'>> = {
  'as-it-is': { colour: 'ink', width: 2.6 },
  volts: { colour: 'note', width: 1.8, dash: [8, 4] },
  amps: { colour: 'act', width: 1.8, dash: [2, 3] },
  ohms: { colour: 'fix', width: 1.8, dash: [10, 3, 2, 3] },
};

/** The wire in the part that meets the foam, from switching on through entry until it has settled, under each way of holding. */
export function EntryChart({ histories, flat }: { histories: readonly History[]; flat: boolean }) {
  const { profile, say } = useUnits();
  const shown = useMemo(() => histories.filter((h) => h.hold !== 'ohms' || !flat), [histories, flat]);
  const chart = useMemo(() => {
    const temp = unitFor('temperature', profile);
    const lines = shown.map((h): Line => ({
      name: HOLD_NAMES[h.hold],
      ...STYLE[h.hold],
      points: h.t.map((t, i) => ({ x: t, y: temp.fromBase(h.foamC[i]!) })),
    }));
    const all = lines.flatMap((l) => l.points);
    return {
      lines,
      x: { title: 'seconds from switching on', min: 0, max: Math.max(1, ...all.map((p) => p.x)) },
      y: {
        title: `wire where the foam is, ${temp.symbol}`,
        min: temp.fromBase(0),
        max: Math.max(...all.map((p) => p.y)) * 1.08,
      },
    };
  }, [shown, profile]);
  const first = shown[0];
  if (!first)
    return <p className="dim">The wire does not cut at this setting, so there is nothing to follow.</p>;
  return (
    <>
      <Plot
        lines={chart.lines}
        x={chart.x}
        y={chart.y}
        height={250}
        label={`The wire warms for ${say(first.entryS, 'time')}, then goes into the foam.`}
        over={({ x, box }) => (
          <g>
            <path d={`M${x(first.entryS)} ${box.top}V${box.bottom}`} stroke="var(--edge)" />
            <text x={x(first.entryS) + 6} y={box.top + 14} style={{ fontWeight: 400 }}>
              into the foam
            </text>
          </g>
        )}
      />
      <PlotKey lines={chart.lines} />
      <Table className={css.entry}>
        <Heads of={['held', 'kerf at entry', 'settled', 'wire in air, settled']} />
        <Body>
          {shown.map((h) => {
            const at = h.slotMm.findIndex((s) => s === s);
            const end = h.t.length - 1;
            return (
              <Row key={h.hold}>
                <Cell component="th" scope="row">
                  {HOLD_NAMES[h.hold]}
                </Cell>
                <Cell className="num">{at < 0 ? '–' : say(h.slotMm[at], 'slot')}</Cell>
                <Cell className="num">{say(h.slotMm[end], 'slot')}</Cell>
                <Cell className="num">{say(h.airC[end], 'temperature')}</Cell>
              </Row>
            );
          })}
        </Body>
      </Table>
    </>
  );
}
