'use client';
import { later } from '../later';
import { useId } from 'react';
import type { ReadingFigures } from '@/core/documents/reading';
import { asTyped, rangeText, show } from '@/core/units/format';
import type { Role } from '@/core/units/profile';
import { useUnits } from '../Units';
import { useWidth } from '../useWidth';
import type { Layout } from './layout';
import { Magnifier } from './Magnifier';
import { CUTTERS } from '@/core/documents/cutters';
import { TakeUpGauge } from './TakeUpGauge';
import { WirePicture } from './WirePicture';
import css from './band.module.css';
import type { Evaluation } from '@/core/engine/evaluation';

const HEIGHT = 222;

// Drawn on one stage alone.
const Forces = later(() => import('./Forces').then((m) => m.Forces), { fails: 'quietly' });

/** The band: the rig to scale with each number where a hand would point. It answers every edit. */
export function Band({
  e,
  reading,
  forces = false,
}: {
  e: Evaluation;
  reading: ReadingFigures;
  forces?: boolean;
}) {
  const [ref, width] = useWidth(1240);
  const { say } = useUnits();
  const full = width >= 760;
  const words = describe(e, say);
  return (
    <div ref={ref} className={css.band}>
      {full ? (
        <WirePicture e={e} width={width} height={HEIGHT} full label={words}>
          {(l) => (
            <>
              <Numbers l={l} e={e} reading={reading} />
              {CUTTERS[e.s.rig.frame.kind].takeUp && <TakeUpGauge l={l} e={e} />}
              {forces && <Forces l={l} e={e} />}
            </>
          )}
        </WirePicture>
      ) : (
        <>
          <WirePicture e={e} width={width} height={104} label={words} />
          <Small e={e} reading={reading} />
        </>
      )}
    </div>
  );
}

function describe(e: Evaluation, say: ReturnType<typeof useUnits>['say']): string {
  const { rig } = e.s;
  const hot = e.off
    ? 'The supply has shut off.'
    : `${say(e.idle.cutAirC, 'temperature')} in air${e.cut ? `, ${say(e.cut.foamC, 'temperature')} in the foam` : ''}.`;
  return `${rig.frame.kind} with ${say(rig.wire.lengthMm, 'wireLength')} of wire through ${say(rig.foam.widthMm, 'foamSize')} of foam. ${hot}`;
}

function Numbers({ l, e, reading }: { l: Layout; e: Evaluation; reading: ReadingFigures }) {
  const id = useId();
  const { say, typed, profile } = useUnits();
  const { rig } = e.s;
  const middle = (l.f0 + l.f1) / 2;
  const low = rig.frame.kind === 'slicer';
  const { idle, cutting } = reading;
  const free = Math.max(0, (rig.wire.lengthMm - rig.foam.widthMm) / 2);
  const rule = HEIGHT - 22;
  const drawn = rig.wire.lengthMm * l.pxPerMm;
  const w0 = (l.x0 + l.x1 - drawn) / 2;
  const w1 = w0 + drawn;
  const cool = e.coolEnd === null ? 0 : Math.min(3 * e.coolEnd * 1000, free) * l.pxPerMm;
  return (
    <g>
      {idle && cutting ? (
        <>
          <Figure x={16} y={HEIGHT - 50} value={cutting.wireVolts} role="volts" />
          <Figure x={16} y={HEIGHT - 25} value={cutting.amps} role="amps" />
          <text x={16} y={HEIGHT - 8} className={css.caption}>
            {reading.supply.load === null
              ? `${say(idle.wireWatts, 'watts')} in the wire`
              : `supply at ${say(reading.supply.load, 'share')}`}
          </text>
          <text x={w0 + 12} y={58} className={css.caption}>
            in air
          </text>
          <Figure x={w0 + 12} y={82} value={cutting.airC} role="temperature" />
          <path
            d={`M${w0 + 22} 88 L${w0 + Math.max(16, Math.min((free * l.pxPerMm) / 2, 60))} ${l.wireY - 8}`}
            className={css.leader}
          />
          {cool > 8 && !low && (
            <g>
              <path
                d={`M${w0} ${l.wireY + 12} v5 H${w0 + cool} v-5 M${w1 - cool} ${l.wireY + 12} v5 H${w1} v-5`}
                className={css.bracket}
              />
              <text x={w1 - cool - 4} y={l.wireY + 24} textAnchor="end" className={css.caption}>
                {l.f1 < w1 - cool - 64 ? 'unheated end' : ''}
              </text>
            </g>
          )}
          {e.cut && cutting.foamC !== null ? (
            <>
              <Figure
                x={middle}
                y={l.wireY - (low ? 27 : 10)}
                value={cutting.foamC}
                role="temperature"
                anchor="middle"
              />
              <text
                x={middle}
                y={low ? l.wireY - 8 : Math.min(l.wireY + 24, l.foamBottom - 6)}
                textAnchor="middle"
                className={css.caption}
              >
                in the foam · kerf <tspan className={css.strong}>{say(cutting.kerfMm, 'slot')}</tspan>
                {reading.spread?.kerfMm ? ` (${rangeText(reading.spread.kerfMm, 'slot', profile)})` : ''}
              </text>
              <Lens l={l} id={id} e={e} />
            </>
          ) : (
            <text x={middle} y={l.wireY - 12} textAnchor="middle" className={css.caption}>
              {e.s.melt ? 'too cold to melt this foam' : 'not worked out for this foam'}
            </text>
          )}
        </>
      ) : (
        <text x={middle} y={l.wireY - 12} textAnchor="middle" className={css.off}>
          {e.off ? 'off: the supply shuts down' : 'not reckoned for this control yet'}
        </text>
      )}
      {CUTTERS[rig.frame.kind].takeUp && (
        <>
          <text x={l.right + (rig.frame.kind === 'gantry' ? 28 : 14)} y={58} className={css.caption}>
            tension, cold
          </text>
          <Figure
            x={l.right + (rig.frame.kind === 'gantry' ? 28 : 14)}
            y={82}
            value={
              rig.tension.setN !== null && rig.tension.setWhen === 'cold'
                ? rig.tension.setN
                : reading.tension.coldN
            }
            role="force"
            typed={rig.tension.setN !== null && rig.tension.setWhen === 'cold' && rig.tension.kind !== 'weight'}
          />
        </>
      )}
      <path
        d={`M${w0} ${rule} H${w1} M${w0} ${rule - 5} v10 M${w1} ${rule - 5} v10 M${l.f0} ${rule - 5} v10 M${l.f1} ${rule - 5} v10`}
        className={css.rule}
      />
      {free * l.pxPerMm > 78 && (
        <>
          <text x={(w0 + l.f0) / 2} y={rule + 17} textAnchor="middle" className={css.caption}>
            {typed(free, 'wireLength')} free
          </text>
          <text x={(w1 + l.f1) / 2} y={rule + 17} textAnchor="middle" className={css.caption}>
            {typed(free, 'wireLength')} free
          </text>
        </>
      )}
      <text x={middle} y={rule + 17} textAnchor="middle" className={css.caption}>
        <tspan className={css.strong}>{typed(rig.foam.widthMm, 'foamSize')}</tspan> in foam of{' '}
        <tspan className={css.strong}>{typed(rig.wire.lengthMm, 'wireLength')}</tspan> of wire
      </text>
      {reading.time && (
        <text x={16} y={l.barY + 28} className={css.caption}>
          warm-up time
          <tspan x={16} dy={18} className={css.strong}>
            {say(reading.time.warmUpS, 'time')}
          </tspan>
          <tspan x={16} dy={20}>
            cool-down time
          </tspan>
          <tspan x={16} dy={18} className={css.strong}>
            {say(reading.time.coolDownS, 'time')}
          </tspan>
        </text>
      )}
      {rig.wire.lie === 'vertical' && (
        <text x={16} y={22} className={css.caption}>
          stands upright: up is this way →
        </text>
      )}
    </g>
  );
}

function Lens({ l, id, e }: { l: Layout; id: string; e: Evaluation }) {
  const r = 40;
  const x = l.width - 54;
  const y = l.wireY + 4;
  const wireMm = e.s.diameter * 1000;
  return (
    <g>
      <path
        d={`M${Math.min(l.f1 - 20, x - r)} ${l.wireY} L${x - r} ${y}`}
        className={css.leader}
        strokeDasharray="2 3"
      />
      <Magnifier
        id={`${id}m`}
        x={x}
        y={y}
        r={r}
        wireMm={wireMm}
        slotMm={e.cut!.width * 1000}
        foamC={e.cut!.foamC}
      />
      <text x={x} y={y + r + 15} textAnchor="middle" className={css.caption}>
        kerf, magnified
      </text>
    </g>
  );
}

function Figure(props: {
  x: number;
  y: number;
  value: number | null;
  role: Role;
  anchor?: 'middle';
  typed?: boolean;
}) {
  const { profile } = useUnits();
  if (props.value === null) return null;
  const shown = (props.typed ? asTyped : show)(props.value, props.role, profile);
  return (
    <text x={props.x} y={props.y} textAnchor={props.anchor} className={css.figure}>
      {shown.figures}
      <tspan className={css.unit}> {shown.unit}</tspan>
    </text>
  );
}

/** On a narrow screen the numbers stand below the sketch. */
function Small({ e, reading }: { e: Evaluation; reading: ReadingFigures }) {
  const { say } = useUnits();
  const c = reading.cutting;
  if (!c)
    return (
      <p className={css.smallOff}>
        {e.off ? 'Off: the supply shuts down.' : 'Not reckoned for this control yet.'}
      </p>
    );
  const cells: [string, string][] = [
    ['at the clips', `${say(c.wireVolts, 'volts')} · ${say(c.amps, 'amps')}`],
    ['in air', say(c.airC, 'temperature')],
    ['in the foam', c.foamC !== null && e.cut ? say(c.foamC, 'temperature') : 'too cold'],
    ['kerf', c.kerfMm === null ? '–' : say(c.kerfMm, 'slot')],
  ];
  return (
    <dl className={css.small}>
      {cells.map(([name, value]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd className="num">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
