import { z } from 'zod';
import type { RigEvent } from '@/core/documents/event';
import { call } from '../api';
import { logged } from '../logged';
import type { WireState } from '../types';

const id = z.string().min(1);
const instant = z.string().min(1);
const wireState: z.ZodType<WireState> = z.object({
  hungAt: instant.nullable(),
  minutes: z.number().nonnegative(),
  onSince: instant.nullable(),
  powerId: id.nullable(),
  slackSince: instant.nullable(),
  slackId: id.nullable(),
  cuts: z.int(),
  metres: z.number().nonnegative(),
  lastCut: instant.nullable(),
  now: instant,
});

/** Address of what happened to a rig, and of one event of it. */
export const eventsAt = (rig: string, event?: string) => `/api/rigs/${rig}/events${event ? `/${event}` : ''}`;

/**
 * The wire that is on a rig and its power, for pages that show no more of its history: what they note is answered with all
 * events, which are not read here.
 */
export const powerServer = {
  state: (rig: string) => call('GET', `/api/rigs/${rig}/wire`, wireState),
  note: (rig: string, event: RigEvent) => logged(eventsAt(rig), z.unknown(), event),
  amend: (rig: string, event: string, to: RigEvent) => logged(eventsAt(rig, event), z.unknown(), to, 'PUT'),
} as const;
