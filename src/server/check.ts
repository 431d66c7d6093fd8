import 'server-only';
import fs from 'node:fs';
import path from 'node:path';
import type { z } from 'zod';
import { entrySchemas } from '@/core/documents/backup';
import { faultsOf } from '@/core/documents/faults';
import { KEPT_LISTS, takeBackup } from '@/db/backup';
import { jpegSize } from '@/formats/picture/jpegSize';
import { backupsKept } from './backup';
import { dataFolder, database } from './db';
import { Refusal } from './http';
import { pictures } from './photos';

/** Something that is not as it should be: in which list, of which entry, and what. */
export interface CheckFault {
  readonly list: string;
  readonly id: string;
  readonly message: string;
}

/** What a look through everything found. */
export interface Checked {
  readonly entries: number;
  readonly pictures: number;
  readonly backups: number;
  /** The first of them; `more` how many there are besides. */
  readonly faults: readonly CheckFault[];
  readonly more: number;
}

const MOST_FAULTS = 50;
/** Entries read between two breaths, in which other requests come. */
const TOGETHER = 50;

/** Reads everything that is kept by its schemas, every picture and every backup of the folder. Changes nothing; ends with its caller. */
export async function check(signal: AbortSignal): Promise<Checked> {
  const faults: CheckFault[] = [];
  let entries = 0;
  const breathe = async () => {
    await new Promise((resolve) => setImmediate(resolve));
    if (signal.aborted)
      throw new Refusal(499, [{ path: '(request)', rule: 'cancelled', message: 'was cancelled' }]);
  };
  const all = await takeBackup(await database(), new Date().toISOString());
  for (const list of KEPT_LISTS) {
    const schema: z.ZodType = entrySchemas[list];
    for (const entry of all[list]) {
      if (entries++ % TOGETHER === 0) await breathe();
      const read = schema.safeParse(entry);
      if (!read.success)
        faults.push(
          ...faultsOf(read.error).map((f) => ({ list, id: entry.id, message: `${f.path} ${f.message}` })),
        );
    }
  }
  const store = await pictures();
  for (const p of all.photos) {
    await breathe();
    const bytes = await store.read(p.id);
    if (!bytes) faults.push({ list: 'photos', id: p.id, message: 'has no file' });
    else if (!jpegSize(bytes))
      faults.push({ list: 'photos', id: p.id, message: 'is no picture any more: its file is damaged' });
  }
  const kept = backupsKept();
  for (const { name } of kept) {
    await breathe();
    if (!isBackup(path.join(dataFolder(), 'backups', name)))
      faults.push({ list: 'backups', id: name, message: 'cannot be read' });
  }
  const more = Math.max(0, faults.length - MOST_FAULTS);
  return {
    entries,
    pictures: all.photos.length,
    backups: kept.length,
    faults: faults.slice(0, MOST_FAULTS),
    more,
  };
}

function isBackup(file: string): boolean {
  try {
    return (JSON.parse(fs.readFileSync(file, 'utf8')) as { format?: unknown }).format === 'upwind-rod/backup';
  } catch {
    return false;
  }
}
