import crypto from 'node:crypto';
import fs from 'node:fs';
import net from 'node:net';
import path from 'node:path';

const DAY_MS = 24 * 3600_000;
/** Phones refuse one that is good for longer than 825 days. */
const GOOD_DAYS = 800;
const ANEW_DAYS = 30;

/** A name or address as a certificate holds it: without brackets and port. */
function bare(name) {
  const inBrackets = /^\[(.+)\]/.exec(name);
  if (inBrackets) return inBrackets[1];
  return net.isIP(name) ? name : name.replace(/:\d+$/, '');
}

/** Whether a certificate is for all these names, and for a while yet. */
function serves(cert, names, now) {
  if (Date.parse(cert.validTo) - now < ANEW_DAYS * DAY_MS || Date.parse(cert.validFrom) > now) return false;
  return names.every((n) => (net.isIP(n) ? cert.checkIP(n) : cert.checkHost(n)) !== undefined);
}

/** What lies in a folder; null where nothing does, or not what belongs together. */
function kept(certFile, keyFile) {
  try {
    const [cert, key] = [fs.readFileSync(certFile, 'utf8'), fs.readFileSync(keyFile, 'utf8')];
    const read = new crypto.X509Certificate(cert);
    return read.checkPrivateKey(crypto.createPrivateKey(key)) ? { cert, key, read } : null;
  } catch {
    return null;
  }
}

/**
 * A certificate of this program's own for the names and addresses of this machine, kept in the data folder: the same one for as long as it
 * serves, so that a browser asks once. `fingerprint`: SHA-256, as browsers show it.
 */
export async function certificate(data, names, now = Date.now()) {
  const folder = path.join(data, 'tls');
  const [certFile, keyFile] = ['cert.pem', 'key.pem'].map((f) => path.join(folder, f));
  const all = [...new Set(names.map(bare))];
  const there = kept(certFile, keyFile);
  if (there && serves(there.read, all, now))
    return { cert: there.cert, key: there.key, fingerprint: there.read.fingerprint256 };
  const { generate } = await import('selfsigned');
  const made = await generate([{ name: 'commonName', value: 'Upwind Rod of this workshop' }], {
    keySize: 2048,
    algorithm: 'sha256',
    // A clock of a phone may be behind.
    notBeforeDate: new Date(now - DAY_MS),
    notAfterDate: new Date(now + GOOD_DAYS * DAY_MS),
    extensions: [
      // A phone takes one that is to be trusted only as an authority's.
      { name: 'basicConstraints', cA: true, pathLenConstraint: 0, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyEncipherment: true, keyCertSign: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: all.map((n) => (net.isIP(n) ? { type: 7, ip: n } : { type: 2, value: n })),
      },
    ],
  });
  fs.mkdirSync(folder, { recursive: true, mode: 0o700 });
  fs.writeFileSync(keyFile, made.private, { mode: 0o600 });
  fs.chmodSync(keyFile, 0o600);
  fs.writeFileSync(certFile, made.cert);
  return {
    cert: made.cert,
    key: made.private,
    fingerprint: new crypto.X509Certificate(made.cert).fingerprint256,
  };
}
