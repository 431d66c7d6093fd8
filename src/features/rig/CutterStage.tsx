'use client';
import { memo } from 'react';
import { CUTTERS, hasPieces } from '@/core/documents/cutters';
import { builtAs } from '@/core/documents/jobKinds';
import { FRAME_KINDS, type FrameKind } from '@/core/documents/rig';
import { places } from '@/state/places';
import { useDerived, useRig } from '@/state/RigContext';
import { Check } from '@/ui/Check';
import { Link } from '@/ui/Link';
import { Term } from '@/ui/Term';
import { useUnits } from '@/ui/Units';
import { ChoiceField, NumberField, optionsOf } from './Field';
import css from './rig.module.css';
import { useField } from './useField';
import { FRAME_HELP, MATERIAL_NAMES } from './stageWords';
import { FRAME_NAMES } from './words';

const DRAUGHT = <Term k="draught">Draught</Term>;

/** Cutter: which kind, of what, how the wire lies. */
export const CutterStage = memo(function CutterStage() {
  const { evaluation } = useDerived();
  const { say } = useUnits();
  const lie = useField<'horizontal' | 'vertical'>('wire.lie', 'wire lies');
  const guided = useField<boolean | undefined>('frame.guided', 'guided');
  const board = useField<boolean | undefined>('frame.board', 'falls across a board');
  const kind = useRig((s) => s.doc.frame.kind);
  const free = useRig((s) => (s.doc.wire.lengthMm - s.doc.foam.widthMm) / 2);
  const id = useRig((s) => s.id);
  const built = useRig((s) => builtAs(s.doc.frame) !== null);
  const { ends } = CUTTERS[kind];
  const pieces = useRig((s) => hasPieces(s.doc.frame));
  const onTemplates = guided.value ?? pieces;
  return (
    <>
      <ChoiceField<FrameKind>
        path="frame.kind"
        label="Cutter"
        options={optionsOf(FRAME_NAMES, FRAME_KINDS)}
        note={FRAME_HELP[kind]}
      />
      <ChoiceField path="frame.material" options={optionsOf(MATERIAL_NAMES)} />
      {pieces && (
        <NumberField path="frame.throatMm" whenEmpty="not known" note="Clear depth from wire to bar." />
      )}
      <div className={css.pair}>
        <NumberField path="room.airC" />
        <NumberField path="room.draughtMS" name={DRAUGHT} />
      </div>
      <div className={css.pair}>
        <Check
          label="Wire upright"
          checked={lie.value === 'vertical'}
          onChange={(on) => lie.set(on ? 'vertical' : 'horizontal')}
        />
      </div>
      {kind === 'drop-bow' && (
        <Check
          label="Falls between two guides across a board"
          checked={board.value ?? false}
          onChange={(on) => board.set(on)}
        />
      )}
      {pieces && (
        <Check
          label="Led along templates at the faces of the foam"
          checked={onTemplates}
          onChange={(on) => guided.set(on)}
        />
      )}
      <p className={css.says} hidden={!ends}>
        Room each side <b className="num">{say(Math.max(0, free), 'wireLength')}</b>
        {evaluation.coolEnd !== null && (
          <>
            , of which the <Term k="coolEnd">unheated end</Term> takes{' '}
            <b className="num">{say(3000 * evaluation.coolEnd, 'wireLength')}</b>
          </>
        )}
        .
      </p>
      {built && (
        <p className={css.says}>
          <Link href={places.rigPage(id, 'build')}>Building it: parts, cut lengths, holes</Link>
        </p>
      )}
    </>
  );
});
