import { spawn } from 'node:child_process';

/** With what they recommend: a browser wants its fonts. */
const UPDATE = 'apt-get update';
const install = (packages) => `apt-get install -y ${packages.join(' ')}`;

/** How long all of it may take, ms. */
const LONGEST_MS = 10 * 60_000;

/**
 * Installs groups of Debian's packages where we may, one after the other, beside what else is done. Resolves when it has ended; whether
 * they are there then is looked at by who wants them.
 * @param {Record<string, string[]>} groups what each is called, and its packages
 * @returns {Promise<void>}
 */
export async function installDebian(groups) {
  const wanted = Object.entries(groups);
  if (wanted.length === 0 || process.getuid?.() !== 0) return;
  console.log(`Installing ${wanted.map(([name]) => name).join(' and ')} …`);
  // What fails of one group leaves the others.
  const commands = [UPDATE, ...wanted.map(([, packages]) => install(packages))];
  await new Promise((resolve) => {
    const child = spawn('sh', ['-c', `(${commands.join('; ')}) >/dev/null`], {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      timeout: LONGEST_MS,
    });
    child.on('error', resolve);
    child.on('close', resolve);
  });
}

/** What somebody else would do for it, in words. */
export const asRoot = (packages) => `As root: ${UPDATE} && ${install(packages)}`;
