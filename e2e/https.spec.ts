import { spawn, type ChildProcess } from 'node:child_process';
import crypto from 'node:crypto';
import fs from 'node:fs';
import https from 'node:https';
import path from 'node:path';
import tls from 'node:tls';
import { chromium, expect, test } from '@playwright/test';
import { dataFolder, freePort, newFolder } from './server';

test.use({ serviceWorkers: 'allow' });

const root = path.resolve(import.meta.dirname, '..');
const FINGERPRINT = /(?:[0-9A-F]{2}:){31}[0-9A-F]{2}/;

/** The program as a person starts it; ready when it says how it is stopped. */
async function start(data: string, port: number): Promise<{ child: ChildProcess; said: string }> {
  const child = spawn(process.execPath, ['scripts/start.mjs', '--https'], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, DATABASE_URL: '', HOST: '0.0.0.0', PORT: String(port), UPWIND_DATA: data },
  });
  let said = '';
  child.stdout!.on('data', (d) => (said += String(d)));
  child.stderr!.on('data', (d) => (said += String(d)));
  await expect.poll(() => said, { timeout: 60_000 }).toContain('Stop with Ctrl+C.');
  return { child, said };
}
const stop = (child: ChildProcess) =>
  new Promise((resolve) => {
    child.once('exit', resolve);
    child.kill('SIGTERM');
  });
const peer = (port: number) =>
  new Promise<tls.DetailedPeerCertificate>((resolve, reject) => {
    const socket = tls.connect({ port, host: '127.0.0.1', rejectUnauthorized: false }, () => {
      resolve(socket.getPeerCertificate(true));
      socket.end();
    });
    socket.on('error', reject);
  });

test('--https: its own certificate, kept, with the fingerprint that is printed; what a phone wants then is given', async () => {
  test.setTimeout(90_000);
  const data = dataFolder();
  const port = await freePort();
  const first = await start(data, port);
  const print = FINGERPRINT.exec(first.said)![0];
  const cert = await peer(port);
  expect(cert.fingerprint256).toBe(print);
  expect(cert.subjectaltname).toContain('DNS:localhost');
  expect(cert.subjectaltname).toContain('IP Address:127.0.0.1');
  expect(first.said).toMatch(
    /https:\/\/localhost:\d+[\s\S]*let in by a code: \d{4} \d{4} to work, \d{4} \d{4} to look only/,
  );
  expect((fs.statSync(path.join(data, 'tls', 'key.pem')).mode & 0o777).toString(8)).toBe('600');
  // Plain http is not answered there; the cookie of a device is for https alone.
  await expect(fetch(`http://127.0.0.1:${port}/`)).rejects.toThrow();
  const code = /code: (\d{4} \d{4})/.exec(first.said)![1]!;
  const cookie = await new Promise<string>((resolve, reject) => {
    const body = JSON.stringify({ code, name: 'Phone' });
    const headers = { 'content-type': 'application/json', 'content-length': body.length };
    https
      .request(
        { port, host: '127.0.0.1', path: '/api/enter', method: 'POST', headers, rejectUnauthorized: false },
        (r) => resolve(String(r.headers['set-cookie'])),
      )
      .on('error', reject)
      .end(body);
  });
  expect(cookie).toMatch(/^__Host-upwind=.*HttpOnly.*SameSite=Strict.*Secure/);

  const { launchOptions } = test.info().project.use;
  const url = `https://localhost:${port}/bench`;
  // One who goes on at the warning: microphone and screen, but nothing kept, and how to have that too.
  const doubting = await chromium.launch(launchOptions);
  const warned = await doubting.newPage({ ignoreHTTPSErrors: true });
  await warned.goto(url);
  await expect(warned.getByText('Microphone: given.')).toBeVisible();
  await expect(warned.getByText('Keeping the screen awake: given.')).toBeVisible();
  const got = warned.waitForEvent('download');
  await warned.getByRole('link', { name: 'Get it' }).click();
  const file = await (await got).path();
  expect(new crypto.X509Certificate(fs.readFileSync(file)).fingerprint256).toBe(print);
  await warned.getByText('Its browser asks once whether to go on').click();
  await expect(warned.getByText(print)).toBeVisible();
  await doubting.close();

  // One that trusts it, as a device does where the certificate was installed: by its key, told at the start of the browser.
  const spki = new crypto.X509Certificate(cert.raw).publicKey.export({ type: 'spki', format: 'der' });
  const hash = crypto.createHash('sha256').update(spki).digest('base64');
  const trusting = await chromium.launchPersistentContext(newFolder(), {
    ...launchOptions,
    args: [...(launchOptions?.args ?? []), `--ignore-certificate-errors-spki-list=${hash}`],
  });
  const page = await trusting.newPage();
  await page.goto(url);
  await expect(page.getByText('Opening without a network: given.')).toBeVisible({ timeout: 60_000 });
  await trusting.close();

  await stop(first.child);
  const second = await start(data, port);
  expect(FINGERPRINT.exec(second.said)![0]).toBe(print);
  await stop(second.child);
});
