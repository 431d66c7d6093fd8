'use client';
import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import { useColorScheme } from '@mui/material/styles';
import { useSyncExternalStore } from 'react';
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
      {dark ? <LightModeOutlined sx={{ fontSize: 18 }} /> : <DarkModeOutlined sx={{ fontSize: 18 }} />}
    </button>
  );
}
