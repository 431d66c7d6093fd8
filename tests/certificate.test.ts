import crypto from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, it } from 'vitest';
import { certificate } from '../scripts/certificate.mjs';

const DAY = 24 * 3600_000;

it('a certificate is for the names it was asked for, is kept while it serves, and made anew when it does not', async () => {
  const data = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-tls-'));
  const names = [
    '127.0.0.1',
    'localhost',
    '[::1]',
    '[::1]:3210',
    '192.168.1.4',
    'bench.local',
    'bench.local:8080',
  ];
  const first = await certificate(data, names);
  const read = new crypto.X509Certificate(first.cert);
  for (const name of ['localhost', 'bench.local']) expect(read.checkHost(name)).toBe(name);
  for (const ip of ['127.0.0.1', '::1', '192.168.1.4']) expect(read.checkIP(ip), ip).toBe(ip);
  expect(read.checkHost('elsewhere.example')).toBeUndefined();
  // Phones refuse one that is good for longer than 825 days.
  expect(Date.parse(read.validTo) - Date.parse(read.validFrom)).toBeLessThan(825 * DAY);
  expect(read.checkPrivateKey(crypto.createPrivateKey(first.key))).toBe(true);
  expect((await certificate(data, ['localhost', '192.168.1.4'])).fingerprint).toBe(first.fingerprint);
  // Another address of the machine, nearly over, torn, or with another's key: made anew.
  const moved = await certificate(data, [...names, '10.0.0.7']);
  expect(moved.fingerprint).not.toBe(first.fingerprint);
  const late = await certificate(data, names, Date.now() + 780 * DAY);
  expect(late.fingerprint).not.toBe(moved.fingerprint);
  const [cert, key] = ['cert.pem', 'key.pem'].map((f) => path.join(data, 'tls', f));
  fs.writeFileSync(cert!, first.cert);
  expect((await certificate(data, names)).fingerprint).not.toBe(first.fingerprint);
  fs.writeFileSync(key!, 'torn');
  const last = await certificate(data, names);
  expect(new crypto.X509Certificate(last.cert).checkPrivateKey(crypto.createPrivateKey(last.key))).toBe(true);
  expect((fs.statSync(key!).mode & 0o777).toString(8)).toBe('600');
});
