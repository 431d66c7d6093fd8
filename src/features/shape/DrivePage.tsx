'use client';
import type { PlanView } from '@/core/engine/template/view';
import { useRig } from '@/state/RigContext';
import { usePlan } from '@/state/PlanContext';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { ColdRehearsal } from './ColdRehearsal';
import { MethodDrawing } from './MethodDrawing';
import { MethodFields } from './MethodFields';
import { PieceFrame, type PieceProps } from './PieceFrame';
import { PlanFindings } from './PlanFindings';
import { PullChart } from './PullChart';
import css from './frame.module.css';
import { Values } from './Values';
import { METHOD_NAMES, orderWords } from './words';
import { places } from '@/state/places';

/** How both ends are driven: drawn to scale with its numbers, rehearsed cold, the pull along the cut. */
export function DrivePage(p: PieceProps) {
  return (
    <PieceFrame {...p} title="Set up and rehearse cold" stage="cut">
      {(view) => <Inside view={view} />}
    </PieceFrame>
  );
}

const OF_DRIVING = new Set([
  'taper-too-strong', 'method-taper', 'radius-too-large', 'anchor-does-not-fit', 'anchor-no-twist', 'pull-stalls',
  'pull-runs-away', 'rig-stopped', 'no-feed', 'wait-melts',
]); // prettier-ignore

function Inside({ view }: { view: PlanView }) {
  const { say } = useUnits();
  const rigId = useRig((s) => s.id);
  const id = usePlan((s) => s.id);
  const m = view.method;
  const n = (k: string) => m[k] as number;
  const mm = (k: string) => say(n(k), 'foamSize');
  const hands = view.kind === 'two-person' || view.kind === 'single-pass' || view.kind === 'anchored';
  const rows: [string, string][] = [
    ['Path length, root', mm('rootPathMm')],
    ['Path length, tip', mm('tipPathMm')],
  ];
  if (view.kind === 'swing-arm')
    rows.push(
      ['Root cord clamped at', mm('rootRadiusMm')],
      ['Tip cord clamped at', mm('tipRadiusMm')],
      ['Arm falls through', `${Math.round(n('fallDeg'))}°`],
      ['Other hand', 'swap the two cords; the radii stay'],
    );
  if (view.kind === 'lever')
    rows.push(
      ['Long end’s mark', mm('longMarkMm')],
      [
        'Short end’s mark',
        `${mm('shortMarkMm')}, ${((100 * n('shortMarkMm')) / n('longMarkMm')).toFixed(1)} %`,
      ],
      ['Lever goes through', `${Math.round(n('fallDeg'))}°`],
      ['Other hand', 'swap the two cords; the marks stay'],
    );
  if (view.kind === 'anchored')
    rows.push(
      ['Far chord it cuts', mm('farChordMm')],
      ['Anchor for the wanted tip', m['anchorWantedMm'] === null ? 'none: no taper' : mm('anchorWantedMm')],
      ['Straight line at', `${Math.round(n('straightShare') * 100)} % of the chord`],
    );
  if (view.kind === 'equal-pull' || view.kind === 'gravity')
    rows.push(
      ['Tension of the wire', say(view.kind === 'gravity' ? n('pullN') : 2 * n('pullN'), 'force')],
      ['It runs at', m['feedMmS'] === null ? 'it runs away' : say(n('feedMmS'), 'feed')],
    );
  if (view.kind === 'gravity' && m['counterForAdvisedG'] !== null)
    rows.push(['Counterweight for the advised feed', say(n('counterForAdvisedG'), 'mass')]);
  if ((view.kind === 'swing-arm' || view.kind === 'lever') && m['hangG'] !== undefined)
    rows.push(
      ['Hang on its end', n('hangG') < 5 ? 'under 5 g: what just moves it' : say(n('hangG'), 'mass')],
      ['At the start', 'carry it until the wire is in the foam'],
      ['Along the way', weights(view, say)],
      ['Add near the end', n('endG') < 2 ? 'nothing' : say(n('endG'), 'mass')],
    );
  rows.push(['Hold it', `${mm('holdFromRootMm')} from the root face`]);
  if (hands && m['pressEnd'] !== 'neither')
    rows.push(['Press lightly at', `the ${String(m['pressEnd'])}: it has the longer path`]);
  return (
    <div className={css.cols}>
      <div className={css.side}>
        <MethodFields />
        <p className="dim">{orderWords(view.plan.template)}</p>
        <PlanFindings findings={view.findings.filter((f) => OF_DRIVING.has(f.code))} />
        <p className={css.files}>
          <Link href={places.piece(rigId, 'call', id)}>Call the cut</Link>
        </p>
      </div>
      <div>
        <section className={css.sheet} aria-label="To scale">
          <h2>{METHOD_NAMES[view.kind][0]!.toUpperCase() + METHOD_NAMES[view.kind].slice(1)}</h2>
          <MethodDrawing view={view} />
          <Values of={rows} />
          <ul className={css.lines}>
            {STEPS[view.kind].map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </section>
        <ColdRehearsal view={view} />
        <section className={css.sheet} aria-label="Pull along the cut">
          <h2>How hard, station by station?</h2>
          <PullChart view={view} />
        </section>
      </div>
    </div>
  );
}

/** What hangs at the first, the middle and the last station of the first pass. */
function weights(view: PlanView, say: ReturnType<typeof useUnits>['say']): string {
  const pulls = view.passes[0]?.pulls ?? [];
  const hang = view.method['hangG'] as number;
  const at = [0, Math.floor(pulls.length / 2), pulls.length - 1].flatMap((i) => pulls[i] ?? []);
  return at.map((p) => `${p.n}: ${say(Math.max(0, hang + p.grams), 'mass')}`).join(', ');
}

const STEPS: Record<PlanView['kind'], readonly string[]> = {
  'two-person': [
    'One at each end, on the side the wire comes from, so that both see the numbers.',
    'The bow upright between you, its weight in the hand that does not lead; press on the template as on paper.',
    'Slow at the leading edge: there the path is longer for each number. Nobody pulls; the wire is let cut.',
  ],
  'single-pass': [
    'Both hands on the bar, apart by half the span, the middle of them where it says to hold.',
    'Lean the bow so that the wire, not the bar, leads. Over the leading edge the bow turns round the wire: lift the bar up and over, keep the wire on both edges.',
    'At the leading edge stand still in no place; slow, and keep both ends turning.',
  ],
  'swing-arm': [
    'The arm falls by a weight at its end; both cords run straight from their clamps to the wire’s ends.',
    'Cords leave the arm square to it half-way through the fall.',
    'For the other hand swap the cords, not the clamps.',
  ],
  lever: [
    'Two marks on one lever: each end’s cord is held at its own mark.',
    'The lever’s pivot stands square to the block’s root end.',
  ],
  anchored: [
    'A hook or nail takes the far end of the wire, at the height of the straight line.',
    'Only the near end is led along its template. Nothing can be twisted so.',
  ],
  'equal-pull': [
    'Two equal weights over two pulleys, cords level and square to the block.',
    'The end with the shorter path is out first: its lead-out is longer, so that it waits in air.',
    'Ballast on the block: at least the pull over the friction of foam on board.',
  ],
  gravity: [
    'Guides square to the bench; a gap below the foam for the wire to run out into.',
    'The bow’s middle over the foam’s; leads hang straight so that they pull nothing aside.',
    'A hand draws the offcut away as it comes free, so that it does not close on the wire.',
  ],
};
