'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { z } from 'zod';
import { supplySchema } from '@/core/documents/supply';
import type {
  ControlStock,
  FoamStock,
  LeadStock,
  NewStock,
  Spool,
  StockItems,
  StockKind,
  SupplyStock,
} from '@/state/types';
import { inWords } from '@/state/api';
import { TextLine } from '@/ui/TextLine';
import css from './drawer.module.css';
import { ControlFields } from './ControlFields';
import { FoamFields, LeadFields, SpoolFields } from './OtherFields';
import { PieceFields } from './PieceFields';
import { SupplyFields } from './SupplyFields';
import { STOCK_SCHEMAS } from '@/core/documents/stock';
import { faultWords } from '@/core/words/plainField';
import { useStock } from '@/state/useStock';
import { useSchemaForm } from '@/ui/useSchemaForm';
import { LISTS } from './words';

export interface Editing<K extends StockKind = StockKind> {
  readonly kind: K;
  /** The thing to change; null for a new one. */
  readonly item: StockItems[K] | null;
  /** What a new one starts from. */
  readonly start?: Partial<NewStock<K>>;
}

const NEW: { readonly [K in StockKind]: Omit<NewStock<K>, 'demo'> } = {
  foams: { name: '', kind: 'eps', densityKgM3: 20, origin: 'assumed', note: '', piece: null },
  spools: { name: '', alloy: 'nicr-80', diameterMm: 0.405, strands: 1, metres: null, ohmPerM: null, pricePerM: null, note: '' },
  supplies: { name: '', supply: supplySchema.parse({ kind: 'brick', volts: 19, maxAmps: 3.4 }), control: 'none', have: true, price: null, note: '' },
  controls: { name: '', control: { kind: 'pwm', frequencyHz: 1000, efficiency: 0.9, steps: null, ratedAmps: null, ratedVolts: null, ratedWatts: null }, have: true, price: null, note: '' },
  leads: { name: '', areaMm2: 1.31, lengthMm: 3000, contactOhm: 0.01, note: '' },
}; // prettier-ignore
type Fields = Omit<NewStock<StockKind>, 'demo'>;

/** Adds a thing to the drawer or changes it. */
export function StockDialog({
  editing,
  spools,
  onClose,
  onSaved,
}: {
  editing: Editing;
  /** The maker's own wires: what a supply's label means on them. */
  spools: readonly Spool[];
  onClose: () => void;
  onSaved: () => void;
}) {
  const { kind, item } = editing;
  const { id, demo: _demo, ...was } = item ?? { id: null, demo: false, ...NEW[kind], ...editing.start };
  const { save } = useStock();
  const [refused, setRefused] = useState<string | null>(null);
  const form = useSchemaForm(STOCK_SCHEMAS[kind] as z.ZodType<Fields, Fields>, was as Fields, async (read) => {
    const answer = await save(kind, id, read);
    if (answer.kind !== 'done') return setRefused(inWords(answer));
    onSaved();
    onClose();
  });
  const { values: fields } = form;
  const put = (part: object) => form.put(part);
  const fault =
    form.faults.map((f) => (f.path === 'name' ? 'Give it a name.' : faultWords(f))).join(' ') || refused;
  const one = LISTS[kind].one;
  return (
    <Dialog open onClose={onClose} aria-labelledby="stock-title" fullWidth maxWidth="sm">
      <DialogTitle id="stock-title">{id ? `Edit ${one}` : `Add ${one}`}</DialogTitle>
      <DialogContent>
        <div className={css.fields}>
          <label className={css.text}>
            <span>Name</span>
            <TextLine value={fields.name} most={120} autoFocus onText={(name) => put({ name })} />
          </label>
          {kind === 'foams' && <FoamFields f={fields as FoamStock} put={put} />}
          {kind === 'foams' && <PieceFields f={fields as FoamStock} put={put} />}
          {kind === 'spools' && <SpoolFields f={fields as Spool} put={put} />}
          {kind === 'supplies' && <SupplyFields f={fields as SupplyStock} put={put} spools={spools} />}
          {kind === 'controls' && <ControlFields f={fields as ControlStock} put={put} />}
          {kind === 'leads' && <LeadFields f={fields as LeadStock} put={put} />}
          <label className={css.text}>
            <span>Note</span>
            <TextLine value={fields.note} most={5000} onText={(note) => put({ note })} />
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
        <Button variant="contained" disabled={form.busy} onClick={() => void form.send()}>
          {id ? 'Save' : 'Add'}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
