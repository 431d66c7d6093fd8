'use client';
import { createContext, useContext, useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import type { OpenRig } from '@/server/types';
import { derive, type Derived } from './derive';
import { useChanges } from './changes';
import { useLeaving } from './leaving';
import { createRigStore, type RigState, type RigStore } from './rigStore';

const Context = createContext<RigStore | null>(null);

/** Opens a rig for everything below. Unsaved work is sent before the page is left. */
export function RigProvider({ open, children }: { open: OpenRig; children: ReactNode }) {
  const [all] = useState(() => [createRigStore(open)] as const);
  const [rig] = all;
  // A save of one's own comes back as news too: nothing is asked for then.
  useChanges(
    (c) =>
      c.rig === open.record.id &&
      (c.part === 'cuts' || (c.part === 'rig' && (c.revision ?? Infinity) > rig.saver.revision)),
    () => void rig.catchUp(),
  );
  useLeaving(all);
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
