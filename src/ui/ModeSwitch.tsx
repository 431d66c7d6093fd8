'use client';
import { mdiBrightness2, mdiWhiteBalanceSunny } from '@mdi/js';
import { useColorScheme } from '@mui/material/styles';
import { useSyncExternalStore } from 'react';
import { Icon } from './Icon';
import css from './tool.module.css';

const never = () => () => {};

/** Day or night; follows the system until it is pressed. */
export function ModeSwitch() {
  const { mode, systemMode, setMode } = useColorScheme();
  const here = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const dark = here && (mode === 'system' ? systemMode : mode) === 'dark';
  return (
    <button
      type="button"
      className={css.button}
      aria-label={dark ? 'Light screen' : 'Dark screen'}
      onClick={() => setMode(dark ? 'light' : 'dark')}
    >
      <Icon path={dark ? mdiWhiteBalanceSunny : mdiBrightness2} size={18} />
    </button>
  );
}
