'use client';
import { useId } from 'react';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import type { PlanView } from '@/core/engine/template/view';
import type { ProfileDeviation } from '@/core/engine/template/forecast';
import { useUnits } from '@/ui/Units';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './forecast.module.css';
import { offText } from './off';
import { SIDE_NAMES } from './words';

const PLACES = ['root', 'middle', 'tip'] as const;
type Place = (typeof PLACES)[number];
const PLACE_NAMES: Record<Place, string> = { root: 'Root', middle: 'Middle', tip: 'Tip' };

/** What lessens a deviation at a place, by what makes it. */
function lessens(f: ProfileDeviation, place: Place): string {
  if (place === 'middle') {
    if (Math.abs(f.lag) >= Math.abs(f.bulge)) return 'lag: a tighter wire, or slower';
    return 'taper’s bulge: less heat';
  }
  return 'wider kerf where slower: less heat';
}

/** The forecast core at root, middle and tip: where it stands proud or comes out hollow, in colour, breadth and millimetres. */
export function Forecast({ view }: { view: PlanView }) {
  const { typed } = useUnits();
  const tolerance = view.plan.toleranceMm;
  const rows = view.passes.flatMap((p) => p.forecast.map((f) => ({ f, side: p.side })));
  if (rows.length === 0)
    return <p className="dim">The wire does not cut at this setting: there is nothing to foresee.</p>;
  const worst = PLACES.flatMap((place) =>
    view.passes.map((p) => {
      const f = p.forecast.reduce((a, b) => (Math.abs(b[place]) > Math.abs(a[place]) ? b : a));
      return { place, side: p.side, f, mm: f[place] };
    }),
  ).sort((a, b) => Math.abs(b.mm) - Math.abs(a.mm));
  return (
    <div>
      <div className={css.row}>
        {PLACES.map((place) => (
          <Outline key={place} view={view} place={place} tolerance={tolerance} />
        ))}
      </div>
      <p className={css.key}>
        <span data-off="proud">proud</span> <span data-off="hollow">hollow</span>{' '}
        <span data-off="within">under a third of the {typed(tolerance, 'slot')}</span>
      </p>
      <Table className={css.worst}>
        <caption className="hidden-visually">Largest deviations, the largest first</caption>
        <Heads of={['Where', 'Off by', 'What lessens it']} />
        <Body>
          {worst.slice(0, 3).map((w) => (
            <Row key={w.place + w.side}>
              <Cell>
                {PLACE_NAMES[w.place]}, {SIDE_NAMES[w.side].toLowerCase()} {Math.round(w.f.at)}
              </Cell>
              <Cell className="num">{offText(w.mm, typed)}</Cell>
              <Cell>{lessens(w.f, w.place)}</Cell>
            </Row>
          ))}
        </Body>
      </Table>
    </div>
  );
}

const W = 180;
const H = 92;

function Outline({ view, place, tolerance }: { view: PlanView; place: Place; tolerance: number }) {
  const id = useId();
  const { say } = useUnits();
  const at = (f: ProfileDeviation): Pt =>
    place === 'middle'
      ? [(f.rootAt[0] + f.tipAt[0]) / 2, (f.rootAt[1] + f.tipAt[1]) / 2]
      : place === 'root'
        ? f.rootAt
        : f.tipAt;
  const all = boxOf(view.passes.flatMap((p) => p.forecast.map(at)));
  const scale = Math.min((W - 16) / (all.x1 - all.x0), (H - 30) / Math.max(1e-6, all.y1 - all.y0));
  const x = (v: number) => (W - (all.x1 - all.x0) * scale) / 2 + (v - all.x0) * scale;
  const y = (v: number) => (H - 22 - (all.y1 - all.y0) * scale) / 2 + (all.y1 - v) * scale + 18;
  const most = Math.max(...view.passes.flatMap((p) => p.forecast.map((f) => Math.abs(f[place]))));
  return (
    <div className={css.one}>
      <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-labelledby={id}>
        <title id={id}>{`${PLACE_NAMES[place]}: deviation no more than ${say(most, 'slot')}`}</title>
        <text x={8} y={14} fontSize={19}>
          {PLACE_NAMES[place]}
        </text>
        {view.passes.map((p) =>
          p.forecast.slice(1).map((f, i) => {
            const before = at(p.forecast[i]!);
            const here = at(f);
            const mm = (f[place] + p.forecast[i]![place]) / 2;
            const share = Math.abs(mm) / tolerance;
            const off = share < 1 / 3 ? 'within' : mm > 0 ? 'proud' : 'hollow';
            return (
              <line
                key={`${p.side}${i}`}
                data-off={off}
                x1={x(before[0])}
                y1={y(before[1])}
                x2={x(here[0])}
                y2={y(here[1])}
                strokeWidth={off === 'within' ? 1.5 : Math.min(6, 2 + 3 * share)}
              />
            );
          }),
        )}
      </svg>
    </div>
  );
}
