'use client';
import type { Profile } from '@/core/units/profile';
import { Select } from './Select';
import { useUnits } from './Units';
import css from './tool.module.css';

const NAMES: Record<Profile, string> = { metric: 'mm, N, °C', inch: 'in, lb, °F', trade: 'Trade mix' };

/** The units switch: metric, inch, or as the trade mixes them. */
export function UnitsSwitch() {
  const { profile, setProfile } = useUnits();
  return (
    <div className={css.units}>
      <Select
        label="Units"
        value={profile}
        options={Object.entries(NAMES) as [Profile, string][]}
        onChoose={setProfile}
      />
    </div>
  );
}
