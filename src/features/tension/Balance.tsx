'use client';
import { useState } from 'react';
import { balanceOf, BOARD_FRICTION, counterFor } from '@/core/engine/pulledBalance';
import { gramsOf, newtonsOf } from '@/core/engine/tensionRead';
import { useDerived } from '@/state/RigContext';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import css from './tension.module.css';

/** A bow that is pulled or falls: what pull holds the feed, what a weight at hand makes of it, where to hang it. */
export function Balance({ kind }: { kind: 'pulled-bow' | 'drop-bow' }) {
  const { evaluation: e } = useDerived();
  const { say } = useUnits();
  const [bowG, setBow] = useState<number | null>(null);
  const [offMm, setOff] = useState<number | null>(0);
  const [guideN, setGuide] = useState<number | null>(0);
  const [tryG, setTry] = useState<number | null>(null);
  const falls = kind === 'drop-bow';
  const balance = balanceOf(e, guideN ?? 0);
  const field = (
    label: string,
    name: string,
    role: 'mass' | 'force' | 'depth',
    value: number | null,
    set: (v: number | null) => void,
    empty: string,
  ) => (
    <QuantityField
      label={label}
      name={name}
      role={role}
      value={value}
      whenEmpty={empty}
      onValue={(v) => (set(v), null)}
    />
  );
  if (!balance)
    return (
      <section id="balance" aria-label="Balance">
        <h2>{falls ? 'Its balance' : 'The pull it needs'}</h2>
        <p className="dim">The wire does not cut at this setting: give it heat first.</p>
      </section>
    );
  const { dragN: drag, needN: need } = balance;
  const against = falls && bowG ? counterFor(balance, newtonsOf(bowG), (offMm ?? 0) / 1000) : null;
  const counter = against?.counterN ?? null;
  const hang = against?.atM ?? null;
  const tried = tryG ? balance.feedAt(newtonsOf(tryG)) : undefined;
  return (
    <section id="balance" aria-label="Balance" className={css.balance}>
      <h2>{falls ? 'Its balance' : 'The pull it needs'}</h2>
      <p>
        At {say(e.feed! * 1000, 'feed')} the foam drags with <b className="num">{say(drag, 'force')}</b>, known
        to a factor of two: {say(drag / 2, 'force')} to {say(2 * drag, 'force')}.
        {guideN ? ` With the guides it wants ${say(need, 'force')}.` : ''}
      </p>
      <div className={css.fields}>
        {falls && field('The bow weighs', 'bow.mass', 'mass', bowG, setBow, 'weigh it')}
        {falls && field('Foam’s middle off the bow’s', 'bow.off', 'depth', offMm, setOff, 'none')}
        {field('Guides hold back', 'bow.guides', 'force', guideN, setGuide, 'nothing')}
        {!falls && field('A weight at hand', 'bow.try', 'mass', tryG, setTry, 'if there is one')}
      </div>
      {falls ? (
        counter === null ? (
          <p className="dim">Its own weight says how much to hang against it, or to add.</p>
        ) : counter < 0 ? (
          <p>
            Too light: add <b className="num">{say(gramsOf(-counter), 'mass')}</b> to it, over the foam’s
            middle.
          </p>
        ) : (
          <p>
            Hang <b className="num">{say(gramsOf(counter), 'mass')}</b> against it by a cord over a pulley
            {hang !== null && (
              <>
                {' '}
                that takes it{' '}
                {Math.abs(hang) < 5e-4 ? (
                  'at its middle'
                ) : (
                  <b className="num">
                    {say(Math.abs(hang) * 1000, 'depth')} off its middle, away from the foam’s
                  </b>
                )}
              </>
            )}
            : then both ends fall together. Start heavier and take off until it sinks at the feed; cords and
            pulleys are part of the weight.
          </p>
        )
      ) : (
        <>
          <p>
            Pull with <b className="num">{say(gramsOf(need), 'mass')}</b> over a pulley, tied at the foam’s
            middle. Start with half of it and add until it runs at the feed.
          </p>
          {tried !== undefined && (
            <p>
              {tried === null ? (
                'That runs away: more than any feed takes.'
              ) : (
                <>
                  With {say(tryG, 'mass')} it would run at <b className="num">{say(tried, 'feed')}</b>,{' '}
                  {say(1 - tried / balance.maxFeedMmS, 'share')} margin.
                </>
              )}
            </p>
          )}
          <p>
            Ballast on the block: <b className="num">{say(gramsOf(balance.ballastN), 'mass')}</b> or more, for
            twice that pull at a friction of {BOARD_FRICTION} until you tried it.
          </p>
        </>
      )}
      <p className="dim">
        A hot bow that gets away burns and whips: a stop at the end of its run, nobody beneath or behind it.
      </p>
    </section>
  );
}
