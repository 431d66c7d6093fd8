'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { FOAM_IDS, FOAMS, type FoamId } from '@/core/catalog/foams';
import type { Control } from '@/core/documents/control';
import type { FrameKind, Rig } from '@/core/documents/rig';
import { SUPPLY_KINDS, type Supply } from '@/core/documents/supply';
import { propose, type Proposal as Proposed } from '@/core/engine/propose';
import { type WireChoice } from '@/core/engine/wiresSold';
import { solveWhole } from '@/core/engine/solve';
import { findingWords } from '@/core/words/findings';
import { outside } from '@/core/words/limits';
import { controlSettingText } from '@/core/words/control';
import { ALLOYS } from '@/core/catalog/alloys';
import { PLAIN_SUPPLIES } from '@/core/documents/plainSupplies';
import type { Stock } from '@/state/types';
import { inWords } from '@/state/api';
import { Choice } from '@/ui/Choice';
import { LevelMark } from '@/ui/Level';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import { WirePicture } from '@/ui/wire/WirePicture';
import css from './start.module.css';
import { FrameCards } from './FrameCards';
import { FOAM_HELP, FRAME_CARDS, PLAIN, wouldWords } from './words';
import { places } from '@/state/places';
import { useRigs } from '@/state/useRigs';

/** A wire of the most that a rig takes is wider still than this by its ends, mm. */
const WIDTHS = { least: 1, most: 19000, over: false };

/** What power a person named: a supply of the drawer, or a plain one of a kind. */
interface Power {
  readonly id: string | null;
  readonly supply: Supply;
  readonly control: Control['kind'];
}

/** A rig from four questions; `need` proposes the wire, and what was not asked is marked assumed. */
export function Start({ stock }: { stock: Stock }) {
  const router = useRouter();
  const { add } = useRigs();
  const { say, typed } = useUnits();
  const [frame, setFrame] = useState<FrameKind>('bow');
  const [foam, setFoam] = useState<string>(stock.foams[0]?.id ?? 'xps');
  const [widthMm, setWidth] = useState(600);
  const powers = useMemo(() => powersOf(stock), [stock]);
  const [power, setPower] = useState(powers[0]!.key);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);

  const shelfFoam = stock.foams.find((f) => f.id === foam);
  const kind = shelfFoam?.kind ?? (foam as FoamId);
  const chosen = powers.find((p) => p.key === power)!.power;
  const wires = useMemo<WireChoice[]>(
    () => stock.spools.map((s) => ({ alloy: s.alloy, diameterMm: s.diameterMm, strands: s.strands })),
    [stock],
  );
  const proposal = useMemo(
    () =>
      propose(
        {
          name: '',
          frame,
          foam: kind,
          densityKgM3: shelfFoam?.densityKgM3 ?? null,
          widthMm,
          supply: chosen.supply,
          control: chosen.control,
        },
        wires,
      ),
    [frame, kind, widthMm, chosen, wires, shelfFoam],
  );
  const rig = useMemo(() => {
    if (!shelfFoam) return proposal.rig;
    return { ...proposal.rig, from: { ...proposal.rig.from, 'foam.densityKgM3': shelfFoam.origin } } as Rig;
  }, [proposal, shelfFoam]);
  const chooseFrame = (next: FrameKind) => {
    // A loop is all in foam: its width is that of a groove, not of a board.
    if ((next === 'hand-tool') !== (frame === 'hand-tool')) setWidth(next === 'hand-tool' ? 100 : 600);
    setFrame(next);
  };

  const make = async (
    doc: Rig,
    links: { foamStockId: string | null; spoolId: string | null; supplyId: string | null },
  ) => {
    setBusy(true);
    const answer = await add({ doc, ...links });
    if (answer.kind === 'done') return router.push(places.rig(answer.data.record.id, 'foam'));
    setBusy(false);
    setProblem(inWords(answer));
  };
  const spool = stock.spools.find(
    (s) => s.alloy === rig.wire.alloy && s.diameterMm === rig.wire.diameterMm && s.strands === rig.wire.strands,
  );
  const name =
    `${FRAME_CARDS[frame].short}, ${FOAMS[kind].name.replace(/^.*\((.+)\)$/, '$1')} ${say(widthMm, 'foamSize')}`.slice(
      0,
      200,
    );
  return (
    <div className="page">
      <h1>A new rig</h1>
      <p className={css.lead}>
        Four questions; the program proposes a wire. Everything can be changed afterwards.
      </p>
      <div className={css.columns}>
        <div className={css.questions}>
          <FrameCards frame={frame} onChoose={chooseFrame} />
          <div className={css.question}>
            <h2>2 · What foam?</h2>
            <Choice
              label="Foam"
              name="foam"
              value={foam}
              onChoose={setFoam}
              options={[
                ...stock.foams.map((f) => ({
                  value: f.id,
                  name: `${f.name}, ${typed(f.densityKgM3, 'density')}`,
                  group: 'On the shelf',
                })),
                ...FOAM_IDS.map((f) => ({
                  value: f as string,
                  name: FOAMS[f].name,
                  group: { cut: 'Cuts', caution: 'With care', refuse: 'Never hot' }[FOAMS[f].verdict],
                })),
              ]}
              note={FOAMS[kind].reason || (shelfFoam ? undefined : FOAM_HELP)}
            />
          </div>
          <div className={css.question}>
            <h2>
              {frame === 'hand-tool' ? '3 · How much wire is in the foam?' : '3 · How wide across the wire?'}
            </h2>
            <QuantityField
              label="Width"
              name="width"
              value={widthMm}
              role="foamSize"
              onValue={(v) => {
                const rule = outside(v, WIDTHS, 'foamSize', say);
                if (rule === null) setWidth(v!);
                return rule;
              }}
            />
          </div>
          <div className={css.question}>
            <h2>4 · What power is in the drawer?</h2>
            <Choice
              label="Power"
              name="power"
              value={power}
              onChoose={setPower}
              options={powers.map((p) => ({ value: p.key, name: p.name, group: p.group }))}
            />
          </div>
        </div>
        <Proposal rig={rig} proposal={proposal}>
          <p className={css.acts}>
            <Button
              variant="contained"
              size="large"
              disabled={busy || !proposal.ok}
              onClick={() =>
                void make(
                  { ...rig, name },
                  { foamStockId: shelfFoam?.id ?? null, spoolId: spool?.id ?? null, supplyId: chosen.id },
                )
              }
            >
              Make this rig
            </Button>
            <button
              type="button"
              className="quiet"
              disabled={busy}
              onClick={() => void make(PLAIN, { foamStockId: null, spoolId: null, supplyId: null })}
            >
              Start from a plain one instead
            </button>
          </p>
          {problem && (
            <p role="alert" className={css.problem}>
              {problem}
            </p>
          )}
        </Proposal>
      </div>
    </div>
  );
}

function Proposal({ rig, proposal, children }: { rig: Rig; proposal: Proposed; children: React.ReactNode }) {
  const { say, typed } = useUnits();
  const [ref, width] = useWidth(460);
  const { reading, evaluation: e } = useMemo(() => solveWhole(rig), [rig]);
  const told = reading.findings.filter((f) => f.level !== 'note').slice(0, 3);
  if (!proposal.ok) {
    const why = findingWords(proposal.why.code, proposal.why.values, say);
    return (
      <section className={css.proposal} aria-label="Proposed wire" aria-live="polite">
        <h2>No wire does it</h2>
        <p className={css.finding}>
          <LevelMark level="stop" /> Neither the wires in the drawer nor the gauges that shops sell cut this on
          that supply. The nearest: {why.head}. {why.text}
        </p>
        <p>{wouldWords(proposal.would, rig, say)}</p>
        {children}
      </section>
    );
  }
  return (
    <section className={css.proposal} aria-label="Proposed wire" aria-live="polite">
      <h2>Proposed wire</h2>
      <div ref={ref}>
        <WirePicture e={e} width={width} height={120} label="Sketch of the proposed rig" />
      </div>
      <p className={css.wire}>
        <b className="num">{typed(rig.wire.diameterMm, 'wireDiameter')}</b> {ALLOYS[rig.wire.alloy].plain},{' '}
        <b className="num">{typed(rig.wire.lengthMm, 'wireLength')}</b>
        {proposal.bought && ', to buy: nothing in the drawer cuts this on that supply'}
      </p>
      {rig.control.kind === 'none' && (
        <p className={css.lengthened}>
          {proposal.lengthenedMm > 0
            ? `No dial: the length sets the heat. The wire is ${say(proposal.lengthenedMm, 'wireLength')} longer than the foam asks for.`
            : 'No dial: the length sets the heat. Longer wire would cut cooler.'}
        </p>
      )}
      <dl className={css.facts}>
        <div>
          <dt>dial</dt>
          <dd className="num">
            {rig.control.kind === 'none'
              ? 'none'
              : controlSettingText(rig.control.kind, rig.control.setting, say)}
          </dd>
        </div>
        <div>
          <dt>current</dt>
          <dd className="num">{reading.cutting?.amps != null ? say(reading.cutting.amps, 'amps') : '–'}</dd>
        </div>
        <div>
          <dt>in air</dt>
          <dd className="num">{reading.idle?.wireC != null ? say(reading.idle.wireC, 'temperature') : '–'}</dd>
        </div>
        <div>
          <dt>cuts at</dt>
          <dd className="num">{e.feed !== null && e.cut ? say(e.feed * 1000, 'feed') : '–'}</dd>
        </div>
      </dl>
      {told.map((f) => (
        <p key={f.code} className={css.finding}>
          <LevelMark level={f.level} /> {findingWords(f.code, f.values, say).head}
        </p>
      ))}
      {children}
    </section>
  );
}

function powersOf(stock: Stock): { key: string; name: string; group: string; power: Power }[] {
  return [
    ...stock.supplies.map((s) => ({
      key: s.id,
      name: s.name,
      group: 'In the drawer',
      power: { id: s.id, supply: s.supply, control: s.control },
    })),
    ...SUPPLY_KINDS.map((k) => ({
      key: k as string,
      name: PLAIN_SUPPLIES[k].name,
      group: 'As commonly sold',
      power: { id: null, supply: PLAIN_SUPPLIES[k].supply, control: PLAIN_SUPPLIES[k].control },
    })),
  ];
}
