'use client';
import { useMemo, useState } from 'react';
import { ALLOY_IDS, ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import { rigSchema } from '@/core/documents/rig';
import { idealGauges, idealOf, type IdealWire } from '@/core/engine/ideal';
import type { Stock } from '@/state/types';
import { Plot, type Line, type Plane } from '@/ui/chart/Plot';
import { Choice } from '@/ui/Choice';
import { Slide } from '@/ui/Slide';
import { useUnits } from '@/ui/Units';
import type { Job } from './drawerOf';
import css from './match.module.css';

/** Heats of which a line is drawn, W/m. */
const HEATS = [5, 10, 20, 50, 100, 200, 500];
const niceMax = (v: number) => [2, 3, 5, 10, 20, 30, 50, 100, 200, 500].find((n) => n >= v) ?? 1000;

/**
 * What would be ideal: every gauge by the volts and amps that this job asks of it, on lines of equal heat a metre, with the
 * drawer's own wires and the corners of its supplies. A wire inside a corner can be driven by that supply.
 */
export function Ideal({ job, stock }: { job: Job; stock: Stock }) {
  const { say, typed } = useUnits();
  const least = Math.round(job.foam.widthMm + 120);
  const [alloy, setAlloy] = useState<AlloyId>('nicr-80');
  const [factor, setFactor] = useState(1.25);
  const lengthMm = Math.round((least * factor) / 5) * 5;
  const found = useMemo(() => {
    const rig = rigSchema.parse({
      format: 'upwind-rod/rig',
      version: 1,
      frame: { kind: job.frame },
      wire: { alloy, diameterMm: 0.4, lengthMm, lie: job.frame === 'table' ? 'vertical' : 'horizontal' },
      supply: { kind: 'bench', volts: 500, maxAmps: 500 },
      foam: job.foam,
      cut: { feedMmS: job.feedMmS, ...(job.reserve === null ? {} : { reserve: job.reserve }) },
    });
    const gauges = idealGauges(rig, alloy, lengthMm);
    const own = stock.spools.flatMap((s) => idealOf(rig, s, lengthMm, true) ?? []);
    return { gauges, own };
  }, [job, alloy, lengthMm, stock.spools]);
  const { gauges, own } = found;
  const all = [...gauges, ...own];
  const supplies = stock.supplies.filter((s) => s.supply.maxAmps !== null);
  const chart = useMemo(() => {
    const xMax = niceMax(
      1.15 * Math.max(10, ...supplies.map((s) => s.supply.volts), ...gauges.map((g) => g.volts)),
    );
    const yMax = niceMax(
      1.15 * Math.max(2, ...supplies.map((s) => s.supply.maxAmps!), ...gauges.map((g) => g.amps)),
    );
    const heat = HEATS.map((w): Line => ({
      name: `${w} W/m`,
      colour: 'edge',
      width: 1,
      dash: [2, 4],
      points: [xMax / 400, xMax].map((x) => ({ x, y: (w * lengthMm) / 1000 / x })),
    }));
    const corners = supplies.map((s): Line => ({
      name: s.name,
      colour: s.have ? 'note' : 'edge',
      width: 1.6,
      ...(s.have ? {} : { dash: [6, 4] }),
      points: [
        { x: xMax / 400, y: s.supply.maxAmps! },
        { x: s.supply.volts, y: s.supply.maxAmps! },
        { x: s.supply.volts, y: yMax / 400 },
      ],
    }));
    const at = (w: IdealWire) => ({ x: w.volts, y: w.amps });
    const lines: Line[] = [
      ...heat,
      ...corners,
      { name: 'gauges', colour: 'ink', width: 1.4, marks: 3.5, points: gauges.filter((g) => g.bears).map(at) },
    ];
    const xMin = Math.min(xMax / 40, ...all.map((w) => w.volts * 0.7));
    const yMin = Math.min(yMax / 40, ...all.map((w) => w.amps * 0.7));
    return {
      lines,
      x: { title: 'voltage of the supply', min: xMin, max: xMax, log: true },
      y: { title: 'amps', min: yMin, max: yMax, log: true },
    };
  }, [found, supplies.length, lengthMm]); // eslint-disable-line react-hooks/exhaustive-deps
  const best = gauges.filter((g) => g.bears && g.volts <= 48);
  return (
    <section className={css.ideal} aria-label="What to buy">
      <h2>What would be ideal?</h2>
      <p className="dim">
        Each point is a gauge at the volts and amps this cut asks of it. Inside a supply’s corner, that supply
        drives it; a fifth under the corner is better. Dotted lines: equal heat of each metre.
      </p>
      <div className={css.idealActs}>
        <Choice
          label="Alloy"
          name="idealAlloy"
          value={alloy}
          onChoose={setAlloy}
          options={ALLOY_IDS.map((a) => ({ value: a, name: ALLOYS[a].name }))}
        />
        <div className={css.long}>
          <span>
            Wire length <b className="num">{typed(lengthMm, 'wireLength')}</b>
          </span>
          <Slide
            name="Wire length"
            least={1}
            most={3}
            step={0.05}
            value={factor}
            says={typed(lengthMm, 'wireLength')}
            onValue={setFactor}
          />
        </div>
      </div>
      {all.length === 0 ? (
        <p>This foam is not cut hot, so there is nothing to buy for it.</p>
      ) : (
        <Plot
          {...chart}
          height={380}
          label={`Voltage and current by gauge. ${best.map((g) => `${g.name} AWG: ${say(g.volts, 'volts')}, ${say(g.amps, 'amps')}`).join('; ')}.`}
          over={(plane) => (
            <Labels plane={plane} gauges={gauges} own={own} supplies={supplies} lengthMm={lengthMm} />
          )}
        />
      )}
    </section>
  );
}

function Labels(p: {
  plane: Plane;
  gauges: readonly IdealWire[];
  own: readonly IdealWire[];
  supplies: Stock['supplies'];
  lengthMm: number;
}) {
  const { x, y, box } = p.plane;
  const inside = (v: number, lo: number, hi: number) => Math.min(hi, Math.max(lo, v));
  return (
    <>
      {HEATS.map((w) => {
        const edge = (w * p.lengthMm) / 1000;
        const at = box.bottom - 6;
        const px = xWhere(p.plane, edge, at);
        if (px === null) return null;
        return (
          <text key={w} x={px} y={at} textAnchor="middle" style={{ fill: 'var(--dim)', fontWeight: 400 }}>
            {w} W/m
          </text>
        );
      })}
      {p.supplies.map((s) => (
        <text
          key={s.id}
          x={box.left + 6}
          y={inside(y(s.supply.maxAmps!) - 5, box.top + 12, box.bottom)}
          style={{ fill: 'var(--note)' }}
        >
          {s.name}
        </text>
      ))}
      {p.gauges
        .filter((g) => g.bears)
        .map((g) => (
          <text key={g.name} x={x(g.volts) + 8} y={y(g.amps) - 5}>
            {g.name} AWG
          </text>
        ))}
      {apart(
        p.own.filter((o) => o.bears && x(o.volts) <= box.right),
        (o) => y(o.amps),
      ).map(({ item: o, at }) => (
        <g key={o.name}>
          <path
            d={`M${x(o.volts)} ${y(o.amps) - 7}l7 7l-7 7l-7 -7z`}
            fill="var(--act)"
            stroke="var(--sheet)"
            strokeWidth={1.5}
          />
          <text x={x(o.volts) - 11} y={at + 5} textAnchor="end" style={{ fill: 'var(--act)' }}>
            {o.name}
          </text>
        </g>
      ))}
    </>
  );
}

/** Heights of labels, pushed down where two would lie on each other. */
function apart<T>(items: readonly T[], height: (item: T) => number): { item: T; at: number }[] {
  let last = -Infinity;
  return [...items]
    .sort((a, b) => height(a) - height(b))
    .map((item) => {
      last = Math.max(height(item), last + 15);
      return { item, at: last };
    });
}

/** Where a line of equal power crosses a height of the chart, px; null outside it. */
function xWhere(plane: Plane, watts: number, py: number): number | null {
  const { x, y, box } = plane;
  for (let k = 0; k <= 200; k++) {
    const px = box.left + ((box.right - box.left) * k) / 200;
    // Both axes run in logarithms: volts at px by the two ends.
    const volts = voltsAt(plane, px);
    if (y(watts / volts) >= py) return px > box.left + 20 && px < box.right - 20 && x(volts) ? px : null;
  }
  return null;
}

function voltsAt(plane: Plane, px: number): number {
  let lo = 1e-3;
  let hi = 1e4;
  for (let i = 0; i < 40; i++) {
    const mid = Math.sqrt(lo * hi);
    if (plane.x(mid) < px) lo = mid;
    else hi = mid;
  }
  return Math.sqrt(lo * hi);
}
