import 'server-only';
import { wireOn, type WireOn } from '@/core/engine/wireOn';
import { cutsSince } from '@/db/cuts';
import { eventsOf } from '@/db/events';
import { pullsOf } from '@/db/pulls';
import { getRig } from '@/db/rigs';
import { database } from './db';
import { refusal } from './http';

/** The wire that is on a rig, what it has cut, and when last. `powerId` names the entry of its power, while that is on. */
export interface WireState extends WireOn {
  readonly powerId: string | null;
  /** Names the entry of its slackening, while it is slack. */
  readonly slackId: string | null;
  readonly cuts: number;
  /** Metres of foam that were cut through. */
  readonly metres: number;
  readonly lastCut: string | null;
  /** When this was told, ISO. */
  readonly now: string;
}

export async function wireState(rigId: string): Promise<WireState> {
  const db = await database();
  if (!(await getRig(db, rigId))) throw refusal(404, 'not-found', 'There is no such rig.');
  const events = await eventsOf(db, rigId);
  const on = wireOn(
    events.map((e) => e.event),
    Date.now(),
    (await pullsOf(db, rigId)).map((p) => p.pull.at),
  );
  const power = events.find((e) => e.event.kind === 'hot' && e.event.until === null);
  const slack = events.find((e) => e.event.kind === 'slack' && e.event.at === on.slackSince);
  const now = new Date().toISOString();
  return {
    ...on,
    powerId: power?.id ?? null,
    slackId: slack?.id ?? null,
    now,
    ...(await cutsSince(db, rigId, on.hungAt)),
  };
}
