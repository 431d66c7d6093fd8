import { execFileSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { letGoOfAll, newDisk, noDisk } from './disk';
import { sampleRig, SMALL_JPEG } from './sampleRig';
import { dataFolder, newFolder, startServer, type Server } from './server';

const missing = noDisk();

type Rigs = { id: string; doc: { name: string } }[];
type Open = { record: { id: string; revision: number } };

async function send<T>(server: Server, method: string, place: string, body?: unknown) {
  const r = await fetch(server.url + place, {
    method,
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    signal: AbortSignal.timeout(60_000),
  });
  return { status: r.status, answer: (await r.json()) as T };
}
const make = (server: Server, name: string) =>
  send<Open>(server, 'POST', '/api/rigs', { doc: sampleRig(name) });
const names = async (server: Server) =>
  (await send<Rigs>(server, 'GET', '/api/rigs')).answer.map((r) => r.doc.name).sort();
const backups = (server: Server) => path.join(server.data, 'backups');
const today = () => `${new Date().toISOString().slice(0, 10)}.backup.json`;
async function until(true_: () => boolean) {
  for (let i = 0; i < 200 && !true_(); i++) await new Promise((r) => setTimeout(r, 50));
  expect(true_()).toBe(true);
}

for (const [what, damage] of [
  ['without PG_VERSION', (db: string) => fs.rmSync(path.join(db, 'PG_VERSION'))],
  ['with torn files', (db: string) => fs.writeFileSync(path.join(db, 'global', 'pg_control'), 'torn')],
] as const)
  test(`a database ${what} is kept aside, the newest backup is offered and comes back`, async ({ page }) => {
    test.setTimeout(120_000);
    const first = await startServer();
    await make(first, 'Before');
    await first.stop();
    // The next start keeps the day's backup.
    fs.rmSync(path.join(backups(first), today()), { force: true });
    const second = await startServer({ data: first.data });
    await until(() => fs.existsSync(path.join(backups(first), today())));
    await second.stop();
    damage(path.join(first.data, 'db'));
    const server = await startServer({ data: first.data });
    expect(server.output()).toContain('would not open');
    expect(server.output()).not.toMatch(/Aborted|\[object/);
    const kept = fs.readdirSync(first.data).filter((f) => f.startsWith('db.damaged-'));
    expect(kept).toHaveLength(1);
    await page.goto(server.url);
    await expect(page.getByRole('alert', { name: 'Damaged database' })).toContainText(kept[0]!);
    await page.getByRole('button', { name: /Put back the backup of/ }).click();
    await expect(page.getByRole('link', { name: 'Before' })).toBeVisible();
    await expect(page.getByRole('alert', { name: 'Damaged database' })).toBeHidden();
    await server.stop();
  });

test('an emptied workshop does not push good backups out, nor does a clock that ran ahead', async ({
  page,
}) => {
  const first = await startServer();
  const { answer } = await make(first, 'Only one');
  await first.stop();
  const day = (n: number) => new Date(Date.now() + n * 86_400_000).toISOString().slice(0, 10);
  const again = await startServer({ data: first.data });
  fs.rmSync(path.join(backups(first), today()), { force: true });
  await again.stop();
  const third = await startServer({ data: first.data });
  await until(() => fs.existsSync(path.join(backups(first), today())));
  const good = fs.readFileSync(path.join(backups(first), today()));
  for (const n of [-8, -7, -6, -5, -4, -3, -2, -1, 400, 401])
    fs.writeFileSync(path.join(backups(first), `${day(n)}.backup.json`), good);
  await send(third, 'DELETE', `/api/rigs/${answer.record.id}`);
  await third.stop();
  fs.rmSync(path.join(backups(first), today()));
  const fourth = await startServer({ data: first.data });
  await until(() => fs.existsSync(path.join(backups(first), today())));
  await until(() => !fs.existsSync(path.join(backups(first), `${day(-8)}.backup.json`)));
  expect(fs.readdirSync(backups(first)).sort()).toEqual(
    [
      ...[-7, -6, -5, -4, -3, -2, 400, 401].map((n) => `${day(n)}.backup.json`),
      `${day(-1)}.before-emptied.backup.json`,
      today(),
    ].sort(),
  );
  await until(() => fourth.output().includes('Nothing is left of rigs'));
  await page.goto(`${fourth.url}/about`);
  await expect(page.getByRole('note')).toContainText(`On the day after ${day(-1)} a list was found empty`);
  await fourth.stop();
});

test.describe('of one workshop', () => {
  let server: Server;
  test.beforeAll(async () => {
    server = await startServer();
  });
  test.afterAll(() => server.stop());

  test('a page open across a restore is asked, and two restores keep both that were replaced', async () => {
    const { answer } = await make(server, 'A');
    const file = await (await fetch(`${server.url}/api/backup`)).text();
    const kept = await names(server);
    const { id } = answer.record;
    for (let base = 1; base < 4; base++)
      await send(server, 'PUT', `/api/rigs/${id}`, { base, doc: sampleRig(`A${base}`) });
    expect((await send(server, 'POST', '/api/backup', JSON.parse(file))).status).toBe(200);
    // Whatever revision the open page thinks of: those that were, those that a backup might count from.
    for (const base of [1, 2, 3, 4, 5])
      expect((await send(server, 'PUT', `/api/rigs/${id}`, { base, doc: sampleRig('stale') })).status).toBe(
        409,
      );
    expect(await names(server)).toEqual(kept);
    expect((await send(server, 'POST', '/api/backup', JSON.parse(file))).status).toBe(200);
    expect(fs.readdirSync(backups(server)).filter((f) => f.startsWith('before-restore-'))).toHaveLength(2);
  });

  test('a save whose answer was lost is not asked about; another on the same base is', async () => {
    const { id } = (await make(server, 'A')).answer.record;
    const save = (name: string) =>
      send<Open>(server, 'PUT', `/api/rigs/${id}`, { base: 1, doc: sampleRig(name) });
    expect((await save('B')).answer.record.revision).toBe(2);
    const again = await save('B');
    expect([again.status, again.answer.record.revision]).toEqual([200, 2]);
    expect((await save('C')).status).toBe(409);
  });

  test('deleting a cut under another rig’s id answers 404 and deletes nothing', async () => {
    const { id } = (await make(server, 'A')).answer.record;
    const cut = { at: '2026-05-02T18:10:00Z', widthMm: 600, feedMmS: 3, grade: 'good' };
    const logged = await send<{ open: { cuts: { id: string }[] } }>(
      server,
      'POST',
      `/api/rigs/${id}/cuts`,
      cut,
    );
    const cutId = logged.answer.open.cuts[0]!.id;
    expect((await send(server, 'DELETE', `/api/rigs/nosuch/cuts/${cutId}`)).status).toBe(404);
    const open = await send<{ cuts: unknown[] }>(server, 'GET', `/api/rigs/${id}`);
    expect(open.answer.cuts).toHaveLength(1);
  });
});

test('a look through everything finds a torn picture, a missing one and a backup that cannot be read', async () => {
  const server = await startServer();
  const check = async () =>
    (
      await send<{
        entries: number;
        pictures: number;
        faults: { list: string; id: string; message: string }[];
      }>(server, 'POST', '/api/check')
    ).answer;
  const { id } = (await make(server, 'Pictured')).answer.record;
  for (const n of [1, 2]) {
    const r = await fetch(`${server.url}/api/rigs/${id}/photos?name=${n}`, {
      method: 'POST',
      body: new Uint8Array(SMALL_JPEG),
    });
    expect(r.status).toBe(200);
  }
  const whole = await check();
  expect([whole.entries, whole.pictures, whole.faults]).toEqual([3, 2, []]);
  const files = fs.readdirSync(path.join(server.data, 'photos')).sort();
  fs.writeFileSync(path.join(server.data, 'photos', files[0]!), 'torn');
  fs.rmSync(path.join(server.data, 'photos', files[1]!));
  fs.mkdirSync(backups(server), { recursive: true });
  fs.writeFileSync(path.join(backups(server), '2026-01-01.backup.json'), '{"format":');
  const found = (await check()).faults;
  expect(found.map((f) => [f.list, f.id.slice(0, 36), f.message]).sort()).toEqual(
    [
      ['backups', '2026-01-01.backup.json', 'cannot be read'],
      ['photos', files[0]!.slice(0, 36), 'is no picture any more: its file is damaged'],
      ['photos', files[1]!.slice(0, 36), 'has no file'],
    ].sort(),
  );
  await server.stop();
});

test('a backup of 200 MB with pictures goes out and comes back; other requests are answered meanwhile', async () => {
  test.setTimeout(300_000);
  const server = await startServer();
  const { id } = (await make(server, 'Pictured')).answer.record;
  const sent: Buffer[] = [];
  for (let n = 0; n < 54; n++) {
    const bytes = Buffer.concat([SMALL_JPEG, Buffer.alloc(2_800_000, n + 1)]);
    sent.push(bytes);
    const r = await fetch(`${server.url}/api/rigs/${id}/photos?name=${n}`, {
      method: 'POST',
      body: new Uint8Array(bytes),
    });
    expect(r.status).toBe(200);
  }
  const file = path.join(newFolder(), 'big.json');
  fs.writeFileSync(file, Buffer.from(await (await fetch(`${server.url}/api/backup`)).arrayBuffer()));
  expect(fs.statSync(file).size).toBeGreaterThan(200e6);
  const other = await startServer();
  let slowest = 0;
  let over = false;
  const others = (async () => {
    while (!over) {
      const t = performance.now();
      await fetch(`${other.url}/api/health`);
      slowest = Math.max(slowest, performance.now() - t);
      await new Promise((r) => setTimeout(r, 20));
    }
  })();
  const r = await fetch(`${other.url}/api/backup`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: new Blob([fs.readFileSync(file)]),
  });
  over = true;
  await others;
  expect([r.status, await r.json()]).toEqual([200, { rigs: 1, cuts: 0 }]);
  const list = (await send<{ id: string; name: string }[]>(other, 'GET', `/api/rigs/${id}/photos`)).answer;
  expect(list).toHaveLength(54);
  for (const p of list.slice(0, 5)) {
    const bytes = Buffer.from(await (await fetch(`${other.url}/api/photos/${p.id}`)).arrayBuffer());
    expect(bytes.equals(sent[Number(p.name)]!)).toBe(true);
  }
  console.log(
    `a backup of ${Math.round(fs.statSync(file).size / 1e6)} MB came back; slowest other request ${Math.round(slowest)} ms`,
  );
  expect(fs.readdirSync(other.data).filter((f) => f.startsWith('restoring-'))).toEqual([]);
  await server.stop();
  await other.stop();
});

test.describe('a disk that is full or locked', () => {
  // A disk of its own takes root and loop devices: where they are not at hand this is named as left out, never passed.
  test.skip(missing !== null, `left out: ${missing}`);
  test.afterEach(letGoOfAll);

  test('a disk that may only be read is said in one line, and everything is there when it may be written again', async () => {
    test.setTimeout(120_000);
    const disk = newDisk(300);
    const data = dataFolder({ at: path.join(disk.folder, 'data') });
    const first = await startServer({ data });
    await make(first, 'Kept');
    await first.stop();
    execFileSync('mount', ['-o', 'remount,ro', disk.folder]);
    await expect(startServer({ data })).rejects.toThrow(
      /The data folder .* cannot be written\. Set UPWIND_DATA/,
    );
    execFileSync('mount', ['-o', 'remount,rw', disk.folder]);
    const again = await startServer({ data });
    expect(await names(again)).toEqual(['Kept']);
    await again.stop();
    disk.eject();
  });

  test('saves are refused in words, reading goes on, and it closes and opens again', async () => {
    test.setTimeout(180_000);
    const disk = newDisk(300);
    const data = dataFolder({ at: path.join(disk.folder, 'data') });
    const server = await startServer({ data });
    const { id } = (await make(server, 'Kept')).answer.record;
    const file = await (await fetch(`${server.url}/api/backup`)).text();
    const fill = path.join(disk.folder, 'fill');
    const free = () =>
      execFileSync('df', ['--output=avail', '-B1', disk.folder]).toString().split('\n')[1]!.trim();
    const leave = (bytes: number) => fs.appendFileSync(fill, Buffer.alloc(Math.max(0, Number(free()) - bytes)));
    // Nearly full: small saves go in until the guard says so, and never hang.
    leave(72e6);
    let base = 1;
    for (; base < 300; base++) {
      const r = await send<{ error?: { rule: string } }>(server, 'PUT', `/api/rigs/${id}`, {
        base,
        doc: { ...sampleRig(String(base)), note: 'x'.repeat(15_000) },
      });
      if (r.status === 200) continue;
      expect([r.status, r.answer.error!.rule]).toEqual([507, 'disk-full']);
      break;
    }
    leave(0);
    for (const [method, place, body] of [
      ['POST', '/api/rigs', { doc: sampleRig('No') }],
      ['POST', '/api/backup', JSON.parse(file)],
      ['DELETE', `/api/rigs/${id}`, undefined],
    ] as const)
      expect((await send(server, method, place, body)).status).toBe(507);
    expect(await names(server)).toEqual([String(base - 1)]);
    expect((await send(server, 'POST', '/api/v1/solve', sampleRig('x'))).status).toBe(200);
    expect(await server.stop()).toBe(0);
    // With what was kept in reserve it opens for reading; with nothing left at all it says so and changes nothing.
    leave(0);
    await expect(startServer({ data })).rejects.toThrow(/is full: the database is not opened/);
    fs.rmSync(fill);
    const again = await startServer({ data });
    expect(await names(again)).toEqual([String(base - 1)]);
    expect((await make(again, 'Room again')).status).toBe(200);
    await again.stop();
    disk.eject();
  });
});
