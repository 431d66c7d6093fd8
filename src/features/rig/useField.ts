'use client';
import { useCallback } from 'react';
import { limitsOf, valueAt } from '@/core/documents/fieldPath';
import { rigSchema } from '@/core/documents/rig';
import type { RigPath } from '@/core/documents/rigFields';
import { outside } from '@/core/words/limits';
import { setPath } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import type { RigLinks } from '@/state/types';
import type { Role } from '@/core/units/profile';
import { useUnits } from '@/ui/Units';

/** One value of the rig as a field: what it is, where it came from, and how to change it by a command. */
export function useField<T>(path: RigPath, label: string) {
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
      const limits = limitsOf(rigSchema, path);
      const rule = role && limits && typeof next === 'number' ? outside(next, limits, role, say) : null;
      if (rule) return rule;
      return (edited.faults.find((f) => f.path === path) ?? edited.faults[0]!).message;
    },
    [store, path, label, say],
  );
  return { value, origin, set };
}
