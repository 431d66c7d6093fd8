import fs from 'node:fs';
import path from 'node:path';
import { renameForGood, writeWhole } from './disk';

/** A database folder that would not open: where it is kept, since when, and what was seen. */
export interface Damage {
  readonly kept: string;
  readonly at: string;
  readonly seen: string;
}

const noteOf = (data: string) => path.join(data, 'damage.json');

/** Puts a folder that would not open aside under a name of its own, and notes it for the page. */
export function setAside(folder: string, seen: string): Damage {
  const data = path.dirname(folder);
  const at = new Date().toISOString();
  let kept = `${folder}.damaged-${at.slice(0, 19).replaceAll(':', '')}`;
  // A path of the data folder: the build is not to follow it.
  for (let n = 2; fs.existsSync(/* turbopackIgnore: true */ kept); n++)
    kept = `${kept.replace(/\.\d+$/, '')}.${n}`;
  renameForGood(folder, kept);
  const damage = { kept: path.basename(kept), at, seen };
  writeWhole(noteOf(data), JSON.stringify(damage));
  return damage;
}

/** The damage that nobody has dealt with yet; null where there is none. */
export function noted(data: string): Damage | null {
  try {
    const d = JSON.parse(fs.readFileSync(noteOf(data), 'utf8')) as Partial<Damage> | null;
    return d && typeof d.kept === 'string' && typeof d.at === 'string' && typeof d.seen === 'string'
      ? { kept: d.kept, at: d.at, seen: d.seen }
      : null;
  } catch {
    return null;
  }
}

/** It was dealt with: the note goes, the folder that was put aside stays. */
export function dealtWith(data: string): void {
  fs.rmSync(noteOf(data), { force: true });
}
