import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { parentOf } from './processes.mjs';

const HOME = '/usr/lib/postgresql';
/** The user that a server runs as where we are root: it refuses to be root. */
const USER = 'postgres';

/** Folder of the server's programs, the newest version that is installed; null where none is. */
export function postgresPrograms() {
  if (!fs.existsSync(HOME)) return null;
  const versions = fs.readdirSync(HOME).sort((a, b) => Number(b) - Number(a));
  return (
    versions.map((v) => path.join(HOME, v, 'bin')).find((bin) => fs.existsSync(path.join(bin, 'initdb'))) ??
    null
  );
}

/** Who runs it: ourselves, or where we are root the server's own user; null where root has no such user. */
function runner() {
  if (process.getuid?.() !== 0) return {};
  const line = fs
    .readFileSync('/etc/passwd', 'utf8')
    .split('\n')
    .find((l) => l.startsWith(`${USER}:`));
  if (!line) return null;
  const [, , uid, gid] = line.split(':');
  return { uid: Number(uid), gid: Number(gid) };
}

/** Why no server can be started here for a test; null where one can. */
export function noPostgres() {
  if (!postgresPrograms()) return 'no PostgreSQL server is installed';
  return runner() ? null : `there is no user ${USER} to run it as`;
}

function freePort() {
  return new Promise((resolve) => {
    const probe = net.createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/**
 * A PostgreSQL server of the test's own: own folder, own port, own process. `url(name)` is a database of it, with its password;
 * `signal` and `restart` do to it what befalls servers; `stop` ends it and takes its folder away.
 */
export async function startPostgres({ connections = 100 } = {}) {
  const bin = postgresPrograms();
  const as = runner();
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-pg-'));
  if (as.uid !== undefined) fs.chownSync(folder, as.uid, as.gid);
  const password = crypto.randomUUID();
  const secret = path.join(folder, 'password');
  fs.writeFileSync(secret, password, { mode: 0o600 });
  if (as.uid !== undefined) fs.chownSync(secret, as.uid, as.gid);
  const data = path.join(folder, 'data');
  const made = spawnSync(
    path.join(bin, 'initdb'),
    ['-D', data, '-U', 'upwind', '-A', 'scram-sha-256', `--pwfile=${secret}`, '-E', 'UTF8', '--locale=C', '-N'],
    { ...as, cwd: folder, encoding: 'utf8' },
  );
  if (made.status !== 0) throw new Error(`initdb failed: ${made.stderr || made.error}`);
  const port = await freePort();
  let child;
  const launch = async () => {
    const options = { port, max_connections: connections, unix_socket_directories: folder, fsync: 'off' };
    const set = Object.entries({ ...options, listen_addresses: '127.0.0.1' }).flatMap(([k, v]) => [
      '-c',
      `${k}=${v}`,
    ]);
    let said = '';
    child = spawn(path.join(bin, 'postgres'), ['-D', data, ...set], {
      ...as,
      cwd: folder,
      stdio: ['ignore', 'ignore', 'pipe'],
    });
    child.stderr.on('data', (d) => (said += d));
    for (let i = 0; ; i++) {
      if (child.exitCode !== null || i > 300) throw new Error(`the PostgreSQL server did not start: ${said}`);
      const ready = spawnSync(path.join(bin, 'pg_isready'), ['-q', '-h', '127.0.0.1', '-p', String(port)]);
      if (ready.status === 0) return;
      await new Promise((r) => setTimeout(r, 50));
    }
  };
  const backends = () =>
    fs
      .readdirSync('/proc')
      .filter((p) => /^\d+$/.test(p) && parentOf(p) === child.pid)
      .map(Number);
  /** The server first: while its connections are looked for it makes no other. One may end meanwhile. */
  const signal = (name) => {
    const one = (p) => {
      try {
        process.kill(p, name);
      } catch (e) {
        if (e.code !== 'ESRCH') throw e;
      }
    };
    one(child.pid);
    backends().forEach(one);
  };
  // Fast stop, also of a server that a test froze: connections are cut, nothing is lost.
  const halt = () =>
    new Promise((resolve) => {
      if (child.exitCode !== null) return resolve();
      child.once('exit', () => resolve());
      signal('SIGCONT');
      child.kill('SIGINT');
    });
  await launch();
  const atEnd = () => child.kill('SIGCONT') && child.kill('SIGQUIT');
  process.on('exit', atEnd);
  return {
    port,
    password,
    url: (name, o = {}) =>
      `postgres://${o.user ?? 'upwind'}:${o.password ?? password}@127.0.0.1:${port}/${name}`,
    /** Sends a signal to the server and each of its connections. */
    signal,
    halt,
    launch,
    stop: async () => {
      process.off('exit', atEnd);
      await halt();
      fs.rmSync(folder, { recursive: true, force: true });
    },
  };
}
