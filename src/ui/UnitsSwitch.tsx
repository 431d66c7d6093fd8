'use client';
import type { Profile } from '@/core/units/profile';
import { useUnits } from './Units';
import css from './tool.module.css';

const NAMES: Record<Profile, string> = { metric: 'mm, N, °C', inch: 'in, lb, °F', trade: 'Trade mix' };

/** The units switch: metric, inch, or as the trade mixes them. */
export function UnitsSwitch() {
  const { profile, setProfile } = useUnits();
  return (
    <select
      aria-label="Units"
      className={css.select}
      value={profile}
      onChange={(e) => setProfile(e.target.value as Profile)}
    >
      {(Object.keys(NAMES) as Profile[]).map((p) => (
        <option key={p} value={p}>
          {NAMES[p]}
        </option>
      ))}
    </select>
  );
}
