import 'server-only';
import fs from 'node:fs';
import path from 'node:path';
import { sizeOf } from '@/db/disk';
import type { Db } from '@/db/open';
import { photoIds } from '@/db/photos';
import { PictureFiles } from '@/db/pictureFiles';
import { PictureRows } from '@/db/pictureRows';
import { keepReserve } from '@/db/room';
import { keepDaily } from './backup';
import { dataFolder } from './db';

/** The same on a server: the day's backup in this program's own folder, and the pictures that nothing names any more. */
export async function tidyServer(db: Db): Promise<void> {
  try {
    await new PictureRows(db).sweep();
  } catch (e) {
    console.error(`The pictures could not be tidied: ${(e as Error).message}`);
  }
  await keepDaily(db);
}

/** Bytes of the database and of the pictures. */
export function sizesKept(): { database: number; pictures: number } {
  const size = (name: string) => sizeOf(path.join(dataFolder(), name));
  return { database: size('db'), pictures: size('photos') };
}

/** What restores that were broken off left behind; before the first request, which may be a restore itself. */
export function clearRestores(): void {
  for (const name of fs.readdirSync(dataFolder()))
    if (name.startsWith('restoring-'))
      fs.rmSync(path.join(dataFolder(), name), { recursive: true, force: true });
}

/** What is done in the data folder at each start, after the first answer: the day's backup, and what was left lying about. */
export async function tidyUp(db: Db): Promise<void> {
  try {
    const data = dataFolder();
    keepReserve(data);
    new PictureFiles(data).sweep(await photoIds(db));
  } catch (e) {
    console.error(`The data folder could not be tidied: ${(e as Error).message}`);
  }
  await keepDaily(db);
}
