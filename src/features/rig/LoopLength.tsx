'use client';
import { useState } from 'react';
import { loopLengthMm } from '@/core/engine/loopLength';
import { QuantityField } from '@/ui/QuantityField';
import css from './rig.module.css';
import { useField } from './useField';

/** A shaped loop by its width and depth: they give the heated length, half-round at the foot. */
export function LoopLength() {
  const { set } = useField<number>('wire.lengthMm', 'length');
  const [width, setWidth] = useState<number | null>(null);
  const [depth, setDepth] = useState<number | null>(null);
  const take = (w: number | null, d: number | null) => {
    setWidth(w);
    setDepth(d);
    if (w === null || d === null) return null;
    if (d < w / 2) return 'a half-round foot wants a depth of half the width or more';
    return set(loopLengthMm(w, d), 'wireLength');
  };
  return (
    <div className={css.pair}>
      <QuantityField
        label="Loop, width"
        name="loop.width"
        role="foamSize"
        value={width}
        whenEmpty="of the U"
        onValue={(v) => take(v, depth)}
      />
      <QuantityField
        label="Loop, depth"
        name="loop.depth"
        role="foamSize"
        value={depth}
        whenEmpty="of the U"
        onValue={(v) => take(width, v)}
      />
    </div>
  );
}
