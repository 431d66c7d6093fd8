import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { testRig } from '@/core/engine/testRigs';
import type { Handle } from './open';
import { deletePhoto, insertPhoto, photoIds } from './photos';
import { PictureFiles, type PictureStore, type Swept } from './pictureFiles';
import { PictureRows } from './pictureRows';
import { insertRig } from './rigs';
import { pictureBytes } from './schema';
import { openTestDb } from './testDatabases';

const id = (n: number) => `00000000-0000-4000-8000-00000000000${n}`;
const WEEK = 7 * 24 * 3600_000;
const folder = () => fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-pictures-'));
let handle: Handle;
let rigId: string;
beforeAll(async () => {
  handle = await openTestDb();
  rigId = (await insertRig(handle.db, testRig(), { foamStockId: null, spoolId: null, supplyId: null })).id;
});
afterAll(() => handle.close());

const name = (n: number) =>
  insertPhoto(handle.db, {
    id: id(n),
    rigId,
    cutId: null,
    name: '',
    width: 1,
    height: 1,
    at: '2026-11-29T10:00:00Z',
  });

describe.each(['files', 'rows'] as const)('pictures kept as %s', (kind) => {
  let store: PictureStore;
  let sweep: (now?: number) => Promise<Swept>;
  let at: string;
  beforeEach(async () => {
    await handle.db.delete(pictureBytes);
    for (const n of [1, 2, 3]) await deletePhoto(handle.db, id(n));
    at = folder();
    const files = new PictureFiles(at);
    const rows = new PictureRows(handle.db);
    store = kind === 'files' ? files : rows;
    sweep = async (now) => (kind === 'files' ? files.sweep(await photoIds(handle.db), now) : rows.sweep(now));
  });
  const text = async (n: number) => (await store.read(id(n)))?.toString();

  it('that nothing names any more are kept a week, and come back when they are named again', async () => {
    for (const n of [1, 2, 3]) await store.write(id(n), Buffer.from(`picture ${n}`));
    await store.drop(id(1));
    expect(await text(1)).toBe('picture 1');
    await name(3);
    expect(await sweep()).toEqual({ unnamed: 2, gone: 0, back: 0 });
    await name(2);
    expect(await sweep()).toEqual({ unnamed: 1, gone: 0, back: 1 });
    expect((await sweep(Date.now() + WEEK - 60_000)).gone).toBe(0);
    expect((await sweep(Date.now() + WEEK + 60_000)).gone).toBe(1);
    expect([await text(1), await text(2), await text(3)]).toEqual([undefined, 'picture 2', 'picture 3']);
  });

  it('of a restore are taken whole; one that is here stays; what is no picture’s name is left', async () => {
    await store.write(id(1), Buffer.from('mine'));
    const aside = folder();
    fs.writeFileSync(path.join(aside, `${id(1)}.jpg`), 'theirs');
    fs.writeFileSync(path.join(aside, `${id(2)}.jpg`), 'new');
    fs.writeFileSync(path.join(aside, 'evil.jpg'), 'no');
    await store.take(aside);
    expect([await text(1), await text(2)]).toEqual(['mine', 'new']);
    expect(fs.existsSync(path.join(at, 'photos', 'evil.jpg'))).toBe(false);
  });
});
