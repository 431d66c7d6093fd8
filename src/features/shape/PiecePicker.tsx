'use client';
import { useState } from 'react';
import { piecePlanSchema } from '@/core/documents/plan';
import { useRig } from '@/state/RigContext';
import { usePieces, usePlan } from '@/state/PlanContext';
import { Act } from '@/ui/Act';
import { TwoWindows } from '@/ui/FindingCard';
import { SaveLine } from '@/ui/SaveLine';
import { useUnits } from '@/ui/Units';
import { Select } from '@/ui/Select';
import { TextLine } from '@/ui/TextLine';
import css from './shape.module.css';
import { newPlan } from './words';
import { downloads } from '@/state/places';

/** Which piece is open; a new one; its name. */
export function PiecePicker() {
  const { open, stores, choose, add, drop } = usePieces();
  const span = useRig((s) => s.doc.foam.widthMm);
  const kind = useRig((s) => s.doc.frame.kind);
  const [fault, setFault] = useState<string | null>(null);
  const [sure, ask] = useState(false);
  const make = async () => setFault(await add(piecePlanSchema.parse(newPlan(span, kind))));
  if (!open)
    return (
      <>
        <p>A piece is two sections, root and tip, and what lies between: a blade core, a panel edge, a pad.</p>
        <p>
          <Act strong onClick={() => void make()}>
            Plan a piece
          </Act>
        </p>
        {fault && <p role="alert">{fault}</p>}
      </>
    );
  return (
    <>
      <div className={css.pieces}>
        <Select
          label="Piece"
          name="piece"
          value={open.store.getState().id}
          options={stores.map(({ store }) => {
            const { id, doc } = store.getState();
            return [id, doc.name || 'a piece'] as const;
          })}
          onChoose={choose}
        />
        <Act onClick={() => void make()}>New</Act>
        <Act onClick={() => ask(!sure)}>More</Act>
      </div>
      <Saving key={open.store.getState().id} />
      {sure && <Rename onDrop={async () => setFault(await drop(open.store.getState().id))} />}
      {fault && <p role="alert">{fault}</p>}
    </>
  );
}

/** Undo, redo and how saving stands; another window's save is put beside this one, and the person chooses. */
function Saving() {
  const save = usePlan((s) => s.save);
  const theirs = usePlan((s) => s.theirs);
  const problem = usePlan((s) => s.problem);
  const { typed } = useUnits();
  const past = usePlan((s) => s.past.length);
  const future = usePlan((s) => s.future.length);
  const { undo, redo, settle } = usePlan((s) => s);
  return (
    <>
      <SaveLine name="Piece" {...{ save, problem, undo, redo, past, future }} />
      {theirs && (
        <TwoWindows what="piece" settle={settle}>
          There it spans {typed(theirs.record.doc.piece.spanMm, 'foamSize')}, with chords of{' '}
          {typed(theirs.record.doc.piece.root.chordMm, 'foamSize')} to{' '}
          {typed(theirs.record.doc.piece.tip.chordMm, 'foamSize')}.
        </TwoWindows>
      )}
    </>
  );
}

function Rename({ onDrop }: { onDrop: () => void }) {
  const name = usePlan((s) => s.doc.name);
  const edit = usePlan((s) => s.edit);
  const id = usePlan((s) => s.id);
  return (
    <div className={css.pieces}>
      <TextLine
        label="Name of the piece"
        name="piece.name"
        value={name}
        most={200}
        onText={(text) => edit('name', { name: text })}
      />
      <a href={downloads.plan(id)} download={`${name || 'piece'}.plan.json`}>
        File
      </a>
      <Act onClick={onDrop}>Delete</Act>
    </div>
  );
}
