'use client';
import { useEffect } from 'react';
import { tinykeys } from 'tinykeys';
import { typing } from './typing';
import { useLatest } from './useLatest';

/** What each key does, by its name in the browser (`t`, `Shift+?`, `$mod+z`: Ctrl, on a Mac Cmd). */
export type Shortcuts = Readonly<Record<string, () => void>>;

/**
 * Keys that act while a part of the page is shown. A plain key is left to a field that is being typed in; one with `$mod`
 * is not. `on`: false lets go of all of them.
 */
export function useShortcuts(shortcuts: Shortcuts, on = true): void {
  const now = useLatest(shortcuts);
  const keys = Object.keys(shortcuts).join(' ');
  useEffect(() => {
    if (!on) return;
    const act = (key: string) => (e: KeyboardEvent) => {
      const held = key.startsWith('$mod');
      if (!held && typing(e)) return;
      if (held) e.preventDefault();
      now.current[key]?.();
    };
    return tinykeys(window, Object.fromEntries(keys.split(' ').map((key) => [key, act(key)])));
  }, [keys, on, now]);
}

/** Undo and redo of an open document, over all of its fields. */
export function useUndoKeys(of: { readonly undo: () => void; readonly redo: () => void }, on = true): void {
  useShortcuts({ '$mod+z': of.undo, '$mod+Shift+z': of.redo, '$mod+y': of.redo }, on);
}
