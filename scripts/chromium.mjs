import fs from 'node:fs';
import { asRoot } from './debian.mjs';

const WHOLE = '/usr/bin/chromium';
/** The same browser without all that draws a window: a test takes a quarter less of the processors with it. */
const BARE = '/usr/bin/chromium-headless-shell';
const PACKAGES = ['chromium', 'chromium-headless-shell'];

/** Debian's Chromium with all of it, as where a pointer is locked. */
const wholePath = () => process.env.CHROMIUM ?? WHOLE;
const path = () => process.env.CHROMIUM ?? (fs.existsSync(BARE) ? BARE : WHOLE);

/**
 * How Debian's Chromium is started, by which the program is tested: the bare one where it is there, if the `whole` one is not asked for.
 * @param {{ whole?: boolean, args?: string[] }} [how]
 */
export const chromium = ({ whole = false, args = [] } = {}) => ({
  executablePath: whole ? wholePath() : path(),
  args: [
    '--no-sandbox',
    '--disable-dev-shm-usage',
    '--disable-background-networking',
    '--disable-component-update',
    ...args,
  ],
});

/** Its packages, where they are lacking and no other browser was named. */
export const chromiumLacks = () =>
  !process.env.CHROMIUM && [WHOLE, BARE].some((file) => !fs.existsSync(file)) ? PACKAGES : null;

/** What is wanted where it is not there, or null; the bare one is not needed. */
export function noChromium() {
  const file = wholePath();
  return fs.existsSync(file)
    ? null
    : `The browser tests want Chromium at ${file}, or where CHROMIUM says. ${asRoot(PACKAGES)}`;
}
