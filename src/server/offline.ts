import 'server-only';
import fs from 'node:fs';
import path from 'node:path';
import { dataFolder } from './db';
import { refusal } from './http';

function filesBelow(folder: string): string[] {
  if (!fs.existsSync(folder)) return [];
  return fs
    .readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && !f.name.endsWith('.map'))
    .map((f) => path.relative(folder, path.join(f.parentPath, f.name)).split(path.sep).join('/'));
}

/** The service worker of this build: its source with what was built written before it. */
export function serviceWorker(): Response {
  const at = (...parts: string[]) => path.join(/*turbopackIgnore: true*/ process.cwd(), ...parts);
  const idFile = at('.next', 'BUILD_ID');
  const build = fs.existsSync(idFile) ? fs.readFileSync(idFile, 'utf8').trim() : 'dev';
  const files = [
    ...filesBelow(at('.next', 'static')).map((f) => `/_next/static/${f}`),
    ...filesBelow(at('public', 'voice')).map((f) => `/voice/${f}`),
  ];
  const source = fs.readFileSync(at('scripts', 'offline.sw.js'), 'utf8');
  const before = `const BUILD = ${JSON.stringify(build)};\nconst FILES = ${JSON.stringify(files)};\n`;
  return new Response(before + source, {
    headers: { 'content-type': 'text/javascript; charset=utf-8', 'cache-control': 'no-cache' },
  });
}

/** The certificate by which this program is reached over https, without its key. */
export function certificateFile(): Response {
  const file = path.join(dataFolder(), 'tls', 'cert.pem');
  if (process.env.UPWIND_HTTPS !== '1' || !fs.existsSync(file))
    throw refusal(404, 'not-found', 'This program is not reached over https.');
  return new Response(fs.readFileSync(file), {
    headers: {
      'content-type': 'application/x-x509-ca-cert',
      'content-disposition': 'attachment; filename="upwind-rod.crt"',
    },
  });
}
