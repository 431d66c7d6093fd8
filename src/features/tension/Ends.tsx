'use client';
import { useState } from 'react';
import { endChecks } from '@/core/words/endChecks';
import { useDerived } from '@/state/RigContext';
import { Check } from '@/ui/Check';
import { useUnits } from '@/ui/Units';
import css from './tension.module.css';

/** What to look at before a new wire is tightened; for this frame and take-up. Ticked for this sitting, not kept. */
export function Ends() {
  const { rig } = useDerived();
  const { say } = useUnits();
  const [done, setDone] = useState<ReadonlySet<string>>(new Set());
  const checks = endChecks(rig, say);
  const tick = (id: string, on: boolean) => {
    const next = new Set(done);
    if (on) next.add(id);
    else next.delete(id);
    setDone(next);
  };
  return (
    <section id="ends" aria-label="Ends and wire">
      <h2>Ends and wire</h2>
      <p className="dim">
        {done.size} of {checks.length} looked at. A list looked through is no promise that the rig is safe.
      </p>
      <ul className={css.checks}>
        {checks.map((c) => (
          <li key={c.id}>
            <Check label={c.text} checked={done.has(c.id)} onChange={(on) => tick(c.id, on)} />
          </li>
        ))}
      </ul>
    </section>
  );
}
