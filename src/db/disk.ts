import fs from 'node:fs';
import path from 'node:path';

/** Waits until what was written of a file or a folder's list of names is on the disk. */
export function syncPlace(place: string): void {
  const fd = fs.openSync(place, 'r');
  try {
    fs.fsyncSync(fd);
  } finally {
    fs.closeSync(fd);
  }
}

/** Waits for every file and folder below a folder, and for itself. */
export function syncTree(folder: string): void {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const place = path.join(folder, entry.name);
    if (entry.isDirectory()) syncTree(place);
    else if (entry.isFile()) syncPlace(place);
  }
  syncPlace(folder);
}

/** Gives a file or folder, already on the disk, its name for good: a power cut leaves the old state or the new. */
export function renameForGood(from: string, to: string): void {
  fs.renameSync(from, to);
  syncPlace(path.dirname(to));
}

/** Makes a folder that outlasts a power cut. */
export function makeFolder(folder: string): void {
  const first = fs.mkdirSync(folder, { recursive: true });
  if (first === undefined) return;
  for (let at = folder; at.length >= first.length; at = path.dirname(at)) syncPlace(at);
  syncPlace(path.dirname(first));
}

/** Writes a file whole or not at all: aside, synced, then named. */
export function writeWhole(file: string, data: string | Uint8Array): void {
  makeFolder(path.dirname(file));
  const aside = `${file}.part`;
  const fd = fs.openSync(aside, 'w');
  try {
    fs.writeFileSync(fd, data);
    fs.fsyncSync(fd);
  } finally {
    fs.closeSync(fd);
  }
  renameForGood(aside, file);
}

/** Bytes that this program may still write where a folder lies; of the nearest parent where it is not there yet. */
export function freeBytes(folder: string): number {
  let at = folder;
  while (!fs.existsSync(at) && path.dirname(at) !== at) at = path.dirname(at);
  const s = fs.statfsSync(at);
  return s.bavail * s.bsize;
}

/** Bytes of all files below a folder; 0 where there is none. */
export function sizeOf(folder: string): number {
  if (!fs.existsSync(folder)) return 0;
  let sum = 0;
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const place = path.join(folder, entry.name);
    if (entry.isDirectory()) sum += sizeOf(place);
    else if (entry.isFile()) sum += fs.statSync(place, { throwIfNoEntry: false })?.size ?? 0;
  }
  return sum;
}
