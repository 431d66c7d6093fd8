'use client';
import Button from '@mui/material/Button';
import { apply } from '@/state/edit';
import { usePieces, usePlan } from '@/state/PlanContext';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { usePlanned } from '@/state/usePlanned';
import { Fact } from '@/ui/Fact';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { PlanChoice, PlanNumber, optionsOf } from './fields';
import { MethodFields } from './MethodFields';
import { PaceChart } from './PaceChart';
import { PiecePicker } from './PiecePicker';
import { PlanFindings } from './PlanFindings';
import { NoPiece } from './ShapeStage';
import css from './shape.module.css';
import { faultWords, HANDLING, orderWords, SPLIT_NAMES } from './words';
import { places } from '@/state/places';
import { Column, type Columns } from '@/ui/Column';

/** The stage Cut: how both ends are driven, when the wire reaches each station, and the way to the called cut. */
export function CutStage({ columns }: { columns: Columns }) {
  const { open } = usePieces();
  return open ? <Driven key={open.store.getState().id} columns={columns} /> : <NoPiece columns={columns} />;
}

function Driven({ columns }: { columns: Columns }) {
  const { rig } = useDerived();
  const doc = usePlan((s) => s.doc);
  const id = usePlan((s) => s.id);
  const rigId = useRig((s) => s.id);
  const store = useRigStore();
  const { view: v, fault, stale } = usePlanned(rig, doc);
  const { say } = useUnits();
  const widen = (mm: number) => {
    const { doc: d, edit } = store.getState();
    edit('width', apply(d, { foam: { widthMm: mm } }));
  };
  const stops = v?.findings.some((f) => f.level === 'stop') ?? true;
  const waits = v?.passes.flatMap((p) => p.waits.filter((w) => w.seconds > 0)) ?? [];
  return (
    <>
      <Column className={columns.decide} name="How both ends are driven" of="cut">
        <h2>How both ends are driven</h2>
        <div className={columns.fields}>
          <PiecePicker />
          <MethodFields />
          <PlanChoice path="template.split" label="Templates" options={optionsOf(SPLIT_NAMES)} />
          <div className={css.three}>
            <PlanNumber path="template.stations" label="Stations a pass" role="count" />
            <PlanNumber path="template.leadInMm" label="Lead-in" role="foamSize" />
            <PlanNumber path="template.tailMm" label="Lead-out" role="foamSize" />
          </div>
          <p className={columns.says}>{orderWords(doc.template)}</p>
        </div>
      </Column>
      <Column className={columns.follow} name="When does the wire reach each station?" of="cut" busy={stale}>
        <h2>When does the wire reach each station?</h2>
        {fault && <p role="alert">This cannot be worked out: {faultWords(fault)}.</p>}
        {v && (
          <div data-stale={stale}>
            <PaceChart view={v} />
            <div className={css.facts}>
              <Fact name="All passes" value={say(v.seconds, 'time')} />
              <Fact name="Warm-up" value={say(v.warmUpS, 'time')} />
              <Fact name="Taper" value={`${v.taper.toPrecision(3)} ×`} />
              <Fact
                name="Max taper in one pass"
                value={v.fastest && v.slowest ? mostTaper(v.fastest / v.slowest) : '–'}
              />
              <Fact
                name="Middle lags"
                value={v.lag !== null && v.lag < 0.01 ? 'next to nothing' : say(v.lag, 'slot')}
              />
              <Fact
                name="Waits"
                value={waits.length === 0 ? 'none' : `${waits.length}, ${say(waits[0]!.seconds, 'time')} each`}
              />
            </div>
          </div>
        )}
      </Column>
      <Column className={columns.act} name="What to do" of="cut">
        <h2>What to do</h2>
        {!stops && (
          <p>
            <Button component={Link} href={places.piece(rigId, 'call', id)} variant="contained" fullWidth>
              Call the cut
            </Button>
          </p>
        )}
        {v && <PlanFindings findings={v.findings} most={4} onWidth={widen} />}
        <p className={css.links}>
          <Link href={places.piece(rigId, 'drive', id)}>Set up and rehearse cold</Link>
          <Link href={places.piece(rigId, 'templates', id)}>Templates</Link>
        </p>
        <ul className={css.cautions}>
          {HANDLING.map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      </Column>
    </>
  );
}

/** Past this a taper is bounded by the piece, not by the wire: the figure would mean nothing. */
const ANY_TAPER = 10;
const mostTaper = (ratio: number) => (ratio > ANY_TAPER ? `over ${ANY_TAPER} ×` : `${ratio.toPrecision(3)} ×`);
