import fs from 'node:fs';
import path from 'node:path';
import { freeBytes, writeWhole } from './disk';

const MB = 1024 * 1024;
/** Below this nothing is written: the database's log grows by 16 MB at a time, and waits for ever where it cannot. */
export const LEAST_FREE = 64 * MB;
/** What opening and closing may need: two files of the log and a checkpoint. */
const TO_OPEN = 40 * MB;
const RESERVE = 32 * MB;

const fileOf = (data: string) => path.join(data, 'reserve.bin');
export const megabytes = (bytes: number): string => `${Math.floor(bytes / MB)} MB`;

/** Keeps room in reserve for the day the disk is full; only where there is plenty. */
export function keepReserve(data: string): void {
  if (!fs.existsSync(fileOf(data)) && freeBytes(data) > 4 * LEAST_FREE)
    writeWhole(fileOf(data), Buffer.alloc(RESERVE));
}

/** True where opening or closing the database has the room it may need, the reserve given up where it must be. */
export function roomToOpen(data: string): boolean {
  if (freeBytes(data) < TO_OPEN) fs.rmSync(fileOf(data), { force: true });
  return freeBytes(data) >= TO_OPEN;
}

/** True where `bytes` more may be written and the database still has its room. */
export function roomFor(data: string, bytes = 0): boolean {
  return freeBytes(data) >= LEAST_FREE + bytes;
}
