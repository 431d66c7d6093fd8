import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';

/** A folder for the databases of all unit tests of a run; taken away after it. */
export function setup(): () => void {
  const folders = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-units-'));
  process.env['UPWIND_TEST_FOLDERS'] = folders;
  return () => fs.rmSync(folders, { recursive: true, force: true, maxRetries: 5 });
}
