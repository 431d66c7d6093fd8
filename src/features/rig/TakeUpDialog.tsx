'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { plainBowRate, springsOf } from '@/core/engine/takeUp';
import { barInertiaMm4, SHEAR } from '@/core/engine/takeUp';
import { armsSchema, guideSchema, plainBowSchema, rubberSchema, springsSchema } from '@/core/documents/takeUp';
import type { PlainBow } from '@/core/documents/takeUp';
import { faultsOf } from '@/core/documents/faults';
import type { Role } from '@/core/units/profile';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { Radios } from '@/ui/Radios';
import css from './find.module.css';

type Part = 'springs' | 'rubber' | 'guide' | 'arms' | 'frame';
interface Entry {
  readonly key: string;
  readonly label: string;
  readonly role: Role;
  readonly note?: string;
  readonly plain?: number;
}

const ENTRIES: Record<Part, readonly Entry[]> = {
  springs: [
    { key: 'wireMm', label: 'Wire of the spring', role: 'slot' },
    { key: 'coilMm', label: 'Coil, middle to middle', role: 'depth', note: 'Outside less one wire.' },
    { key: 'turns', label: 'Turns', role: 'count' },
    { key: 'initialN', label: 'Preload', role: 'force', plain: 0 },
    { key: 'count', label: 'How many alike', role: 'count', plain: 1 },
  ],
  rubber: [
    { key: 'areaMm2', label: 'Cross-section, all strands', role: 'area' },
    { key: 'restMm', label: 'Length slack', role: 'depth' },
    { key: 'stretch', label: 'Length now ÷ slack', role: 'count' },
    { key: 'shearMPa', label: 'Shear modulus', role: 'stress', plain: 0.55, note: '0.4 to 0.7 MPa. It loses 10–20 % in the first hour: set it then.' },
  ],
  guide: [
    { key: 'friction', label: 'Friction', role: 'count', plain: 0.2, note: 'About 0.2 over a smooth rod, 0.02 over a bearing.' },
    { key: 'wrapDeg', label: 'Wrap', role: 'angle', plain: 90, note: 'Straight down from level is 90°.' },
  ],
  frame: [
    { key: 'armMm', label: 'Arm, bar to wire', role: 'wireLength' },
    { key: 'barMm', label: 'Bar', role: 'wireLength' },
    { key: 'wide', label: 'Thickness across the plane', role: 'depth' },
    { key: 'high', label: 'Height in the plane of the bow', role: 'depth', note: 'It bends that way.' },
    { key: 'gpa', label: 'Modulus, GPa', role: 'count', plain: 9, note: 'Pine 9, aluminium 70, steel 205.' },
  ],
  arms: [
    { key: 'wireArmMm', label: 'Pivot to wire', role: 'wireLength' },
    { key: 'tieArmMm', label: 'Pivot to tie', role: 'wireLength' },
    { key: 'barMm', label: 'Bar', role: 'wireLength' },
    { key: 'wide', label: 'Bar, thickness the thin way', role: 'depth', note: 'It buckles that way.' },
    { key: 'high', label: 'Bar, the other way', role: 'depth' },
    { key: 'barGPa', label: 'Modulus, GPa', role: 'count', plain: 9, note: 'Pine 9, aluminium 70, steel 205.' },
  ],
}; // prettier-ignore
const TITLES: Record<Part, string> = {
  springs: 'The spring from its drawing',
  rubber: 'The rubber',
  guide: 'What the cord goes over',
  arms: 'Arms and bar of the bow',
  frame: 'A plain bow from its sizes',
};
const SCHEMAS = {
  springs: springsSchema,
  rubber: rubberSchema,
  guide: guideSchema,
  arms: armsSchema,
  frame: plainBowSchema,
};

/** Dimensions of what holds the wire: they give its rate, its safe load, its friction, the forces in the frame. */
export function TakeUpDialog({ what, onClose }: { what: 'takeUp' | 'arms' | 'frame'; onClose: () => void }) {
  const store = useRigStore();
  const { say } = useUnits();
  const kind = useRig((s) => s.doc.tension.kind);
  const part: Part =
    what !== 'takeUp' ? what : kind === 'spring' ? 'springs' : kind === 'rubber' ? 'rubber' : 'guide';
  const was = useRig((s) =>
    part === 'arms' ? s.doc.frame.arms : part === 'frame' ? undefined : s.doc.tension[part],
  ) as Record<string, unknown> | undefined;
  const [values, setValues] = useState<Record<string, number | null>>(() => ({
    ...Object.fromEntries(ENTRIES[part].map((e) => [e.key, e.plain ?? null])),
    ...(was as Record<string, number> | undefined),
  }));
  const [joined, setJoined] = useState((was?.['joined'] as 'parallel' | 'series' | undefined) ?? 'parallel');
  const [rule, setRule] = useState<string | null>(null);
  const doc = () => {
    if (part === 'springs') return { ...values, joined };
    if (part !== 'arms') return values;
    const { wide, high, ...rest } = values;
    const bar = wide && high ? barInertiaMm4(high, wide) : was?.['barI_mm4'];
    return { ...rest, barI_mm4: bar };
  };
  const parsed = SCHEMAS[part].safeParse(doc());
  const spring =
    part === 'springs' && parsed.success ? springsOf(parsed.data as Parameters<typeof springsOf>[0]) : null;
  const take = () => {
    if (!parsed.success) {
      const fault = faultsOf(parsed.error)[0]!;
      const entry = ENTRIES[part].find((e) => e.key === fault.path);
      return setRule(`${entry?.label ?? fault.path} ${fault.message}`);
    }
    const { doc: rig, edit } = store.getState();
    const patch =
      part === 'frame'
        ? {
            tension: { frameNPerMm: Number((plainBowRate(parsed.data as PlainBow) / 1000).toPrecision(3)) },
            from: { 'tension.frameNPerMm': 'catalogue' },
          }
        : { [part === 'arms' ? 'frame' : 'tension']: { [part]: parsed.data } };
    if (edit(TITLES[part], apply(rig, patch))) onClose();
  };
  const forget = () => {
    const { doc: rig, edit } = store.getState();
    const group = part === 'arms' ? 'frame' : 'tension';
    edit(TITLES[part], apply(rig, { [group]: { [part]: undefined } }));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="take-up-title" fullWidth maxWidth="xs">
      <DialogTitle id="take-up-title">{TITLES[part]}</DialogTitle>
      <DialogContent>
        <div className={css.marks}>
          {ENTRIES[part].map((e) => (
            <QuantityField
              key={e.key}
              label={e.label}
              name={e.key}
              role={e.role}
              value={values[e.key] ?? null}
              whenEmpty={e.key === 'wide' && was ? 'as before' : 'measure it'}
              note={e.note}
              onValue={(v) => (setValues((old) => ({ ...old, [e.key]: v })), setRule(null), null)}
            />
          ))}
          {part === 'springs' && (values['count'] ?? 1) > 1 && (
            <fieldset className={css.joined}>
              <legend>Joined</legend>
              <Radios
                name="joined"
                value={joined}
                options={[
                  ['parallel', 'side by side'],
                  ['series', 'one after another'],
                ]}
                onChoose={setJoined}
              />
            </fieldset>
          )}
          {spring && (
            <p role="status">
              Gives <b className="num">{say(spring.rate / 1000, 'stiffness')}</b>, max load about{' '}
              <b className="num">{say(spring.safeN, 'force')}</b>. Carbon steel, G {SHEAR.carbon / 1e9} GPa
              (Shigley, chapter 10); a rate you measured beats it.
            </p>
          )}
          {part === 'frame' && parsed.success && (
            <p role="status">
              Its tips give{' '}
              <b className="num">{say(plainBowRate(parsed.data as PlainBow) / 1000, 'stiffness')}</b>, joints
              and grain left out: a squeeze with a luggage scale beats it.
            </p>
          )}
          {rule && <p role="alert">{rule}</p>}
        </div>
      </DialogContent>
      <DialogActions>
        {was && <Button onClick={forget}>Forget it</Button>}
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" onClick={take}>
          Take it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
