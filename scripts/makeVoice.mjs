// Makes the clips of public/voice once: `node scripts/makeVoice.mjs`. Needs flite (CMU, voice slt, a BSD-like licence) and opusenc; what
// it makes is committed, so that nobody needs either. Silence before and after is cut off, so that a clip's start is its sound's.
import { execFileSync } from 'node:child_process';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';

const WORDS = {
  ...Object.fromEntries(Array.from({ length: 121 }, (_, i) => [`n${i}`, `${i}`])),
  quarter: 'quarter',
  half: 'half',
  'three-quarters': 'three quarters',
  corner: 'corner',
  rest: 'rest',
  go: 'go',
  wait: 'wait',
  hold: 'hold',
  resume: 'going on',
  slower: 'slower',
  faster: 'faster',
  ready: 'get ready',
  start: 'start',
  nose: 'nose',
  slot: 'slot',
  tail: 'tail',
  'power-off': 'power off',
  done: 'done',
  warm: 'wire is warming',
  'next-pass': 'next pass',
};
const out = path.resolve('public/voice');
fs.mkdirSync(out, { recursive: true });
const work = fs.mkdtempSync(path.join(os.tmpdir(), 'voice-'));

/** 16-bit mono samples of a WAV file without the silence at its ends, as a new WAV file. */
function trimmed(wav) {
  const data = wav.indexOf('data') + 8;
  const rate = wav.readUInt32LE(24);
  const samples = new Int16Array(wav.buffer, wav.byteOffset + data, (wav.length - data) >> 1);
  const loud = (s) => Math.abs(s) > 500;
  const from = Math.max(0, samples.findIndex(loud) - Math.round(rate * 0.002));
  const to = Math.min(samples.length, samples.findLastIndex(loud) + Math.round(rate * 0.03));
  const body = Buffer.from(Int16Array.from(samples.subarray(from, to)).buffer);
  const head = Buffer.from(wav.subarray(0, 44));
  head.writeUInt32LE(36 + body.length, 4);
  head.write('data', 36);
  head.writeUInt32LE(body.length, 40);
  return Buffer.concat([head, body]);
}

for (const [name, text] of Object.entries(WORDS)) {
  const raw = path.join(work, 'raw.wav');
  const cut = path.join(work, 'cut.wav');
  execFileSync('flite', ['-voice', 'slt', '-t', text, '-o', raw]);
  fs.writeFileSync(cut, trimmed(fs.readFileSync(raw)));
  execFileSync('opusenc', ['--quiet', '--bitrate', '24', '--serial', '1', cut, path.join(out, `${name}.opus`)]);
}
console.log(`${Object.keys(WORDS).length} clips in public/voice`);
