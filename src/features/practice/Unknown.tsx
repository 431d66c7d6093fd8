'use client';
import type { BenchTrace } from '@/core/documents/practice';
import type { Rig } from '@/core/documents/rig';
export function Unknown(_: { rig: Rig; onKeep: (trace: BenchTrace) => Promise<string | null> }) {
  return <p>Not built yet.</p>;
}
