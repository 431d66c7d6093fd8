'use client';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import type { HeatStep } from '@/core/documents/event';
import { UNEXPLAINED, weighCauses } from '@/core/engine/firstHeat/causes';
import { lossFound, ohmsFound } from '@/core/engine/firstHeat/found';
import { heatCauseWords, tellApart } from '@/core/words/heatCauses';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import css from './firstHeat.module.css';
import type { useSession } from './useSession';

/** Causes with less than this share of all are not named. */
const WORTH = 0.04;
type Patch = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

/** What the readings say: causes, likeliest first, what parts the first two, and what of the rig they correct. */
export function Verdict({
  s,
  onCorrected,
}: {
  s: ReturnType<typeof useSession>;
  onCorrected: (path: string) => void;
}) {
  const { session, drawn } = s;
  const { say } = useUnits();
  const store = useRigStore();
  const doc = useRig((r) => r.doc);
  const [practised, setPractised] = useState(false);
  const reads = useMemo(
    () => session.reads.filter((r) => r.amps !== null || r.volts !== null),
    [session.reads],
  );
  const verdict = useMemo(() => weighCauses(drawn, reads, session.voltsAt), [drawn, reads, session.voltsAt]);
  const ohms = useMemo(() => ohmsFound(drawn, reads, session.voltsAt), [drawn, reads, session.voltsAt]);
  const loss = useMemo(() => lossFound(drawn, reads, session.voltsAt), [drawn, reads, session.voltsAt]);
  if (!verdict)
    return (
      <section aria-label="What the readings say" className={css.card}>
        <h2>What the readings say</h2>
        <p className="dim">
          Nothing is read yet. Two settings with amps and volts at the clips tell most causes apart; all of them
          correct the rig’s ohms.
        </p>
      </section>
    );
  const correct = (label: string, patch: Patch, paths: readonly string[]) => {
    // A practice bench is made up: it corrects nothing of the real rig.
    if (session.bench !== null) return setPractised(true);
    const from = Object.fromEntries(paths.map((p) => [p, 'measured']));
    const edited = apply(doc, { ...patch, from });
    if (store.getState().edit(label, edited)) paths.forEach(onCorrected);
  };
  const named = verdict.causes.filter((c) => c.share >= WORTH).slice(0, 4);
  const [first, second] = named;
  const apart = first && second && first.share < 0.9 ? tellApart(first.cause, second.cause) : null;
  const wild = verdict.leftOver > UNEXPLAINED;
  return (
    <section aria-label="What the readings say" className={css.card}>
      <h2>What the readings say</h2>
      {wild ? (
        <p role="alert" className={css.wild}>
          Nothing that is known here explains these readings. Look at the meter’s range and its leads, and read
          again; turn back down meanwhile.
        </p>
      ) : (
        <ol className={css.causes}>
          {named.map((c) => {
            const words = heatCauseWords(c, drawn, say);
            return (
              <li key={c.cause}>
                <div className={css.causeHead}>
                  <b>{words.name}</b>
                  <span className="num">{say(c.share, 'share')}</span>
                </div>
                <span className={css.share} style={{ inlineSize: `${100 * c.share}%` }} aria-hidden="true" />
                <p>
                  {words.why} {words.act}
                </p>
                {c.patch && c.cause !== 'as-drawn' && (
                  <Button
                    size="small"
                    variant="outlined"
                    onClick={() => correct('what the first heat found', c.patch!, pathsOf(c.patch!))}
                  >
                    {' '}
                    It is so: correct the rig
                  </Button>
                )}
              </li>
            );
          })}
        </ol>
      )}
      {apart && !wild && (
        <p className={css.apart}>
          <b>To part the first two:</b> {apart}
        </p>
      )}
      {practised && session.bench !== null && (
        <p role="status">That is what you would take over. The bench is made up, so the rig stays as it is.</p>
      )}
      {ohms && !wild && <Ohms {...{ ohms, reads, correct }} known={doc.wire.measuredOhm} />}
      {loss && !wild && (
        <p>
          Hot, it loses <b className="num">{say(Math.exp(loss.logFactor), 'share')}</b> of what the model says,
          give or take {say(loss.sd, 'share')}
          {loss.draughtMS !== null && Math.abs(loss.logFactor) > 2 * loss.sd ? (
            <>
              : as in a draught of {say(loss.draughtMS, 'draught')}.{' '}
              <button
                type="button"
                className="quiet"
                onClick={() => correct('draught', { room: { draughtMS: loss.draughtMS } }, ['room.draughtMS'])}
              >
                {' '}
                take that draught
              </button>
            </>
          ) : (
            ': no more than the meter may be out.'
          )}
        </p>
      )}
    </section>
  );
}

function Ohms(p: {
  ohms: NonNullable<ReturnType<typeof ohmsFound>>;
  reads: readonly HeatStep[];
  known: number | null;
  correct: (label: string, patch: Patch, paths: readonly string[]) => void;
}) {
  const { say } = useUnits();
  const taken = p.known === p.ohms.ohm;
  return (
    <div className={css.ohms}>
      <p>
        Cold, this wire has <b className="num">{say(p.ohms.ohm, 'ohms')}</b>, give or take{' '}
        {say(p.ohms.sd, 'share')}, from {p.ohms.used} reading{p.ohms.used === 1 ? '' : 's'}. A contact that eats
        volts before the clips is not in it.
      </p>
      <Button
        size="small"
        variant="outlined"
        disabled={taken}
        onClick={() =>
          p.correct('resistance as metered', { wire: { measuredOhm: p.ohms.ohm } }, ['wire.measuredOhm'])
        }
      >
        {' '}
        {taken ? 'The rig has them' : 'Use this resistance'}
      </Button>
    </div>
  );
}

/** Paths of what a patch says, but for what it only clears. */
function pathsOf(patch: Patch): string[] {
  return Object.entries(patch).flatMap(([k, v]) =>
    Object.entries(v).flatMap(([key, value]) => (value === null ? [] : [`${k}.${key}`])),
  );
}
