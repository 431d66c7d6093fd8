import 'server-only';
import QRCode from 'qrcode';
import { z } from 'zod';
import * as devices from '@/db/devices';
import { DEVICE_RIGHTS, type DeviceRight } from '@/db/schema';
import { access, letsOthersIn } from './access';
import { database } from './db';
import type { Device } from './device';
import { refusal } from './http';

export const nameSchema = z.string().trim().min(1).max(60);
const rightSchema = z.enum(DEVICE_RIGHTS);
export const enterSchema = z.strictObject({ code: z.string().min(1).max(64), name: nameSchema });
export const invitationSchema = z.strictObject({ right: rightSchema, rig: z.string().max(64).nullable() });
export const changeSchema = z
  .strictObject({ name: nameSchema.optional(), right: rightSchema.optional() })
  .refine((to) => to.name !== undefined || to.right !== undefined, {
    error: 'must name a name or a right to change',
  });

/** How a device is asked in: an address, its picture, good once; and a code to type. */
export interface Invitation {
  readonly address: string;
  /** Of the program's own certificate, SHA-256; null where it is reached without one. */
  readonly fingerprint: string | null;
  /** What the picture holds: good once. */
  readonly link: string;
  readonly qr: string;
  readonly code: string;
  /** Until when the picture is good, ISO. */
  readonly until: string;
}
/** Who is let in, and which of them asks; `own` null: this machine itself. */
export interface Devices {
  readonly own: string | null;
  readonly known: readonly devices.DeviceRecord[];
}

/** Letting in and forgetting is done at the machine itself. */
function onlyHere(by: Device): void {
  if (by.id !== null) throw refusal(403, 'desk', 'This is done at the machine that serves this.');
}

/** Asks a device in, to a rig or to the bench. */
export async function invite(by: Device, o: { right: DeviceRight; rig: string | null }): Promise<Invitation> {
  onlyHere(by);
  const phone = process.env.UPWIND_PHONE;
  if (!phone || !letsOthersIn()) throw refusal(409, 'alone', 'This program answers only to this machine.');
  const { token, until } = access().newLink(o.right);
  const place = o.rig === null ? '/bench' : `/bench?rig=${encodeURIComponent(o.rig)}`;
  // What stands behind # is not sent to anybody, and stands in no log.
  const link = `${phone}${place}#in=${token}`;
  const qr = await QRCode.toDataURL(link, { margin: 1, width: 296 });
  return {
    address: phone,
    fingerprint: process.env.UPWIND_FINGERPRINT || null,
    link,
    qr,
    code: access().code(o.right),
    until: new Date(until).toISOString(),
  };
}

/** Those that are let in; a device hears of itself alone. */
export async function devicesFor(by: Device): Promise<Devices> {
  const known = await devices.listDevices(await database());
  return { own: by.id, known: by.id === null ? known : known.filter((d) => d.id === by.id) };
}

export async function amendDevice(by: Device, id: string, to: z.output<typeof changeSchema>): Promise<Devices> {
  onlyHere(by);
  const there = await devices.changeDevice(await database(), id, to);
  access().forget();
  if (!there) throw refusal(404, 'not-found', 'There is no such device.');
  return devicesFor(by);
}

/** Forgets a device at once: this machine any, a device itself. */
export async function forgetDevice(by: Device, id: string): Promise<{ ok: true }> {
  if (by.id !== id) onlyHere(by);
  const there = await devices.deleteDevice(await database(), id);
  access().forget();
  if (!there) throw refusal(404, 'not-found', 'There is no such device.');
  return { ok: true };
}
