'use client';
import { useState } from 'react';
import type { LoggedPull, PullWay } from '@/core/documents/pull';
import { springFound, springPullAt } from '@/core/engine/springTest';
import { newtonsOf, tensionOfNote, tensionOfSqueeze } from '@/core/engine/tensionRead';
import { procedure, type OnBench } from '@/core/words/procedures';
import { WAY_NAMES, WAYS_FOR } from '@/core/words/ways';
import type { Role } from '@/core/units/profile';
import { useDerived, useRig } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { LogPull } from './LogPull';
import css from './tension.module.css';

type Field =
  | 'freeMm'
  | 'massA'
  | 'lengthA'
  | 'massB'
  | 'lengthB'
  | 'nowMm'
  | 'massG'
  | 'closerMm'
  | 'forceN'
  | 'squeezeMm'
  | 'hertz';
type Values = Partial<Record<Field, number | null>>;

const FIELDS: Record<PullWay, readonly (readonly [Field, string, Role, string?])[]> = {
  stretch: [
    ['freeMm', 'Free length', 'depth'],
    ['massA', 'A weight', 'mass'],
    ['lengthA', 'Length with it', 'depth'],
    ['massB', 'A heavier one', 'mass', 'if two'],
    ['lengthB', 'Length with it', 'depth', 'if two'],
    ['nowMm', 'Length on the rig now', 'depth'],
  ],
  weight: [['massG', 'Weight hung', 'mass']],
  squeeze: [
    ['closerMm', 'Tips closer by', 'depth'],
    ['forceN', 'Luggage scale reads', 'force'],
    ['squeezeMm', 'Squeezed before hanging by', 'depth'],
  ],
  pitch: [['hertz', 'Note, cold', 'pitch']],
  note: [['hertz', 'Note, cold, turned back', 'pitch']],
};

/** A setting procedure with this rig's numbers, then what was read, which becomes the rig's pull. */
export function SetIt({ log }: { log: (p: LoggedPull) => Promise<string | null> }) {
  const { evaluation: e } = useDerived();
  const { say } = useUnits();
  const kind = useRig((s) => s.doc.tension.kind);
  const ways = WAYS_FOR[kind];
  const [asked, ask] = useState<PullWay | null>(null);
  const way = asked !== null && ways.includes(asked) ? asked : ways[0]!;
  const [values, setValues] = useState<Values>({});
  const [when, setWhen] = useState<'cold' | 'hot'>('cold');
  const bench = benchOf(values, e.s.rig.tension);
  const read = readingOf(way, values, bench, e);
  const steps = procedure(way, e, bench, say);
  const hotToo = way === 'stretch';
  return (
    <section id="set" aria-label="Set it, step by step" className={css.set}>
      <h2>Set it, step by step</h2>
      <Choice
        label="Method"
        name="method"
        value={way}
        onChoose={ask}
        options={ways.map((w) => ({ value: w, name: WAY_NAMES[w] }))}
      />
      <ol className={css.steps}>
        {steps.map((s, i) => (
          <li key={i}>
            <p>{s.act}</p>
            {s.reads && (
              <p className={css.reads}>
                <span>should read</span> <b className="num">{s.reads}</b>
              </p>
            )}
            {s.ifNot && <p className={css.ifNot}>{s.ifNot}</p>}
          </li>
        ))}
      </ol>
      <h3>What you read</h3>
      <div className={css.fields}>
        {FIELDS[way].map(([key, label, role, empty]) => (
          <QuantityField
            key={key}
            label={label}
            name={key}
            role={role}
            value={values[key] ?? null}
            whenEmpty={empty ?? 'read it off'}
            onValue={(v) =>
              v === null || v > 0 ? (setValues((old) => ({ ...old, [key]: v })), null) : 'must be over 0'
            }
          />
        ))}
        {hotToo && (
          <Choice
            label="Read with the wire"
            name="when"
            value={when}
            onChoose={setWhen}
            options={[
              { value: 'cold', name: 'cold' },
              { value: 'hot', name: 'hot, at the working heat' },
            ]}
          />
        )}
      </div>
      <LogPull
        way={way}
        newtons={read.newtons}
        hertz={read.hertz}
        when={hotToo ? when : 'cold'}
        also={read.also}
        missing={read.missing}
        log={log}
      />
    </section>
  );
}

/** The spring on the bench from its weights, or as the rig has it. */
function benchOf(v: Values, t: { springNPerMm: number | null; initialN: number | null }): OnBench | null {
  if (!v.freeMm) return null;
  const free = v.freeMm / 1000;
  const loads = [
    [v.massA, v.lengthA],
    [v.massB, v.lengthB],
  ].flatMap(([m, l]) => (m && l ? [{ mass: m / 1000, length: l / 1000 }] : []));
  const spring =
    loads.length > 0
      ? springFound({ free, loads })
      : t.springNPerMm !== null
        ? { rate: t.springNPerMm * 1000, initial: t.initialN ?? 0 }
        : null;
  return spring && { free, spring };
}

interface Read {
  readonly newtons: number | null;
  readonly hertz: number | null;
  /** What else was measured on the way, as a patch of the tension. */
  readonly also: Record<string, number>;
  readonly missing: string;
}

/** Three figures: what a rule and a kitchen scale give. */
const three = (x: number) => Number(x.toPrecision(3));

function readingOf(
  way: PullWay,
  v: Values,
  bench: OnBench | null,
  e: ReturnType<typeof useDerived>['evaluation'],
): Read {
  const none = { newtons: null, hertz: null, also: {} };
  if (way === 'stretch') {
    if (!bench)
      return {
        ...none,
        missing:
          v.freeMm && v.massA && v.lengthA
            ? 'The spring must be longer the more hangs on it.'
            : 'Free length, a weight and the length with it give the spring.',
      };
    const measured =
      v.massA && v.lengthA
        ? {
            springNPerMm: three(bench.spring.rate / 1000),
            ...(v.massB ? { initialN: three(bench.spring.initial) } : {}),
          }
        : {};
    if (!v.nowMm) return { ...none, also: measured, missing: 'The length on the rig now gives the tension.' };
    const newtons = springPullAt(bench.spring, bench.free, v.nowMm / 1000);
    return {
      newtons: newtons > 0 ? three(newtons) : null,
      hertz: null,
      also: measured,
      missing: 'The spring must be longer than free.',
    };
  }
  if (way === 'weight')
    return {
      ...none,
      newtons: v.massG ? three(newtonsOf(v.massG)) : null,
      missing: 'The weight gives the tension.',
    };
  if (way === 'squeeze') {
    const rate = v.closerMm && v.forceN ? v.forceN / v.closerMm : e.s.rig.tension.frameNPerMm;
    const also: Record<string, number> =
      v.closerMm && v.forceN ? { frameNPerMm: three(v.forceN / v.closerMm) } : {};
    if (!rate || !v.squeezeMm)
      return { ...none, also, missing: 'How far it was squeezed before hanging gives the tension.' };
    return {
      newtons: three(tensionOfSqueeze(e, rate, v.squeezeMm)),
      hertz: null,
      also,
      missing: '',
    };
  }
  if (!v.hertz) return { ...none, missing: 'The note gives the tension. It can be heard below too.' };
  const newtons = tensionOfNote(e, v.hertz);
  return { newtons: three(newtons), hertz: v.hertz, also: {}, missing: '' };
}
