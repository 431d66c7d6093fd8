import { spawnSync } from 'node:child_process';

/** With what they recommend: a browser wants its fonts. */
const command = (packages) => `apt-get update && apt-get install -y ${packages.join(' ')}`;

/** Installs packages of Debian's where we may; whether they are there then is looked at by who wants them. */
export function installDebian(name, packages) {
  if (process.getuid?.() !== 0) return;
  console.log(`Installing ${name} …`);
  spawnSync('sh', ['-c', `${command(packages)} >/dev/null`], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    timeout: 10 * 60_000,
  });
}

/** What somebody else would do for it, in words. */
export const asRoot = (packages) => `As root: ${command(packages)}`;
