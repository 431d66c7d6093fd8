import { spawnSync } from 'node:child_process';
import fs from 'node:fs';

const WHOLE = '/usr/bin/chromium';
/** The same browser without all that draws a window: a test takes a quarter less of the processors with it. */
const BARE = '/usr/bin/chromium-headless-shell';

/** Debian's Chromium, by which the program is tested. */
export const chromiumPath = () => process.env.CHROMIUM ?? (fs.existsSync(BARE) ? BARE : WHOLE);
/** The one with all of it, as where a pointer is locked. */
export const wholeChromiumPath = () => process.env.CHROMIUM ?? WHOLE;

/** Installs it where that can be done. Answers with what is wanted where it is not there then, or null; the bare one is not needed. */
export function ensureChromium() {
  const lacks = [WHOLE, BARE].filter((file) => !fs.existsSync(file));
  const command = 'apt-get update && apt-get install -y chromium chromium-headless-shell';
  if (!process.env.CHROMIUM && lacks.length > 0 && process.getuid?.() === 0) {
    console.log('Installing Chromium …');
    spawnSync('sh', ['-c', `${command} >/dev/null`], {
      stdio: 'inherit',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      timeout: 10 * 60_000,
    });
  }
  const file = wholeChromiumPath();
  return fs.existsSync(file)
    ? null
    : `The browser tests want Chromium at ${file}, or where CHROMIUM says. As root: ${command}`;
}
