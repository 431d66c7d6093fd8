import fs from 'node:fs';
import path from 'node:path';
import zlib from 'node:zlib';

/** Where the framework has what it built for browsers: on the disk, and as an address. */
const FOLDER = path.join('.next', 'static');
const ADDRESS = '/_next/static';
/** What gets smaller by packing; fonts and pictures are packed already. */
const PACKED = /\.(js|css|svg|json)$/;
const YEAR_S = 365 * 24 * 3600;

/** Packs what was built for browsers, each file beside itself, as small as it gets: once, not at each request. */
export function packAssets(root) {
  const folder = path.join(root, FOLDER);
  for (const name of fs.readdirSync(folder, { recursive: true })) {
    const file = path.join(folder, name);
    if (PACKED.test(file)) fs.writeFileSync(`${file}.gz`, zlib.gzipSync(fs.readFileSync(file), { level: 9 }));
  }
}

/** Serves what was built for browsers as it lies there; all else goes on to `next`. */
export async function assetsOf(root) {
  const { default: sirv } = await import('sirv');
  const serve = sirv(path.join(root, FOLDER), { gzip: true, etag: true, immutable: true, maxAge: YEAR_S });
  return (req, res, next) => {
    const { method, url } = req;
    if ((method !== 'GET' && method !== 'HEAD') || !url.startsWith(`${ADDRESS}/`)) return next();
    req.url = url.slice(ADDRESS.length);
    return serve(req, res, () => {
      req.url = url;
      next();
    });
  };
}
