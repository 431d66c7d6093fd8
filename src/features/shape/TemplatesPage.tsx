'use client';
import { TEMPLATE_CATALOG } from '@/core/catalog/templateMaterials';
import { TEMPLATE_MATERIALS } from '@/core/documents/plan';
import type { CutTemplate, Template } from '@/core/documents/plan';
import { cutNow } from '@/core/engine/template/cutTemplate';
import type { PlanView } from '@/core/engine/template/view';
import { turnedSteps } from '@/core/words/turned';
import { usePlan } from '@/state/PlanContext';
import { Act } from '@/ui/Act';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { Select } from '@/ui/Select';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { PlanChoice, PlanNumber, optionsOf } from './fields';
import { MountSheet } from './MountSheet';
import { PieceFrame, type PieceProps } from './PieceFrame';
import { OwnEdges } from './own/OwnEdges';
import { PlanFindings } from './PlanFindings';
import { TemplateDrawing } from './TemplateDrawing';
import css from './frame.module.css';
import shape from './shape.module.css';
import { END_NAMES, orderWords, PINNED_NAMES, SIDE_NAMES, SPLIT_NAMES } from './words';
import { downloads } from '@/state/places';

/** Templates of a piece: what they allow for, each drawn to scale, files at full size, the mounting sheet. */
export function TemplatesPage(p: PieceProps) {
  return (
    <PieceFrame {...p} title="Templates" stage="shape">
      {(view, stale) => <Inside view={view} stale={stale} />}
    </PieceFrame>
  );
}

const PAPER_NAMES = { a4: 'A4', a3: 'A3', letter: 'letter' } as const;

function Inside({ view, stale }: { view: PlanView; stale: boolean }) {
  const { say } = useUnits();
  const id = usePlan((s) => s.id);
  const saved = usePlan((s) => s.save) === 'saved';
  const t = usePlan((s) => s.doc.template);
  const [paper, setPaper] = useState<keyof typeof PAPER_NAMES>('a4');
  const turned = view.plan.template.split === 'turned';
  const m = TEMPLATE_CATALOG[t.material];
  const href = (q: string) => downloads.templates(id, q);
  return (
    <div className={css.cols}>
      <div className={css.side}>
        {t.cut ? <AsCut cut={t.cut} /> : <Following view={view} />}
        <OwnEdges view={view} />
        <p className="dim">{m.edge}</p>
        <p className="dim">{m.hold}</p>
        <PlanFindings findings={view.findings} most={5} />
      </div>
      <div data-stale={stale}>
        <section className={css.sheet} aria-label="At full size">
          <h2>At full size</h2>
          <div className={css.files}>
            {saved ? (
              <>
                <Button component="a" variant="contained" href={href(`format=pdf&paper=${paper}`)} download>
                  All of them, PDF
                </Button>
                <div>
                  on{' '}
                  <Select
                    name="paper"
                    label="Paper"
                    value={paper}
                    options={Object.entries(PAPER_NAMES) as [keyof typeof PAPER_NAMES, string][]}
                    onChoose={setPaper}
                  />
                </div>
                <span className="dim">Print at 100 %; measure the 100 mm square before you cut.</span>
              </>
            ) : (
              <span className="dim">Saving the last change …</span>
            )}
          </div>
        </section>
        {(turned ? view.passes.slice(0, 1) : view.passes).map((pass) => (
          <section
            key={pass.side}
            className={css.sheet}
            aria-label={turned ? 'Both faces' : SIDE_NAMES[pass.side]}
          >
            <h2>{turned ? 'Both faces' : SIDE_NAMES[pass.side]}</h2>
            <div className={css.pair}>
              {(['root', 'tip'] as const).map((end) => (
                <div key={end}>
                  <TemplateDrawing view={view} pass={pass} end={end} />
                  <p>
                    {END_NAMES[end]}: {grown(view, end, pass.side, say)}
                  </p>
                  {saved && (
                    <p className={css.files}>
                      <a href={href(`format=svg&end=${end}&side=${pass.side}`)} download>
                        SVG
                      </a>
                      <a href={href(`format=dxf&end=${end}&side=${pass.side}`)} download>
                        DXF
                      </a>
                      <a href={href(`format=pdf&end=${end}&side=${pass.side}&paper=${paper}`)} download>
                        PDF
                      </a>
                    </p>
                  )}
                </div>
              ))}
            </div>
          </section>
        ))}
        {turned && <Turning t={view.plan.template} />}
        <MountSheet view={view} />
      </div>
    </div>
  );
}

/** The two cuts of one pair of templates, and the block turned over between them. */
function Turning({ t }: { t: Template }) {
  const { before, turn } = turnedSteps(t);
  return (
    <section className={css.sheet} aria-label="Turning the block over">
      <h2>Turning the block over</h2>
      <ol className={css.lines}>
        {[...before, ...turn].map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
    </section>
  );
}

function grown(
  view: PlanView,
  end: 'root' | 'tip',
  side: string,
  say: ReturnType<typeof useUnits>['say'],
): string {
  const g = side === 'square' ? 0 : view.grows[end][side === 'bottom' ? 'bottom' : 'top'];
  const edge = side === 'top' || side === 'bottom' ? view.plan.template.own[end][side] : null;
  const led = `at a feed of ${say(view.feed[end], 'feed')} its kerf is ${say(view.slot[end], 'slot')}`;
  if (view.slot[end] === null) return 'no kerf is known, so nothing is allowed for';
  if (edge)
    return `${led}; this edge is yours: over its length it stands ${say(g, 'slot')} beyond what is wanted (dashed)`;
  if (Math.abs(g) < 0.005) return `${led}; nothing is allowed for`;
  return `${led}; the edge is ${say(Math.abs(g), 'slot')} ${g > 0 ? 'larger' : 'smaller'} than what is wanted (dashed)`;
}

/** How the templates are made, while they follow dial, feed and section; and that they were cut. */
function Following({ view }: { view: PlanView }) {
  const { say } = useUnits();
  const t = usePlan((s) => s.doc.template);
  const m = TEMPLATE_CATALOG[t.material];
  return (
    <>
      <PlanChoice path="template.split" label="Cut as" options={optionsOf(SPLIT_NAMES)} />
      <PlanChoice path="template.pinnedTo" label="Pins" options={optionsOf(PINNED_NAMES)} />
      <PlanChoice
        path="template.firstCut"
        label="First cut"
        options={[
          { value: 'bottom', name: 'below' },
          { value: 'top', name: 'above' },
        ]}
        note={orderWords(t)}
      />
      <PlanChoice
        path="template.round"
        label="The wire goes"
        options={[
          { value: 'outside', name: 'round a shape that stays' },
          { value: 'inside', name: 'inside a shape that falls out' },
        ]}
      />
      <PlanChoice
        path="template.material"
        label="Made of"
        options={TEMPLATE_MATERIALS.map((value) => ({ value, name: TEMPLATE_CATALOG[value].name }))}
        note={`For a wire up to ${say(m.limitC, 'temperature')}.`}
      />
      <div className={shape.two}>
        <PlanNumber path="template.thicknessMm" label="Thickness" role="slot" />
        <PlanNumber path="template.stations" label="Stations" role="count" />
        <PlanNumber path="template.leadInMm" label="Lead-in" role="foamSize" />
        <PlanNumber path="template.tailMm" label="Lead-out" role="foamSize" />
      </div>
      <CutThem view={view} />
    </>
  );
}

/** Says that they are cut: from then on their edges stay as they are. */
function CutThem({ view }: { view: PlanView }) {
  const doc = usePlan((s) => s.doc);
  const edit = usePlan((s) => s.edit);
  const [fault, setFault] = useState<string | null>(null);
  const mark = () => {
    const cut = cutNow(doc, view, new Date().toISOString());
    setFault(cut ? edit('templates cut', { template: { cut } }) : 'No kerf is known yet: set the heat first.');
  };
  return (
    <div>
      <Act onClick={mark}>These templates are cut</Act>
      <p className="dim">Their edges then stay as they are; dial and feed change the forecast alone.</p>
      {fault && <p role="alert">{fault}</p>}
    </div>
  );
}

/** Templates that exist: since when, what they allow for, and the way back. */
function AsCut({ cut }: { cut: CutTemplate }) {
  const { say } = useUnits();
  const when = useWhen();
  const edit = usePlan((s) => s.edit);
  return (
    <section aria-label="Templates as cut">
      <p role="status">
        Cut on {when.day(cut.at)}, for a kerf of <b className="num">{say(cut.kerfMm.root, 'slot')}</b> at the
        root and <b className="num">{say(cut.kerfMm.tip, 'slot')}</b> at the tip. Their edges stay; what core
        they give at this heat is the forecast’s.
      </p>
      <Act onClick={() => void edit('templates not cut', { template: { cut: null } })}>
        They are not cut: follow again
      </Act>
    </section>
  );
}
