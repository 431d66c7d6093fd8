'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { limitsOf } from '@/core/documents/fieldPath';
import { rigSchema } from '@/core/documents/rig';
import { transferRecipe, type CarryTo } from '@/core/engine/carry';
import { rangeText } from '@/core/units/format';
import { controlSettingText } from '@/core/words/control';
import { findingWords } from '@/core/words/findings';
import { outside } from '@/core/words/limits';
import { inWords } from '@/state/api';
import type { OpenRig, Stock } from '@/state/types';
import { Choice } from '@/ui/Choice';
import { LevelMark } from '@/ui/Level';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import css from './recipe.module.css';
import { places } from '@/state/places';
import { useRigs } from '@/state/useRigs';

/** The recipe on another width, wire or supply: what to set there, what of it is certain and what is not. */
export function CarryOver({ open, stock }: { open: OpenRig; stock: Stock }) {
  const { record, tuning } = open;
  const { say, profile } = useUnits();
  const router = useRouter();
  const { add } = useRigs();
  const [widthMm, setWidth] = useState(record.doc.foam.widthMm);
  const [spoolId, setSpool] = useState('');
  const [supplyId, setSupply] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const spool = stock.spools.find((s) => s.id === spoolId);
  const power = stock.supplies.find((s) => s.id === supplyId);
  const to: CarryTo = useMemo(
    () => ({
      widthMm,
      ...(spool
        ? {
            wire: {
              alloy: spool.alloy,
              diameterMm: spool.diameterMm,
              strands: spool.strands,
              measuredOhm: null,
            },
          }
        : {}),
      ...(power ? { supply: { supply: power.supply, control: power.control } } : {}),
    }),
    [widthMm, spool, power],
  );
  const c = useMemo(() => transferRecipe(record.doc, tuning, to), [record.doc, tuning, to]);
  const same = widthMm === record.doc.foam.widthMm && !spool && !power;
  const make = async () => {
    const answer = await add({
      doc: { ...c.rig, name: `${record.doc.name || 'Rig'}, carried over`.slice(0, 200) },
      foamStockId: record.foamStockId,
      spoolId: spool?.id ?? record.spoolId,
      supplyId: power?.id ?? record.supplyId,
    });
    if (answer.kind === 'done') router.push(places.rig(answer.data.record.id, 'try'));
    else setFault(inWords(answer));
  };
  return (
    <section aria-label="Carry it over" className={css.more}>
      <h2>Carry it over</h2>
      <div className={css.fields}>
        <QuantityField
          label="Width"
          name="width"
          value={widthMm}
          role="foamSize"
          onValue={(v) => {
            const rule = outside(v, limitsOf(rigSchema, 'foam.widthMm')!, 'foamSize', say);
            if (rule === null) setWidth(v!);
            return rule;
          }}
        />{' '}
        <Choice
          label="Wire"
          name="spool"
          value={spoolId}
          onChoose={setSpool}
          options={[
            { value: '', name: 'the one that is on' },
            ...stock.spools.map((s) => ({ value: s.id, name: s.name })),
          ]}
        />{' '}
        <Choice
          label="Supply"
          name="supply"
          value={supplyId}
          onChoose={setSupply}
          options={[
            { value: '', name: 'the same' },
            ...stock.supplies.filter((s) => s.have).map((s) => ({ value: s.id, name: s.name })),
          ]}
        />{' '}
      </div>
      {same ? (
        <p className="dim">Choose another width, wire or supply.</p>
      ) : (
        <>
          {c.stops.map((f) => (
            <p key={f.code} role="alert" className={css.stop}>
              <LevelMark level="stop" /> {findingWords(f.code, f.values, say).head}.{' '}
              {findingWords(f.code, f.values, say).text}
            </p>
          ))}
          {c.feedMmS === null || c.stops.length > 0 ? (
            c.stops.length === 0 && <p>It does not cut there: too little heat, whatever is set.</p>
          ) : (
            <p role="status" className={css.carried}>
              Set <b className="num">{controlSettingText(c.rig.control.kind, c.setting, say)}</b>, lead at{' '}
              <b className="num">{say(c.feedMmS, 'feed')}</b>; the meter reads{' '}
              <b className="num">{c.amps ? rangeText(c.amps, 'amps', profile) : '–'}</b>, the kerf is{' '}
              <b className="num">{say(c.kerfMm, 'slot')}</b>; wire of {say(c.lengthMm, 'wireLength')}.
            </p>
          )}
          <ul className={css.sure}>
            <li>
              <b>Certain:</b> what this foam takes of heat, as {tuning.used} cut{tuning.used === 1 ? '' : 's'}{' '}
              told; ohms, amps and leads, as computed.
            </li>
            <li>
              <b>Not:</b> feeds and kerf there stand at ±{say(c.sd, 'share')}
              {spool && '; another wire’s surface and gauge were never tried on this foam'}
              {power && '; the supply’s volts are its label’s'}
              {widthMm !== record.doc.foam.widthMm &&
                '; the tension, the lag and the take-up are others on another length'}
              . One test cut on it settles most.
            </li>
          </ul>
          <Button
            variant="outlined"
            disabled={c.stops.length > 0 || c.feedMmS === null}
            onClick={() => void make()}
          >
            Make a rig of it
          </Button>
          {fault && <p role="alert">{fault}</p>}
        </>
      )}
    </section>
  );
}
