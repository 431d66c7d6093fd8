import { z } from 'zod';
import type { Devices, DeviceRight, Invitation } from '../types';
import { call } from '../api';

const right = z.enum(['work', 'look']);
const devices: z.ZodType<Devices> = z.object({
  own: z.string().nullable(),
  known: z.array(
    z.object({ id: z.string().min(1), name: z.string(), right, usedAt: z.string(), until: z.string() }),
  ),
});
const invitation: z.ZodType<Invitation> = z.object({
  address: z.string(),
  link: z.string(),
  fingerprint: z.string().nullable(),
  qr: z.string().startsWith('data:image/'),
  code: z.string(),
  until: z.string(),
});

/** What the pages ask of the server about devices that are let in. */
export const deviceServer = {
  all: () => call('GET', '/api/devices', devices),
  invite: (right: DeviceRight, rig: string | null) => call('POST', '/api/devices', invitation, { right, rig }),
  change: (id: string, to: { name?: string; right?: DeviceRight }) =>
    call('PATCH', `/api/devices/${id}`, devices, to),
  forget: (id: string) => call('DELETE', `/api/devices/${id}`, z.unknown()),
} as const;
