import fs from 'node:fs';
import http from 'node:http';
import path from 'node:path';

/** Numbers from 0 to 1 that are the same for a seed (Park and Miller 1988, minimal standard). */
export function seeded(seed: number) {
  let s = seed % 2147483647;
  const next = () => ((s = (s * 16807) % 2147483647) - 1) / 2147483646;
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
  return { next, pick };
}
type Seeded = ReturnType<typeof seeded>;

/** A route or a page of the program, and the methods that it knows. */
export interface Place {
  readonly place: string;
  readonly methods: readonly string[];
}

/** Every route and page of the program, as the folders name them, and two of the files that were built or lie there. */
export function everyPlace(): Place[] {
  const found: Place[] = [];
  const walk = (folder: string, place: string) => {
    for (const e of fs.readdirSync(folder, { withFileTypes: true })) {
      const at = path.join(folder, e.name);
      if (e.isDirectory()) walk(at, `${place}/${e.name}`);
      else if (e.name === 'page.tsx') found.push({ place: place || '/', methods: ['GET'] });
      else if (e.name === 'route.ts') {
        const given = fs.readFileSync(at, 'utf8').split('routes').at(-1)!;
        found.push({
          place,
          methods: [...given.matchAll(/\b(GET|POST|PUT|PATCH|DELETE)\b/g)].map((m) => m[1]!),
        });
      }
    }
  };
  walk('src/app', '');
  const built = fs.readdirSync('.next/static/chunks').find((name) => name.endsWith('.js'))!;
  for (const place of ['/icon.svg', `/_next/static/chunks/${built}`]) found.push({ place, methods: ['GET'] });
  return found;
}

const ODD_TEXT = [
  ...[
    '',
    '%',
    '%zz',
    '%00',
    '%ff%fe',
    '%ed%a0%80',
    '..',
    '%2e%2e%2f',
    'nosuch',
    "'; drop table rigs;--",
    '[object Object]',
  ],
  ...[
    'a'.repeat(65),
    'a'.repeat(5000),
    '\u202e',
    'é',
    '%E2%80%A8',
    '-1',
    '1e400',
    'null',
    '%F0%9F%94%A5',
    '__proto__',
    'constructor',
  ],
];
const ODD_VALUES: readonly unknown[] = [
  ...['', '\u0000', 'a\u0000b', '\ud800', 'x\udc00y', 'x'.repeat(100_000), '💥', '__proto__', 'NaN'],
  ...[null, true, [], {}, [[]], -1, 0, 1e308, 1e-320, 2147483647, 2147483648, 9007199254740993, -0, 0.1],
  ...['0000-01-01', '9999-12-31', '0000-01-01T00:00:00Z', '2026-05-02T18:10:00-23:59', '2026-02-30T00:00:00Z'],
  ...['275760-09-13T00:00:00Z', '2026-05-02', '=1+1'],
];
const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'HEAD', 'OPTIONS', 'TRACE', 'PROPFIND'];
const QUERIES = [
  'rig',
  'kinds',
  'from',
  'to',
  'q',
  'sort',
  'dir',
  'limit',
  'offset',
  'zone',
  'foam',
  'away',
  'rigs',
  'plan',
  'stage',
  'format',
  'as',
  'end',
  'paper',
  'cut',
  'name',
  'sure',
  'open',
  '_rsc',
];
const HEADERS: readonly Record<string, string>[] = [
  {},
  {},
  {},
  { rsc: '1' },
  { rsc: '1', 'next-router-state-tree': '%5B%22' },
  { 'next-router-state-tree': 'rubbish' },
  { 'next-action': 'deadbeef' },
  { cookie: 'upwind-units=%zz; a=\u00ff' },
  { 'accept-language': '*;q=2' },
  { 'content-encoding': 'gzip' },
  { 'content-type': 'multipart/form-data; boundary=x' },
  { 'content-type': 'text/plain; charset=utf-16' },
  { range: 'bytes=9-1' },
  { range: 'bytes=99999999-' },
  { 'if-match': 'x' },
  { 'if-unmodified-since': 'Wed, 21 Oct 2015 07:28:00 GMT' },
  { 'if-none-match': '*' },
  { 'x-forwarded-host': 'evil.example', 'x-forwarded-proto': 'https' },
  { 'next-url': '/%zz' },
];

/** A value somewhere in a document exchanged for an odd one, or a key added or taken. */
function spoiled(doc: unknown, r: Seeded): unknown {
  if (typeof doc !== 'object' || doc === null || r.next() < 0.15) return r.pick(ODD_VALUES);
  if (Array.isArray(doc)) {
    const i = Math.floor(r.next() * (doc.length + 1));
    return [...doc.slice(0, i), spoiled(doc[i], r), ...doc.slice(i + 1)];
  }
  const keys = Object.keys(doc);
  const key = r.next() < 0.1 || keys.length === 0 ? String(r.pick(ODD_TEXT)) : r.pick(keys);
  return { ...doc, [key]: spoiled((doc as Record<string, unknown>)[key], r) };
}

export interface Odd {
  readonly method: string;
  readonly place: string;
  readonly headers: Record<string, string>;
  readonly body: Buffer | null;
}

/** An odd request: a place with ids that are or are not there, a query, headers, and a body made from one that is right. */
export function oddRequest(
  r: Seeded,
  o: {
    readonly places: readonly Place[];
    readonly ids: readonly string[];
    readonly bodies: readonly unknown[];
  },
): Odd {
  const part = () => (r.next() < 0.55 ? r.pick(o.ids) : r.pick(ODD_TEXT));
  const of = r.pick(o.places);
  let place = of.place
    .split('/')
    .map((p) =>
      !p.startsWith('[')
        ? p
        : p === '[verb]' && r.next() < 0.8
          ? r.pick(['solve', 'need', 'tune', 'template', 'job', 'path', 'replay'])
          : part(),
    )
    .join('/');
  if (!place.startsWith('/')) place = `/${place}`;
  for (let n = 0; r.next() < 0.4 && n < 4; n++)
    place += `${n ? '&' : '?'}${r.pick(QUERIES)}=${r.next() < 0.2 ? r.pick(o.ids) : r.pick([...ODD_TEXT, '0000-01-01', '2026-13-45', 'Europe/Nowhere', '99999999999', 'at', 'cut,cut'])}`;
  const method = r.next() < 0.85 ? r.pick(of.methods) : r.pick(METHODS);
  const body = ['POST', 'PUT', 'PATCH'].includes(method) ? oddBody(r, o.bodies) : null;
  return {
    method,
    place: encodeOdd(place),
    headers: { 'content-type': 'application/json', ...r.pick(HEADERS) },
    body,
  };
}

function oddBody(r: Seeded, bodies: readonly unknown[]): Buffer {
  const kind = r.next();
  if (kind < 0.08)
    return Buffer.from(r.pick(['', '{', '[', '{"a":', 'null', '"', '\ufeff{}', '[[[['.repeat(50_000)]));
  if (kind < 0.12) return Buffer.from([0xff, 0xd8, 0xff, 0xc0, 0, 8, 8, 0, 1, 0, 1, 1, 1, 0]);
  if (kind < 0.14) return Buffer.alloc(300_000, 0xfe);
  let doc = r.pick(bodies);
  for (let n = 0; n === 0 || (r.next() < 0.4 && n < 4); n++) if (r.next() < 0.85) doc = spoiled(doc, r);
  return Buffer.from(JSON.stringify(doc) ?? '');
}

/** Signs that a request line cannot hold are written as a browser would; the odd escapes stay as they are. */
const encodeOdd = (place: string) => place.replace(/[^\u0021-\u007e]/gu, (c) => encodeURIComponent(c));

/** How long an answer is waited for. */
export const PATIENCE_MS = 10_000;
/** Connections are used again, as a browser does. */
const agent = new http.Agent({ keepAlive: true });

/** Sends it as it is; the status, 0 where the connection broke, and how long it took in ms. Rejects where no answer comes. */
export function sendOdd(port: number, o: Odd): Promise<{ status: number; ms: number }> {
  return new Promise((resolve, reject) => {
    const start = performance.now();
    const done = (status: number) => {
      clearTimeout(timer);
      resolve({ status, ms: performance.now() - start });
    };
    const request = http.request(
      {
        ...{ host: '127.0.0.1', port, method: o.method, path: o.place, agent },
        headers: { ...o.headers, ...(o.body ? { 'content-length': o.body.length } : {}) },
      },
      (res) => {
        res.resume();
        // What happens is told without an end: that it begins is the answer.
        if (res.headers['content-type'] === 'text/event-stream') {
          done(res.statusCode ?? 0);
          res.destroy();
          return;
        }
        // The server may cut off what is left of a body that it has refused already.
        res.on('error', () => undefined);
        res.on('close', () => done(res.statusCode ?? 0));
      },
    );
    const timer = setTimeout(() => {
      request.destroy();
      reject(new Error('no answer within ten seconds'));
    }, PATIENCE_MS);
    request.on('error', () => done(0));
    if (o.body) request.write(o.body);
    request.end();
  });
}
