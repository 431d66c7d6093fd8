import http from 'node:http';
import https from 'node:https';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { admit, codePage, WHO } from './access.mjs';
import { keepCompiled } from './codeCache.mjs';
import { EVERYWHERE, isPage, judge, leaveUnpacked, mendHeaders, refuse } from './door.mjs';
import { givesBackAtRest, restSeconds } from './rest.mjs';
import { ensureThreads } from './setup.mjs';
import { endUnread } from './unread.mjs';
import { optimiseLate } from './wasm.mjs';

/** How long a request may take to come in whole: a backup over a slow network. */
const WHOLE_MS = 15 * 60_000;

/** Header by which the server knows its own first request. */
const OWN = 'x-upwind-first';

/** A page that stands for another until that can be shown: it looks again by itself. */
const waiting = (
  title,
  text,
  seconds,
) => `<!doctype html><html lang="en"><meta charset="utf-8"><meta http-equiv="refresh" content="${seconds}">
<meta name="viewport" content="width=device-width"><title>${title}</title>
<body style="font:1.1rem system-ui;margin:4rem auto;max-width:32rem;padding:0 1rem"><h1>${title}</h1>
<p>${text}`;
const STARTING = waiting(
  'Upwind Rod is starting',
  'The workshop is being opened. This page shows it as soon as it is ready; the first start takes some seconds.',
  1,
);
const NO_DATABASE = waiting(
  'The database server does not answer',
  'The workshop lies on a PostgreSQL server, which cannot be reached now. What was saved before is kept. This page looks again by itself.',
  3,
);

function send(res, status, headers, body) {
  res.writeHead(status, { ...headers, 'cache-control': 'no-store', 'content-length': Buffer.byteLength(body) });
  res.end(body);
}

/** Sends a page that is written here: with a policy of its own, and nothing of the program in it. */
function sendPage(res, status, text, policy, headers = {}) {
  const type = { 'content-type': 'text/html; charset=utf-8', 'content-security-policy': policy };
  send(res, status, { ...headers, ...type }, text);
}

/** Sends the answer to a request that goes no further. */
function sendRefusal(res, { status, headers, body }) {
  send(res, status, { ...headers, 'content-type': 'application/json' }, JSON.stringify(body));
}

const AGAIN = { 'retry-after': '1' };
const BARE = "default-src 'none'; style-src 'unsafe-inline'";

/** A page that looks again, and a plain 503 for all else. */
function notNow(req, res, page, rule, message) {
  if (isPage(req)) sendPage(res, 503, page, BARE, AGAIN);
  else sendRefusal(res, refuse(503, rule, message, AGAIN));
}

const notYet = (req, res) => notNow(req, res, STARTING, 'starting', 'The program is starting.');

/**
 * Listens and serves the built program in this process: whatever ends it, ends the server. Answers at once, with a page that waits, and
 * with the program as soon as it is ready. Rejects with the system's error where it cannot listen.
 */
export async function listen({ root, host, port, allowed, tls = null, dev = false }) {
  let handle = notYet;
  let ready = false;
  const token = crypto.randomUUID();
  const hosts = new Set(allowed);
  const asked = givesBackAtRest();
  const guarded = process.env.UPWIND_ACCESS === '1';
  const serve = (req, res) => {
    asked();
    for (const [name, value] of Object.entries(EVERYWHERE)) res.setHeader(name, value);
    endUnread(req, res);
    const verdict = judge(req, hosts);
    if (verdict?.body) return sendRefusal(res, verdict);
    if (verdict?.url) req.url = verdict.url;
    mendHeaders(req.headers);
    leaveUnpacked(req);
    // Until the first request of our own is answered, the database is not open.
    if (req.headers[OWN] === token) return handle(req, res);
    if (!ready) return notYet(req, res);
    return atTheDoor(req, res, { handle, guarded });
  };
  const server = tls ? https.createServer({ cert: tls.cert, key: tls.key }, serve) : http.createServer(serve);
  // One who speaks plain http to it, or does not trust its certificate, is no fault of the program.
  server.on('tlsClientError', (_, socket) => socket.destroy());
  server.requestTimeout = WHOLE_MS;
  // A page that is read for a while keeps its connection, or its next request is cut off.
  server.keepAliveTimeout = 120_000;
  server.headersTimeout = 125_000;
  await new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen({ port, host }, resolve);
  });
  await ensureThreads(root);
  optimiseLate();
  if (!dev) keepCompiled(path.join(root, '.next', 'cache', 'code.bin'));
  const { default: next } = await import('next');
  const app = next({ dev, dir: root, hostname: host, port, quiet: true });
  await app.prepare();
  handle = app.getRequestHandler();
  await firstRequest({ host, port, token, tls });
  ready = true;
  return server;
}

/**
 * Lets in this machine and the devices that are known; all others see where a code is asked for, and nothing else. A page is not begun while a
 * database server does not answer.
 */
async function atTheDoor(req, res, { handle, guarded }) {
  try {
    // Set by the program as it starts (src/server/access.ts), where others than this machine may come.
    const { upwindAccess } = globalThis;
    if (!guarded) for (const name of WHO) delete req.headers[name];
    else if (!(await admit(req, upwindAccess.cookieName, (secret) => upwindAccess.known(secret)))) {
      if (!isPage(req)) return sendRefusal(res, refuse(401, 'code', 'This device is not let in.'));
      const { policy, text } = codePage(crypto.randomUUID());
      return sendPage(res, 401, text, policy);
    }
    if (process.env.DATABASE_URL && isPage(req)) await (await globalThis.upwindDb).ping();
  } catch {
    return notNow(req, res, NO_DATABASE, 'database', 'The database does not answer now.');
  }
  return handle(req, res);
}

/** Opens the database, which the program does before it answers for the first time; a fault there ends the process with one line. */
async function firstRequest({ host, port, token, tls }) {
  const name = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host;
  const status = await new Promise((resolve, reject) => {
    const asked = {
      host: name,
      port,
      path: '/api/health',
      headers: { [OWN]: token, host: `127.0.0.1:${port}` },
    };
    // It is our own, whatever name we reach it by.
    const ask = tls ? https.get({ ...asked, rejectUnauthorized: false }) : http.get(asked);
    ask.on('error', reject).on('response', (r) => r.resume().on('end', () => resolve(r.statusCode)));
  });
  if (status !== 200) throw new Error(`the program answers ${status}`);
}

/** Environment in which the program runs; before anything of it is loaded. */
export function setEnvironment({ data, seed, phone, guarded, fingerprint = '', dev = false }) {
  Object.assign(process.env, {
    NODE_ENV: dev ? 'development' : 'production',
    NEXT_MANUAL_SIG_HANDLE: 'true',
    NEXT_TELEMETRY_DISABLED: '1',
    UPWIND_DATA: data,
    UPWIND_SEED: seed ? '1' : '',
    UPWIND_PHONE: phone,
    UPWIND_REST_S: String(restSeconds()),
    UPWIND_ACCESS: guarded ? '1' : '',
    UPWIND_HTTPS: fingerprint ? '1' : '',
    UPWIND_FINGERPRINT: fingerprint,
  });
}

// Run by itself, as the tests and `npm run dev` do: on this machine, by the environment alone.
if (process.argv[1] && import.meta.url === pathToFileURL(process.argv[1]).href) {
  const root = path.resolve(import.meta.dirname, '..');
  const dev = process.argv.includes('--dev');
  const port = Number(process.env.PORT || 3210);
  setEnvironment({
    data: path.resolve(root, process.env.UPWIND_DATA || 'data'),
    seed: process.env.UPWIND_SEED === '1',
    phone: process.env.UPWIND_PHONE ?? '',
    guarded: process.env.UPWIND_ACCESS === '1',
    dev,
  });
  process.chdir(root);
  const others = (process.env.UPWIND_HOSTS ?? '').split(',').filter(Boolean);
  const allowed = [`127.0.0.1:${port}`, `localhost:${port}`, ...others];
  await listen({ root, host: '127.0.0.1', port, allowed, dev });
}
