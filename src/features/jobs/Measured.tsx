'use client';
import { useState } from 'react';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { durationText } from '@/core/words/duration';
import { loggedCutSchema } from '@/core/documents/log';
import { useJob } from '@/state/JobContext';
import { KEPT } from '@/state/api';
import { useRig } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { JobNumber, useJobField } from './inputs';
import css from './jobs.module.css';

interface Stack {
  readonly sheets: number;
  readonly heightMm: number;
  readonly underMm: number | null;
}
type Corners = [number, number, number, number];
const CORNERS = ['Near left', 'Near right', 'Far left', 'Far right'] as const;

/** What was gauged of the sheets: the corners of a test sheet, and a stack whose kerf tunes the rig. */
export function Measured({ sheet }: { sheet: WorksheetFigures }) {
  if (sheet.kind === 'sheets') return <OfSheets sheet={sheet} />;
  return <OfOthers sheet={sheet} />;
}

function OfOthers({ sheet }: { sheet: WorksheetFigures }) {
  const all = sheet.timeS;
  return (
    <>
      <p className={css.says}>
        {all === null
          ? 'No time is known before the wire cuts.'
          : `About ${durationText(all)} in all, handling with it.`}{' '}
        What was gauged and made is noted under “What to do”.
      </p>
      <Rested sheet={sheet} />
    </>
  );
}

/** Foam that sinks in by itself is a cut to log: it tells of this setting before anything is cut for good. */
function Rested({ sheet }: { sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const { told, busy, log } = useLogCut();
  const sinks = sheet.steps.find((s) => s.code === 'rest-first')?.values['feedMmS'];
  if (typeof sinks !== 'number') return null;
  const feed = Number(sinks.toPrecision(3));
  return (
    <>
      <h3>Foam rested on the wire</h3>
      <p className={css.says}>
        Where it just sinks in by itself it cuts at about {say(feed, 'feed')}, a third of the max feed of this
        setting.
      </p>
      <p className={css.acts}>
        <Act
          disabled={busy || told !== null}
          onClick={() =>
            void log({
              widthMm: sheet.rig.foam.widthMm,
              feedMmS: feed,
              grade: 'good',
              note: 'Foam rested on the idling wire sank in by itself.',
            })
          }
        >
          Log that it sinks in
        </Act>
      </p>
      <p role="status">{told}</p>
    </>
  );
}

/** Logs a cut at the rig's setting, which tunes it; tells how that went. */
export function useLogCut() {
  const logCut = useRig((s) => s.logCut);
  const setting = useRig((s) => s.doc.control.setting);
  const [told, tell] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const log = async (cut: Record<string, unknown>): Promise<boolean> => {
    setBusy(true);
    const answer = await logCut(loggedCutSchema.parse({ at: new Date().toISOString(), setting, ...cut }));
    setBusy(false);
    const kept = answer.kind === 'kept';
    const done = answer.kind === 'done';
    tell(kept ? KEPT : done ? 'It is in the log. The range is narrower now.' : 'It was not taken; try again.');
    return done || kept;
  };
  return { told, busy, log };
}

function OfSheets({ sheet }: { sheet: WorksheetFigures }) {
  const corners = useJobField<Corners | null>('cornersMm', 'Corners');
  const stack = useJobField<Stack | null>('stack', 'Stack');
  const gives = sheet.values['givesMm'] ?? 3;
  // What stands under the wire now is kept with the stack: the setting moves on with the tuning.
  const under = sheet.values['underMm'] ?? gives;
  return (
    <>
      <h3>A test sheet, gauged at its corners</h3>
      {corners.value ? (
        <div className={css.three}>
          {CORNERS.map((label, i) => (
            <JobNumber key={label} path={`cornersMm.${i}`} label={label} role="slot" />
          ))}
          <Act onClick={() => corners.set(null)}>Remove</Act>
        </div>
      ) : (
        <p>
          <Act
            onClick={() =>
              corners.set([gives, gives, gives, gives].map((x) => Number(x.toFixed(2))) as Corners)
            }
          >
            Enter four corners
          </Act>
        </p>
      )}
      <h3>A stack of sheets</h3>
      {stack.value ? (
        <>
          <div className={css.three}>
            <JobNumber path="stack.sheets" label="Sheets" role="count" />
            <JobNumber path="stack.heightMm" label="Stack, high" role="foamSize" />
            <JobNumber path="stack.underMm" label="Under the wire" role="slot" whenEmpty="as set now" />
          </div>
          <p>
            <Act onClick={() => stack.set(null)}>Remove</Act>
          </p>
          <Tune sheet={sheet} />
        </>
      ) : (
        <p>
          <Act
            onClick={() =>
              stack.set({
                sheets: 10,
                heightMm: Number((10 * gives).toFixed(1)),
                underMm: Number(under.toFixed(3)),
              })
            }
          >
            Enter a stack
          </Act>
        </p>
      )}
    </>
  );
}

/** The kerf that the stack tells, and the way into the rig's log, which it tunes. */
function Tune({ sheet }: { sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const doc = useJob((s) => s.doc);
  const { told, busy, log: put } = useLogCut();
  const [feed, setFeed] = useState<number | null>(null);
  const [logged, setLogged] = useState<unknown>(null);
  const seen = sheet.values['kerfSeenMm'] ?? null;
  const forecast = sheet.values['kerfMm'] ?? null;
  if (seen === null || forecast === null || doc.kind !== 'sheets') return null;
  const led = feed ?? sheet.values['feedMmS']!;
  const real = seen > (sheet.values['d'] ?? 0);
  const log = async () => {
    const done = await put({
      widthMm: doc.blockMm[1],
      feedMmS: Number(led.toPrecision(4)),
      kerfMm: Number(seen.toPrecision(3)),
      note: `${doc.stack!.sheets} sheets, ${doc.stack!.heightMm} mm together.`,
    });
    if (done) setLogged(doc.stack);
  };
  return (
    <>
      <p>
        It tells a kerf of <b className="num">{say(seen, 'slot')}</b>; forecast was{' '}
        <b className="num">{say(forecast, 'slot')}</b>.
      </p>
      {real ? (
        <>
          <QuantityField
            label="Pushed at"
            name="stack.feed"
            value={Number(led.toPrecision(3))}
            role="feed"
            onValue={(v) => {
              if (v === null || !(v > 0.01 && v < 1000)) return 'must be over 0.01 mm/s';
              setFeed(v);
              return null;
            }}
          />
          <p className={css.acts}>
            <Act strong disabled={busy || logged === doc.stack} onClick={() => void log()}>
              Log this kerf
            </Act>
          </p>
        </>
      ) : (
        <p role="alert">That is no wider than the wire: gauge the stack and the spacers again.</p>
      )}
      <p role="status">{told}</p>
    </>
  );
}
