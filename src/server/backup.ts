import 'server-only';
import fs from 'node:fs';
import path from 'node:path';
import type { Backup } from '@/core/documents/backup';
import { putBack, takeBackup } from '@/db/backup';
import type { Db } from '@/db/open';
import { dataFolder, database } from './db';
import { forgetTunings } from './rigs';
import { photoBytes, putPhotoBytes } from './photos';

/** How many days' own backups are kept. */
const DAYS = 7;
const NAME = /^\d{4}-\d{2}-\d{2}\.backup\.json$/;

const folder = () => path.join(dataFolder(), 'backups');

/** Everything in one file, pictures too. */
export async function backup(): Promise<Backup> {
  const bytes = (id: string) => photoBytes(id)?.toString('base64') ?? null;
  return takeBackup(await database(), new Date().toISOString(), bytes);
}

/** Puts a checked file in place of everything; what was there is kept beside the daily ones first. */
export async function restore(b: Backup): Promise<{ rigs: number; cuts: number }> {
  const db = await database();
  await keep(db, 'before-restore.backup.json');
  await putBack(db, b);
  forgetTunings();
  for (const p of b.photos) if (p.data !== null) putPhotoBytes(p.id, Buffer.from(p.data, 'base64'));
  return { rigs: b.rigs.length, cuts: b.cuts.length };
}

/** Writes the day's backup where there is none yet, and throws away all but the last seven days. Never stops the start. */
export async function keepDaily(db: Db): Promise<void> {
  try {
    const name = `${new Date().toISOString().slice(0, 10)}.backup.json`;
    if (fs.existsSync(path.join(folder(), name))) return;
    await keep(db, name);
    const old = fs
      .readdirSync(folder())
      .filter((f) => NAME.test(f))
      .sort()
      .slice(0, -DAYS);
    for (const f of old) fs.rmSync(path.join(folder(), f));
  } catch (e) {
    console.error(`The day’s backup could not be written: ${(e as Error).message}`);
  }
}

/** Written beside its place and moved there, so that a pulled plug leaves no half file. */
async function keep(db: Db, name: string): Promise<void> {
  fs.mkdirSync(folder(), { recursive: true });
  const file = path.join(folder(), name);
  fs.writeFileSync(`${file}.part`, JSON.stringify(await takeBackup(db, new Date().toISOString())));
  fs.renameSync(`${file}.part`, file);
}
