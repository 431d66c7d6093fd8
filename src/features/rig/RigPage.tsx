'use client';
import { useSearchParams } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import { rewrite } from '@/state/address';
import type { Stock } from '@/state/types';
import type { OpenRig } from '@/state/types';
import { RigProvider, useDerived, useRig, useRigStore } from '@/state/RigContext';
import { useWindowCurve } from '@/state/useWindowCurve';
import { useShortcuts, useUndoKeys } from '@/ui/useShortcuts';
import { Band } from '@/ui/wire/Band';
import { Cautions } from './Cautions';
import { ChartKey } from './ChartKey';
import { Facts } from './Facts';
import { Findings } from './Findings';
import { PowerStage } from './PowerStage';
import type { LateAnswers, LateStages } from './late';
import css from './rig.module.css';
import { CAUTIONS, CAUTIONS_SHORT } from './words';
import { STAGE_HEADS, STAGES, stagesOf, type OwnStage, type StageId } from './stageList';
import { StageNav } from './StageNav';
import { CutFields } from './CutFields';
import { PowerLinks } from './PowerLinks';
import { TitleBar } from './TitleBar';
import { WindowChart } from './WindowChart';
import { Boundary } from '@/ui/Boundary';
import { Column, type Columns } from '@/ui/Column';
import { later } from '@/ui/later';

/** Parts that make up a column: where one does not come, the column says so, once. */
const WHOLE = { fails: 'column' } as const;
const Conflict = later(() => import('./Conflict').then((m) => m.Conflict), { fails: 'foot' });
const Snackbar = later(() => import('@mui/material/Snackbar').then((m) => m.default), { fails: 'quietly' });
const Foreign = later(() => import('./Foreign').then((m) => m.Foreign), WHOLE);
const FoamStage = later(() => import('./FoamStage').then((m) => m.FoamStage), WHOLE);
const CutterStage = later(() => import('./CutterStage').then((m) => m.CutterStage), WHOLE);
const WireStage = later(() => import('./WireStage').then((m) => m.WireStage), WHOLE);
const TensionStage = later(() => import('./TensionStage').then((m) => m.TensionStage), WHOLE);
const TensionFollow = later(() => import('./TensionFollow').then((m) => m.TensionFollow), WHOLE);
const CutList = later(() => import('./CutList').then((m) => m.CutList), WHOLE);
const NextCut = later(() => import('./NextCut').then((m) => m.NextCut), WHOLE);
const TryStage = later(() => import('./TryStage').then((m) => m.TryStage), WHOLE);
const TensionLinks = later(() => import('./StageLinks').then((m) => m.TensionLinks), WHOLE);
const TryLinks = later(() => import('./StageLinks').then((m) => m.TryLinks), WHOLE);
const PowerNow = later(() => import('./PowerNow').then((m) => m.PowerNow), WHOLE);
const Behind = later(() => import('./Behind').then((m) => m.Behind), WHOLE);
const PowerPicture = later(() => import('./PowerPicture').then((m) => m.PowerPicture), {
  waiting: <div style={{ height: 122 }} />,
});

/** One rig: the wire picture above, a stage below: decide, what follows, what to do. */
export function RigPage(p: { open: OpenRig; stock: Stock; late: LateStages; answers: LateAnswers }) {
  return (
    <RigProvider open={p.open}>
      <Inside stock={p.stock} late={p.late} answers={p.answers} />
    </RigProvider>
  );
}

function useStage(): [StageId, (s: StageId) => void] {
  const asked = useSearchParams().get('stage');
  // What was pressed holds until the address says it, or another: that may have to wait.
  const [pressed, press] = useState<{ readonly stage: StageId; readonly at: string | null } | null>(null);
  const stage = pressed && pressed.at === asked ? pressed.stage : (STAGES.find((s) => s === asked) ?? 'foam');
  useEffect(() => press(null), [asked]);
  // All of a rig is here already: the server is not asked again for another stage of it.
  const go = useCallback(
    (s: StageId) => {
      press({ stage: s, at: asked });
      rewrite(`?stage=${s}`);
    },
    [asked],
  );
  return [stage, go];
}

const COLUMNS: Columns = {
  decide: css.decide!,
  follow: css.follow!,
  act: css.do!,
  fields: css.fields!,
  pair: css.pair!,
  says: css.says!,
};

function Inside({ stock, late, answers }: { stock: Stock; late: LateStages; answers: LateAnswers }) {
  const [stage, go] = useStage();
  const store = useRigStore();
  const { reading, evaluation, rig } = useDerived();
  const cuts = useRig((s) => s.cuts);
  const contested = useRig((s) => s.theirs !== null);
  const { curve, stale } = useWindowCurve(rig);
  const [told, tell] = useState<string | null>(null);
  const stages = stagesOf(rig.frame);
  // A stage of a piece has its own undo.
  useUndoKeys(store.getState(), !late[stage]);
  useShortcuts({
    ...Object.fromEntries(stages.map((name, i) => [String(i + 1), () => go(name)])),
    s: () => document.getElementById('dial')?.focus(),
  });
  const heads = STAGE_HEADS[stage];
  // A page kept from before the cutter was changed, or typed by hand.
  const foreign = !stages.includes(stage);
  const trying = stage === 'try';
  const Late = late[stage];
  return (
    <div className={css.page}>
      <TitleBar />
      <Boundary of={stage}>
        <Band e={evaluation} reading={reading} forces={stage === 'tension'} />
      </Boundary>
      <div className={css.below}>
        <StageNav stage={stage} answers={answers} onGo={go} />
        {foreign ? (
          <Column className={css.follow!} name={heads.decide} of={stage}>
            <h2>{heads.decide}</h2>
            <Foreign stage={stage} frame={rig.frame} />
          </Column>
        ) : Late ? (
          <Boundary of={stage}>
            <Late columns={COLUMNS} stage={stage} />
          </Boundary>
        ) : (
          <>
            <Column className={css.decide!} name={heads.decide} of={stage}>
              <h2>{heads.decide}</h2>
              <div className={css.fields}>
                {stage === 'foam' && <FoamStage stock={stock} />}
                {stage === 'foam' && <CutFields />}
                {stage === 'cutter' && <CutterStage />}
                {stage === 'wire' && <WireStage stock={stock} />}
                {stage === 'power' && <PowerStage stock={stock} curve={curve} />}
                {stage === 'tension' && <TensionStage />}
                {trying && <TryStage onLogged={tell} />}
                {trying && <p className={css.says}>{CAUTIONS_SHORT}</p>}
              </div>
            </Column>
            <Column className={css.follow!} name={heads.follow} of={stage}>
              {stage === 'tension' ? (
                <TensionFollow />
              ) : (
                <>
                  <h2>{heads.follow}</h2>
                  <WindowChart
                    curve={curve}
                    stale={stale}
                    e={evaluation}
                    rig={rig}
                    cuts={cuts}
                    height={trying ? 168 : stage === 'power' ? 150 : 238}
                  />
                  <ChartKey cuts={cuts} reserve={evaluation.s.reserve} />
                  {trying ? <CutList /> : <Facts stage={stage as OwnStage} />}
                  {trying && <TryLinks />}
                </>
              )}
              {stage === 'power' && <PowerPicture curve={curve} />}
            </Column>
            <Column className={css.do!} name="What to do" of={stage}>
              <h2>What to do</h2>
              {trying && <NextCut />}
              {trying && <Behind />}
              <Findings stock={stock} />
              {trying && <PowerNow />}
              {stage === 'power' && <PowerLinks />}
              {stage === 'tension' && <TensionLinks />}
              {stage === 'power' && <Cautions />}
              {stage === 'tension' && <p className={css.says}>{CAUTIONS.whip}</p>}
            </Column>
          </>
        )}
      </div>
      {contested && <Conflict />}
      {/* There before it is wanted: a cut may be logged where nothing more can be fetched. */}
      {(trying || told !== null) && (
        <Snackbar open={told !== null} autoHideDuration={6000} onClose={() => tell(null)} message={told} />
      )}
    </div>
  );
}
