'use client';
import { memo, useCallback } from 'react';
import { reserveOf } from '@/core/documents/rigDefaults';
import { useRig } from '@/state/RigContext';
import { QuantityField } from '@/ui/QuantityField';
import { Term } from '@/ui/Term';
import { NumberField } from './Field';
import { FindIt } from './FindIt';
import css from './rig.module.css';
import { useField } from './useField';

const FEED = <Term k="feed">Feed</Term>;
const IN_HAND = <Term k="inHand">Margin</Term>;
const FIND_FEED = <FindIt what="feed" />;
const FIND_RESERVE = <FindIt what="reserve" />;

/** What the cut adds to a stage: how fast, and how much of the fastest is kept in hand. */
export const CutFields = memo(function CutFields() {
  const reserve = useRig((s) => reserveOf(s.doc));
  const { value, origin, set } = useField<number | undefined>('cut.reserve', 'margin');
  const take = useCallback(
    (inHand: number | null) => {
      if (inHand === null) return set(undefined);
      return inHand >= 0.1 - 1e-9 && inHand <= 0.7 + 1e-9
        ? set(Number((1 - inHand).toPrecision(6)))
        : 'must lie between 10 % and 70 %';
    },
    [set],
  );
  return (
    <div className={css.pair}>
      <NumberField path="cut.feedMmS" name={FEED} whenEmpty="follows" action={FIND_FEED} />
      <QuantityField
        label={IN_HAND}
        name="cut.reserve"
        role="share"
        value={value === undefined ? null : 1 - value}
        whenEmpty={`${Math.round(100 - reserve * 100)}`}
        origin={origin}
        onValue={take}
        action={FIND_RESERVE}
      />
    </div>
  );
});
