import fs from 'node:fs';

/** A fault at the start that a person can mend: one line, said and the program ends. */
export class StartFault extends Error {}

/** When a process began, as the kernel counts it: tells a living owner from a stranger with the same number. */
function startOf(pid: number): string | null {
  try {
    const stat = fs.readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? null;
  } catch {
    return null;
  }
}

function alive(pid: number, started: string | null): boolean {
  try {
    process.kill(pid, 0);
  } catch (e) {
    return (e as NodeJS.ErrnoException).code === 'EPERM';
  }
  const now = startOf(pid);
  return started === null || now === null || now === started;
}

/**
 * Takes the lock file of a database folder, or throws a StartFault that says who has it. A lock whose owner is gone is
 * taken over. Returns the function that gives it back.
 */
export function takeLock(folder: string): () => void {
  const file = `${folder}.lock`;
  const mine = JSON.stringify({ pid: process.pid, started: startOf(process.pid) });
  for (let attempt = 0; attempt < 3; attempt++) {
    try {
      fs.writeFileSync(file, mine, { flag: 'wx' });
      return () => {
        if (fs.existsSync(file) && fs.readFileSync(file, 'utf8') === mine) fs.rmSync(file);
      };
    } catch (e) {
      if ((e as NodeJS.ErrnoException).code !== 'EEXIST') throw e;
    }
    let owner: { pid?: number; started?: string | null } = {};
    try {
      owner = JSON.parse(fs.readFileSync(file, 'utf8')) as typeof owner;
    } catch {
      owner = {};
    }
    if (owner.pid && alive(owner.pid, owner.started ?? null))
      throw new StartFault(
        `The database in ${folder} is already open in another process (number ${owner.pid}). Stop that one first.`,
      );
    fs.rmSync(file, { force: true });
  }
  throw new StartFault(`The lock ${file} could not be taken.`);
}
