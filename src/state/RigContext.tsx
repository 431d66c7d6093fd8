'use client';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import type { OpenRig } from '@/server/types';
import { derive, type Derived } from './derive';
import { useChanges } from './changes';
import { createRigStore, type RigState, type RigStore } from './rigStore';

const Context = createContext<RigStore | null>(null);

/** Opens a rig for everything below. Unsaved work is sent before the page is left. */
export function RigProvider({ open, children }: { open: OpenRig; children: ReactNode }) {
  const [rig] = useState(() => createRigStore(open));
  // A save of one's own comes back as news too: nothing is asked for then.
  useChanges(
    (c) =>
      c.rig === open.record.id &&
      (c.part === 'cuts' || (c.part === 'rig' && (c.revision ?? Infinity) > rig.saver.revision)),
    () => void rig.catchUp(),
  );
  useEffect(() => {
    const leave = (e: BeforeUnloadEvent) => {
      rig.saver.flush();
      if (rig.saver.open) e.preventDefault();
    };
    const hide = () => rig.saver.flush();
    window.addEventListener('beforeunload', leave);
    document.addEventListener('visibilitychange', hide);
    return () => {
      window.removeEventListener('beforeunload', leave);
      document.removeEventListener('visibilitychange', hide);
      rig.saver.flush();
    };
  }, [rig]);
  return <Context value={rig}>{children}</Context>;
}

export function useRigStore(): RigStore['store'] {
  const rig = useContext(Context);
  if (!rig) throw new Error('no rig above');
  return rig.store;
}

export function useRig<T>(pick: (s: RigState) => T): T {
  return useStore(useRigStore(), pick);
}

/** What follows from the rig as it stands. */
export function useDerived(): Derived {
  const doc = useRig((s) => s.doc);
  const tuning = useRig((s) => s.tuning);
  return derive(doc, tuning);
}
