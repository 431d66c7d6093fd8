import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';

const root = path.resolve(import.meta.dirname, '..');

export function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = net.createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as net.AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}

const made: string[] = [];

/** A new folder, taken away with the process that made it. */
export function newFolder(): string {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-test-'));
  made.push(folder);
  return folder;
}

/** A data folder of the test's own, a copy of one that was made once: without a rig, or with the sample workshop. */
export function dataFolder({ seed = false, at = newFolder() } = {}): string {
  fs.mkdirSync(at, { recursive: true });
  // Not by Node's own copy (src/db/testDatabases.ts says why).
  execFileSync('cp', ['-R', `${process.env[seed ? 'UPWIND_SEEDED' : 'UPWIND_EMPTY']!}/.`, at]);
  return at;
}

/** What still runs when a test is given up on is ended with the process that tests, and what it wrote goes. */
const running = new Set<ChildProcess>();
process.on('exit', () => {
  for (const child of running) child.kill('SIGKILL');
  for (const folder of made) fs.rmSync(folder, { recursive: true, force: true, maxRetries: 5 });
});

/** A running program of the test's own: its port, its data folder, and how to stop or kill it. */
export interface Server {
  readonly url: string;
  readonly port: number;
  readonly data: string;
  readonly child: ChildProcess;
  readonly output: () => string;
  stop(): Promise<number | null>;
  kill(): Promise<void>;
}

export interface Options {
  readonly seed?: boolean;
  readonly data?: string;
  readonly port?: number;
  readonly env?: Record<string, string>;
}

/** Starts the built server itself on a free port and a data folder of its own; ready when it answers. */
export async function startServer(o: Options = {}): Promise<Server> {
  const server = await launchServer(o);
  for (let i = 0; ; i++) {
    if (server.child.exitCode !== null || i > 400)
      throw new Error(`the server did not start: ${server.output()}`);
    const ok = await fetch(`${server.url}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) return server;
    await new Promise((r) => setTimeout(r, 100));
  }
}

/** The same, as soon as its process runs. */
export async function launchServer(o: Options = {}): Promise<Server> {
  const port = o.port ?? (await freePort());
  const data = o.data ?? dataFolder(o);
  const child = spawn(process.execPath, ['scripts/server.mjs'], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: {
      ...process.env,
      PORT: String(port),
      UPWIND_DATA: data,
      UPWIND_SEED: o.seed ? '1' : '',
      DATABASE_URL: '',
      ...o.env,
    },
  });
  let output = '';
  child.stdout!.on('data', (d) => (output += String(d)));
  child.stderr!.on('data', (d) => (output += String(d)));
  running.add(child);
  const ended = new Promise<number | null>((resolve) =>
    child.once('exit', (code) => {
      running.delete(child);
      resolve(code);
    }),
  );
  const url = `http://127.0.0.1:${port}`;
  return {
    url,
    port,
    data,
    child,
    output: () => output,
    stop: () => {
      child.kill('SIGTERM');
      return ended;
    },
    kill: async () => {
      child.kill('SIGKILL');
      await ended;
    },
  };
}
