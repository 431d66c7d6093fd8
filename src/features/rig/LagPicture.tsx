'use client';
import { useDeferredValue, useMemo, useState } from 'react';
import { middleOf, type Led, type Middle } from '@/core/engine/middle';
import { useDerived } from '@/state/RigContext';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { Radios } from '@/ui/Radios';
import { small } from './small';
import css from './tension.module.css';

const BIG = { w: 330, h: 176 };
const TRUE = { w: 168, h: 176 };
/** Pixels of a millimetre at the size it has: CSS's own. */
const PX_MM = 96 / 25.4;
const TURN = 90;

/** The lag as large as it is, and magnified: where the middle goes when the ends turn a corner or follow an arc. */
export function LagPicture() {
  const { evaluation: live } = useDerived();
  const e = useDeferredValue(live);
  const { say } = useUnits();
  const [led, lead] = useState<Led['kind']>('corner');
  const [radiusMm, setRadius] = useState(40);
  const m = useMemo(
    () =>
      middleOf(
        e,
        led === 'corner' ? { kind: 'corner', turnDeg: TURN } : { kind: 'arc', radius: radiusMm / 1000 },
      ),
    [e, led, radiusMm],
  );
  const t = e.tension;
  return (
    <div>
      <div className={css.pick}>
        <Radios
          name="led"
          value={led}
          options={[
            ['corner', 'a square corner'],
            ['arc', 'an arc'],
          ]}
          onChoose={lead}
        />
        {led === 'arc' && (
          <QuantityField
            label="Radius"
            name="led.radius"
            role="foamSize"
            value={radiusMm}
            onValue={(v) =>
              v !== null && v >= 1 && v <= 20000
                ? (setRadius(v), null)
                : `from ${say(1, 'foamSize')} to ${say(20000, 'foamSize')}`
            }
          />
        )}
      </div>
      {!m ? (
        <p className="dim">
          {t.hotN === 0
            ? 'The hot wire is slack: it lags by whatever it hangs.'
            : 'At this feed the foam does not hold the wire back: there is no lag to draw.'}
        </p>
      ) : (
        <>
          <p>{words(m, led, say)}</p>
          <div className={css.lag}>
            <figure>
              <Scene m={m} box={TRUE} pxPerM={PX_MM * 1000} />
              <figcaption>as large as it is (96 dots an inch)</figcaption>
            </figure>
            <figure>
              <Scene
                m={m}
                box={BIG}
                pxPerM={magnified(m, led, radiusMm / 1000)}
                exaggerate={led === 'arc'}
                radius={radiusMm / 1000}
              />
              <figcaption>
                {led === 'corner'
                  ? `magnified ${Math.round(magnified(m, led, 0) / (PX_MM * 1000))} times`
                  : `hollow drawn ${Math.max(1, Math.round(18 / (m.off * magnified(m, led, radiusMm / 1000))))} times deeper`}
                : ends full line, middle in colour{m.waited ? ', after the wait dashed' : ''}
              </figcaption>
            </figure>
          </div>
        </>
      )}
    </div>
  );
}

function words(m: Middle, led: Led['kind'], say: ReturnType<typeof useUnits>['say']): string {
  const lag = `Wire lag ${small(m.lag * 1000, say)}.`;
  if (led === 'arc')
    return `${lag} The arc comes out ${small(m.off * 1000, say)} hollow in the middle. On a smooth curve never stop.`;
  return `${lag} Led straight on, the corner is cut short by ${small(m.off * 1000, say)}; after ${say(m.wait, 'time')} of waiting by ${small(m.waited!.off * 1000, say)}.`;
}

function magnified(m: Middle, led: Led['kind'], radius: number): number {
  return led === 'corner' ? 64 / m.lag : 150 / radius;
}

/** Both lines about the corner, or along the arc; its hollow drawn deeper where it could not be seen. */
function Scene(p: {
  m: Middle;
  box: { w: number; h: number };
  pxPerM: number;
  exaggerate?: boolean;
  radius?: number;
}) {
  const { m, box, pxPerM } = p;
  const cornered = m.waited !== null;
  const x0 = cornered ? box.w * 0.66 : 14;
  const y0 = box.h - (cornered ? 40 : 14);
  const deeper = p.exaggerate ? Math.max(1, 18 / (m.off * pxPerM)) : 1;
  const at = (q: { x: number; y: number }) => {
    let { x, y } = q;
    if (p.exaggerate) {
      const r = Math.hypot(x, y - p.radius!);
      const k = (p.radius! - (p.radius! - r) * deeper) / r;
      x *= k;
      y = p.radius! + (y - p.radius!) * k;
    }
    return `${(x0 + x * pxPerM).toFixed(1)} ${(y0 - y * pxPerM).toFixed(1)}`;
  };
  const line = (points: readonly { x: number; y: number }[]) => {
    const every = Math.max(1, Math.floor(points.length / 220));
    return `M${points
      .filter((_, i) => i % every === 0 || i === points.length - 1)
      .map(at)
      .join('L')}`;
  };
  const far = (box.w + box.h) / pxPerM;
  const ends = cornered
    ? [
        { x: -far, y: 0 },
        { x: 0, y: 0 },
        { x: 0, y: far },
      ]
    : m.ends.map((q) => q);
  const long = (points: readonly { x: number; y: number }[]) =>
    cornered ? [{ x: -far, y: 0 }, ...points, { x: 0, y: far }] : points;
  const plain = cornered
    ? `M${ends.map((q) => `${(x0 + q.x * pxPerM).toFixed(1)} ${(y0 - q.y * pxPerM).toFixed(1)}`).join('L')}`
    : null;
  return (
    <svg
      width={box.w}
      height={box.h}
      viewBox={`0 0 ${box.w} ${box.h}`}
      role="img"
      aria-label="Path of the ends and of the middle"
    >
      <path
        d={
          plain ??
          `M${m.ends
            .filter((_, i) => i % Math.max(1, Math.floor(m.ends.length / 220)) === 0)
            .map((q) => `${(x0 + q.x * pxPerM).toFixed(1)} ${(y0 - q.y * pxPerM).toFixed(1)}`)
            .join('L')}`
        }
        className={css.ends}
      />
      <path d={line(long(m.path))} className={css.middle} />
      {m.waited && <path d={line(long(m.waited.path))} className={css.waited} />}
    </svg>
  );
}
