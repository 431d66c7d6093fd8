import { spawn, type ChildProcess } from 'node:child_process';
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

export function newFolder(): string {
  return fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-test-'));
}

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
}

/** Starts the built server itself on a free port and a data folder of its own; ready when it answers. */
export async function startServer(o: Options = {}): Promise<Server> {
  const port = o.port ?? (await freePort());
  const data = o.data ?? newFolder();
  const child = spawn(
    process.execPath,
    // A connection that a test leaves idle through a long page is kept, or the next request on it is cut off.
    [
      'node_modules/next/dist/bin/next',
      'start',
      '-p',
      String(port),
      '-H',
      '127.0.0.1',
      '--keepAliveTimeout',
      '120000',
    ],
    {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        ...process.env,
        NODE_ENV: 'production',
        NEXT_MANUAL_SIG_HANDLE: 'true',
        NEXT_TELEMETRY_DISABLED: '1',
        UPWIND_DATA: data,
        UPWIND_SEED: o.seed ? '1' : '',
        UPWIND_ALLOWED_HOSTS: `127.0.0.1:${port},localhost:${port}`,
        DATABASE_URL: '',
      },
    },
  );
  let output = '';
  child.stdout!.on('data', (d) => (output += String(d)));
  child.stderr!.on('data', (d) => (output += String(d)));
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
  const url = `http://127.0.0.1:${port}`;
  for (let i = 0; ; i++) {
    if (child.exitCode !== null || i > 400) throw new Error(`the server did not start: ${output}`);
    const ok = await fetch(`${url}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
    if (ok) break;
    await new Promise((r) => setTimeout(r, 100));
  }
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
