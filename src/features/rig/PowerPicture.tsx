'use client';
import type { Rig } from '@/core/documents/rig';
import { wiringPlan } from '@/core/engine/wiringPlan';
import { cleanSettings } from '@/core/engine/cleanSettings';
import type { WindowCurve } from '@/core/engine/windowCurve';
import { controlSettingText } from '@/core/words/control';
import { useDerived } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import { dialOf } from './Dial';
import css from './power.module.css';
import { useMark } from './useMark';

const H = 118;
const Y = 44;

/** From supply to wire as the things they are: supply, fuse, switch, control with its clean range, leads to scale. */
export function PowerPicture({ curve }: { curve: WindowCurve | null }) {
  const { rig, evaluation, reading } = useDerived();
  const { say } = useUnits();
  const toMark = useMark();
  const plan = wiringPlan(evaluation);
  const { load } = reading.supply;
  const fuse = plan.fuse.has;
  const onOff = plan.switch.has;
  const lead = plan.lead;
  // Leads and wire to one scale, the longer of the two filling the room.
  const longest = Math.max(rig.leads.lengthMm, rig.wire.lengthMm);
  const room = 118;
  const leadPx = (room * rig.leads.lengthMm) / longest;
  const wirePx = (room * rig.wire.lengthMm) / longest;
  const pen = Math.min(5, 1 + 1.6 * Math.sqrt(lead.areaMm2));
  const words = `${say(rig.supply.volts, 'volts')} supply, fuse ${fuse ?? 'none'}, switch ${onOff ?? 'none'}, leads ${say(lead.areaMm2, 'area')}.`;
  return (
    <svg viewBox={`0 0 492 ${H}`} width="100%" height={H} role="img" aria-label={words} className={css.picture}>
      <Supply kind={rig.supply.kind} charge={rig.supply.battery?.charge ?? 1} />
      <text x={40} y={90} className={css.figure}>
        {say(rig.supply.volts, 'volts')}
        {rig.supply.maxAmps !== null && ` ${say(rig.supply.maxAmps, 'amps')}`}
      </text>
      <rect x={8} y={98} width={64} height={7} className={css.trough} />
      {load !== null && (
        <rect
          x={8}
          y={98}
          width={64 * Math.min(1, load)}
          height={7}
          className={css.load}
          data-over={load > 1}
          data-near={load > 0.8}
        />
      )}
      <text x={78} y={106} className={css.small} textAnchor="start">
        {load === null ? 'limit not known' : `${say(load, 'share')} of its limit`}
      </text>
      <path d={`M72 ${Y}H92M122 ${Y}H138M162 ${Y}H196`} className={css.loop} strokeWidth={2} />
      <rect x={92} y={Y - 7} width={30} height={14} className={css.part} data-missing={fuse === null} />
      <path d={`M92 ${Y}H122`} className={css.loop} strokeWidth={1} />
      <text x={107} y={Y + 24} className={css.figure}>
        {fuse === null ? 'no fuse' : `${fuse} A`}
      </text>
      <circle cx={138} cy={Y} r={2.6} className={css.dot} />
      <circle cx={162} cy={Y} r={2.6} className={css.dot} />
      <path d={`M138 ${Y}L160 ${Y - 12}`} className={css.loop} strokeWidth={2} />
      <text x={onOff === null ? 162 : 150} y={Y + 24} className={css.figure}>
        {onOff === null ? 'no switch' : `${onOff} A`}
      </text>
      <Control rig={rig} curve={curve} feedMmS={evaluation.feed === null ? null : evaluation.feed * 1000} />
      <text x={222} y={90} className={css.figure}>
        {rig.control.kind === 'none'
          ? 'no dial'
          : controlSettingText(rig.control.kind, rig.control.setting, say, toMark)}
      </text>
      <path
        d={`M248 ${Y}H326V${Y + 4}H330M330 ${Y - 16}H321V5H40V${supplyTop(rig.supply.kind)}M${330 + leadPx} ${Y - 16}H474V${Y + 4}H${330 + wirePx}`}
        className={css.loop}
        strokeWidth={2}
      />
      <Sort kind={rig.control.kind} />
      <path d={`M330 ${Y - 16}h${leadPx}`} className={css.copper} strokeWidth={pen} />
      <text x={330} y={Y - 24} className={css.small} textAnchor="start">
        leads {say(rig.leads.lengthMm, 'leadLength')}, {say(lead.areaMm2, 'area')}
      </text>
      <path d={`M330 ${Y + 4}h${wirePx}`} className={css.wire} strokeWidth={2} />
      <text x={330} y={Y + 20} className={css.small} textAnchor="start">
        wire {say(rig.wire.lengthMm, 'wireLength')}
      </text>
      <text x={330} y={90} className={css.figure} style={{ textAnchor: 'start' }}>
        {lead.lossVolts === null || lead.lossShare === null
          ? '–'
          : `${say(lead.lossVolts, 'volts')} lost (${say(lead.lossShare, 'share')})`}
      </text>
      <text x={330} y={106} className={css.small} textAnchor="start">
        they carry {say(lead.carriesAmps, 'amps')}
      </text>
    </svg>
  );
}

/** Where the return of the loop meets the supply. */
const supplyTop = (kind: Rig['supply']['kind']) =>
  kind === 'bench' || kind === 'transformer' || kind === 'computer-supply'
    ? Y - 24
    : kind === 'battery'
      ? Y - 24
      : Y - 16;

/** A supply drawn as what it is. */
function Supply({ kind, charge }: { kind: Rig['supply']['kind']; charge: number }) {
  const box = <rect x={8} y={Y - 24} width={64} height={48} rx={3} className={css.part} />;
  if (kind === 'bench')
    return (
      <g>
        {box}
        <rect x={14} y={Y - 18} width={34} height={16} className={css.screen} />
        <circle cx={22} cy={Y + 12} r={6} className={css.part} />
        <circle cx={42} cy={Y + 12} r={6} className={css.part} />
        <path d={`M22 ${Y + 12}l3 -4M42 ${Y + 12}l-4 -3`} className={css.loop} strokeWidth={1.6} />
        <circle cx={60} cy={Y - 8} r={3} className={css.dot} />
        <circle cx={60} cy={Y + 8} r={3} className={css.part} />
      </g>
    );
  if (kind === 'battery')
    return (
      <g>
        {box}
        <rect x={16} y={Y - 30} width={10} height={6} className={css.part} />
        <rect x={54} y={Y - 30} width={10} height={6} className={css.part} />
        <rect x={11} y={Y + 21 - 42 * charge} width={58} height={42 * charge} className={css.charge} />
        <path d={`M17 ${Y - 14}h8M21 ${Y - 18}v8M55 ${Y - 14}h8`} className={css.loop} strokeWidth={2} />
      </g>
    );
  if (kind === 'transformer')
    return (
      <g>
        {box}
        {[0, 1, 2, 3].map((i) => (
          <g key={i}>
            <path
              d={`M26 ${Y - 18 + 9 * i}a4.5 4.5 0 0 1 0 9M54 ${Y - 18 + 9 * i}a4.5 4.5 0 0 0 0 9`}
              className={css.loop}
              strokeWidth={1.8}
            />
          </g>
        ))}
        <path d={`M37 ${Y - 20}v40M43 ${Y - 20}v40`} className={css.loop} strokeWidth={2.4} />
      </g>
    );
  if (kind === 'computer-supply')
    return (
      <g>
        {box}
        <circle cx={34} cy={Y} r={17} className={css.part} />
        <path
          d={`M34 ${Y}m-12 0h24M34 ${Y}m0 -12v24M34 ${Y}m-8 -8l16 16M34 ${Y}m8 -8l-16 16`}
          className={css.loop}
          strokeWidth={1}
        />
        <path d={`M58 ${Y - 10}h14M58 ${Y}h14M58 ${Y + 10}h14`} className={css.loop} strokeWidth={2.4} />
      </g>
    );
  return (
    <g>
      <rect x={8} y={Y - 16} width={64} height={32} rx={5} className={css.part} />
      <path d={`M8 ${Y}h-6`} className={css.loop} strokeWidth={3} />
      {kind === 'charger' && (
        <path
          d={`M20 ${Y + 6}l8 -12h-6l10 -8M44 ${Y + 8}a8 8 0 0 1 16 0`}
          className={css.loop}
          strokeWidth={1.6}
        />
      )}
      {kind !== 'charger' && (
        <path d={`M20 ${Y - 5}h40M20 ${Y + 1}h28M20 ${Y + 7}h34`} className={css.hair} strokeWidth={1.2} />
      )}
    </g>
  );
}

/** What the control makes of the supply's volts: pulses, a chopped wave, a tapped coil; a meter where it holds a value. */
function Sort({ kind }: { kind: Rig['control']['kind'] }) {
  if (kind === 'none' || kind === 'clip') return null;
  const wave: Partial<Record<Rig['control']['kind'], string>> = {
    pwm: `M266 ${Y + 6}h5v-12h7v12h8v-12h7v12h8`,
    'hold-ohm': `M266 ${Y + 6}h5v-12h7v12h8v-12h7v12h8`,
    phase: `M266 ${Y}h6l0 -8q4 -2 7 8h7l0 8q4 2 7 -8h6`,
    scale: `M268 ${Y + 4}a4 4 0 0 1 8 0a4 4 0 0 1 8 0a4 4 0 0 1 8 0a4 4 0 0 1 8 0M276 ${Y - 8}l10 8m-1 -5l1 5l-5 -1`,
    buck: `M266 ${Y - 5}h14v10h20M270 ${Y + 7}h6`,
  };
  const letter = { volts: 'V', amps: 'A', 'hold-ohm': 'Ω' }[kind as string];
  return (
    <g>
      <rect x={262} y={Y - 13} width={42} height={26} rx={3} className={css.part} />
      {wave[kind] && <path d={wave[kind]} className={css.loop} strokeWidth={1.6} />}
      {letter && !wave[kind] && (
        <text x={283} y={Y + 6} className={css.figure}>
          {letter}
        </text>
      )}
    </g>
  );
}

const SWEEP = 270;
const angle = (share: number) => ((-SWEEP / 2 + SWEEP * share - 90) * Math.PI) / 180;

/** The dial of the control as a knob with its clean range on it; a clip and no dial as what they are. */
function Control({ rig, curve, feedMmS }: { rig: Rig; curve: WindowCurve | null; feedMmS: number | null }) {
  const ends = dialOf(rig);
  if (!ends || rig.control.kind === 'clip')
    return (
      <g>
        <path d={`M196 ${Y}H248`} className={css.loop} strokeWidth={2} />
        {rig.control.kind === 'clip' && (
          <path d={`M218 ${Y - 12}l4 -4l4 4v22l-4 5l-4 -5z`} className={css.clip} />
        )}
      </g>
    );
  const clean =
    curve && curve.along === 'setting' && feedMmS !== null ? cleanSettings(rig, curve, feedMmS) : null;
  const share = (v: number) => Math.min(1, Math.max(0, (v - ends.min) / (ends.max - ends.min)));
  const at = (s: number, r: number) => `${222 + r * Math.cos(angle(s))} ${Y + r * Math.sin(angle(s))}`;
  const arc = (a: number, b: number, r: number) =>
    `M${at(a, r)}A${r} ${r} 0 ${(b - a) * SWEEP > 180 ? 1 : 0} 1 ${at(b, r)}`;
  const now = share(rig.control.setting ?? ends.min);
  return (
    <g>
      <path d={arc(0, 1, 29)} className={css.scale} strokeWidth={5} />
      {clean && <path d={arc(share(clean[0]), share(clean[1]), 29)} className={css.clean} strokeWidth={5} />}
      <circle cx={222} cy={Y} r={22} className={css.part} />
      <path d={`M${at(now, 6)}L${at(now, 21)}`} className={css.pointer} strokeWidth={3.4} />
    </g>
  );
}
