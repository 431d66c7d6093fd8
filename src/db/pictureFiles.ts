import fs from 'node:fs';
import path from 'node:path';
import { makeFolder, renameForGood, syncPlace, writeWhole } from './disk';

/** How long a picture that nothing names is still kept. */
export const GRACE_MS = 7 * 24 * 3600_000;

export const PICTURE_NAME = /^[0-9a-f-]{36}\.jpg$/;

/** What a look through the pictures found: how many nothing names any more, how many of those went, how many came back. */
export interface Swept {
  readonly unnamed: number;
  readonly gone: number;
  readonly back: number;
}

/** Where the bytes of the pictures are kept. */
export interface PictureStore {
  /** Keeps a picture, for good before this ends. */
  write(id: string, bytes: Uint8Array): Promise<void>;
  /** Bytes of a picture, one in its week of grace too; null where they are gone. */
  read(id: string): Promise<Buffer | null>;
  /** Takes pictures that lie ready, whole and on the disk, in a folder; one that is here already stays. */
  take(from: string): Promise<void>;
  /** The picture is not named any more; its week begins. */
  drop(id: string): Promise<void>;
}

/** The pictures of a data folder: a file each, named by its id. What nothing names any more lies a week in `gone`. */
export class PictureFiles implements PictureStore {
  private readonly folder: string;
  private readonly gone: string;

  constructor(data: string) {
    this.folder = path.join(data, 'photos');
    this.gone = path.join(this.folder, 'gone');
  }

  private place(id: string): string {
    return path.join(this.folder, `${id}.jpg`);
  }
  private grave(id: string): string {
    return path.join(this.gone, `${id}.jpg`);
  }

  async write(id: string, bytes: Uint8Array): Promise<void> {
    writeWhole(this.place(id), bytes);
  }

  async read(id: string): Promise<Buffer | null> {
    for (const file of [this.place(id), this.grave(id)]) if (fs.existsSync(file)) return fs.readFileSync(file);
    return null;
  }

  async take(from: string): Promise<void> {
    makeFolder(this.folder);
    for (const id of this.ids(from))
      if (!fs.existsSync(this.place(id))) fs.renameSync(path.join(from, `${id}.jpg`), this.place(id));
    syncPlace(this.folder);
  }

  async drop(id: string): Promise<void> {
    this.bury(id);
  }

  private bury(id: string): void {
    if (!fs.existsSync(this.place(id))) return;
    makeFolder(this.gone);
    const now = new Date();
    fs.utimesSync(this.place(id), now, now);
    renameForGood(this.place(id), this.grave(id));
  }

  private ids(folder: string): string[] {
    if (!fs.existsSync(folder)) return [];
    return fs
      .readdirSync(folder)
      .filter((f) => PICTURE_NAME.test(f))
      .map((f) => f.slice(0, -4));
  }

  /** Gives what is named its place, and the rest its week; after that it goes. Half-written files go at once. */
  sweep(named: ReadonlySet<string>, now = Date.now()): Swept {
    const back = this.ids(this.gone).filter((id) => named.has(id) && !fs.existsSync(this.place(id)));
    for (const id of back) renameForGood(this.grave(id), this.place(id));
    for (const id of this.ids(this.folder)) if (!named.has(id)) this.bury(id);
    const rest = this.ids(this.gone);
    const old = rest.filter((id) => now - fs.statSync(this.grave(id)).mtimeMs > GRACE_MS);
    for (const id of old) fs.rmSync(this.grave(id));
    if (fs.existsSync(this.folder))
      for (const f of fs.readdirSync(this.folder))
        if (f.endsWith('.part')) fs.rmSync(path.join(this.folder, f));
    return { unnamed: rest.length - old.length, gone: old.length, back: back.length };
  }
}
