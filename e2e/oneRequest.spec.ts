import http from 'node:http';
import net from 'node:net';
import { expect, test } from '@playwright/test';
import { TIMED, within } from './figure';
import { startServer, type Server } from './server';

/** Longest that a small request may wait while a large one is worked on, ms. */
const WAITS_MS = 2000;
/** After so long an answer no longer comes, ms. */
const HANG_MS = 4000;

// One request does not stop the others.
let server: Server;
test.beforeAll(async () => {
  server = await startServer({ seed: true });
});
test.afterAll(() => server.stop());

const post = (place: string, text: string) =>
  fetch(server.url + place, { method: 'POST', headers: { 'content-type': 'application/json' }, body: text });

test('a megabyte of empty objects to match is refused in a few lines', async () => {
  const r = await post('/api/v1/match', `[${'{},'.repeat(330_000)}{}]`);
  const text = await r.text();
  expect([r.status, text.length < 20_000]).toEqual([422, true]);
  const many = await post('/api/v1/match', `[${'{},'.repeat(150_000)}{}]`);
  const answer = (await many.json()) as { errors: unknown[]; more: number };
  expect([many.status, answer.errors.length]).toEqual([422, 50]);
  expect(answer.more).toBeGreaterThan(50);
});

test(
  'ten megabytes of rubbish to tune is refused within seconds, and small requests go by',
  TIMED,
  async () => {
    const started = performance.now();
    const heavy = post('/api/v1/tune', `{"rig":{},"cuts":[${'{},'.repeat(3_200_000)}{}]}`);
    let refused = 0;
    void heavy.then(() => (refused = performance.now() - started));
    let slowest = 0;
    let meanwhile = 0;
    for (let n = 0; n < 20; n++) {
      const t = performance.now();
      expect((await fetch(`${server.url}/api/rigs`)).status).toBe(200);
      slowest = Math.max(slowest, performance.now() - t);
      if (refused === 0) meanwhile++;
    }
    expect((await heavy).status).toBe(422);
    console.log(`refused after ${Math.round(refused)} ms; ${meanwhile} of 20 others answered meanwhile`);
    expect(meanwhile).toBeGreaterThan(0);
    within('the slowest of the others', slowest, WAITS_MS);
  },
);

test('who sends on after a refusal reads it, and is not reset in the middle', async () => {
  const [piece, pieces] = ['x'.repeat(0x10000), 270];
  const send = () =>
    new Promise<{ answer: string; fault: string | null }>((resolve) => {
      let [answer, sent] = ['', 0];
      const socket = net.connect({ port: server.port, host: '127.0.0.1', allowHalfOpen: true });
      const more = () => {
        if (sent++ === pieces) socket.end();
        else if (!socket.destroyed) socket.write(piece, () => setTimeout(more, 1));
      };
      socket.write(
        `POST /api/log/import HTTP/1.1\r\nhost: 127.0.0.1:${server.port}\r\ncontent-type: application/json\r\ncontent-length: ${pieces * piece.length}\r\n\r\n`,
      );
      more();
      socket.on('data', (d) => (answer += String(d)));
      socket.on('error', (e: NodeJS.ErrnoException) => resolve({ answer, fault: e.code ?? e.message }));
      socket.on('close', () => resolve({ answer, fault: null }));
    });
  // Several at once: what has come in of each when the answer is given differs.
  for (const { answer, fault } of await Promise.all(Array.from({ length: 8 }, send))) {
    expect(fault).toBeNull();
    expect(answer).toMatch(/^HTTP\/1\.1 413 /);
    expect(answer).toContain('is larger than');
  }
});

test('an endless body is refused and its connection closed', async () => {
  const ended = await new Promise<{ status: string; bytes: number }>((resolve, reject) => {
    let status = '';
    let bytes = 0;
    const socket = net.connect(server.port, '127.0.0.1');
    const chunk = `10000\r\n${'x'.repeat(0x10000)}\r\n`;
    const more = () => {
      while (!socket.destroyed && bytes < 500e6) {
        bytes += 0x10000;
        if (!socket.write(chunk)) return;
      }
    };
    socket.on('connect', () => {
      socket.write(
        `POST /api/v1/tune HTTP/1.1\r\nhost: 127.0.0.1:${server.port}\r\ncontent-type: application/json\r\ntransfer-encoding: chunked\r\n\r\n`,
      );
      more();
    });
    socket.on('drain', more);
    socket.on('data', (d) => (status ||= String(d).split('\r\n')[0]!));
    socket.on('error', () => undefined);
    socket.on('close', () => resolve({ status, bytes }));
    setTimeout(() => reject(new Error(`still open after ${bytes} bytes`)), 30_000);
  });
  expect(ended.status).toContain('413');
  expect(ended.bytes).toBeLessThan(200e6);
});

test('methods, addresses and pages that are not there are said as such', async () => {
  const status = async (method: string, place: string) =>
    new Promise<[number, string]>((resolve, reject) => {
      const r = http.request({ host: '127.0.0.1', port: server.port, method, path: place }, (res) => {
        res.resume();
        resolve([res.statusCode!, String(res.headers['allow'] ?? '')]);
      });
      r.on('error', reject).end();
    });
  for (const [method, place, code, allow] of [
    ['TRACE', '/api/health', 405, 'GET, HEAD, POST, PUT, PATCH, DELETE, OPTIONS'],
    ['DELETE', '/api/health', 405, 'GET, HEAD, OPTIONS'],
    ['GET', '/api/demo', 405, 'POST, DELETE, OPTIONS'],
    ['OPTIONS', '/api/demo', 204, 'POST, DELETE, OPTIONS'],
    ['OPTIONS', '/icon.svg', 405, 'GET, HEAD'],
    ['OPTIONS', '/log', 405, 'GET, HEAD'],
    ['GET', '/api/rigs/%zz', 400, ''],
    ['GET', '/api/rigs/%00', 400, ''],
    ['GET', '/api/nothing', 404, ''],
    ['OPTIONS', '/api/nothing', 404, ''],
    ['GET', '/api/rigs/nosuch', 404, ''],
    ['GET', `/api/rigs/${'a'.repeat(65)}`, 404, ''],
    ['GET', '/api/log?from=0000-01-01', 422, ''],
    ['GET', '/api/log?q=%00', 400, ''],
    ['GET', '/rig/%zz', 404, ''],
    ['GET', '/rig/%ff%fe', 404, ''],
    ['GET', '/rig/nosuch', 404, ''],
    ['GET', '/rig/nosuch/heat', 404, ''],
    ['GET', '/compare?rigs=a&rigs=b', 200, ''],
    ['GET', '/log?kinds=a&kinds=b&from=0000-01-01', 200, ''],
  ] as const)
    expect([method, place, ...(await status(method, place))]).toEqual([method, place, code, allow]);
});

test('odd ranges and conditions on what was built are answered, and the server lives', async () => {
  const page = await (await fetch(`${server.url}/glossary`)).text();
  const [script] = /\/_next\/static\/[^"]+\.js/.exec(page)!;
  const ranges = ['5-2', 'x-y', '-5', '-', '0-1,4-5', '9-1,1-0', '99999999-', `${'9'.repeat(40)}-`, '5-5'];
  for (const [name, value] of [
    ...ranges.map((r) => ['range', `bytes=${r}`] as const),
    ...(['furlongs=1-2', '5-2', 'bytes=5-2 '] as const).map((r) => ['range', r] as const),
    ...['if-match', 'if-none-match', 'if-range', 'if-modified-since', 'if-unmodified-since'].flatMap((n) =>
      ['*', '"', 'W/', 'yesterday', ','.repeat(2000)].map((v) => [n, v] as const),
    ),
    ...[['accept-encoding', 'gzip;q=x, ;;, *;q=9'] as const, ['accept', ','.repeat(2000)] as const],
  ])
    for (const place of [script, '/icon.svg', '/api/backup']) {
      const r = await fetch(server.url + place, {
        headers: { range: 'bytes=0-1', [name]: value },
        signal: AbortSignal.timeout(HANG_MS),
      });
      await r.arrayBuffer();
      expect(r.status, `${place} ${name}: ${value.slice(0, 40)}`).toBeLessThan(500);
    }
  expect((await fetch(`${server.url}/api/rigs`)).status).toBe(200);
});
