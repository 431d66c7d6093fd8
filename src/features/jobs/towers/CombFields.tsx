'use client';
import { Act } from '@/ui/Act';
import { Block, JobNumber, useJobField } from '../inputs';
import css from '../jobs.module.css';
import { MachineFields } from './MachineFields';

/** Test cuts in one program: how many slots, how deep, the block, and the machine. */
export function CombFields() {
  const feeds = useJobField<number[] | null>('feedsMmS', 'Feeds');
  const slots = useJobField<number>('slots', 'Cuts');
  return (
    <>
      <p className={css.says}>
        So many test cuts in one block: each at its own feed, in hot and out cold, with its number cut beside
        it. Their kerfs, gauged and typed in, are logged one by one.
      </p>
      <Block path="blockMm" labels={['Block, along', 'Block, along wire', 'Block, high']} />
      <div className={css.three}>
        {feeds.value === null && <JobNumber path="slots" label="Cuts" role="count" />}
        <JobNumber path="depthMm" label="Deep" role="foamSize" />
        <JobNumber path="marginMm" label="Clear of the block" role="foamSize" />
      </div>
      {feeds.value === null ? (
        <p className={css.acts}>
          Feeds spread over the clean window.{' '}
          <Act onClick={() => feeds.set(Array.from({ length: slots.value }, (_, i) => 2 + i))}>
            Feeds of my own
          </Act>
        </p>
      ) : (
        <>
          <div className={css.three}>
            {feeds.value.map((_, i) => (
              <JobNumber key={i} path={`feedsMmS.${i}`} label={`Cut ${i + 1}`} role="feed" />
            ))}
          </div>
          <p className={css.acts}>
            {feeds.value.length < MOST_SLOTS && (
              <Act onClick={() => feeds.set([...feeds.value!, feeds.value!.at(-1)!])}>Another cut</Act>
            )}
            {feeds.value.length > 2 && (
              <Act onClick={() => feeds.set(feeds.value!.slice(0, -1))}>One cut fewer</Act>
            )}
            <Act onClick={() => feeds.set(null)}>Spread over the window</Act>
          </p>
        </>
      )}
      <MachineFields />
    </>
  );
}
const MOST_SLOTS = 12;
