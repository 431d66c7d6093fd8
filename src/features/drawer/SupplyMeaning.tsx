'use client';
import { useState } from 'react';
import type { Supply } from '@/core/documents/supply';
import { leastOhmOf, readClaim, type WireClaim } from '@/core/engine/label';
import { internalOhmOf, ohmPerMetreOf, secondaryOf } from '@/core/engine/drawer/supplyMeans';
import type { Spool } from '@/state/types';
import { Choice } from '@/ui/Choice';
import type { Say } from '@/core/words/say';
import { useUnits } from '@/ui/Units';
import css from './drawer.module.css';
import { RangeField, between } from './fields';
import { CLAIM } from './words';

/** "What wire may it drive?": the classic slip is to take the least for the most. It is caught and turned round. */
export function Claim({ supply }: { supply: Supply }) {
  const { say } = useUnits();
  const [claim, setClaim] = useState<WireClaim>({ says: 'at-least', ohm: 0 });
  const [turned, setTurned] = useState<string | null>(null);
  const least = leastOhmOf(supply);
  const take = (next: WireClaim) => {
    const read = readClaim(supply, next);
    if (next.ohm > 0 && read.verdict === 'turned' && read.right) {
      setTurned(
        `Turned round. ${say(read.leastOhm, 'ohms')} is the minimum wire resistance, not the maximum: a wire of fewer ohms draws more than the supply gives, a wire of more only stays cooler.`,
      );
      setClaim(read.right);
    } else {
      setTurned(null);
      setClaim(next);
    }
  };
  const read = claim.ohm > 0 ? readClaim(supply, claim) : null;
  return (
    <div className={css.claim}>
      <Choice
        label={CLAIM.label}
        name="claim"
        value={claim.says}
        onChoose={(says) => take({ ...claim, says })}
        options={[
          { value: 'at-least', name: `${CLAIM.least} … Ω` },
          { value: 'at-most', name: `${CLAIM.most} … Ω` },
        ]}
      />
      <RangeField
        label="Resistance"
        name="claimOhm"
        value={claim.ohm > 0 ? claim.ohm : null}
        role="ohms"
        limits={between(0.001, 100000)}
        whenEmpty={least === null ? '' : least.toPrecision(3)}
        onTake={(ohm) => take({ ...claim, ohm: ohm ?? 0 })}
      />
      <p role="status" className={turned || read?.verdict === 'low' ? css.caught : 'dim'}>
        {turned ??
          (read?.verdict === 'low'
            ? `Too low: ${say(claim.ohm, 'ohms')} would draw ${say(supply.volts / claim.ohm, 'amps')}. `
            : '')}{' '}
        {least === null
          ? 'Without its amps or VA nobody can say what wire it takes.'
          : `${say(supply.volts, 'volts')} / ${say(supply.volts / least, 'amps')} = ${say(least, 'ohms')}: the wire must have at least that.`}
      </p>
    </div>
  );
}

/** What the least wire is in lengths of the maker's own spools. */
export function OnOwnWires({ supply, spools }: { supply: Supply; spools: readonly Spool[] }) {
  const { say } = useUnits();
  const least = leastOhmOf(supply);
  if (least === null || spools.length === 0) return null;
  return (
    <div>
      <p className="dim">On your own wires, with no dial, that is</p>
      <ul className={css.facts}>
        {spools.slice(0, 6).map((s) => (
          <li key={s.id}>
            {s.name}: <b className="num">{say((least / ohmPerMetreOf(s)) * 1000, 'wireLength')}</b> or longer
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Ohms inside, from the volts open and under load; a reading says where it was taken. */
export function Sag({ supply, set }: { supply: Supply; set: (part: Partial<Supply>) => void }) {
  const [r, setR] = useState({
    open: null as number | null,
    loaded: null as number | null,
    amps: null as number | null,
    at: 'clips',
  });
  const take = (part: Partial<typeof r>) => {
    const next = { ...r, ...part };
    setR(next);
    if (next.open !== null && next.loaded !== null && next.amps !== null && next.at === 'terminals')
      set({ internalOhm: internalOhmOf(next.open, next.loaded, next.amps) });
  };
  return (
    <details className={css.sag}>
      <summary>Measured: how far its voltage sags</summary>
      <RangeField
        label="Voltage, no load"
        name="openVolts"
        value={r.open}
        role="volts"
        limits={between(0, 500)}
        whenEmpty="not measured"
        onTake={(open) => take({ open })}
      />
      <RangeField
        label="Voltage, loaded"
        name="loadedVolts"
        value={r.loaded}
        role="volts"
        limits={between(0, 500)}
        whenEmpty="not measured"
        onTake={(loaded) => take({ loaded })}
      />
      <RangeField
        label="At a current of"
        name="loadedAmps"
        value={r.amps}
        role="amps"
        limits={between(0.01, 500)}
        whenEmpty="not measured"
        onTake={(amps) => take({ amps })}
      />
      <Choice
        label="Read at"
        name="readAt"
        value={r.at}
        onChoose={(at) => take({ at })}
        options={[
          { value: 'terminals', name: 'the supply’s own terminals or display' },
          { value: 'clips', name: 'the clips on the wire' },
        ]}
        note={
          r.at === 'clips'
            ? 'At the clips the leads’ loss is in it: read at the terminals to know the supply.'
            : `Internal resistance ${supply.internalOhm} Ω, taken with the supply.`
        }
      />
    </details>
  );
}

function woundWords(volts: number, ten: number, amps: number | null, say: Say): string {
  const { turns, areaMm2 } = secondaryOf(volts, ten, amps);
  const area = areaMm2 === null ? '' : `, of ${say(areaMm2, 'area')} for ${say(amps, 'amps')}`;
  return `${turns} turns give ${say(volts, 'volts')}${area}.`;
}

/** Turns and cross-section of a new secondary, from ten test turns. The primary is for a competent person. */
export function Rewinding({ supply }: { supply: Supply }) {
  const { say } = useUnits();
  const [ten, setTen] = useState<number | null>(null);
  const least = leastOhmOf(supply);
  return (
    <details className={css.sag}>
      <summary>Rewinding its secondary</summary>
      <RangeField
        label="Ten turns read"
        name="tenTurns"
        value={ten}
        role="volts"
        limits={between(0.001, 500)}
        whenEmpty="test turns"
        onTake={setTen}
      />
      <p className="dim">
        {ten === null
          ? 'Wind ten turns over the core, and read their volts.'
          : woundWords(supply.volts, ten, least === null ? null : supply.volts / least, say)}{' '}
        Secondary only: the primary is for a competent person, and a rewound transformer counts as not isolated
        until one has tested it.
      </p>
    </details>
  );
}
