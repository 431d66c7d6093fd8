import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { certificate } from './certificate.mjs';
import { parentOf } from './processes.mjs';
import { restSeconds } from './rest.mjs';
import { listen, setEnvironment } from './server.mjs';
import { fail } from './setup.mjs';

/** A question: has what started us gone? Run by npm, a shell may stand between npm and us: npm itself counts too. */
function watchParents() {
  const parent = process.ppid;
  const above = process.env.npm_lifecycle_event ? parentOf(parent) : null;
  return () => process.ppid !== parent || (above !== null && parentOf(parent) !== above);
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
 * Serves the built program on a data folder, in this process, until it is told to stop: SIGINT, SIGTERM, or its parent gone.
 * Prints the address.
 */
export async function serve({ root, data, seed, title }) {
  const host = process.env.HOST || '127.0.0.1';
  const port = portOf(process.env.PORT);
  try {
    restSeconds();
  } catch (e) {
    fail(e.message);
  }
  const local = ['127.0.0.1', 'localhost', '::1'].includes(host);
  checkFolder(data);
  const secure = process.argv.includes('--https');
  const scheme = secure ? 'https' : 'http';
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
    : `${scheme}://${named[0] ?? mine.find((a) => !a.startsWith('[')) ?? mine[0] ?? host}:${port}`;
  const gone = watchParents();
  const tls = secure ? await certificate(data, names) : null;
  setEnvironment({ data, seed, phone, guarded: !local, fingerprint: tls?.fingerprint });
  process.chdir(root);
  const stop = () => process.kill(process.pid, 'SIGTERM');
  process.once('SIGHUP', stop);
  setInterval(() => gone() && stop(), 500).unref();
  try {
    await listen({ root, host, port, tls, allowed: allowed.map((name) => name.toLowerCase()) });
  } catch (e) {
    fail(notListening(e, host, port));
  }
  console.log(`${title}: ${scheme}://${local ? host : 'localhost'}:${port}`);
  console.log(`Data in ${data}`);
  if (process.env.UPWIND_SYNC === 'relaxed')
    console.log(
      'UPWIND_SYNC=relaxed: saves do not wait for the disk. A power cut may cost the last half minute and, seldom, the whole folder: keep backups.',
    );
  if (!local) {
    console.log(`From a phone on the same network: ${phone}`);
    const code = (right) => globalThis.upwindAccess.code(right);
    console.log(`It is let in by a code: ${code('work')} to work, ${code('look')} to look only.`);
    if (!tls) console.log('What goes over that network can be read there; --https hides it.');
  }
  if (tls)
    console.log(
      `Each browser asks once whether to trust its certificate. It is the right one if its SHA-256 fingerprint is\n  ${tls.fingerprint}`,
    );
  console.log('Stop with Ctrl+C.');
}

/** Why nobody can be served, in one line. */
function notListening(e, host, port) {
  if (e.code === 'EADDRINUSE')
    return `Port ${port} on ${host} is busy. Set PORT to another, like PORT=${port + 1}.`;
  if (e.code === 'EACCES') return `Port ${port} may not be used by this user. Set PORT to one over 1023.`;
  if (['ENOTFOUND', 'EAI_AGAIN', 'EADDRNOTAVAIL', 'EINVAL', 'EAFNOSUPPORT'].includes(e.code))
    return `HOST ${host} is no address of this machine. Leave HOST out, or set it to 0.0.0.0 for all of them.`;
  return `The program could not be served on ${host}, port ${port}: ${e.message}`;
}
