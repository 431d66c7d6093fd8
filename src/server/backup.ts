import 'server-only';
import fs from 'node:fs';
import path from 'node:path';
import { Readable } from 'node:stream';
import type { Backup } from '@/core/documents/backup';
import { KEPT_LISTS, putBack, takeBackup } from '@/db/backup';
import { dealtWith, noted } from '@/db/damage';
import { makeFolder, syncPlace, writeWhole } from '@/db/disk';
import type { Db } from '@/db/open';
import { chunksOf } from './body';
import { dataFolder, database, roomForWrites } from './db';
import { heavy } from './heavy';
import { refusal, SIZES } from './http';
import { pictures } from './photos';

/** How many days' own backups are kept, and how many of what was replaced. */
const DAYS = 7;
const REPLACED = 5;
const DAILY = /^\d{4}-\d{2}-\d{2}\.backup\.json$/;
const BEFORE = /^before-restore-.*\.backup\.json$/;
const DEADLINE_MS = 10 * 60_000;

const folder = () => path.join(dataFolder(), 'backups');

/** Everything in one file, pictures too, written piece by piece: a big one takes no more memory than a small one. */
export async function backupFile(): Promise<Response> {
  const b = await takeBackup(await database(), new Date().toISOString());
  const body = Readable.toWeb(Readable.from(encoded(piecesOf(b))));
  return new Response(body as ReadableStream, {
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-disposition': `attachment; filename="upwind-rod-${b.madeAt.slice(0, 10)}.backup.json"`,
    },
  });
}

const TOGETHER = 64 * 1024;

/** Text as bytes, in pieces worth sending; other requests come in between. */
async function* encoded(texts: AsyncIterable<string>): AsyncGenerator<Uint8Array> {
  let text = '';
  for await (const piece of texts) {
    text += piece;
    if (text.length < TOGETHER) continue;
    yield Buffer.from(text);
    text = '';
    await new Promise((resolve) => setImmediate(resolve));
  }
  yield Buffer.from(text);
}

/** A backup as JSON, entry by entry; each picture's bytes are read as they are written. */
async function* piecesOf(b: Backup): AsyncGenerator<string> {
  const store = await pictures();
  const { photos, ...rest } = b;
  yield '{';
  for (const [key, value] of Object.entries(rest)) {
    if (!Array.isArray(value)) {
      yield `${JSON.stringify(key)}:${JSON.stringify(value)},`;
      continue;
    }
    yield `${JSON.stringify(key)}:[`;
    for (const [i, x] of value.entries()) yield `${i ? ',' : ''}${JSON.stringify(x)}`;
    yield '],';
  }
  yield '"photos":[';
  for (const [i, p] of photos.entries()) {
    const data = (await store.read(p.id))?.toString('base64') ?? null;
    yield `${i ? ',' : ''}${JSON.stringify({ ...p, data })}`;
  }
  yield ']}';
}

export interface Restored {
  readonly rigs: number;
  readonly cuts: number;
}

/**
 * Puts a backup in place of everything, whole or not at all. It is read and checked in a thread, its pictures laid aside; what was
 * here is kept first. Until the last step, one transaction, nothing is changed.
 */
export async function restore(request: Request): Promise<Restored> {
  return aside(Number(request.headers.get('content-length') ?? 0), async (folder) => {
    const file = path.join(folder, 'backup.json');
    await receive(request, file);
    return restoreFrom(file, folder, request.signal);
  });
}

/** Puts back one of the backups of the data folder, by its name. */
export async function restoreKept(name: string): Promise<Restored> {
  const kept = backupsKept().find((b) => b.name === name);
  if (!kept) throw refusal(404, 'not-found', 'There is no such backup.');
  const done = await aside(kept.bytes, (at) => restoreFrom(path.join(folder(), name), at));
  dealtWith(dataFolder());
  return done;
}

/** Works in a folder of its own, which goes with it; with room for the file, its pictures beside it, the log and the tables. */
async function aside<T>(bytes: number, work: (folder: string) => Promise<T>): Promise<T> {
  roomForWrites(3 * bytes);
  const at = path.join(dataFolder(), `restoring-${crypto.randomUUID()}`);
  makeFolder(at);
  try {
    return await work(at);
  } finally {
    fs.rmSync(at, { recursive: true, force: true });
  }
}

async function receive(request: Request, file: string): Promise<void> {
  const out = fs.openSync(file, 'w');
  try {
    let since = 0;
    for await (const chunk of chunksOf(request, SIZES.backup)) {
      fs.writeSync(out, chunk);
      since += chunk.byteLength;
      if (since < 4 * 1024 * 1024) continue;
      since = 0;
      roomForWrites();
    }
  } finally {
    fs.closeSync(out);
  }
}

async function restoreFrom(file: string, at: string, signal?: AbortSignal): Promise<Restored> {
  const db = await database();
  const laid = path.join(at, 'pictures');
  const b = (await heavy(
    { kind: 'backup', file, pictures: laid },
    { deadlineMs: DEADLINE_MS, ...(signal ? { signal } : {}) },
  )) as Backup;
  roomForWrites(fs.statSync(file).size);
  await keep(db, `before-restore-${new Date().toISOString().replaceAll(/[:Z]/g, '')}.backup.json`);
  // Pictures first: a file that nothing names harms nobody, and a name always has its picture.
  await (await pictures()).take(laid);
  await putBack(db, b);
  thinOut(BEFORE, REPLACED);
  return { rigs: b.rigs.length, cuts: b.cuts.length };
}

/**
 * Writes the day's backup where there is none yet, and throws away all but the last seven days. One before which a list was full
 * that now is empty is kept beyond its week. Never stops the start.
 */
export async function keepDaily(db: Db, today = new Date()): Promise<void> {
  try {
    const name = `${today.toISOString().slice(0, 10)}.backup.json`;
    if (fs.existsSync(path.join(folder(), name))) return;
    // A clock that ran ahead left days that are yet to come: they do not count, and do not push out what is of use.
    const earlier = backupsKept().filter((b) => DAILY.test(b.name) && b.name < name);
    const newest = earlier[0];
    const now = await keep(db, name);
    if (newest) {
      const emptied = emptiedSince(newest.name, now);
      if (emptied.length > 0) {
        const kept = newest.name.replace('.backup.json', '.before-emptied.backup.json');
        fs.renameSync(path.join(folder(), newest.name), path.join(folder(), kept));
        syncPlace(folder());
        console.error(
          `Nothing is left of ${emptied.join(', ')} that the last backup held: it is kept for good as ${kept}.`,
        );
      }
    }
    thinOut(DAILY, DAYS, name);
  } catch (e) {
    console.error(`The day’s backup could not be written: ${(e as Error).message}`);
  }
}

/** Lists that an earlier backup held something of, and that are empty now. */
function emptiedSince(earlier: string, now: Backup): string[] {
  try {
    const was = JSON.parse(fs.readFileSync(path.join(folder(), earlier), 'utf8')) as Partial<
      Record<string, unknown[]>
    >;
    return KEPT_LISTS.filter((list) => (was[list]?.length ?? 0) > 0 && now[list].length === 0);
  } catch {
    return [];
  }
}

/** Throws away the oldest of a kind, by name; those named after `upTo` are of a clock that ran ahead and are left alone. */
function thinOut(kind: RegExp, most: number, upTo = '~'): void {
  const names = backupsKept()
    .map((b) => b.name)
    .filter((n) => kind.test(n) && n <= upTo);
  for (const old of names.slice(most)) fs.rmSync(path.join(folder(), old));
}

/** A backup of the data folder. */
export interface KeptBackup {
  readonly name: string;
  readonly bytes: number;
}

/** The backups of the data folder, the newest name first. */
export function backupsKept(): KeptBackup[] {
  if (!fs.existsSync(folder())) return [];
  return fs
    .readdirSync(folder())
    .filter((f) => f.endsWith('.backup.json'))
    .sort()
    .reverse()
    .map((name) => ({ name, bytes: fs.statSync(path.join(folder(), name)).size }));
}

/** Writes a backup of all but the pictures' bytes, which lie beside it, whole or not at all. */
async function keep(db: Db, name: string): Promise<Backup> {
  const b = await takeBackup(db, new Date().toISOString());
  writeWhole(path.join(folder(), name), JSON.stringify(b));
  return b;
}

/** What the page says of a database that would not open: where it is kept, and the newest backup of before. */
export interface DamageTold {
  readonly kept: string;
  readonly at: string;
  readonly seen: string;
  readonly backup: string | null;
}

export function damageTold(): DamageTold | null {
  const d = noted(dataFolder());
  if (!d) return null;
  const day = d.at.slice(0, 10);
  // Today's may be of the new, empty database: made after the damage, it helps nobody.
  const before = backupsKept().filter(
    (b) =>
      DAILY.test(b.name) &&
      b.name.slice(0, 10) <= day &&
      fs.statSync(path.join(folder(), b.name)).mtimeMs < Date.parse(d.at),
  );
  return { ...d, backup: before[0]?.name ?? null };
}

export function dismissDamage(): { ok: true } {
  dealtWith(dataFolder());
  return { ok: true };
}
