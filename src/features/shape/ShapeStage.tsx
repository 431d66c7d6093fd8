'use client';
import { useState } from 'react';
import { apply } from '@/state/edit';
import { usePieces, usePlan } from '@/state/PlanContext';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { usePlanned } from '@/state/usePlanned';
import { Fact } from '@/ui/Fact';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { EndFields } from './Ends';
import { EndsDrawing } from './EndsDrawing';
import { PlanChoice, PlanNumber, optionsOf } from './fields';
import { PiecePicker } from './PiecePicker';
import { PlanFindings } from './PlanFindings';
import { offText } from './off';
import css from './shape.module.css';
import { HAND_NAMES, faultWords } from './words';
import { places } from '@/state/places';
import { Column, type Columns } from '@/ui/Column';
import { later } from '@/ui/later';

const CoreView = later(() => import('./CoreView').then((m) => m.CoreView), {
  waiting: <p className="dim">Setting up the view …</p>,
});
const Forecast = later(() => import('./Forecast').then((m) => m.Forecast));
const Finish = later(() => import('./Finish').then((m) => m.Finish));

/** The stage Shape: what the core is, what falls out of the block, what to mend. */
export function ShapeStage({ columns }: { columns: Columns }) {
  const { open } = usePieces();
  return open ? <Planned key={open.store.getState().id} columns={columns} /> : <NoPiece columns={columns} />;
}

export function NoPiece({ columns }: { columns: Columns }) {
  return (
    <>
      <Column className={columns.decide} name="What the core is" of="shape">
        <h2>What the core is</h2>
        <div className={columns.fields}>
          <PiecePicker />
        </div>
      </Column>
      <Column className={columns.follow} name="What falls out of the block?" of="shape">
        <h2>What falls out of the block?</h2>
        <p className="dim">
          Name a piece first: then its templates, the pace of both ends and the core that will fall out are
          worked out for this rig.
        </p>
      </Column>
      <Column className={columns.act} name="What to do" of="shape">
        <h2>What to do</h2>
      </Column>
    </>
  );
}

const VIEWS = { ends: 'Both ends', block: 'In the block', forecast: 'Forecast' } as const;

function Planned({ columns }: { columns: Columns }) {
  const { rig } = useDerived();
  const doc = usePlan((s) => s.doc);
  const planned = usePlanned(rig, doc);
  const rigId = useRig((s) => s.id);
  const store = useRigStore();
  const id = usePlan((s) => s.id);
  const { say, typed } = useUnits();
  const [look, setLook] = useState<keyof typeof VIEWS>('ends');
  const [more, setMore] = useState(false);
  const v = planned.view;
  const square = (n: number | null, role: 'slot' | 'feed' | 'time' | 'mass') => say(n, role);
  const widen = (mm: number) => {
    const { doc: d, edit } = store.getState();
    edit('width', apply(d, { foam: { widthMm: mm } }));
  };
  return (
    <>
      <Column className={columns.decide} name="What the core is" of="shape">
        <h2>What the core is</h2>
        <div className={columns.fields}>
          <PiecePicker />
          <div className={css.ends}>
            <EndFields end="root" />
            <EndFields end="tip" />
          </div>
          <div className={css.three}>
            <PlanNumber path="piece.tip.twistDeg" label="Washout" role="angle" />
            <PlanNumber path="piece.tip.offsetMm" index={0} label="Sweep" role="foamSize" />
            <PlanNumber path="piece.tip.offsetMm" index={1} label="Dihedral rise" role="foamSize" />
            <PlanNumber path="piece.spanMm" label="Span" role="foamSize" />
            <PlanNumber path="piece.pieces" label="Cores of each" role="count" />
            <PlanNumber path="toleranceMm" label="Tolerance" role="slot" />
          </div>
          <PlanChoice path="piece.hand" label="Hand" options={optionsOf(HAND_NAMES)} />
          <p>
            <button type="button" className="quiet" aria-expanded={more} onClick={() => setMore(!more)}>
              {more ? 'less' : 'block, skins, trailing and leading edge, spars, dowels'}
            </button>
          </p>
          {more && <Finish size={v?.blank ?? null} />}
        </div>
      </Column>
      <Column className={columns.follow} name="What falls out of the block?" of="shape" busy={planned.stale}>
        <h2>What falls out of the block?</h2>
        <div className={css.tabs} role="group" aria-label="View">
          {Object.entries(VIEWS).map(([k, name]) => (
            <button
              key={k}
              type="button"
              aria-pressed={look === k}
              onClick={() => setLook(k as keyof typeof VIEWS)}
            >
              {name}
            </button>
          ))}
        </div>
        {planned.fault && <p role="alert">This cannot be drawn: {faultWords(planned.fault)}.</p>}
        {v && (
          <div data-stale={planned.stale}>
            {look === 'ends' && <EndsDrawing view={v} />}
            {look === 'block' && <CoreView view={v} />}
            {look === 'forecast' && <Forecast view={v} />}
            <div className={css.facts}>
              <Fact name="Kerf, root" value={square(v.slot.root, 'slot')} />
              <Fact name="Kerf, tip" value={square(v.slot.tip, 'slot')} />
              <Fact name="Feed, root" value={square(v.feed.root, 'feed')} />
              <Fact name="Feed, tip" value={square(v.feed.tip, 'feed')} />
              <Fact name="Core weighs" value={square(v.blank.weightG, 'mass')} />
              <Fact name="Time a core" value={square(v.seconds, 'time')} />
              <Fact name="Deviation, middle" value={offText(v.worst.middle.max, typed)} />
              <Fact name="Deviation, ends" value={offText(endsWorst(v), typed)} />
            </div>
          </div>
        )}
      </Column>
      <Column className={columns.act} name="What to do" of="shape">
        <h2>What to do</h2>
        {v && <PlanFindings findings={v.findings} most={4} onWidth={widen} />}
        <p className={css.links}>
          <Link href={places.piece(rigId, 'templates', id)}>Templates</Link>
          <Link href={places.piece(rigId, 'blanks', id)}>Block and sheets</Link>
        </p>
      </Column>
    </>
  );
}

function endsWorst(v: { worst: { root: { max: number | null }; tip: { max: number | null } } }) {
  const { root, tip } = v.worst;
  return Math.abs(root.max ?? 0) > Math.abs(tip.max ?? 0) ? root.max : tip.max;
}
