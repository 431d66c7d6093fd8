'use client';
import type { ReactNode } from 'react';
import { SETTING_LIMITS } from '@/core/documents/control';
import type { Rig } from '@/core/documents/rig';
import { BUCK_DROP } from '@/core/engine/drive';
import { cleanSettings } from '@/core/engine/cleanSettings';
import type { WindowCurve } from '@/core/engine/windowCurve';
import { text } from '@/core/units/format';
import { SETTING_ROLE } from '@/core/words/control';
import { useUnits } from '@/ui/Units';
import css from './dial.module.css';
import { useField } from './useField';
import { SETTING_NAMES } from './words';

/** Ends and step of the dial of a rig. */
export function dialOf(rig: Rig): { min: number; max: number; step: number } | null {
  const limits = SETTING_LIMITS[rig.control.kind];
  if (!limits) return null;
  const { volts, maxAmps } = rig.supply;
  const tops: Partial<Record<Rig['control']['kind'], number>> = {
    volts,
    buck: Math.max(1, volts - BUCK_DROP),
    amps: maxAmps ?? 10,
    clip: rig.wire.lengthMm,
  };
  const max = tops[rig.control.kind] ?? limits[1];
  const fine = { volts: 0.1, buck: 0.1, clip: 1, amps: 0.01, pwm: 0.005, phase: 1, scale: 0.005 } as Partial<
    Record<Rig['control']['kind'], number>
  >;
  const step = rig.control.steps ? (max - limits[0]) / (rig.control.steps - 1) : (fine[rig.control.kind] ?? 1);
  return { min: limits[0], max, step };
}

/** The dial with its clean range on it: each step is solved and painted in the next frame. */
export function Dial({
  rig,
  curve,
  feedMmS,
  children,
}: {
  rig: Rig;
  curve: WindowCurve | null;
  feedMmS: number | null;
  children?: ReactNode;
}) {
  const { set } = useField<number | null>('control.setting', 'setting');
  const { profile } = useUnits();
  const ends = dialOf(rig);
  const role = SETTING_ROLE[rig.control.kind];
  if (!ends || !role) return null;
  const setting = rig.control.setting ?? ends.min;
  const clean =
    curve && curve.along === 'setting' && feedMmS !== null ? cleanSettings(rig, curve, feedMmS) : null;
  const share = (v: number) => Math.min(1, Math.max(0, (v - ends.min) / (ends.max - ends.min)));
  const say = (v: number) => text(v, role, profile);
  return (
    <div className={css.dial}>
      <div className={css.track}>
        {clean && (
          <span
            className={css.clean}
            style={{ left: `${100 * share(clean[0])}%`, right: `${100 * (1 - share(clean[1]))}%` }}
          />
        )}
        <input
          id="dial"
          type="range"
          min={ends.min}
          max={ends.max}
          step={ends.step}
          value={setting}
          aria-label={SETTING_NAMES[rig.control.kind]}
          aria-valuetext={say(setting)}
          onChange={(e) => set(Number(e.target.value), role)}
          onKeyDown={(e) => {
            if (!e.shiftKey || !/^Arrow/.test(e.key)) return;
            e.preventDefault();
            const way = e.key === 'ArrowRight' || e.key === 'ArrowUp' ? 10 : -10;
            set(Math.min(ends.max, Math.max(ends.min, setting + way * ends.step)), role);
          }}
        />
      </div>
      <p className={css.words}>
        {clean ? (
          <>
            clean <b className="num">{say(clean[0])}</b> to <b className="num">{say(clean[1])}</b>
          </>
        ) : (
          'no clean range at this feed'
        )}
        {children}
      </p>
    </div>
  );
}
