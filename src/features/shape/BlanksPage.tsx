'use client';
import { blankMarks } from '@/core/words/blankMarks';
import type { PlanView } from '@/core/engine/template/view';
import { usePlan } from '@/state/PlanContext';
import { useUnits } from '@/ui/Units';
import { Finish } from './Finish';
import { PlanNumber } from './fields';
import { Halves, Lengths } from './Lengths';
import { NestDrawing } from './NestDrawing';
import { PlanformDrawing } from './PlanformDrawing';
import { PieceFrame, type PieceProps } from './PieceFrame';
import { PlanFindings } from './PlanFindings';
import css from './frame.module.css';
import { Values } from './Values';
import shape from './shape.module.css';
import { downloads } from '@/state/places';

/** The block a piece is cut from, and how blocks come out of the sheets there are. */
export function BlanksPage(p: PieceProps) {
  return (
    <PieceFrame {...p} title="Block and sheets" stage="shape">
      {(view) => <Inside view={view} />}
    </PieceFrame>
  );
}

function Inside({ view }: { view: PlanView }) {
  const { say } = useUnits();
  const id = usePlan((s) => s.id);
  const b = view.blank;
  const n = b.nest;
  const { piece, stock } = view.plan;
  const target = piece.targetG;
  const rows: [string, string][] = [
    [
      'Smallest block',
      `${say(b.smallest.lengthMm, 'foamSize')} × ${say(b.smallest.widthMm, 'foamSize')} × ${say(b.smallest.heightMm, 'foamSize')}`,
    ],
    ['Blanks wanted', `${n.blanks}`],
    [
      'Out of one sheet',
      n.perSheet === 0
        ? 'none: it is too small'
        : `${n.perSheet}: ${n.rows} along, ${n.across} across${n.headToTail ? ', head to tail' : ''}`,
    ],
    ['Sheets wanted', n.perSheet === 0 ? '–' : `${n.sheets}, ${stock.count} there`],
    [
      'Left of a full sheet',
      `${say(n.leftLengthMm, 'foamSize')} of its length, ${say(n.leftWidthMm, 'foamSize')} of its width`,
    ],
    [
      'Layers',
      b.layers > 1
        ? `${b.layers}, parted along the chord line`
        : b.stacked > 1
          ? `${b.stacked} cores in one thickness`
          : 'one',
    ],
    ['Lengths', b.lengths > 1 ? `${b.lengths}, neighbours share a template` : 'one'],
    [
      'A core weighs',
      `${say(b.weightG, 'mass')}${target === null ? '' : `, should weigh ${say(target, 'mass')}`}`,
    ],
  ];
  return (
    <div className={css.cols}>
      <div className={css.side}>
        <h2>The sheets there are</h2>
        <div className={shape.two}>
          <PlanNumber path="stock.lengthMm" label="Length" role="foamSize" />
          <PlanNumber path="stock.widthMm" label="Width" role="foamSize" />
          <PlanNumber
            path="stock.thicknessMm"
            label="Thickness"
            role="foamSize"
            whenEmpty={
              view.blank.boardMm === null ? 'not known' : `${say(view.blank.boardMm, 'foamSize')}, as on Foam`
            }
          />
          <PlanNumber path="stock.count" label="How many" role="count" />
        </div>
        <h2>The block</h2>
        <Finish size={view.blank} />
        <PlanFindings findings={view.findings.filter((f) => OF_BLOCK.has(f.code))} />
      </div>
      <div>
        <section className={css.sheet} aria-label="Out of a sheet">
          <h2>Out of a sheet</h2>
          <NestDrawing view={view} />
        </section>
        <section className={css.sheet} aria-label="Marks on the sheet">
          <h2>Marks on the sheet</h2>
          <PlanformDrawing p={view.planform} />
          <ol className={css.lines}>
            {blankMarks(view.planform, say).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ol>
        </section>
        <Lengths view={view} />
        <Halves view={view} />
        <section className={css.sheet} aria-label="Cutting list">
          <h2>Cutting list</h2>
          <Values of={rows} />
          <p className={css.files}>
            <a href={downloads.templates(id, 'format=list')} download>
              Cutting list, PDF
            </a>
          </p>
          <ul className={css.lines}>
            <li>Square the ends first; never trust a bought edge or a nominal thickness.</li>
            <li>Extruded board: shed its skin from both faces, or it bends as it is cut.</li>
            <li>
              Centre lines on both faces and both ends. Weights on top. Raise the block until bow and wire clear
              the bench below.
            </li>
          </ul>
        </section>
      </div>
    </div>
  );
}

const OF_BLOCK = new Set([
  'blank-too-small',
  'stock-too-thin',
  'longer-than-bow',
  'width-differs',
  'slot-too-narrow',
  'dowel-too-thick',
  'taper-too-strong',
]);
