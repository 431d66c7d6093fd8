import fs from 'node:fs';
import path from 'node:path';
import type { PGlite } from '@electric-sql/pglite';
import { setAside } from './damage';
import { makeFolder, renameForGood, sizeOf, syncTree } from './disk';
import { openEmbedded } from './embedded';
import { StartFault, takeLock } from './lock';
import { LEAST_FREE, megabytes, roomFor, roomToOpen } from './room';

/** An open folder: the database, and how to give both back. */
export interface OpenFolder {
  lite: PGlite;
  release(): void;
}

/**
 * Opens the database of a folder, made first where there is none. One that would not open is put aside under a name of its own,
 * never written over, and a new one is begun. Throws a StartFault where the folder cannot be written, is open elsewhere, or
 * the disk has no room. A new one is a copy of `newborn`, where that is.
 */
export async function openFolder(folder: string, wait: boolean, newborn?: string): Promise<OpenFolder> {
  const data = path.dirname(folder);
  try {
    makeFolder(data);
    fs.accessSync(data, fs.constants.W_OK);
    if (fs.existsSync(folder)) fs.accessSync(folder, fs.constants.W_OK);
  } catch {
    throw new StartFault(`The data folder ${data} cannot be written. Set UPWIND_DATA to one that can.`);
  }
  const release = lockWithRoom(folder);
  try {
    if (!roomToOpen(data)) throw full(data);
    return { lite: await openWhole(folder, wait, newborn), release };
  } catch (e) {
    release();
    throw e;
  }
}

const full = (data: string) =>
  new StartFault(
    `The disk of ${data} is full: the database is not opened. Free ${megabytes(LEAST_FREE)} and start again; nothing was changed.`,
  );

/** The lock itself takes a few bytes: where there is not even room for it, the reserve is given up. */
function lockWithRoom(folder: string): () => void {
  try {
    return takeLock(folder);
  } catch (e) {
    if ((e as NodeJS.ErrnoException).code !== 'ENOSPC') throw e;
  }
  if (!roomToOpen(path.dirname(folder))) throw full(path.dirname(folder));
  return takeLock(folder);
}

async function openWhole(folder: string, wait: boolean, newborn?: string): Promise<PGlite> {
  if (fs.existsSync(folder) && fs.readdirSync(folder).length === 0) fs.rmdirSync(folder);
  if (fs.existsSync(folder)) {
    // Our lock says that nobody has it open: what a cut or a kill left of the database's own is stale.
    fs.rmSync(path.join(folder, 'postmaster.pid'), { force: true });
    const seen = await brokenBy(folder, wait);
    if (typeof seen !== 'string') return seen;
    const damage = setAside(folder, seen);
    console.error(
      `The database in ${folder} would not open: ${seen}. It is kept as ${damage.kept}; a new one is begun. The program's page offers the newest of backups/.`,
    );
  }
  if (newborn !== undefined && isDatabase(newborn)) {
    const seen = await copied(folder, wait, newborn);
    if (typeof seen !== 'string') return seen;
    // Torn where it lies, as by a cut while it was built: one is made.
    console.error(`The empty database in ${newborn} does not open: ${seen}. One is made anew.`);
    fs.rmSync(folder, { recursive: true });
  }
  await createFolder(folder, (fresh) => openEmbedded(fresh, wait).then((lite) => lite.close()));
  return openEmbedded(folder, wait);
}

const isDatabase = (folder: string) => fs.existsSync(path.join(folder, 'PG_VERSION'));

/** The open database, or in words what keeps it shut. */
async function brokenBy(folder: string, wait: boolean): Promise<PGlite | string> {
  // Without this file the package would make a new database over what is there.
  if (!isDatabase(folder)) return 'its file PG_VERSION is missing';
  let lite: PGlite | undefined;
  try {
    lite = await openEmbedded(folder, wait);
    await lite.query('select count(*) from pg_class');
    return lite;
  } catch {
    await lite?.close().catch(() => undefined);
    return 'its files are damaged';
  }
}

/** Begins with a copy of an empty database: it, open, or in words what keeps it shut. */
async function copied(folder: string, wait: boolean, newborn: string): Promise<PGlite | string> {
  await createFolder(folder, (fresh) => fs.cpSync(newborn, fresh, { recursive: true }));
  return brokenBy(folder, wait);
}

/** Makes the first, empty database beside its place and moves it there whole: a kill or a cut leaves nothing half made. */
async function createFolder(folder: string, make: (fresh: string) => void | Promise<void>): Promise<void> {
  const fresh = `${folder}.init`;
  fs.rmSync(fresh, { recursive: true, force: true });
  await make(fresh);
  syncTree(fresh);
  renameForGood(fresh, folder);
}

/** Copies a closed database beside itself before a migration writes in it. */
export function copyBefore(folder: string, copy: string): void {
  const size = sizeOf(folder);
  if (!roomFor(path.dirname(folder), size))
    throw new StartFault(
      `The database in ${folder} has to be brought up to date, and the disk has no room for the copy that is kept of it. Free ${megabytes(size + LEAST_FREE)} and start again; nothing was changed.`,
    );
  const aside = `${copy}.part`;
  fs.rmSync(aside, { recursive: true, force: true });
  fs.cpSync(folder, aside, { recursive: true });
  syncTree(aside);
  fs.rmSync(copy, { recursive: true, force: true });
  renameForGood(aside, copy);
}
