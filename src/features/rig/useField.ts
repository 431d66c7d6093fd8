'use client';
import { useCallback } from 'react';
import { setPath, valueAt } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import type { RigLinks } from '@/state/types';
import type { Role } from '@/core/units/profile';
import { useUnits } from '@/ui/Units';

/** One value of the rig as a field: what it is, where it came from, and how to change it by a command. */
export function useField<T>(path: string, label: string) {
  const value = useRig((s) => valueAt(s.doc, path)) as T;
  const origin = useRig((s) => s.doc.from[path]);
  const store = useRigStore();
  const { say } = useUnits();
  const set = useCallback(
    (next: T, role?: Role, links?: Partial<RigLinks>): string | null => {
      const { doc, edit } = store.getState();
      const edited = setPath(doc, path, next);
      if (edited.ok) {
        edit(`${label}`, edited, links);
        return null;
      }
      const fault = edited.faults.find((f) => f.path === path) ?? edited.faults[0]!;
      const bound = /^(>=|<=|>|<) (-?[\d.e+-]+)$/.exec(fault.rule);
      if (!bound || !role) return fault.message;
      const words = { '>=': 'at least', '<=': 'at most', '>': 'over', '<': 'under' }[bound[1]!]!;
      return `must be ${words} ${say(Number(bound[2]), role)}`;
    },
    [store, path, label, say],
  );
  return { value, origin, set };
}
