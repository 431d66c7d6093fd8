import { spawn } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { fail } from './setup.mjs';

/** Parent of a process as the kernel has it; null where that cannot be read. */
function parentOf(pid) {
  try {
    const stat = fs.readFileSync(`/proc/${pid}/stat`, 'utf8');
    return Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]);
  } catch {
    return null;
  }
}

/** A question: has what started us gone? Run by npm, a shell may stand between npm and us: npm itself counts too. */
function watchParents() {
  const parent = process.ppid;
  const above = process.env.npm_lifecycle_event ? parentOf(parent) : null;
  return () => process.ppid !== parent || (above !== null && parentOf(parent) !== above);
}

/** True where nobody listens on that port of that host. */
function portFree(port, host) {
  return new Promise((resolve) => {
    const probe = net.createServer();
    probe.once('error', () => resolve(false));
    probe.listen({ port, host }, () => probe.close(() => resolve(true)));
  });
}

/** Addresses by which this machine is reached. */
function addresses() {
  return Object.values(os.networkInterfaces())
    .flat()
    .filter((a) => a && !a.internal && !a.address.startsWith('fe80'))
    .map((a) => (a.family === 'IPv6' ? `[${a.address}]` : a.address));
}

function portOf(text) {
  const port = Number(text ?? 3210);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    fail(`PORT must be a whole number from 1 to 65535, not ${text}.`);
  return port;
}

function checkFolder(folder) {
  try {
    fs.mkdirSync(folder, { recursive: true });
    const probe = path.join(folder, `.probe-${process.pid}`);
    fs.writeFileSync(probe, '');
    fs.rmSync(probe);
  } catch {
    fail(`The data folder ${folder} cannot be written. Set UPWIND_DATA to one that can.`);
  }
}

/**
 * Serves the built program on a data folder until it is told to stop: SIGINT, SIGTERM, or its parent gone. Prints the
 * address. Ends with the server's own exit code.
 */
export async function serve({ root, data, seed, title }) {
  const host = process.env.HOST || '127.0.0.1';
  const port = portOf(process.env.PORT);
  const local = ['127.0.0.1', 'localhost', '::1'].includes(host);
  checkFolder(data);
  if (!(await portFree(port, host)))
    fail(`Port ${port} on ${host} is busy. Set PORT to another, like PORT=${port + 1}.`);
  const mine = local ? [] : addresses();
  const named = local
    ? []
    : (process.env.UPWIND_HOSTS ?? '')
        .split(',')
        .map((h) => h.trim())
        .filter(Boolean);
  const names = [
    '127.0.0.1',
    'localhost',
    '[::1]',
    ...(local || host === '0.0.0.0' || host === '::' ? [] : [host]),
    ...mine,
    ...named,
  ];
  const allowed = names.flatMap((n) =>
    /:\d+$/.test(n) && !n.endsWith(']') ? [n] : [`${n}:${port}`, ...(port === 80 ? [n] : [])],
  );
  const phone = local
    ? ''
    : `http://${named[0] ?? mine.find((a) => !a.startsWith('[')) ?? mine[0] ?? host}:${port}`;
  const gone = watchParents();
  const child = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-p', String(port), '-H', host],
    {
      cwd: root,
      stdio: ['ignore', 'pipe', 'inherit'],
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_MANUAL_SIG_HANDLE: 'true',
        NEXT_TELEMETRY_DISABLED: '1',
        UPWIND_DATA: data,
        UPWIND_SEED: seed ? '1' : '',
        UPWIND_ALLOWED_HOSTS: allowed.join(',').toLowerCase(),
        UPWIND_PHONE: phone,
      },
    },
  );
  child.stdout.on('data', () => {}); // Next's own chatter: the address below is what a person needs.
  let asked = false;
  const stop = (signal) => {
    if (!asked) child.kill(signal);
    asked = true;
  };
  process.on('SIGINT', () => stop('SIGTERM'));
  process.on('SIGTERM', () => stop('SIGTERM'));
  process.on('SIGHUP', () => stop('SIGTERM'));
  const watch = setInterval(() => gone() && stop('SIGTERM'), 500);
  const ended = new Promise((resolve) =>
    child.once('exit', (code, signal) => resolve(code ?? (signal ? 1 : 0))),
  );
  if (await ready(port, host, ended)) {
    console.log(`${title}: http://${local ? host : 'localhost'}:${port}`);
    console.log(`Data in ${data}`);
    if (!local) {
      console.log(`From a phone on the same network: ${phone}`);
      console.log('Everyone on that network can read and change the rigs.');
    }
    console.log('Stop with Ctrl+C.');
  }
  const code = await ended;
  clearInterval(watch);
  process.exit(code);
}

async function ready(port, host, ended) {
  let over = false;
  void ended.then(() => (over = true));
  const name = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host;
  while (!over) {
    const ok = await fetch(`http://${name}:${port}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) return true;
    await new Promise((r) => setTimeout(r, 150));
  }
  return false;
}
