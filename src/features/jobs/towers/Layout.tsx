'use client';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { JobOf } from '@/core/documents/job';
import { entryOf } from '@/core/engine/motion/lay';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { Size, useJobField } from '../inputs';
import jobs from '../jobs.module.css';
import {
  byItself,
  copied,
  loopsOfParts,
  movedBy,
  partsOf,
  withPart,
  withSlit,
  type LaidPart,
  type SlitHint,
} from './laying';
import css from './towers.module.css';

type Outline = JobOf<'outline'>;
/** What is held: a part, the way in, or the end of a slit; and how far it was drawn, mm. */
interface Held {
  readonly what: 'part' | 'entry' | 'slit';
  readonly i: number;
  readonly from: Pt;
  readonly by: Pt;
}
/** A key moves by so much, mm; with Shift ten times as far. */
const KEY_MM = 1;
const KEYS: Readonly<Record<string, Pt>> = {
  ArrowLeft: [-KEY_MM, 0],
  ArrowRight: [KEY_MM, 0],
  ArrowUp: [0, KEY_MM],
  ArrowDown: [0, -KEY_MM],
};
const ROUND_MM = 8;
const path = (loop: readonly Pt[]) => `M${loop.map(([x, y]) => `${x} ${y}`).join('L')}Z`;

/** Parts on the block, moved by drag, by keys and by numbers; the way in and the ends of slits likewise. */
export function Layout({ job, slits }: { job: Outline; slits: readonly (readonly [Pt, Pt])[] }) {
  const { say } = useUnits();
  const laid = useJobField<Outline['parts']>('parts', 'Parts');
  const hints = useJobField<Outline['slits']>('slits', 'Slits');
  const way = useJobField<Outline['entry']>('entry', 'Way in');
  const svg = useRef<SVGSVGElement>(null);
  const [held, hold] = useState<Held | null>(null);
  const [chosen, choose] = useState(0);
  const [told, tell] = useState<string | null>(null);
  const parts = partsOf(job);
  const drawn = loopsOfParts(job.loops, parts);
  const entry = entryOf(job);
  const [long, , high] = job.blockMm;
  const set = (next: LaidPart[]) => tell(laid.set(next));
  const setSlits = (next: SlitHint[]) => tell(hints.set(next));
  const mine = Math.min(chosen, parts.length - 1);
  const box = boxOf(drawn[mine]!.flat());

  const place = (e: PointerEvent): Pt => {
    const m = svg.current!.getScreenCTM()!.inverse();
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(m);
    return [p.x, -p.y];
  };
  const take = (what: Held['what'], i: number) => (e: PointerEvent<SVGElement>) => {
    e.currentTarget.setPointerCapture(e.pointerId);
    if (what === 'part') choose(i);
    hold({ what, i, from: place(e), by: [0, 0] });
  };
  const draw = (e: PointerEvent) => {
    if (!held) return;
    const [x, y] = place(e);
    hold({ ...held, by: [x - held.from[0], y - held.from[1]] });
  };
  const drop = () => {
    if (!held) return;
    const { what, i, by } = held;
    hold(null);
    if (Math.hypot(...by) > 0.05) put(what, i, by);
  };
  const put = (what: Held['what'], i: number, [dx, dy]: Pt) => {
    if (what === 'part') set(withPart(parts, i, movedBy(dx, dy)));
    else if (what === 'entry') tell(way.set([round(entry[0] + dx), round(entry[1] + dy)]));
    else {
      const [, to] = slits[i]!;
      setSlits(withSlit(hints.value ?? [], slits[i]!, [to[0] + dx, to[1] + dy]));
    }
  };
  const keyed = (what: Held['what'], i: number) => (e: KeyboardEvent) => {
    const step = KEYS[e.key];
    if (!step) return;
    e.preventDefault();
    const far = (e.shiftKey ? 10 : 1) * (what === 'slit' ? 2 : 1);
    put(what, i, [step[0] * far, step[1] * far]);
  };
  const by = (what: Held['what'], i: number) =>
    held?.what === what && held.i === i ? `translate(${held.by[0]} ${held.by[1]})` : undefined;
  const handle = (what: 'entry' | 'slit', i: number, [x, y]: Pt, label: string) => (
    <circle
      key={`${what} ${i}`}
      className={css.handle}
      data-what={what}
      cx={x}
      cy={y}
      r={Math.max(long, high) / 70}
      transform={by(what, i)}
      tabIndex={0}
      role="button"
      aria-label={label}
      onPointerDown={take(what, i)}
      onPointerMove={draw}
      onPointerUp={drop}
      onPointerCancel={() => hold(null)}
      onKeyDown={keyed(what, i)}
    />
  );
  const [x0, y0] = [Math.min(0, entry[0]) - ROUND_MM, Math.min(0, entry[1]) - ROUND_MM];
  const [x1, y1] = [Math.max(long, entry[0]) + ROUND_MM, Math.max(high, entry[1]) + ROUND_MM];
  return (
    <section aria-label="Lay out" className={css.laying}>
      <svg
        ref={svg}
        className={css.layout}
        viewBox={`${x0} ${-y1} ${x1 - x0} ${y1 - y0}`}
        role="group"
        aria-label="Parts on the block"
      >
        <g transform="scale(1 -1)">
          <rect
            className={jobs.foam}
            x={0}
            y={0}
            width={long}
            height={high}
            vectorEffect="non-scaling-stroke"
          />
          {slits.map(([a, b], i) => (
            <path key={i} className={css.slit} d={`M${a[0]} ${a[1]}L${b[0]} ${b[1]}`} />
          ))}
          {drawn.map((loops, i) => {
            const b = boxOf(loops.flat());
            return (
              <g
                key={i}
                className={css.part}
                data-chosen={i === mine}
                transform={by('part', i)}
                tabIndex={0}
                role="button"
                aria-pressed={i === mine}
                aria-label={`Part ${i + 1}, ${say(b.x1 - b.x0, 'foamSize')} by ${say(b.y1 - b.y0, 'foamSize')}, at ${say(b.x0, 'foamSize')} and ${say(b.y0, 'foamSize')}`}
                onFocus={() => choose(i)}
                onPointerDown={take('part', i)}
                onPointerMove={draw}
                onPointerUp={drop}
                onPointerCancel={() => hold(null)}
                onKeyDown={keyed('part', i)}
              >
                <path d={loops.map(path).join('')} fillRule="evenodd" />
              </g>
            );
          })}
          {slits.map(([, to], i) => handle('slit', i, to, `End of slit ${i + 1}`))}
          {handle('entry', 0, entry, 'Way in')}
        </g>
      </svg>
      <p className={jobs.says}>
        Drag parts, the way in, and the ends of slits; or choose one and use the arrow keys, with Shift ten
        times as far.
      </p>
      <h3>
        Part {mine + 1} of {parts.length}
      </h3>
      <div className={jobs.three}>
        <Size
          label="From front"
          value={box.x0}
          onValue={(v) => laid.set(withPart(parts, mine, movedBy(v - box.x0, 0)))}
        />
        <Size
          label="From below"
          value={box.y0}
          onValue={(v) => laid.set(withPart(parts, mine, movedBy(0, v - box.y0)))}
        />
        <QuantityField
          label="Turned"
          name="part.turned"
          role="angle"
          value={parts[mine]!.turnDeg}
          onValue={(v) =>
            v === null || !(v >= -360 && v <= 360)
              ? 'must lie between −360° and 360°'
              : laid.set(withPart(parts, mine, (p) => ({ ...p, turnDeg: v })))
          }
        />
      </div>
      <p className={jobs.acts}>
        <Act onClick={() => set(withPart(parts, mine, (p) => ({ ...p, turnDeg: (p.turnDeg + 90) % 360 })))}>
          Turn by a quarter
        </Act>
        <Act onClick={() => set(withPart(parts, mine, (p) => ({ ...p, mirrored: !p.mirrored })))}>Mirror</Act>
        <Act
          onClick={() => {
            set(copied(job.loops, parts, mine, job.marginMm));
            choose(parts.length);
          }}
        >
          Copy
        </Act>
        <Act disabled={parts.length < 2} onClick={() => set(parts.filter((_, k) => k !== mine))}>
          Leave it out
        </Act>
      </p>
      <p className={jobs.acts}>
        <Act
          onClick={() => {
            const { parts: next, left } = byItself(job.loops, parts, [long, high], job.marginMm);
            tell(
              laid.set(next) ??
                (left === 0
                  ? null
                  : `${left === 1 ? 'One part has' : `${left} parts have`} no room on this block.`),
            );
          }}
        >
          Lay all out by size
        </Act>
        {job.parts && <Act onClick={() => tell(laid.set(null))}>As they are drawn</Act>}
        {job.slits && <Act onClick={() => tell(hints.set(null))}>Slits where they are shortest</Act>}
      </p>
      {told && <p role="alert">{told}</p>}
    </section>
  );
}
const round = (mm: number) => Number(mm.toFixed(3));
