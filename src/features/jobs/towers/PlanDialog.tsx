'use client';
import { useState } from 'react';
import { faultsOf } from '@/core/documents/faults';
import { planSchema, type Plan } from '@/core/documents/plan';
import { useAllPieces } from '@/state/useAllPieces';
import { PickAgain } from '@/ui/PickFile';
import { TakeDialog } from '@/ui/TakeDialog';
import { Select } from '@/ui/Select';

const MOST_BYTES = 2 * 1024 * 1024;

/** A piece that is planned already, on any rig of the workshop or in a document: its sections, slots, twist and blank. */
export function PlanDialog(p: { onClose: () => void; onTake: (plan: Plan) => string | null }) {
  const { pieces, fault: unread, document } = useAllPieces();
  const [chosen, choose] = useState('');
  const [plan, setPlan] = useState<Plan | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const fromShop = async (id: string) => {
    choose(id);
    setPlan(null);
    const answer = await document(id);
    setFault(answer.kind === 'done' ? null : 'This piece cannot be read now; try again.');
    if (answer.kind === 'done') setPlan(answer.data);
  };
  const fromFile = async (f: File) => {
    choose('');
    setPlan(null);
    if (f.size > MOST_BYTES) return setFault(`${f.name} is larger than 2 MB.`);
    let read: unknown;
    try {
      read = JSON.parse(await f.text());
    } catch {
      return setFault(`${f.name} is not JSON.`);
    }
    const parsed = planSchema.safeParse(read);
    if (!parsed.success) {
      const [first] = faultsOf(parsed.error);
      return setFault(`${f.name} ${first!.path}: ${first!.message}.`);
    }
    setFault(null);
    setPlan(parsed.data);
  };
  const take = () => {
    const rule = plan && p.onTake(plan);
    if (rule === null) p.onClose();
    setFault(rule);
  };
  const wrong = fault ?? unread;
  return (
    <TakeDialog
      title="A piece that is planned already"
      fault={wrong && `${wrong} The core stays as it was.`}
      ready={plan !== null}
      onTake={take}
      onClose={p.onClose}
    >
      <p className="dim">
        Sections, span, twist, spar slots and blank are taken; the heat stays this rig’s own, and its templates
        are not used.
      </p>
      {pieces && pieces.length > 0 && (
        <Select
          label="Piece"
          value={chosen}
          unchosen="Pieces of the workshop"
          options={pieces.map(
            ({ id, name, rig }) =>
              [id, `${name || 'Piece without a name'}, ${rig || 'rig without a name'}`] as const,
          )}
          onChoose={(id) => void fromShop(id)}
        />
      )}
      <PickAgain
        name="Piece’s document"
        what="file"
        chosen={false}
        accept=".json"
        onFile={(f) => void fromFile(f)}
      />
      {plan && (
        <p role="status">
          {plan.name || 'Piece without a name'}:{' '}
          {plan.piece.hand === 'pair' ? 'a pair, cut one after the other; ' : ''}
          {plan.template.slots.length} spar slots.
        </p>
      )}
    </TakeDialog>
  );
}
