'use client';
import { useState } from 'react';
import { slackenWords } from '@/core/words/slacken';
import { useDerived, useRig } from '@/state/RigContext';
import { useWire } from '@/state/useWire';
import { Act } from '@/ui/Act';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';

/** Let go for storage, and set again before use: noted in the logbook, and said at the next heat. */
export function Storage() {
  const id = useRig((s) => s.id);
  const { evaluation } = useDerived();
  const { say } = useUnits();
  const when = useWhen();
  const { wire, slacken, setAgain } = useWire(id);
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  if (!wire) return null;
  const words = slackenWords(evaluation, say);
  const { slackSince } = wire;
  const act = async (how: () => Promise<string | null>) => {
    setBusy(true);
    setFault(await how());
    setBusy(false);
  };
  return (
    <section aria-label="For storage">
      <h2>For storage</h2>
      {wire.onSince !== null ? (
        <p className="dim">Power off first, and let the wire cool.</p>
      ) : slackSince === null ? (
        <>
          <p>{words.slacken}</p>
          <Act disabled={busy} onClick={() => void act(slacken)}>
            It is slackened
          </Act>
        </>
      ) : (
        <>
          <p role="status">
            Slackened on {when.day(slackSince)}. {words.again}
          </p>
          <Act strong disabled={busy} onClick={() => void act(setAgain)}>
            It is set again
          </Act>
        </>
      )}
      {fault && <p role="alert">{fault}</p>}
    </section>
  );
}
