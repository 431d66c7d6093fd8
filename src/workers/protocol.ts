import type { Rig } from '@/core/documents/rig';
import type { WindowCurve } from '@/core/engine/windowCurve';

/** What the page asks of the window worker, and what comes back. */
export interface WindowRequest {
  readonly id: number;
  readonly rig: Rig;
  readonly points: number;
}
export type WindowAnswer =
  | { readonly id: number; readonly ok: true; readonly curve: WindowCurve | null; readonly ms: number }
  | { readonly id: number; readonly ok: false; readonly fault: string };
