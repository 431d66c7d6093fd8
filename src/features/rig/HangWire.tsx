'use client';
import { memo, useState } from 'react';
import type { Spool } from '@/state/types';
import { inWords } from '@/state/api';
import { useRig } from '@/state/RigContext';
import { useStock } from '@/state/useStock';
import { useWire } from '@/state/useWire';

/** What a wire wants beyond its heated length for its ends: turns round the anchors, m. Common practice, no source. */
const ENDS_M = 0.12;

/** Takes the wire that is hung off its spool, so that what is left is known. */
export const HangWire = memo(function HangWire({ spools }: { spools: readonly Spool[] }) {
  const spoolId = useRig((s) => s.links.spoolId);
  const id = useRig((s) => s.id);
  const { lengthMm, alloy, diameterMm } = useRig((s) => s.doc.wire);
  const { takeWire } = useStock();
  const { hang: noteHung } = useWire(id);
  const [left, setLeft] = useState<number | null>(null);
  const [told, tell] = useState<string | null>(null);
  const spool = spools.find((s) => s.id === spoolId);
  if (!spool) return null;
  const has = left ?? spool.metres;
  const metres = Number((lengthMm / 1000 + ENDS_M).toFixed(3));
  const hang = async () => {
    const answer = await takeWire(spool.id, metres);
    if (answer.kind !== 'done') return tell(inWords(answer));
    setLeft(answer.data.metres);
    const fault = await noteHung({ alloy, diameterMm, lengthMm });
    tell(`${metres} m taken, its ends with it.${fault === null ? ' Its hours begin now.' : ''}`);
  };
  return (
    <p>
      {has === null ? (
        'Nobody counted this spool.'
      ) : (
        <>
          Left on the spool <b className="num">{has} m</b>.
        </>
      )}{' '}
      {has !== null && (
        <button type="button" className="quiet" onClick={() => void hang()}>
          I hung one: take {metres} m off
        </button>
      )}{' '}
      <span role="status">{told}</span>
    </p>
  );
});
