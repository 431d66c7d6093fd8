import fs from 'node:fs';
import path from 'node:path';

/** What the build writes before each script, and the same in fewer characters, in a page and in a thread of one. */
const HEAD =
  '(globalThis.TURBOPACK||(globalThis.TURBOPACK=[])).push(["object"==typeof document?document.currentScript:void 0,';
const SHORT = '(self.TURBOPACK||=[]).push([self.document?.currentScript,';
/**
 * Read by V8 (explicit compile hints): all functions of the script are compiled with it, away from the page's main thread, and kept with it for
 * the next time. Left out, each is compiled when it is first called. Other engines read a comment.
 */
export const HINT = '//# allFunctionsCalledOnLoad\n';

/** A smaller script is compiled in no time, and the hint is a part of what it weighs. */
const WORTH = 16_000;

/** A script of the build, its functions marked as wanted where that is worth its weight; one that is marked already stays. */
export function marked(script) {
  const short = script.startsWith(HEAD) ? SHORT + script.slice(HEAD.length) : script;
  return short.length < WORTH || short.startsWith(HINT) ? short : HINT + short;
}

/** Marks the scripts of a build: nearly all that a page loads is called while it opens. */
export function markScripts(folder) {
  for (const name of fs.readdirSync(folder, { recursive: true })) {
    if (!name.endsWith('.js')) continue;
    const file = path.join(folder, name);
    fs.writeFileSync(file, marked(fs.readFileSync(file, 'utf8')));
  }
}
