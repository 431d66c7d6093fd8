import { execFileSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { newFolder } from './server';

const run = (command: string, ...args: string[]) => execFileSync(command, args, { stdio: 'pipe' });

/** A disk of its own: an ext4 in a file, mounted by a loop device. */
export interface Disk {
  readonly folder: string;
  readonly image: string;
  /** The disk as it would be found after a power cut at this moment: what has not reached it is lost. */
  cut(): Disk;
  eject(): void;
}

/** Folders in which a disk lies now. A test that fails leaves its own: their folders cannot be taken away before. */
const inUse = new Set<string>();
/** Lets go of every disk that a failed test left, whoever still looks at it. */
export function letGoOfAll(): void {
  for (const folder of inUse) run('umount', '-l', folder);
  inUse.clear();
}

function mounted(image: string): Disk {
  const folder = newFolder();
  run('mount', '-o', 'loop', image, folder);
  inUse.add(folder);
  return {
    folder,
    image,
    cut: () => {
      const copy = path.join(newFolder(), 'cut.img');
      run('cp', '--sparse=always', image, copy);
      return mounted(copy);
    },
    eject: () => {
      run('umount', folder);
      inUse.delete(folder);
      fs.rmSync(image);
    },
  };
}

/** A fresh disk of so many megabytes. */
export function newDisk(megabytes: number): Disk {
  const image = path.join(newFolder(), 'disk.img');
  fs.writeFileSync(image, '');
  fs.truncateSync(image, megabytes * 1024 * 1024);
  run('mkfs.ext4', '-q', '-m', '0', image);
  return mounted(image);
}

/** Why no disk of its own can be made here; null where one can: it takes root and loop devices. */
export function noDisk(): string | null {
  if (process.getuid?.() !== 0) return 'a disk of its own takes root';
  try {
    newDisk(16).eject();
    return null;
  } catch (e) {
    return `no loop device: ${(e as Error).message.split('\n')[0]}`;
  }
}
