'use client';
import { useState } from 'react';
import { entryOf } from '@/core/engine/motion/lay';
import type { JobOf } from '@/core/documents/job';
import { useJob } from '@/state/JobContext';
import { Act } from '@/ui/Act';
import { later } from '@/ui/later';
import { Block, JobNumber, Size, useJobField } from '../inputs';
import css from '../jobs.module.css';
import { DrawingDialog } from './DrawingDialog';
import { MachineFields } from './MachineFields';
import { partsOf } from './laying';
import { beside, boxOfLoops, placed, turned } from './place';

type Loops = [number, number][][];

const TextDialog = later(() => import('./TextDialog').then((m) => m.TextDialog));

/** Parts out of a block: the drawing and where it lies, the block, the way in, and the machine. */
export function OutlineFields() {
  const { value: loops, set } = useJobField<Loops>('loops', 'Parts');
  const margin = useJobField<number>('marginMm', 'Margin');
  const parts = useJobField<JobOf<'outline'>['parts']>('parts', 'Parts');
  const [asking, ask] = useState(false);
  const [writing, write] = useState(false);
  const b = boxOfLoops(loops);
  return (
    <>
      <p className={css.acts}>
        <Act strong onClick={() => ask(true)}>
          Parts from a drawing
        </Act>
        <Act onClick={() => write(true)}>Letters</Act>
        <Act onClick={() => set(turned(loops, 90))}>Turn by a quarter</Act>
      </p>
      <p className={css.says}>
        {loops.length === 1 ? 'One outline' : `${loops.length} outlines`}; one inside another is its hole.
      </p>
      {parts.value ? (
        <p className={css.says}>Laid out part by part, beside the drawing.</p>
      ) : (
        <div className={css.three}>
          <Size label="Parts, from front" value={b.x0} onValue={(v) => set(placed(loops, { x: v }))} />
          <Size label="Parts, from below" value={b.y0} onValue={(v) => set(placed(loops, { y: v }))} />
          <Size
            label="Parts, wide in all"
            value={b.x1 - b.x0}
            least={1}
            onValue={(v) => set(placed(loops, { wide: v }))}
          />
        </div>
      )}
      <Block path="blockMm" labels={['Block, along', 'Block, along wire', 'Block, high']} />
      <div className={css.three}>
        <JobNumber path="marginMm" label="Clear of the block" role="foamSize" />
        <JobNumber path="toleranceMm" label="Tolerance" role="slot" />
      </div>
      <Entry />
      {writing && (
        <TextDialog
          onClose={() => write(false)}
          onTake={(taken) => {
            const next = beside(loops, taken, margin.value);
            if ('rule' in next) return next.rule;
            const before = partsOf({ loops, parts: parts.value });
            const rule = set(next.take);
            if (rule !== null || !parts.value) return rule;
            // What is laid out already stays so; the letters come as parts of their own.
            return parts.set([
              ...before,
              ...partsOf({ loops: next.take, parts: null }).filter((q) =>
                q.loops.some((i) => i >= loops.length),
              ),
            ]);
          }}
        />
      )}
      {asking && <DrawingDialog at={margin.value} onClose={() => ask(false)} onTake={(taken) => set(taken)} />}
      <MachineFields />
    </>
  );
}

/** Where the wire comes in: before the front face, half-way up, until it is said. */
function Entry() {
  const { value, set } = useJobField<[number, number] | null>('entry', 'Way in');
  const job = useJob((s) => s.doc) as JobOf<'outline'>;
  const [x, y] = entryOf(job);
  return (
    <div className={css.three}>
      <Size label="Way in, along" value={x} onValue={(v) => set([v, y])} />
      <Size label="Way in, up" value={y} onValue={(v) => set([x, v])} />
      {value !== null && <Act onClick={() => set(null)}>Before the front, half-way up</Act>}
    </div>
  );
}
