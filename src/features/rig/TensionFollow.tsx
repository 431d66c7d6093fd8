'use client';
import { useState } from 'react';
import { Facts } from './Facts';
import { LagPicture } from './LagPicture';
import { PullPicture } from './PullPicture';
import { TakeUpPicture } from './TakeUpPicture';
import css from './tension.module.css';

const VIEWS = { pull: 'How tight may it be?', lag: 'What does the lag do to a curve?' } as const;
type View = keyof typeof VIEWS;

/** What follows from how the wire is held: the pulls that suit, the take-up's own range; or the lag and what it costs. */
export function TensionFollow() {
  const [view, see] = useState<View>('pull');
  return (
    <>
      <div className={css.views} role="group" aria-label="What is shown">
        {(Object.keys(VIEWS) as View[]).map((v) => (
          <button key={v} type="button" aria-pressed={view === v} onClick={() => see(v)}>
            {VIEWS[v]}
          </button>
        ))}
      </div>
      {view === 'pull' ? (
        <>
          <PullPicture />
          <TakeUpPicture />
        </>
      ) : (
        <LagPicture />
      )}
      <Facts stage="tension" />
    </>
  );
}
