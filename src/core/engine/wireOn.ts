import type { RigEvent } from '../documents/event';

/** The wire that is on a rig: since when, its minutes under power, and whether it is under power now. */
export interface WireOn {
  /** ISO; null where no hanging was noted: then all that is known of the rig counts. */
  readonly hungAt: string | null;
  readonly minutes: number;
  /** Under power since; null where it is off. */
  readonly onSince: string | null;
  /** Slackened for storage since; null where it is under tension. */
  readonly slackSince: string | null;
}

/** Power noted as on for longer than this was forgotten: it counts no more than this, min. Ours. */
export const FORGOTTEN_MIN = 240;
/** Minutes under power without a cut after which a nudge is due. Ours. */
export const NUDGE_MIN = 5;

/**
 * Hours and state of the wire that is on, from what was noted; hanging a new one starts its hours anew. A wire that was slackened is so until
 * it was set again, another hung, or its pull read: `pulls`, instants. `now` in ms.
 */
export function wireOn(events: readonly RigEvent[], now: number, pulls: readonly string[] = []): WireOn {
  const hung = events
    .flatMap((e) => (e.kind === 'hang' ? [e.at] : []))
    .sort((a, b) => Date.parse(a) - Date.parse(b));
  const hungAt = hung.at(-1) ?? null;
  const from = hungAt === null ? -Infinity : Date.parse(hungAt);
  let minutes = 0;
  let onSince: string | null = null;
  for (const e of events) {
    if (e.kind !== 'hot') continue;
    const begin = Math.max(from, Date.parse(e.at));
    const end = e.until === null ? now : Date.parse(e.until);
    if (end > begin) minutes += Math.min(FORGOTTEN_MIN, (end - begin) / 60000);
    if (e.until === null && (onSince === null || e.at < onSince)) onSince = e.at;
  }
  const since = (at: string) => (then: string) => Date.parse(then) > Date.parse(at);
  const slack = events.flatMap((e) =>
    e.kind === 'slack' && e.until === null && ![...hung, ...pulls].some(since(e.at)) ? [e.at] : [],
  );
  return { hungAt, minutes, onSince, slackSince: slack.at(-1) ?? null };
}

/** Minutes that a wire under power has been without a cut: since the later of switching on and the last cut. */
export function idleMinutes(onSince: string, lastCut: string | null, now: number): number {
  const since = Math.max(Date.parse(onSince), lastCut === null ? 0 : Date.parse(lastCut));
  return Math.max(0, (now - since) / 60000);
}
