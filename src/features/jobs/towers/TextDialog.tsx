'use client';
import { useId, useState } from 'react';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { useTextLoops } from '@/state/useTextLoops';
import { FONT_WEIGHTS, type FontWeight } from '@/workers/protocol';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { TakeDialog } from '@/ui/TakeDialog';
import { TextArea } from '@/ui/TextArea';
import { useUnits } from '@/ui/Units';
import css from './towers.module.css';

const MOST_SIGNS = 80;
const WEIGHT_NAMES: Readonly<Record<FontWeight, string>> = { 500: 'medium', 600: 'half bold', 700: 'bold' };

/** Letters as outlines, in the program's own face: looked at first, then taken beside what is there. */
export function TextDialog(p: { onTake: (loops: [number, number][][]) => string | null; onClose: () => void }) {
  const { say } = useUnits();
  const id = useId();
  const [text, setText] = useState('');
  const [caps, setCaps] = useState(100);
  const [weight, setWeight] = useState<FontWeight>(700);
  const [fault, setFault] = useState<string | null>(null);
  const { loops: drawn, lacking: gone, fault: fell } = useTextLoops(text, caps, weight);
  const loops = text.trim() === '' ? null : drawn;
  const box = loops && boxOf(loops.flat());
  const take = () => {
    if (!loops) return;
    const rule = p.onTake(loops.map((l) => l.map(([x, y]): [number, number] => [x, y])));
    if (rule === null) p.onClose();
    setFault(rule);
  };
  return (
    <TakeDialog
      title="Letters as parts"
      fault={fault ?? fell ?? (gone.length > 0 ? `The face has no sign for ${gone.join(' ')}.` : null)}
      ready={loops !== null && gone.length === 0}
      onTake={take}
      onClose={p.onClose}
    >
      <label htmlFor={id}>Text</label>
      <TextArea as="letters" id={id} rows={2} most={MOST_SIGNS} value={text} onText={setText} />
      <QuantityField
        label="Capitals high"
        name="caps"
        role="foamSize"
        value={caps}
        onValue={(v) => {
          if (v === null || !(v >= 5 && v <= 2000))
            return `must lie between ${say(5, 'foamSize')} and ${say(2000, 'foamSize')}`;
          setCaps(v);
          return null;
        }}
      />
      <Choice
        label="Weight"
        name="weight"
        value={String(weight)}
        options={FONT_WEIGHTS.map((w) => ({ value: String(w), name: WEIGHT_NAMES[w] }))}
        onChoose={(w) => setWeight(Number(w) as FontWeight)}
      />
      {loops && box && <Shown loops={loops} box={box} />}
      {box && (
        <p role="status">
          {say(box.x1 - box.x0, 'foamSize')} wide, {say(box.y1 - box.y0, 'foamSize')} high.
        </p>
      )}
    </TakeDialog>
  );
}

function Shown({ loops, box }: { loops: readonly (readonly Pt[])[]; box: ReturnType<typeof boxOf> }) {
  const d = loops.map((l) => `M${l.map(([x, y]) => `${x} ${-y}`).join('L')}Z`).join('');
  return (
    <svg
      className={css.letters}
      viewBox={`${box.x0} ${-box.y1} ${box.x1 - box.x0} ${box.y1 - box.y0}`}
      role="img"
      aria-label="The letters as they will be cut"
    >
      <path d={d} fillRule="evenodd" />
    </svg>
  );
}
