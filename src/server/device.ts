import 'server-only';
import os from 'node:os';
import type { DeviceRight } from '@/db/schema';

/** The device that asks: the machine itself, or one that was let in. */
export interface Device {
  /** Null: the machine itself. */
  readonly id: string | null;
  readonly name: string;
  readonly right: DeviceRight;
}

/** Headers by which the door (scripts/server.mjs) says who asks; it takes them off what comes from outside. */
export const DEVICE_HEADERS = {
  id: 'x-upwind-device',
  name: 'x-upwind-device-name',
  right: 'x-upwind-right',
  address: 'x-upwind-address',
} as const;

/** How this machine is called where others see it; by its own name where programs of several machines share a server. */
const ownName = () => process.env.UPWIND_NAME || (process.env.DATABASE_URL ? os.hostname() : 'The desk');

/** The address that a request came from, as the door has seen it. */
export const addressOf = (headers: Headers): string => headers.get(DEVICE_HEADERS.address) ?? '';

/** Who asks, as the door has found out. */
export function deviceOf(headers: Headers): Device {
  const id = headers.get(DEVICE_HEADERS.id);
  const right = headers.get(DEVICE_HEADERS.right) === 'look' ? 'look' : 'work';
  if (!id) return { id: null, name: ownName(), right: 'work' };
  return { id, name: decodeURIComponent(headers.get(DEVICE_HEADERS.name) ?? '') || 'A device', right };
}
