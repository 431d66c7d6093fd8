import { spawn } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';

/** A beat each so often, ms; one that comes later than by so much is a pause. */
const BEAT_MS = 200;
const LATE_MS = 250;
/** What beats: a process of its own that does nothing else, and has the disk keep a line each time, as a save does. */
const BEATS = `
const fs = require('node:fs');
const file = fs.openSync(process.argv[1], 'w');
let last = Date.now();
setInterval(() => {
  fs.writeSync(file, 'beat', 0);
  fs.fsyncSync(file);
  const now = Date.now();
  if (now - last > ${BEAT_MS + LATE_MS}) console.log(JSON.stringify([last + ${BEAT_MS}, now]));
  last = now;
}, ${BEAT_MS});
`;

/**
 * Notes when the machine itself stands still, its processors or its disk: what a server takes longer for then is not its own. `during` is how long it
 * stood within a time, ms; times as `Date.now()` gives them.
 */
export function pauses(): {
  during: (from: number, to: number) => number;
  all: () => number[];
  stop: () => void;
} {
  const file = path.join(fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-beat-')), 'beat');
  const child = spawn(process.execPath, ['-e', BEATS, file], { stdio: ['ignore', 'pipe', 'inherit'] });
  const seen: [number, number][] = [];
  let rest = '';
  child.stdout.on('data', (d: Buffer) => {
    const lines = (rest + d.toString()).split('\n');
    rest = lines.pop()!;
    seen.push(...lines.map((line) => JSON.parse(line) as [number, number]));
  });
  return {
    during: (from, to) =>
      seen.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, to) - Math.max(a, from)), 0),
    all: () => seen.map(([a, b]) => b - a),
    stop: () => {
      child.kill();
      fs.rmSync(path.dirname(file), { recursive: true, force: true });
    },
  };
}
