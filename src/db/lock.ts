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

/** Which start of the machine this is: after another, a process of the same number is a stranger. Null where that is not told. */
function bootOf(): string | null {
  try {
    return fs.readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim();
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

interface Owner {
  readonly pid: number;
  readonly started: string | null;
  readonly boot: string | null;
}

/** Who a lock file names; null where it names nobody: torn by a power cut, or not one of ours. */
function ownerIn(text: string): Owner | null {
  try {
    const { pid, started, boot } = (JSON.parse(text) ?? {}) as Record<string, unknown>;
    if (!Number.isInteger(pid) || (pid as number) < 1) return null;
    const known = (x: unknown) => (typeof x === 'string' ? x : null);
    return { pid: pid as number, started: known(started), boot: known(boot) };
  } catch {
    return null;
  }
}

/** Puts a lock in its place whole, so that nobody reads half of it; false where one is there. */
function place(file: string, text: string): boolean {
  const aside = `${file}.${process.pid}`;
  fs.writeFileSync(aside, text);
  try {
    fs.linkSync(aside, file);
    return true;
  } catch (e) {
    const { code } = e as NodeJS.ErrnoException;
    if (code === 'EEXIST') return false;
    // A file system without links, as on some cards.
    if (code !== 'EPERM' && code !== 'ENOTSUP' && code !== 'EOPNOTSUPP') throw e;
    if (fs.existsSync(file)) return false;
    fs.writeFileSync(file, text, { flag: 'wx' });
    return true;
  } finally {
    fs.rmSync(aside, { force: true });
  }
}

/** Takes a lock whose owner is gone out of the way, unless somebody else has taken it over in the meantime. */
function clear(file: string, stale: string): void {
  const aside = `${file}.${process.pid}.stale`;
  try {
    fs.renameSync(file, aside);
  } catch {
    return;
  }
  if (fs.readFileSync(aside, 'utf8') !== stale) place(file, fs.readFileSync(aside, 'utf8'));
  fs.rmSync(aside, { force: true });
}

/**
 * Takes the lock file of a database folder, or throws a StartFault that says who has it. A lock whose owner is gone is
 * taken over. Returns the function that gives it back.
 */
export function takeLock(folder: string): () => void {
  const file = `${folder}.lock`;
  const boot = bootOf();
  const mine = JSON.stringify({ pid: process.pid, started: startOf(process.pid), boot });
  const read = () => (fs.existsSync(file) ? fs.readFileSync(file, 'utf8') : null);
  for (let attempt = 0; attempt < 3; attempt++) {
    if (place(file, mine))
      return () => {
        if (read() === mine) fs.rmSync(file);
      };
    const there = read();
    if (there === null) continue;
    const owner = ownerIn(there);
    const sameBoot = owner === null || owner.boot === null || boot === null || owner.boot === boot;
    if (owner && sameBoot && alive(owner.pid, owner.started))
      throw new StartFault(
        `The database in ${folder} is already open in another process (number ${owner.pid}). Stop that one first.`,
      );
    clear(file, there);
  }
  throw new StartFault(`The lock ${file} could not be taken.`);
}
