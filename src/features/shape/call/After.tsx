'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { RigEvent, RunEvent } from '@/core/documents/event';
import { GRADES, SEEN, type Grade, type Seen, loggedCutSchema } from '@/core/documents/log';
import type { CoreOf } from '@/core/engine/call/batch';
import type { LedPass } from '@/core/engine/call/led';
import { sizesOf } from '@/core/engine/template/measure';
import type { PlanView } from '@/core/engine/template/view';
import type { Role } from '@/core/units/profile';
import { GRADE_WORDS, SEEN_WORDS } from '@/core/words/cuts';
import { GRADE_HELP } from '@/core/words/cutsHelp';
import { usePlan } from '@/state/PlanContext';
import { useRig } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { Select } from '@/ui/Select';
import { Several } from '@/ui/Several';
import { TextArea } from '@/ui/TextArea';
import { TextLine } from '@/ui/TextLine';
import css from './call.module.css';
import { LedReport } from './LedReport';
import type { RunSoFar } from './Passes';
import { SIDE_NAMES } from '../words';

type Measured = RunEvent['measured'];
type Key = keyof Measured;
const NONE: Measured = {
  rootThickMm: null,
  tipThickMm: null,
  rootChordMm: null,
  tipChordMm: null,
  twistDeg: null,
  weightG: null,
};
const FIELDS: [Key, string, Role][] = [
  ['rootThickMm', 'Root, thickest', 'foamSize'],
  ['tipThickMm', 'Tip, thickest', 'foamSize'],
  ['rootChordMm', 'Root chord', 'foamSize'],
  ['tipChordMm', 'Tip chord', 'foamSize'],
  ['twistDeg', 'Twist', 'angle'],
  ['weightG', 'Weighs', 'mass'],
];

/** After a call: what was seen and measured goes to the log; with heat, its pace and grade tune the rig. */
export function After(p: {
  view: PlanView;
  run: RunSoFar;
  core: CoreOf;
  rehearsal: boolean;
  led: readonly LedPass[];
  note: (e: RigEvent) => Promise<string | null>;
  onSaved: (words: string) => void;
}) {
  const { say } = useUnits();
  const planId = usePlan((s) => s.id);
  const logCut = useRig((s) => s.logCut);
  const setting = useRig((s) => s.doc.control.setting);
  const width = useRig((s) => s.doc.foam.widthMm);
  const [seen, see] = useState<readonly Seen[]>([]);
  const [grade, setGrade] = useState<Grade | 'none'>('none');
  const [measured, measure] = useState<Measured>(NONE);
  const [ridges, setRidges] = useState<RunEvent['ridges']>([]);
  const [words, setWords] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { piece } = p.view.plan;
  const root = sizesOf(p.view.sections.root, piece.root.twistDeg);
  const tip = sizesOf(p.view.sections.tip, piece.tip.twistDeg);
  const planned: Record<Key, number> = {
    rootThickMm: root.thickMm,
    tipThickMm: tip.thickMm,
    rootChordMm: root.chordMm,
    tipChordMm: tip.chordMm,
    twistDeg: piece.tip.twistDeg - piece.root.twistDeg,
    weightG: p.view.blank.weightG,
  };
  const pace = p.run.heldS / p.run.plannedS;
  const save = async () => {
    setBusy(true);
    const at = new Date().toISOString();
    const event: RunEvent = {
      kind: 'run',
      at,
      planId,
      plan: p.view.plan.name,
      ...p.core,
      rehearsal: p.rehearsal,
      finished: true,
      plannedS: p.run.plannedS,
      heldS: p.run.heldS,
      pace,
      moved: p.run.moved,
      seen: [...seen],
      measured,
      ridges,
      led: p.run.led.map(({ side, seconds }) => ({
        side,
        seconds: seconds.map((s) => Number(s.toFixed(2))),
      })),
      note: words,
    };
    const refused = await p.note(event);
    if (refused) {
      setBusy(false);
      return setFault(refused);
    }
    if (!p.rehearsal && grade !== 'none' && p.view.feed.root !== null && p.view.feed.tip !== null) {
      const feed = (p.view.feed.root + p.view.feed.tip) / 2 / pace;
      const answer = await logCut(
        loggedCutSchema.parse({
          at,
          setting,
          widthMm: width,
          feedMmS: Number(feed.toPrecision(4)),
          grade,
          seen: [...seen],
          note: `Called cut: ${p.view.plan.name}, ${p.core.hand} ${p.core.piece}. ${words}`.trim(),
        }),
      );
      if (answer.kind !== 'done' && answer.kind !== 'kept') {
        setBusy(false);
        return setFault('The run is in the log; the cut that would tune the rig was not taken.');
      }
    }
    p.onSaved(
      p.rehearsal ? 'The rehearsal is in the log.' : 'The cut is in the log, and its pace is the next one’s.',
    );
  };
  return (
    <section aria-label="Afterwards" data-phase="after" data-plain className={css.after}>
      <h2>{p.rehearsal ? 'Rehearsed' : 'Power off. What came of it?'}</h2>
      <p>
        Led in <b className="num">{say(p.run.heldS, 'time')}</b> of {say(p.run.plannedS, 'time')} planned:{' '}
        {pace > 1.01 ? 'slower' : pace < 0.99 ? 'faster' : 'as planned'}.
      </p>
      <LedReport passes={p.led} />
      {!p.rehearsal && (
        <>
          <fieldset className={css.chips}>
            <legend>What was seen</legend>
            <Several options={SEEN.map((s) => [s, SEEN_WORDS[s]] as const)} chosen={seen} onChosen={see} />
          </fieldset>
          <Choice
            label="It was"
            name="run.grade"
            value={grade}
            options={[
              { value: 'none', name: 'not judged' },
              ...GRADES.map((g) => ({ value: g, name: GRADE_WORDS[g] })),
            ]}
            onChoose={(g) => setGrade(g as Grade | 'none')}
            note={grade === 'none' ? 'Judged, it tunes this rig.' : GRADE_HELP[grade]}
          />
          <div className={css.measured}>
            {FIELDS.map(([k, name, role]) => (
              <QuantityField
                key={k}
                label={name}
                name={`measured.${k}`}
                role={role}
                value={measured[k]}
                whenEmpty={`${say(planned[k], role)} planned`}
                onValue={(v) => (measure({ ...measured, [k]: v }), null)}
                note={measured[k] === null ? undefined : offBy(measured[k]! - planned[k], say, role)}
              />
            ))}
          </div>
          <Ridges view={p.view} ridges={ridges} set={setRidges} />
        </>
      )}
      <label className={css.words}>
        Note
        <TextArea name="run.note" rows={2} most={2000} value={words} onText={setWords} />
      </label>
      {fault && <p role="alert">{fault}</p>}
      <div className={css.begin}>
        <Button onClick={() => p.onSaved('Not kept.')}>Do not keep it</Button>
        <Button variant="contained" size="large" disabled={busy} onClick={() => void save()}>
          Into the log
        </Button>
      </div>
    </section>
  );
}

type Say = ReturnType<typeof useUnits>['say'];
function offBy(d: number, say: Say, role: Role): string {
  if (Math.abs(d) < 0.05) return 'as planned';
  return `${say(Math.abs(d), role)} ${d > 0 ? 'over' : 'under'} plan`;
}

/** Where ridges lie: side and station, added one by one. */
function Ridges(p: { view: PlanView; ridges: RunEvent['ridges']; set: (r: RunEvent['ridges']) => void }) {
  const [side, setSide] = useState(p.view.passes[0]!.side);
  const [n, setN] = useState('');
  const most = p.view.plan.template.stations * (side === 'outline' ? 2 : 1);
  const station = Number(n);
  const good = n.trim() !== '' && station >= 0 && station <= most;
  return (
    <fieldset className={css.ridges}>
      <legend>Ridges</legend>
      <div>
        <Select
          label="Side of the ridge"
          value={side}
          options={p.view.passes.map((x) => [x.side, SIDE_NAMES[x.side]] as const)}
          onChoose={setSide}
        />
      </div>
      <TextLine label="Station of the ridge" numbers="decimal" placeholder="station" value={n} onText={setN} />
      <Button disabled={!good} onClick={() => (p.set([...p.ridges, { side, station }]), setN(''))}>
        Add
      </Button>
      {p.ridges.map((r, i) => (
        <button
          key={i}
          type="button"
          className="quiet"
          onClick={() => p.set(p.ridges.filter((_, k) => k !== i))}
        >
          {SIDE_NAMES[r.side].toLowerCase()} {r.station}: delete
        </button>
      ))}
    </fieldset>
  );
}
