import { z } from 'zod';
import { eventSchema, type RigEvent } from '@/core/documents/event';
import { pullReadingSchema, type LoggedPull } from '@/core/documents/pull';
import { call, send } from '../api';
import { logged } from '../logged';
import { eventsAt } from './power';
import type { EventRecord, PhotoRecord, PullRecord } from '../types';

const id = z.string().min(1);
const instant = z.string().min(1);
const events: z.ZodType<EventRecord[]> = z.array(z.object({ id, rigId: id, event: eventSchema }));
const pulls: z.ZodType<PullRecord[]> = z.array(z.object({ id, pull: pullReadingSchema }));
const photos: z.ZodType<PhotoRecord[]> = z.array(
  z.object({
    id,
    rigId: id,
    cutId: id.nullable(),
    name: z.string(),
    width: z.number(),
    height: z.number(),
    at: instant,
  }),
);

/** What happened to a rig and its wire: events, readings of the pull, pictures. */
export const wireServer = {
  events: (rig: string) => call('GET', eventsAt(rig), events),
  note: (rig: string, event: RigEvent) => logged(eventsAt(rig), events, event),
  amend: (rig: string, event: string, to: RigEvent) => call('PUT', eventsAt(rig, event), events, to),
  forget: (rig: string, event: string) => call('DELETE', eventsAt(rig, event), events),
  pulls: (rig: string) => call('GET', `/api/rigs/${rig}/pulls`, pulls),
  logPull: (rig: string, pull: LoggedPull) => logged(`/api/rigs/${rig}/pulls`, pulls, pull),
  deletePull: (rig: string, pull: string) => call('DELETE', `/api/rigs/${rig}/pulls/${pull}`, pulls),
  photos: (rig: string) => call('GET', `/api/rigs/${rig}/photos`, photos),
  addPhoto: (rig: string, of: { name: string; cut?: string }, jpeg: Blob) =>
    send(`/api/rigs/${rig}/photos?${new URLSearchParams(of)}`, jpeg, 'image/jpeg', photos),
  deletePhoto: (photo: string) => call('DELETE', `/api/photos/${photo}`, z.unknown()),
} as const;
