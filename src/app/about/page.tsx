import fs from 'node:fs';
import path from 'node:path';
import type { Metadata } from 'next';
import { About, type Licence } from '@/features/about/About';
import { backupsKept } from '@/server/backup';
import { dataFolder, waits } from '@/server/db';
import { sizesKept } from '@/server/tidy';

export const metadata: Metadata = { title: 'About' };

function packages(): { version: string; names: string[] } {
  const file = path.join(/*turbopackIgnore: true*/ process.cwd(), 'package.json');
  const pack = JSON.parse(fs.readFileSync(file, 'utf8')) as {
    version: string;
    dependencies: Record<string, string>;
  };
  return { version: pack.version, names: Object.keys(pack.dependencies).sort() };
}

function licences(names: readonly string[]): Licence[] {
  return names.map((name) => {
    try {
      const file = path.join(/*turbopackIgnore: true*/ process.cwd(), 'node_modules', name, 'package.json');
      const { version, license } = JSON.parse(fs.readFileSync(file, 'utf8')) as {
        version: string;
        license?: string;
      };
      return { name, version, licence: license ?? 'see the package' };
    } catch {
      return { name, version: '–', licence: 'see the package' };
    }
  });
}

export default function Page() {
  const { version, names } = packages();
  const where = process.env.DATABASE_URL ? 'a PostgreSQL server (DATABASE_URL)' : dataFolder();
  const embedded = !process.env.DATABASE_URL;
  return (
    <About
      version={version}
      where={where}
      licences={licences(names)}
      kept={backupsKept()}
      sizes={embedded ? sizesKept() : null}
      waits={!embedded || waits()}
    />
  );
}
