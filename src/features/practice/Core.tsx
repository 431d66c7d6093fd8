'use client';
import type { LedTrace } from '@/core/documents/practice';
import type { Rig } from '@/core/documents/rig';
import type { PracticeWire } from '@/core/practice/wire';
export function Core(_: {
  wire: PracticeWire;
  rig: Rig;
  rigId: string;
  onKeep: (trace: LedTrace) => Promise<string | null>;
}) {
  return <p>Not built yet.</p>;
}
