import crypto from 'node:crypto';
import fs from 'node:fs';
import Module from 'node:module';
import path from 'node:path';
import v8 from 'node:v8';
import vm from 'node:vm';

/** How long after the last file that was compiled anew all are written down, ms: the functions of the first page are in it then. */
const WRITE_MS = 4000;
/** Fewer new files than this are not worth writing it again. */
const WORTH = 20;
/** Code that imports while it runs is left to the runtime: taken from the file it would not know from where it imports (Node 20). */
const IMPORTS = /\bimport\s*\(/;
const MARK = 'upwind-code-1';

/**
 * Keeps what the runtime compiles of the framework and the built program (CommonJS) in one file, so that the next start need not: an eighth
 * of its own time (measured, Node 20). The runtime itself refuses code of another version or of other flags; each piece is found by the
 * text it was compiled from. Later runtimes have this of their own (module.enableCompileCache). A file that cannot be read or
 * written, or is damaged, costs time, nothing else. Returns how many were taken from it so far.
 */
export function keepCompiled(file, writeMs = WRITE_MS) {
  const known = read(file);
  const compiled = new Map();
  let fresh = 0;
  let taken = 0;
  let timer;
  const write = () => {
    if (fresh < WORTH) return;
    fresh = 0;
    save(file, compiled);
  };
  const { _compile: plain } = Module.prototype;
  Module.prototype._compile = function (content, filename, format) {
    if (format === 'module' || IMPORTS.test(content)) return plain.call(this, content, filename, format);
    const key = sumOf(content);
    const cachedData = known.get(key);
    let script;
    try {
      script = new vm.Script(Module.wrap(content), { filename, cachedData });
    } catch {
      // No CommonJS after all: the runtime finds out itself.
      return plain.call(this, content, filename, format);
    }
    compiled.set(key, script);
    if (cachedData && !script.cachedDataRejected) taken++;
    else {
      fresh++;
      clearTimeout(timer);
      timer = setTimeout(write, writeMs).unref();
    }
    const run = script.runInThisContext();
    return run.call(this.exports, this.exports, requireOf(this), this, filename, path.dirname(filename));
  };
  return () => taken;
}

/** What a module calls `require`. */
function requireOf(module) {
  const require = (id) => module.require(id);
  require.resolve = (request, options) => Module._resolveFilename(request, module, false, options);
  require.resolve.paths = (request) => Module._resolveLookupPaths(request, module);
  require.main = process.mainModule;
  require.extensions = Module._extensions;
  require.cache = Module._cache;
  return require;
}

/** A line of JSON that says how long each piece is, then the pieces, and the sum of them all: the runtime does not find a torn one out. */
function read(file) {
  const known = new Map();
  try {
    const all = fs.readFileSync(file);
    const end = all.indexOf(10);
    const { mark, at, sum, pieces } = JSON.parse(all.subarray(0, end).toString('utf8'));
    if (mark !== MARK || at !== stamp() || sum !== sumOf(all.subarray(end + 1))) return known;
    let from = end + 1;
    for (const [key, length] of pieces) known.set(key, all.subarray(from, (from += length)));
  } catch {
    known.clear();
  }
  return known;
}

const sumOf = (bytes) => crypto.createHash('sha1').update(bytes).digest('base64');

const stamp = () => `${process.version} ${process.arch} ${v8.cachedDataVersionTag()}`;

function save(file, compiled) {
  const pieces = [...compiled].map(([key, script]) => [key, script.createCachedData()]);
  const all = Buffer.concat(pieces.map(([, data]) => data));
  const lengths = pieces.map(([key, data]) => [key, data.length]);
  const head = JSON.stringify({ mark: MARK, at: stamp(), sum: sumOf(all), pieces: lengths });
  const aside = `${file}.${process.pid}`;
  try {
    fs.mkdirSync(path.dirname(file), { recursive: true });
    fs.writeFileSync(aside, Buffer.concat([Buffer.from(`${head}\n`), all]));
    fs.renameSync(aside, file);
  } catch {
    fs.rm(aside, { force: true }, () => {});
  }
}
