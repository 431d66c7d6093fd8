'use client';
import { useState } from 'react';
import type { Method } from '@/core/documents/method';
import type { PlanView } from '@/core/engine/template/view';
import { anchorFor, correctedRadius, hookShift } from '@/core/engine/template/rehearsal';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { usePlanField } from './fields';
import css from './frame.module.css';

/** What to look for with the wire cold, and what was found: it comes back as a new clamp, mark or place. */
export function ColdRehearsal({ view }: { view: PlanView }) {
  const { say } = useUnits();
  const method = usePlanField<Method>('method', 'cold rehearsal');
  const [found, setFound] = useState<number | null>(null);
  const [hang, setHang] = useState<Record<'root' | 'tip' | 'above', number | null>>({
    root: null,
    tip: null,
    above: null,
  });
  const n = (k: string) => view.method[k] as number;
  const mm = (v: number) => say(v, 'foamSize');
  const half = { root: n('rootPathMm') / 2, tip: n('tipPathMm') / 2 };
  const field = (label: string) => (
    <QuantityField
      label={label}
      name="rehearsal.found"
      role="foamSize"
      value={found}
      whenEmpty="measure it"
      onValue={(v) => (setFound(v), null)}
    />
  );
  const take = (next: Method) => {
    method.set(next);
    setFound(null);
  };
  const m = method.value;
  const middle = Math.floor(view.plan.template.stations / 2);
  let body: React.ReactNode;
  if (m.kind === 'swing-arm') {
    const next = found ? correctedRadius(n('tipRadiusMm'), half.tip, found) : null;
    body = (
      <>
        <p>
          Power off, wire cold. Let the arm down until the root’s wire has gone{' '}
          <b className="num">{mm(half.root)}</b>, half its path. The tip’s must then have gone{' '}
          <b className="num">{mm(half.tip)}</b>.
        </p>
        {field('The tip went')}
        {next !== null && (
          <p>
            The tip’s clamp belongs at <b className="num">{mm(next)}</b>,{' '}
            {mm(Math.abs(next - n('tipRadiusMm')))} further {next > n('tipRadiusMm') ? 'out' : 'in'}.{' '}
            <Act strong onClick={() => take({ ...m, tipRadiusMm: Number(next.toPrecision(4)) })}>
              Move it there
            </Act>
          </p>
        )}
      </>
    );
  } else if (m.kind === 'lever') {
    const short = view.method['longEnd'] === 'root' ? 'tip' : 'root';
    const long = short === 'tip' ? 'root' : 'tip';
    const next = found ? correctedRadius(n('shortMarkMm'), half[short], found) : null;
    body = (
      <>
        <p>
          Move the lever until the {long} has gone <b className="num">{mm(half[long])}</b>: the {short} must
          have gone <b className="num">{mm(half[short])}</b>.
        </p>
        {field(`The ${short} went`)}
        {next !== null && (
          <p>
            Its mark belongs at <b className="num">{mm(next)}</b> from the pivot.
          </p>
        )}
      </>
    );
  } else if (m.kind === 'anchored') {
    const near = Math.max(view.plan.piece.root.chordMm, view.plan.piece.tip.chordMm);
    const want = n('coldCheckMm');
    const ratio = found ? found / (n('straightShare') * near) : null;
    const stands = ratio ? anchorFor(ratio, view.plan.piece.spanMm) : null;
    body = (
      <>
        <p>
          Lay the cold wire on the near leading edge and measure at the far face, from the straight line: the
          wire must stand <b className="num">{mm(want)}</b> before it.
        </p>
        {field('It stands')}
        {found !== null && (
          <p>
            {stands === null ? (
              'So far out the wire would not taper at all: the anchor stands behind the far face too far, or on the wrong line.'
            ) : (
              <>
                So the anchor stands <b className="num">{mm(stands)}</b> from the near face: move it{' '}
                {mm(Math.abs(m.anchorMm - stands))} {stands < m.anchorMm ? 'away' : 'nearer'}, or{' '}
                <Act strong onClick={() => take({ ...m, anchorMm: Number(stands.toPrecision(5)) })}>
                  plan with it there
                </Act>
              </>
            )}
          </p>
        )}
      </>
    );
  } else if (m.kind === 'gravity') {
    const { root, tip, above } = hang;
    const shift =
      root !== null && tip !== null && above !== null
        ? hookShift(above, root, tip, view.plan.piece.spanMm)
        : null;
    const part = (key: keyof typeof hang, label: string) => (
      <QuantityField
        label={label}
        name={`rehearsal.${key}`}
        role="foamSize"
        value={hang[key]}
        whenEmpty="measure it"
        onValue={(v) => (setHang({ ...hang, [key]: v }), null)}
      />
    );
    body = (
      <>
        <p>
          Power off. Let the bow hang free of its guides by the counterweight’s cord, leads on, and measure the
          wire over the bench at both faces: both must stand at one height.
        </p>
        {part('root', 'Root face')}
        {part('tip', 'Tip face')}
        {part('above', 'Hook over its middle')}
        {shift !== null && (
          <p>
            {Math.abs(shift) < 1 ? (
              'It hangs level: leave the hook where it is.'
            ) : (
              <>
                Move the hook <b className="num">{mm(Math.abs(shift))}</b> towards the{' '}
                {shift > 0 ? 'root' : 'tip'}, which hangs low, and measure again.
              </>
            )}
          </p>
        )}
      </>
    );
  } else {
    const long = half.root >= half.tip ? 'root' : 'tip';
    const short = long === 'root' ? 'tip' : 'root';
    const diff = found === null ? null : found - half[short];
    body = (
      <>
        <p>
          Power off. Lead the cold wire to station {middle} on both templates: the {long} has then gone{' '}
          <b className="num">{mm(half[long])}</b> and the {short} <b className="num">{mm(half[short])}</b>.
          Stand where both hands reach every station without a step.
        </p>
        {field(`The ${short} went`)}
        {diff !== null && (
          <p>
            {Math.abs(diff) < 2
              ? 'That is right.'
              : diff > 0
                ? `The ${short} runs ${mm(diff)} ahead: stand nearer to the ${long}, and let the ${short} wait for its number.`
                : `The ${short} stays ${mm(-diff)} behind: stand nearer to the ${short}, and press it on lightly.`}
          </p>
        )}
      </>
    );
  }
  return (
    <section className={css.sheet} aria-label="Cold rehearsal">
      <h2>Cold rehearsal</h2>
      {body}
    </section>
  );
}
