'use client';
import { SMALL, SMALL_BATTERIES, type SmallBattery } from '@/core/catalog/smallBatteries';
import { loadedVolts, setOfSupply, supplyOfSet, type BatterySet } from '@/core/engine/battery';
import { durationText } from '@/core/words/duration';
import { apply } from '@/state/edit';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import css from './rig.module.css';

const FIRST = { inSeries: 1, inParallel: 1 };
const MOST = 40;

/** One or several small batteries out of a shop: kind, how many in a row and side by side; volts open and under load. */
export function SmallBatteries() {
  const store = useRigStore();
  const supply = useRig((s) => s.doc.supply);
  const { evaluation } = useDerived();
  const { say } = useUnits();
  const set = setOfSupply(supply);
  const put = (next: BatterySet) => {
    const { doc, edit } = store.getState();
    edit('small batteries', apply(doc, { supply: supplyOfSet(next) }));
  };
  const count = (label: string, key: 'inSeries' | 'inParallel') =>
    set && (
      <QuantityField
        label={label}
        name={key}
        value={set[key]}
        role="count"
        onValue={(v) => {
          if (v === null || !Number.isInteger(v) || v < 1 || v > MOST)
            return `must be a whole number from 1 to ${MOST}`;
          put({ ...set, [key]: v });
          return null;
        }}
      />
    );
  const volts = loadedVolts(evaluation);
  return (
    <>
      <Choice
        label="Out of a shop"
        name="small"
        value={set?.kind ?? ''}
        onChoose={(kind) => kind !== '' && put({ ...FIRST, ...set, kind: kind as SmallBattery })}
        options={[
          { value: '', name: 'none of these' },
          ...SMALL_BATTERIES.map((k) => ({ value: k as string, name: SMALL[k].name })),
        ]}
      />
      {set && (
        <div className={css.pair}>
          {count('In series', 'inSeries')}
          {count('In parallel', 'inParallel')}
        </div>
      )}
      {volts && (
        <p className={css.says}>
          Open <b className="num">{say(volts.open, 'volts')}</b>, under load{' '}
          <b className="num">{say(volts.loaded, 'volts')}</b>
          {evaluation.battery?.minutes != null && (
            <>
              , for <b className="num">{durationText(60 * evaluation.battery.minutes)}</b>
            </>
          )}
          .
        </p>
      )}
    </>
  );
}
