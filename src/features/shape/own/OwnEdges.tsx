'use client';
import { useState } from 'react';
import type { PiecePlan } from '@/core/documents/plan';
import type { OwnEdge } from '@/core/documents/ownEdge';
import { inFrame } from '@/core/engine/template/own';
import type { PlanView } from '@/core/engine/template/view';
import { apart } from '@/core/numeric/polyline';
import { usePlan } from '@/state/PlanContext';
import { Act } from '@/ui/Act';
import { Choice } from '@/ui/Choice';
import { END_NAMES, SIDE_NAMES } from '../words';
import { DrawingDialog } from './DrawingDialog';
import type { EdgeDialogProps } from './EdgeDialog';
import { HeightsDialog } from './HeightsDialog';
import css from './own.module.css';
import { PhotoDialog } from './PhotoDialog';

type Where = `${'root' | 'tip'}.${'top' | 'bottom'}`;
const WHERE = ['root.top', 'root.bottom', 'tip.top', 'tip.bottom'] as const;
const parted = (w: Where) => w.split('.') as ['root' | 'tip', 'top' | 'bottom'];
const nameOf = (w: Where) => {
  const [end, side] = parted(w);
  return `${END_NAMES[end]}, ${SIDE_NAMES[side].toLowerCase()}`;
};
const HOW = { heights: HeightsDialog, drawing: DrawingDialog, photo: PhotoDialog } as const;
const HOW_NAMES = { heights: 'Type heights', drawing: 'From a drawing', photo: 'From a photo' } as const;

const edgeOf = (doc: PiecePlan, w: Where): OwnEdge | null => {
  const [end, side] = parted(w);
  return doc.template.own[end][side];
};

/** Templates that a maker has already: each edge taken as it is, beside those that the program makes. */
export function OwnEdges({ view }: { view: PlanView }) {
  const doc = usePlan((s) => s.doc);
  const edit = usePlan((s) => s.edit);
  const [where, setWhere] = useState<Where>('root.top');
  const [how, setHow] = useState<keyof typeof HOW | null>(null);
  const put = (w: Where, edge: OwnEdge | null) => {
    const [end, side] = parted(w);
    return edit('own template', { template: { own: { [end]: { [side]: edge } } } });
  };
  const given = WHERE.filter((w) => edgeOf(doc, w));
  const [end] = parted(where);
  const chord = view.chords[end];
  const Dialog = how && HOW[how];
  const dialog: EdgeDialogProps = {
    name: nameOf(where),
    section: inFrame(view.sections[end], chord),
    chordMm: apart(...chord),
    edge: edgeOf(doc, where),
    onClose: () => setHow(null),
    onTake: (edge) => put(where, edge),
  };
  return (
    <section className={css.own} aria-label="Templates you have">
      <h3>Templates you have</h3>
      {given.length === 0 ? (
        <p className="dim">
          An edge that exists is taken as it is: it stays, whatever the heat, and the forecast tells what core
          it gives.
        </p>
      ) : (
        <ul>
          {given.map((w) => (
            <li key={w}>
              <b>{nameOf(w)}</b> <span>{edgeOf(doc, w)!.points.length} points</span>
              <Act onClick={() => void put(w, null)}>Give it up</Act>
            </li>
          ))}
        </ul>
      )}
      <Choice
        label="Edge"
        name="own.where"
        value={where}
        options={WHERE.map((value) => ({ value, name: nameOf(value) }))}
        onChoose={setWhere}
      />
      <p className={css.row}>
        {(Object.keys(HOW) as (keyof typeof HOW)[]).map((k) => (
          <Act key={k} onClick={() => setHow(k)}>
            {HOW_NAMES[k]}
          </Act>
        ))}
      </p>
      {Dialog && <Dialog {...dialog} />}
    </section>
  );
}
