import { spawn } from 'node:child_process';
import fs from 'node:fs';
import net from 'node:net';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import { dataFolder, freePort, newFolder, startServer } from './server';

const root = path.resolve(import.meta.dirname, '..');

/** Runs the start script; `until` a line is printed, or to its end. */
function start(env: Record<string, string>) {
  const child = spawn(process.execPath, ['scripts/start.mjs'], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, DATABASE_URL: '', ...env },
  });
  let output = '';
  child.stdout.on('data', (d) => (output += String(d)));
  child.stderr.on('data', (d) => (output += String(d)));
  const ended = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));
  const said = async (text: string) => {
    for (let i = 0; i < 3000 && !output.includes(text) && child.exitCode === null; i++)
      await new Promise((r) => setTimeout(r, 50));
    expect(output).toContain(text);
  };
  return { child, ended, said, output: () => output };
}
const env = async (more: Record<string, string> = {}) => ({
  PORT: String(await freePort()),
  UPWIND_DATA: dataFolder(),
  ...more,
});

test('starts on its own folder, says where, and closes cleanly on SIGTERM', async () => {
  const e = await env({ UPWIND_DATA: newFolder() });
  const run = start(e);
  await run.said(`http://127.0.0.1:${e.PORT}`);
  run.child.kill('SIGTERM');
  expect(await run.ended).toBe(0);
  expect(fs.existsSync(path.join(e.UPWIND_DATA, 'db.lock'))).toBe(false);
});

test('a busy port, a folder that cannot be written and a database open elsewhere: one line each, non-zero', async () => {
  const e = await env();
  const busy = net.createServer().listen(Number(e.PORT), '127.0.0.1');
  const a = start(e);
  expect(await a.ended).toBe(1);
  expect(a.output()).toMatch(/^Port \d+ on 127\.0\.0\.1 is busy\..*\n$/);
  busy.close();

  const file = path.join(newFolder(), 'a-file');
  fs.writeFileSync(file, 'mine');
  const b = start(await env({ UPWIND_DATA: file }));
  expect(await b.ended).toBe(1);
  expect(b.output()).toMatch(/^The data folder .* cannot be written\..*\n$/);
  expect(fs.readFileSync(file, 'utf8')).toBe('mine');

  const server = await startServer();
  const c = start(await env({ UPWIND_DATA: server.data }));
  expect(await c.ended).not.toBe(0);
  expect(c.output()).toMatch(/already open in another process \(number \d+\)/);
  expect((await fetch(`${server.url}/api/health`)).ok).toBe(true);
  await server.stop();
});

test('a database of a newer program is left alone', async () => {
  const { PGlite } = await import('@electric-sql/pglite');
  const first = await startServer();
  await first.stop();
  const lite = await PGlite.create(path.join(first.data, 'db'));
  await lite.exec(
    `insert into drizzle.__drizzle_migrations (hash, created_at) values ('of the future', ${Date.now() * 2})`,
  );
  await lite.close();
  const run = start(await env({ UPWIND_DATA: first.data }));
  expect(await run.ended).not.toBe(0);
  expect(run.output()).toContain('written by a newer Upwind Rod');
  expect(fs.existsSync(path.join(first.data, 'db.lock'))).toBe(false);
});

test('ends when the process that started it is gone', async () => {
  const e = await env();
  const parent = spawn(
    process.execPath,
    [
      '-e',
      `const c=require('child_process').spawn(process.execPath,['scripts/start.mjs'],{stdio:'ignore'});console.log(c.pid);setInterval(()=>{},1000)`,
    ],
    { cwd: root, stdio: ['ignore', 'pipe', 'ignore'], env: { ...process.env, DATABASE_URL: '', ...e } },
  );
  const up = () =>
    fetch(`http://127.0.0.1:${e.PORT}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
  for (let i = 0; i < 300 && !(await up()); i++) await new Promise((r) => setTimeout(r, 100));
  expect(await up()).toBe(true);
  parent.kill('SIGKILL');
  for (let i = 0; i < 100 && (await up()); i++) await new Promise((r) => setTimeout(r, 100));
  expect(await up()).toBe(false);
  for (let i = 0; i < 50 && fs.existsSync(path.join(e.UPWIND_DATA, 'db.lock')); i++)
    await new Promise((r) => setTimeout(r, 100));
  expect(fs.existsSync(path.join(e.UPWIND_DATA, 'db.lock'))).toBe(false);
});

test('ends when npm alone is killed', async () => {
  const e = await env();
  const npm = spawn('npm', ['start'], {
    cwd: root,
    stdio: 'ignore',
    env: { ...process.env, DATABASE_URL: '', ...e },
  });
  const up = () =>
    fetch(`http://127.0.0.1:${e.PORT}/api/health`).then(
      (r) => r.ok,
      () => false,
    );
  for (let i = 0; i < 300 && !(await up()); i++) await new Promise((r) => setTimeout(r, 100));
  expect(await up()).toBe(true);
  npm.kill('SIGKILL');
  for (let i = 0; i < 100 && ((await up()) || fs.existsSync(path.join(e.UPWIND_DATA, 'db.lock'))); i++)
    await new Promise((r) => setTimeout(r, 100));
  expect(await up()).toBe(false);
  expect(fs.existsSync(path.join(e.UPWIND_DATA, 'db.lock'))).toBe(false);
});

test('opened to the network, it prints an address for a phone and warns', async () => {
  const e = await env({ HOST: '0.0.0.0', UPWIND_HOSTS: 'bench.local' });
  const run = start(e);
  await run.said('What goes over that network can be read there');
  expect(run.output()).toMatch(/let in by a code: \d{4} \d{4} to work, \d{4} \d{4} to look only/);
  expect(run.output()).toContain(`http://bench.local:${e.PORT}`);
  const asked = await fetch(`http://127.0.0.1:${e.PORT}/api/devices`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ right: 'work', rig: null }),
  });
  expect(await asked.text()).toContain('data:image/png;base64');
  run.child.kill('SIGINT');
  expect(await run.ended).toBe(0);
});

test('killed outright, it leaves nothing running, and the next start takes the folder over', async () => {
  const e = await env();
  const first = start(e);
  await first.said(`http://127.0.0.1:${e.PORT}`);
  first.child.kill('SIGKILL');
  await first.ended;
  await expect(fetch(`http://127.0.0.1:${e.PORT}/api/health`)).rejects.toThrow();
  const again = start(e);
  await again.said(`http://127.0.0.1:${e.PORT}`);
  again.child.kill('SIGTERM');
  expect(await again.ended).toBe(0);
});

test('a HOST that is none of this machine, an odd UPWIND_SYNC and an odd UPWIND_REST_S are said as such, each in a line', async () => {
  for (const HOST of ['not a host', '203.0.113.7']) {
    const run = start(await env({ HOST }));
    expect(await run.ended).toBe(1);
    expect(run.output()).toMatch(/^HOST .* is no address of this machine\..*\n$/);
  }
  const odd = start(await env({ UPWIND_SYNC: 'sometimes' }));
  expect(await odd.ended).toBe(1);
  expect(odd.output()).toContain('UPWIND_SYNC must be full or relaxed, not sometimes.');
  const restless = start(await env({ UPWIND_REST_S: '-5' }));
  expect(await restless.ended).toBe(1);
  expect(restless.output()).toBe('UPWIND_REST_S must be 1 to 3600 seconds, not -5.\n');
  const relaxed = start(await env({ UPWIND_SYNC: 'relaxed' }));
  await relaxed.said('A power cut may cost the last half minute');
  relaxed.child.kill('SIGTERM');
  expect(await relaxed.ended).toBe(0);
});

test('while it is not ready yet it says so, on a page and to a program', async () => {
  const e = await env();
  const run = start(e);
  let page: Response | null = null;
  for (let i = 0; i < 400 && !page; i++) {
    page = await fetch(`http://127.0.0.1:${e.PORT}/`).catch(() => null);
    if (!page) await new Promise((r) => setTimeout(r, 10));
  }
  expect([page!.status, page!.headers.get('retry-after')]).toEqual([503, '1']);
  expect(await page!.text()).toContain('Upwind Rod is starting');
  await run.said(`http://127.0.0.1:${e.PORT}`);
  expect((await fetch(`http://127.0.0.1:${e.PORT}/`)).status).toBe(200);
  run.child.kill('SIGTERM');
  expect(await run.ended).toBe(0);
});
