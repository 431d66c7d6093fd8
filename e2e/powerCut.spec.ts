import { execFileSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { openDb } from '@/db/open';
import { letGoOfAll, newDisk, noDisk, type Disk } from './disk';
import { sampleBackup, sampleRig, SMALL_JPEG } from './sampleRig';
import { dataFolder, launchServer, newFolder, startServer, type Server } from './server';

const CUTS = Number(process.env.CUTS ?? 4);
const MB = 400;
const missing = noDisk();
const wait = (ms: number) => new Promise((r) => setTimeout(r, ms));

/** A small JPEG, each another: its number stands behind the picture's end. */
function picture(n: number): Buffer {
  return Buffer.concat([SMALL_JPEG, Buffer.from(`picture ${n} `.repeat(2000))]);
}

async function send<T>(
  url: string,
  method: string,
  body?: unknown,
): Promise<{ status: number; answer: T } | null> {
  try {
    const plain = body instanceof Buffer;
    const r = await fetch(url, {
      method,
      ...(body === undefined
        ? {}
        : {
            headers: { 'content-type': plain ? 'image/jpeg' : 'application/json' },
            body: plain ? new Uint8Array(body) : JSON.stringify(body),
          }),
    });
    return { status: r.status, answer: (await r.json()) as T };
  } catch {
    return null;
  }
}
type Open = { record: { id: string; revision: number; doc: { name: string } } };
type Photo = { id: string };

/** Saves rigs and pictures until told to stop; what was acknowledged. */
function work(server: Server, pictures: boolean) {
  const saved = new Map<string, number>();
  const photos = new Map<string, Buffer>();
  let over = false;
  const done = (async () => {
    const made = await send<Open>(`${server.url}/api/rigs`, 'POST', { doc: sampleRig('0') });
    if (made?.status !== 200) return;
    const { id } = made.answer.record;
    saved.set(id, 1);
    for (let n = 1; !over; n++) {
      const r = await send<Open>(`${server.url}/api/rigs/${id}`, 'PUT', { base: n, doc: sampleRig(String(n)) });
      if (r?.status !== 200) return;
      saved.set(id, r.answer.record.revision);
      if (!pictures) continue;
      const bytes = picture(n);
      const before = new Set(photos.keys());
      const p = await send<Photo[]>(`${server.url}/api/rigs/${id}/photos?name=${n}`, 'POST', bytes);
      if (p?.status !== 200) return;
      for (const x of p.answer) if (!before.has(x.id)) photos.set(x.id, bytes);
    }
  })();
  return { saved, photos, stop: () => ((over = true), done) };
}

/** Cuts the power of a running server: it stops in its tracks, its disk is found as it stands. */
function cutPower(server: Server, disk: Disk): Disk {
  server.child.kill('SIGSTOP');
  const after = disk.cut();
  server.child.kill('SIGKILL');
  return after;
}

async function found(after: Disk, w: ReturnType<typeof work>): Promise<void> {
  const again = await startServer({ data: path.join(after.folder, 'data') });
  expect(fs.existsSync(path.join(after.folder, 'data', 'damage.json')), again.output()).toBe(false);
  for (const [id, revision] of w.saved) {
    const r = await send<Open>(`${again.url}/api/rigs/${id}`, 'GET');
    expect(r?.status).toBe(200);
    expect(r!.answer.record.revision).toBeGreaterThanOrEqual(revision);
    expect(r!.answer.record.doc.name).toBe(String(r!.answer.record.revision - 1));
  }
  for (const [id, bytes] of w.photos) {
    const r = await fetch(`${again.url}/api/photos/${id}`);
    expect(r.status).toBe(200);
    expect(Buffer.from(await r.arrayBuffer()).equals(bytes)).toBe(true);
  }
  await again.stop();
}

async function ended(server: Server, disk: Disk, after: Disk): Promise<void> {
  await server.kill();
  disk.eject();
  after.eject();
}

const KINDS = ['in use', 'newborn', 'pictures', 'restore', 'migration'] as const;
type Kind = (typeof KINDS)[number];
/** Of forty: fifteen in use, ten newborn, ten while pictures are saved, five in a restore, five in a migration. */
const OF_FORTY: readonly Kind[] = [
  'in use',
  'newborn',
  'pictures',
  'in use',
  'newborn',
  'pictures',
  'restore',
  'migration',
];
const kindOf = (n: number): Kind => (CUTS <= KINDS.length ? KINDS[n]! : OF_FORTY[n % OF_FORTY.length]!);
/** Milliseconds until the cut: another for each, over the whole of what is cut into. */
const within = (n: number, from: number, to: number) => from + ((n * 389) % (to - from));

test.describe('power cut', () => {
  // A disk of its own takes root and loop devices: where they are not at hand this is named as left out, never passed.
  test.skip(missing !== null, `left out: ${missing}`);
  test.afterEach(letGoOfAll);
  for (let n = 0; n < CUTS; n++) {
    const kind = kindOf(n);
    test(`cut ${n + 1}, ${kind}: the folder opens, and every acknowledged save and picture is there`, async () => {
      test.setTimeout(120_000);
      const disk = newDisk(MB);
      const data = path.join(disk.folder, 'data');
      if (kind === 'migration') return migration(disk, data, within(n, 200, 2500));
      if (kind !== 'newborn') dataFolder({ at: data });
      // What was there before the program starts lies on the disk, not on its way there.
      execFileSync('sync', ['-f', disk.folder]);
      const server = await startServer({ data });
      if (kind === 'restore') return restore(disk, server, within(n, 20, 900));
      const w = work(server, kind === 'pictures');
      const most = () => Math.max(0, ...w.saved.values());
      if (kind !== 'newborn') for (let i = 0; i < 1000 && most() < 4; i++) await wait(20);
      await wait(kind === 'newborn' ? within(n, 5, 600) : within(n, 20, 1500));
      const after = cutPower(server, disk);
      await found(after, w);
      if (kind !== 'newborn') expect(most()).toBeGreaterThan(3);
      await ended(server, disk, after);
      await w.stop();
    });
  }
});

/** Whole or not at all: the rigs are all of the old backup or all of the new. */
async function restore(disk: Disk, server: Server, ms: number): Promise<void> {
  expect((await send(`${server.url}/api/backup`, 'POST', sampleBackup('old', 40)))?.status).toBe(200);
  const cut = send<{ rigs: number }>(`${server.url}/api/backup`, 'POST', sampleBackup('new', 600));
  let acknowledged = false;
  void cut.then((r) => (acknowledged = r?.status === 200));
  await wait(ms);
  const was = acknowledged;
  const after = cutPower(server, disk);
  const again = await startServer({ data: path.join(after.folder, 'data') });
  const rigs = (await send<{ doc: { name: string } }[]>(`${again.url}/api/rigs`, 'GET'))!.answer;
  const names = rigs.map((r) => r.doc.name);
  const whole = names.every((x) => x === names[0]) && names.length === (names[0] === 'new' ? 600 : 40);
  expect(whole, `${names.length} of ${names[0]}`).toBe(true);
  if (was) expect(names[0]).toBe('new');
  await again.stop();
  await ended(server, disk, after);
  await cut;
}

/** A database of an earlier program is brought up to date at the start; the power goes in the middle of it. */
async function migration(disk: Disk, data: string, ms: number): Promise<void> {
  const earlier = path.join(newFolder(), 'migrations');
  fs.cpSync('src/db/migrations', earlier, { recursive: true });
  const journal = path.join(earlier, 'meta', '_journal.json');
  const all = JSON.parse(fs.readFileSync(journal, 'utf8')) as { entries: unknown[] };
  fs.writeFileSync(journal, JSON.stringify({ ...all, entries: all.entries.slice(0, -1) }));
  const old = await openDb({ folder: path.join(data, 'db'), migrations: earlier });
  await old.db.execute(
    `insert into rigs (id, name, doc, frame_kind, foam_kind, width_mm) values ('kept', 'kept', '${JSON.stringify(sampleRig('kept'))}', 'bow', 'xps', 640)`,
  );
  await old.close();
  const server = await launchServer({ data });
  await wait(ms);
  const after = cutPower(server, disk);
  const again = await startServer({ data: path.join(after.folder, 'data') });
  expect((await send<Open>(`${again.url}/api/rigs/kept`, 'GET'))!.answer.record.doc.name).toBe('kept');
  expect(fs.existsSync(path.join(after.folder, 'data', 'damage.json'))).toBe(false);
  await again.stop();
  await ended(server, disk, after);
}
