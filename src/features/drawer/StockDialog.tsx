'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { ALLOY_IDS, ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import { FOAM_IDS, FOAMS, type FoamId } from '@/core/catalog/foams';
import type { ControlKind } from '@/core/documents/control';
import { ORIGINS, type Origin } from '@/core/documents/rig';
import { supplySchema, SUPPLY_KINDS, type Supply, type SupplyKind } from '@/core/documents/supply';
import type { FoamStock, Spool, SupplyStock } from '@/state/types';
import { call, inWords } from '@/state/api';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import css from './drawer.module.css';
import { CONTROL_WORDS, SUPPLY_WORDS } from './names';
import { LISTS } from './words';

export type Editing =
  | { readonly kind: 'foams'; readonly item: FoamStock | null }
  | { readonly kind: 'spools'; readonly item: Spool | null }
  | { readonly kind: 'supplies'; readonly item: SupplyStock | null };

const NEW = {
  foams: { name: '', kind: 'eps' as FoamId, densityKgM3: 20, origin: 'assumed' as Origin, note: '' },
  spools: {
    name: '',
    alloy: 'nicr-80' as AlloyId,
    diameterMm: 0.405,
    strands: 1 as const,
    metres: null as number | null,
    note: '',
  },
  supplies: {
    name: '',
    supply: supplySchema.parse({ kind: 'brick', volts: 19, maxAmps: 3.4 }),
    control: 'none' as ControlKind,
    note: '',
  },
};
type Fields = (typeof NEW.foams | Omit<Spool, 'id' | 'demo'> | typeof NEW.supplies) & {
  name: string;
  note: string;
};

/** Adds a thing to the drawer or changes it. */
export function StockDialog({
  editing,
  onClose,
  onSaved,
}: {
  editing: Editing;
  onClose: () => void;
  onSaved: () => void;
}) {
  const { id, demo: _demo, ...was } = editing.item ?? { id: null, demo: false, ...NEW[editing.kind] };
  const [fields, setFields] = useState<Fields>(was as Fields);
  const [fault, setFault] = useState<string | null>(null);
  const put = (part: Partial<Fields>) => setFields((f) => ({ ...f, ...part }) as Fields);
  const save = async () => {
    if (fields.name.trim() === '') return setFault('Give it a name.');
    const answer = await call(id ? 'PUT' : 'POST', `/api/drawer/${editing.kind}${id ? `/${id}` : ''}`, fields);
    if (answer.kind !== 'done') return setFault(inWords(answer));
    onSaved();
    onClose();
  };
  const one = LISTS[editing.kind].one;
  return (
    <Dialog open onClose={onClose} aria-labelledby="stock-title" fullWidth maxWidth="sm">
      <DialogTitle id="stock-title">{id ? `Change ${one}` : `Add ${one}`}</DialogTitle>
      <DialogContent>
        <div className={css.fields}>
          <label className={css.text}>
            <span>Name</span>
            <input
              value={fields.name}
              maxLength={120}
              autoFocus
              onChange={(e) => put({ name: e.target.value })}
            />
          </label>
          {editing.kind === 'foams' && <FoamFields f={fields as typeof NEW.foams} put={put} />}
          {editing.kind === 'spools' && <SpoolFields f={fields as Spool} put={put} />}
          {editing.kind === 'supplies' && <SupplyFields f={fields as typeof NEW.supplies} put={put} />}
          <label className={css.text}>
            <span>Note</span>
            <input value={fields.note} maxLength={5000} onChange={(e) => put({ note: e.target.value })} />
          </label>
          {fault && (
            <p role="alert" className={css.fault}>
              {fault}
            </p>
          )}
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" onClick={() => void save()}>
          {id ? 'Keep the change' : 'Put it in'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

type Put<T> = (part: Partial<T>) => void;

/** A number that must lie in a range; the field says the range in the person's units. */
function useRange() {
  const { say } = useUnits();
  return (lo: number, hi: number, role: Parameters<typeof say>[1], take: (v: number) => void) =>
    (v: number | null) => {
      if (v === null || !(v >= lo && v <= hi)) return `must lie between ${say(lo, role)} and ${say(hi, role)}`;
      take(v);
      return null;
    };
}

function FoamFields({ f, put }: { f: typeof NEW.foams; put: Put<typeof NEW.foams> }) {
  const range = useRange();
  return (
    <>
      <Choice
        label="Kind"
        name="kind"
        value={f.kind}
        onChoose={(kind) => put({ kind, densityKgM3: FOAMS[kind].usualDensity, origin: 'assumed' })}
        options={FOAM_IDS.map((k) => ({ value: k, name: FOAMS[k].name }))}
        note={FOAMS[f.kind].reason || undefined}
      />
      <QuantityField
        label="Density"
        name="density"
        value={f.densityKgM3}
        role="density"
        onValue={range(1, 1000, 'density', (densityKgM3) => put({ densityKgM3 }))}
      />
      <Choice
        label="From"
        name="origin"
        value={f.origin}
        onChoose={(origin) => put({ origin })}
        options={ORIGINS.map((o) => ({ value: o, name: o }))}
      />
    </>
  );
}

function SpoolFields({
  f,
  put,
}: {
  f: Pick<Spool, 'alloy' | 'diameterMm' | 'strands' | 'metres'>;
  put: Put<Spool>;
}) {
  const range = useRange();
  return (
    <>
      <Choice
        label="Alloy"
        name="alloy"
        value={f.alloy}
        onChoose={(alloy) => put({ alloy })}
        options={ALLOY_IDS.map((k) => ({ value: k, name: ALLOYS[k].name }))}
        note={ALLOYS[f.alloy].caution ?? undefined}
      />
      <QuantityField
        label="Gauge"
        name="diameter"
        value={f.diameterMm}
        role="wireDiameter"
        onValue={range(0.02, 5, 'wireDiameter', (diameterMm) => put({ diameterMm }))}
        note="Of one strand."
      />
      <Choice
        label="Strands"
        name="strands"
        value={String(f.strands)}
        onChoose={(v) => put({ strands: Number(v) as Spool['strands'] })}
        options={['1', '3', '7', '19'].map((v) => ({ value: v, name: v }))}
      />
      <QuantityField
        label="Length left"
        name="metres"
        value={f.metres === null ? null : f.metres * 1000}
        role="wireLength"
        whenEmpty="not counted"
        onValue={(v) =>
          v === null
            ? (put({ metres: null }), null)
            : range(0, 1e8, 'wireLength', (mm) => put({ metres: mm / 1000 }))(v)
        }
      />
    </>
  );
}

function SupplyFields({ f, put }: { f: typeof NEW.supplies; put: Put<typeof NEW.supplies> }) {
  const range = useRange();
  const set = (part: Partial<Supply>) => put({ supply: { ...f.supply, ...part } });
  return (
    <>
      <Choice
        label="Kind"
        name="supply"
        value={f.supply.kind}
        onChoose={(kind: SupplyKind) =>
          put({
            supply: supplySchema.parse({
              kind,
              volts: f.supply.volts,
              maxAmps: f.supply.maxAmps,
              current: kind === 'transformer' ? 'ac' : 'dc',
            }),
          })
        }
        options={SUPPLY_KINDS.map((k) => ({ value: k, name: SUPPLY_WORDS[k] }))}
      />
      <QuantityField
        label="Volts"
        name="volts"
        value={f.supply.volts}
        role="volts"
        onValue={range(0.1, 500, 'volts', (volts) => set({ volts }))}
      />
      <QuantityField
        label="Most amps"
        name="amps"
        value={f.supply.maxAmps}
        role="amps"
        whenEmpty="not known"
        onValue={(v) =>
          v === null
            ? (set({ maxAmps: null }), null)
            : range(0.01, 500, 'amps', (maxAmps) => set({ maxAmps }))(v)
        }
      />
      {(f.supply.kind === 'transformer' || f.supply.kind === 'other') && (
        <Choice
          label="Gives"
          name="current"
          value={f.supply.current}
          onChoose={(current) => set({ current })}
          options={[
            { value: 'dc', name: 'direct current' },
            { value: 'ac', name: 'alternating current' },
          ]}
        />
      )}
      <Choice
        label="Control"
        name="control"
        value={f.control}
        onChoose={(control) => put({ control })}
        options={(Object.keys(CONTROL_WORDS) as ControlKind[]).map((k) => ({
          value: k,
          name: CONTROL_WORDS[k]!,
        }))}
      />
    </>
  );
}
