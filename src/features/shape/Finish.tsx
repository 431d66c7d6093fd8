'use client';
import { PlanNumber, usePlanField } from './fields';
import { Act } from '@/ui/Act';
import css from './shape.module.css';
import { Dowels, Slots } from './Slots';
import type { Blank } from '@/core/documents/plan';
import type { BlankPlan } from '@/core/engine/template/blank';

/** What is not foam of the finished part, the block, slots for spars and holes for dowels. */
export function Finish({ size }: { size: BlankPlan | null }) {
  const blank = usePlanField<Blank | null>('blank', 'block');
  return (
    <>
      <div className={css.three}>
        <PlanNumber path="piece.finish.skinMm" label="Skin on it" role="slot" />
        <PlanNumber path="piece.finish.solidTailMm" label="Solid trailing edge" role="slot" />
        <PlanNumber path="piece.finish.leastTailMm" label="Min trailing edge" role="slot" />
        <PlanNumber path="piece.finish.squareNoseMm" label="Square leading edge" role="slot" />
        <PlanNumber path="piece.root.thicknessScale" label="Root thickness ×" role="count" />
        <PlanNumber path="piece.tip.thicknessScale" label="Tip thickness ×" role="count" />
        <PlanNumber path="piece.twistAbout" index={0} label="Twist about x" role="share" />
        <PlanNumber path="piece.twistAbout" index={1} label="Twist about y" role="share" />
        <PlanNumber path="piece.targetG" label="Should weigh" role="mass" whenEmpty="any" />
      </div>
      {blank.value === null ? (
        <p>
          <Act
            onClick={() => {
              // A block begins from the piece, as high as the board that was named, where one was and is enough.
              if (!size) return;
              const { lengthMm, widthMm, heightMm } = size.smallest;
              const high = size.boardMm !== null && size.boardMm >= heightMm ? size.boardMm : heightMm;
              void blank.set({ lengthMm, widthMm, heightMm: high, skinMm: size.skinMm, marginMm: 15 });
            }}
          >
            Give the block’s size
          </Act>
        </p>
      ) : (
        <div className={css.three}>
          <PlanNumber path="blank.widthMm" label="Block width" role="foamSize" />
          <PlanNumber path="blank.heightMm" label="Block height" role="foamSize" />
          <PlanNumber path="blank.lengthMm" label="Block length" role="foamSize" />
          <PlanNumber path="blank.skinMm" label="Skin to shed" role="slot" />
          <PlanNumber path="blank.marginMm" label="Margin" role="slot" />
          <Act onClick={() => void blank.set(null)}>Smallest</Act>
        </div>
      )}
      <Slots />
      <Dowels />
    </>
  );
}
