'use client';
import { useEffect } from 'react';
import { useRig } from '@/state/RigContext';
import { useWire } from '@/state/useWire';
import { PowerLine } from '@/ui/PowerLine';

/** Whether this rig's wire is under power; a logged cut puts the nudge off. */
export function PowerNow() {
  const id = useRig((s) => s.id);
  const cuts = useRig((s) => s.cuts.length);
  const { wire, load, on, off } = useWire(id);
  useEffect(() => void load(), [cuts, load]);
  if (!wire) return null;
  return (
    <PowerLine
      onSince={wire.onSince}
      lastCut={wire.lastCut}
      onPower={(to) => (to ? on() : off())}
      slackSince={wire.slackSince}
    />
  );
}
