import { expect, test } from '@playwright/test';
import { startPostgres } from '../scripts/postgres.mjs';
import { sampleRig, SMALL_JPEG } from './sampleRig';
import { TIMED, within } from './figure';
import { startServer, type Server } from './server';

type Answer = { status: number; body: Record<string, unknown> };
const ask = async (server: Server, method: string, place: string, body?: unknown): Promise<Answer> => {
  const r = await fetch(server.url + place, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  return { status: r.status, body: (await r.json().catch(() => ({}))) as Answer['body'] };
};
const count = (all: readonly number[]) => {
  const out: Record<number, number> = {};
  for (const x of all) out[x] = (out[x] ?? 0) + 1;
  return out;
};

let database: Awaited<ReturnType<typeof startPostgres>>;
let a: Server;
let b: Server;
let rig: string;

test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  database = await startPostgres();
  const env = { DATABASE_URL: database.url('postgres') };
  // Both start at once on a database that nobody has used yet.
  [a, b] = await Promise.all([startServer({ seed: true, env }), startServer({ seed: true, env })]);
  const made = await ask(a, 'POST', '/api/rigs', { doc: sampleRig('Shared') });
  rig = (made.body['record'] as { id: string }).id;
});
test.afterAll(async () => {
  await Promise.all([a.stop(), b.stop()]);
  await database.stop();
});

test('two first starts put the sample workshop in once', async () => {
  const names = ((await ask(b, 'GET', '/api/rigs')).body as unknown as { name: string }[]).map((r) => r.name);
  expect(names).toContain('Blade bow');
  expect(new Set(names).size).toBe(names.length);
});

test('300 saves that meet are answered 200 or 409, and nothing else', async () => {
  const all: number[] = [];
  let base = 1;
  for (let i = 0; i < 150; i++) {
    const both = await Promise.all(
      [a, b].map((s) =>
        ask(s, 'PUT', `/api/rigs/${rig}`, { base, doc: { ...sampleRig('Shared'), note: `${i} ${s.port}` } }),
      ),
    );
    all.push(...both.map((r) => r.status));
    base++;
  }
  expect(count(all)).toEqual({ 200: 150, 409: 150 });
});

test('what can stand open once is noted once, and a spool gives what it has', async () => {
  const power = { kind: 'hot', at: new Date().toISOString(), until: null };
  const noted = await Promise.all(
    Array.from({ length: 40 }, (_, i) => ask(i % 2 ? a : b, 'POST', `/api/rigs/${rig}/events`, power)),
  );
  expect(count(noted.map((r) => r.status))).toEqual({ 200: 1, 409: 39 });
  const spool = { name: 'Met', alloy: 'nicr-80', diameterMm: 0.4, metres: 100 };
  const { id } = (await ask(a, 'POST', '/api/drawer/spools', spool)).body as unknown as { id: string };
  const takes = await Promise.all(
    Array.from({ length: 300 }, (_, i) => ask(i % 2 ? a : b, 'POST', `/api/hang/${id}`, { metres: 1 })),
  );
  expect(count(takes.map((r) => r.status))).toEqual({ 200: 100, 409: 200 });
});

test('what one logs or amends tunes the other at once', async () => {
  const cut = {
    at: new Date().toISOString(),
    setting: 18.5,
    widthMm: 640,
    depthMm: 50,
    seconds: 20,
    kerfMm: 1.2,
    limit: true,
  };
  const tuning = async (s: Server) =>
    ((await ask(s, 'GET', `/api/rigs/${rig}`)).body as { tuning?: unknown }).tuning;
  const before = await tuning(b);
  const logged = await ask(a, 'POST', `/api/rigs/${rig}/cuts`, cut);
  expect(logged.status).toBe(200);
  expect(await tuning(b)).not.toEqual(before);
  expect(await tuning(b)).toEqual(await tuning(a));
  const id = (logged.body['open'] as { cuts: { id: string }[] }).cuts[0]!.id;
  const seen = await tuning(b);
  const amended = await ask(a, 'PUT', `/api/rigs/${rig}/cuts/${id}`, {
    kerfMm: 2.6,
    sanded: null,
    seen: [],
    note: '',
  });
  expect(amended.status).toBe(200);
  expect(await tuning(b)).toEqual(await tuning(a));
  expect(await tuning(b)).not.toEqual(seen);
});

test('a picture and a backup of one are the other’s too; a restore goes in whole, and both show it', async () => {
  const photo = await fetch(`${a.url}/api/rigs/${rig}/photos?name=met`, {
    method: 'POST',
    headers: { 'content-type': 'image/jpeg' },
    body: new Uint8Array(SMALL_JPEG),
  });
  expect(photo.status).toBe(200);
  const { id } = ((await photo.json()) as { id: string }[])[0]!;
  const bytes = async (s: Server) => {
    const r = await fetch(`${s.url}/api/photos/${id}`);
    return r.ok ? Buffer.from(await r.arrayBuffer()) : null;
  };
  expect((await bytes(b))?.equals(SMALL_JPEG)).toBe(true);
  const backup = await (await fetch(`${b.url}/api/backup`)).text();
  expect((JSON.parse(backup) as { photos: { data: string }[] }).photos[0]!.data).toBe(
    SMALL_JPEG.toString('base64'),
  );
  expect((await ask(a, 'DELETE', `/api/rigs/${rig}`)).status).toBe(200);
  expect((await ask(b, 'GET', `/api/rigs/${rig}`)).status).toBe(404);
  expect(await bytes(b)).toBeNull();
  const restored = await fetch(`${b.url}/api/backup`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: backup,
  });
  expect(restored.status, await restored.clone().text()).toBe(200);
  for (const s of [a, b]) {
    expect((await ask(s, 'GET', `/api/rigs/${rig}`)).status).toBe(200);
    expect((await bytes(s))?.equals(SMALL_JPEG)).toBe(true);
  }
});

test('a server that stops is said by name, health tells the truth, and both come back by themselves', async () => {
  await database.halt();
  for (const s of [a, b]) {
    const health = await ask(s, 'GET', '/api/health');
    expect(health.status).toBe(503);
    const page = await fetch(`${s.url}/rig/${rig}`);
    expect(page.status).toBe(503);
    expect(await page.text()).toContain('The database server does not answer');
    const asked = await ask(s, 'GET', `/api/rigs/${rig}`);
    expect(asked.status).toBe(503);
    expect(JSON.stringify(asked.body)).toMatch(
      /The database server cannot be used now: .*(nothing listens|cut|stopp)/,
    );
  }
  await database.launch();
  for (const s of [a, b]) {
    await expect.poll(async () => (await ask(s, 'GET', '/api/health')).status, { timeout: 10_000 }).toBe(200);
    expect((await ask(s, 'GET', `/api/rigs/${rig}`)).status).toBe(200);
    const lines = s
      .output()
      .split('\n')
      .filter((l) => /database server/.test(l));
    expect(lines.length, s.output()).toBeLessThanOrEqual(2);
    expect(s.output()).not.toMatch(/Failed query|at async|node_modules/);
  }
});

test('one that freezes: health says so within three seconds, and it goes on where it was', TIMED, async () => {
  const freeze = (signal: 'SIGSTOP' | 'SIGCONT') => database.signal(signal);
  freeze('SIGSTOP');
  const began = performance.now();
  let told: Answer[];
  try {
    told = await Promise.all([a, b].map((s) => ask(s, 'GET', '/api/health')));
  } finally {
    freeze('SIGCONT');
  }
  expect(told.map((t) => t.status)).toEqual([503, 503]);
  within('a frozen database is told of', performance.now() - began, 8_000);
  for (const s of [a, b])
    await expect
      .poll(async () => (await ask(s, 'GET', `/api/rigs/${rig}`)).status, { timeout: 20_000 })
      .toBe(200);
});
