'use client';
import { useMemo } from 'react';
import { FOAMS } from '@/core/catalog/foams';
import { solveWhole } from '@/core/engine/solve';
import { rangeText } from '@/core/units/format';
import { findingWords } from '@/core/words/findings';
import { ALLOYS } from '@/core/catalog/alloys';
import type { ShelfRig } from '@/state/types';
import { LevelMark } from '@/ui/Level';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { useWidth } from '@/ui/useWidth';
import { WirePicture } from '@/ui/wire/WirePicture';
import css from './shelf.module.css';
import { stateOf, STATE_WORDS } from './state';
import { places } from '@/state/places';

/** One rig on the shelf: its sketch to scale, its state, and what it is in two lines. */
export function Card({
  rig,
  onDuplicate,
  onArchive,
}: {
  rig: ShelfRig;
  onDuplicate: () => void;
  onArchive: () => void;
}) {
  const when = useWhen();
  const { say, typed, profile } = useUnits();
  const [ref, width] = useWidth(380);
  const { doc } = rig;
  const { reading, evaluation: e } = useMemo(() => solveWhole(doc), [doc]);
  const state = stateOf(reading, rig.cuts, doc.wire.measuredOhm !== null);
  const worst = reading.findings.find((f) => f.level !== 'note');
  const feeds = reading.spread?.fastestFeedMmS;
  const { name } = rig;
  return (
    <li className={css.card} data-state={state}>
      <div ref={ref} className={css.sketch}>
        <WirePicture e={e} width={width} height={104} label={`Sketch of ${name}`} />
      </div>
      <div className={css.words}>
        <h2>
          <Link href={places.rig(rig.id)} className={css.open}>
            {name}
          </Link>
          {rig.demo && <span className={css.sample}>sample</span>}
        </h2>
        <p>
          {FOAMS[doc.foam.kind].name}, {typed(doc.foam.densityKgM3, 'density')},{' '}
          {typed(doc.foam.widthMm, 'foamSize')} wide
        </p>
        <p>
          {ALLOYS[doc.wire.alloy].plain}, {typed(doc.wire.diameterMm, 'wireDiameter')},{' '}
          {typed(doc.wire.lengthMm, 'wireLength')}
        </p>
        <p className={css.state}>
          {state === 'dangerous' && <LevelMark level="stop" />}
          {state === 'fix' && <LevelMark level="fix" />}
          {state === 'test' && <LevelMark level="note" />}
          {state === 'ready' && <Tick />}
          <b>{STATE_WORDS[state]}</b>
          <span className="dim">
            {worst
              ? findingWords(worst.code, worst.values, say).head
              : feeds
                ? `max feed ${rangeText(feeds, 'feed', profile)}`
                : ''}
          </span>
        </p>
      </div>
      <div className={css.foot}>
        <span className="dim">{when.day(rig.updatedAt)}</span>
        <span>
          <button type="button" className="quiet" onClick={onDuplicate} aria-label={`Duplicate ${name}`}>
            Duplicate
          </button>
          <button
            type="button"
            className="quiet"
            onClick={onArchive}
            aria-label={`${rig.archived ? 'Restore' : 'Archive'} ${name}`}
          >
            {rig.archived ? 'Restore' : 'Archive'}
          </button>
        </span>
      </div>
    </li>
  );
}

function Tick() {
  return (
    <svg width="15" height="15" viewBox="0 0 16 16" aria-hidden="true">
      <path d="M2 8.5 6.2 13 14 3.5" fill="none" stroke="var(--act)" strokeWidth="2.4" />
    </svg>
  );
}
