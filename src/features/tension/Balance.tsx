'use client';
import { useState } from 'react';
import { ballast, BOARD_FRICTION, hangAt, pullFor, shareForPull } from '@/core/physics/tension/pulled';
import { GRAVITY } from '@/core/physics/heat/loss';
import { useDerived } from '@/state/RigContext';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import css from './tension.module.css';

const newtons = (grams: number) => (grams / 1000) * GRAVITY;
const grams = (n: number) => (n / GRAVITY) * 1000;

/** A bow that is pulled or falls: what pull holds the feed, what a weight at hand makes of it, where to hang it. */
export function Balance({ kind }: { kind: 'pulled-bow' | 'drop-bow' }) {
  const { evaluation: e } = useDerived();
  const { say } = useUnits();
  const [bowG, setBow] = useState<number | null>(null);
  const [offMm, setOff] = useState<number | null>(0);
  const [guideN, setGuide] = useState<number | null>(0);
  const [tryG, setTry] = useState<number | null>(null);
  const fastest = e.window.fastest?.feed;
  const falls = kind === 'drop-bow';
  const wire = { stress10: e.s.stress10, diameter: e.s.diameter, width: e.s.width };
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
  if (!fastest || e.reserve === null || e.tension.drag === null)
    return (
      <section id="balance" aria-label="Balance">
        <h2>{falls ? 'Its balance' : 'The pull it needs'}</h2>
        <p className="dim">The wire does not cut at this setting: give it heat first.</p>
      </section>
    );
  // A lag that was seen scales the drag.
  const plain = pullFor(wire, e.reserve);
  const scale = plain > 0 ? (e.tension.drag * e.s.width) / plain : 1;
  const drag = e.tension.drag * e.s.width;
  const need = drag + (guideN ?? 0);
  const feedOf = (pull: number) => {
    const share = shareForPull(wire, Math.max(0, pull - (guideN ?? 0)) / scale);
    return share === null ? null : share * fastest * 1000;
  };
  const counter = falls && bowG ? newtons(bowG) - need : null;
  const hang =
    counter !== null && counter > 0 ? hangAt(newtons(bowG!), 0, drag, (offMm ?? 0) / 1000, counter) : null;
  const tried = tryG ? feedOf(newtons(tryG)) : undefined;
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
            Too light: add <b className="num">{say(grams(-counter), 'mass')}</b> to it, over the foam’s middle.
          </p>
        ) : (
          <p>
            Hang <b className="num">{say(grams(counter), 'mass')}</b> against it by a cord over a pulley
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
            Pull with <b className="num">{say(grams(need), 'mass')}</b> over a pulley, tied at the foam’s
            middle. Start with half of it and add until it runs at the feed.
          </p>
          {tried !== undefined && (
            <p>
              {tried === null ? (
                'That runs away: more than any feed takes.'
              ) : (
                <>
                  With {say(tryG, 'mass')} it would run at <b className="num">{say(tried, 'feed')}</b>,{' '}
                  {say(1 - tried / 1000 / fastest, 'share')} margin.
                </>
              )}
            </p>
          )}
          <p>
            Ballast on the block: <b className="num">{say(grams(ballast(2 * need, 0)), 'mass')}</b> or more, for
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
