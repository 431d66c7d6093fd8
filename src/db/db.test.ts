import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { loggedCutSchema } from '@/core/documents/log';
import { testRig } from '@/core/engine/testRigs';
import workshop from './workshop.json';
import { deleteWorkshop, insertWorkshop, isEmpty, type Workshop } from './demo';
import { StartFault, takeLock } from './lock';
import { openDb, type Db, type Handle } from './open';
import * as rigs from './rigs';
import * as stock from './stock';

const NO_LINKS = { foamStockId: null, spoolId: null, supplyId: null };
const cut = loggedCutSchema.parse({
  at: '2026-05-02T18:10:00Z',
  setting: 18.5,
  widthMm: 640,
  depthMm: 50,
  seconds: 12,
  grade: 'good',
});
let handle: Handle;
let db: Db;

beforeAll(async () => {
  handle = await openDb({ folder: null, migrations: path.resolve('src/db/migrations') });
  db = handle.db;
});
afterAll(() => handle.close());

describe('rigs', () => {
  it('keeps the document with tuning 1, whatever was shown', async () => {
    const doc = testRig({ name: 'A', foam: { tuning: 1.3, tuningSd: 0.1 } });
    const made = await rigs.insertRig(db, doc, NO_LINKS);
    const back = (await rigs.getRig(db, made.id))!;
    expect(back.doc.foam).toMatchObject({ tuning: 1, tuningSd: 0.35 });
    expect(back.doc).toEqual({ ...doc, foam: { ...doc.foam, tuning: 1, tuningSd: 0.35 } });
  });

  it('a save names its revision; on an older one it changes nothing', async () => {
    const made = await rigs.insertRig(db, testRig({ name: 'B' }), NO_LINKS);
    const second = (await rigs.saveRig(db, made.id, 1, testRig({ name: 'B2' }), NO_LINKS))!;
    expect(second.revision).toBe(2);
    expect(await rigs.saveRig(db, made.id, 1, testRig({ name: 'B3' }), NO_LINKS)).toBeNull();
    expect((await rigs.getRig(db, made.id))!.doc.name).toBe('B2');
    expect(await rigs.saveRig(db, 'nothing', 1, testRig(), NO_LINKS)).toBeNull();
  });

  it('lists the newest work first and leaves out what is put away', async () => {
    const old = await rigs.insertRig(db, testRig({ name: 'old' }), NO_LINKS, false, '2020-01-01T00:00:00Z');
    const names = async (away: boolean) => (await rigs.listRigs(db, away)).map((r) => r.doc.name);
    expect((await names(false)).at(-1)).toBe('old');
    await rigs.setArchived(db, old.id, true);
    expect(await names(false)).not.toContain('old');
    expect(await names(true)).toEqual(['old']);
    await rigs.insertCut(db, (await rigs.getRig(db, old.id))!, cut);
    await rigs.setArchived(db, old.id, false);
    expect((await names(false))[0]).toBe('old');
  });
});

describe('whose cuts tune a rig', () => {
  it('rigs of the same foam and spool share; a rig without both has its own', async () => {
    const foam = await stock.insertFoam(db, {
      name: 'F',
      kind: 'eps',
      densityKgM3: 20,
      origin: 'measured',
      note: '',
      demo: false,
    });
    const spool = await stock.insertSpool(db, {
      name: 'S',
      alloy: 'nicr-80',
      diameterMm: 0.4,
      strands: 1,
      metres: 3,
      note: '',
      demo: false,
    });
    const links = { foamStockId: foam.id, spoolId: spool.id, supplyId: null };
    const a = await rigs.insertRig(db, testRig({ name: 'a' }), links);
    const b = await rigs.insertRig(db, testRig({ name: 'b' }), links);
    const alone = await rigs.insertRig(db, testRig({ name: 'alone' }), { ...links, spoolId: null });
    const logged = await rigs.insertCut(db, a, cut);
    expect(await rigs.cutsFor(db, b)).toEqual([logged]);
    expect(await rigs.cutsFor(db, alone)).toEqual([]);
    await rigs.insertCut(db, alone, cut);
    expect(await rigs.cutsFor(db, alone)).toHaveLength(1);
    expect(await rigs.cutsFor(db, a)).toHaveLength(1);
    expect((await rigs.rigsUsing(db, 'spoolId', spool.id)).map((r) => r.name).sort()).toEqual(['a', 'b']);
    await stock.deleteStock(db, 'spools', spool.id);
    expect((await rigs.getRig(db, a.id))!.spoolId).toBeNull();
    expect(await rigs.deleteCut(db, logged.id)).toBe(true);
    expect(await rigs.deleteCut(db, logged.id)).toBe(false);
  });

  it('a link to nothing is refused by the database', async () => {
    await expect(rigs.insertRig(db, testRig(), { ...NO_LINKS, spoolId: 'nothing' })).rejects.toMatchObject({
      cause: { code: '23503' },
    });
  });
});

describe('the demo workshop', () => {
  it('goes in whole, and what nobody touched comes out', async () => {
    const own = await openDb({ folder: null, migrations: path.resolve('src/db/migrations') });
    expect(await isEmpty(own.db)).toBe(true);
    await insertWorkshop(own.db, workshop as unknown as Workshop);
    const all = await rigs.listRigs(own.db);
    expect(all.length).toBeGreaterThanOrEqual(5);
    const cuts = (await Promise.all(all.map((r) => rigs.cutsFor(own.db, r)))).flat();
    expect(cuts.length).toBeGreaterThanOrEqual(38);
    const blade = all.find((r) => r.doc.name === 'Blade bow')!;
    await rigs.saveRig(own.db, blade.id, blade.revision, { ...blade.doc, name: 'Mine now' }, blade);
    expect(await deleteWorkshop(own.db)).toEqual({ kept: 1 });
    const left = await rigs.listRigs(own.db);
    expect(left.map((r) => [r.doc.name, r.demo])).toEqual([['Mine now', false]]);
    const { foams, spools } = await stock.listStock(own.db);
    expect([foams.length, spools.length]).toEqual([1, 1]);
    await own.close();
  });
});

describe('the data folder', () => {
  const folder = () => fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-db-'));

  it('is locked while it is open, and a lock whose owner is gone is taken over', () => {
    const at = path.join(folder(), 'db');
    const release = takeLock(at);
    expect(() => takeLock(at)).toThrow(StartFault);
    release();
    fs.writeFileSync(`${at}.lock`, JSON.stringify({ pid: 2 ** 22 + 7, started: '1' }));
    takeLock(at)();
    fs.writeFileSync(`${at}.lock`, 'torn');
    takeLock(at)();
    expect(fs.existsSync(`${at}.lock`)).toBe(false);
  });

  it('is copied beside itself before a migration', async () => {
    const dir = folder();
    const migrations = path.join(dir, 'migrations');
    fs.cpSync('src/db/migrations', migrations, { recursive: true });
    const at = path.join(dir, 'db');
    await (await openDb({ folder: at, migrations })).close();
    const journal = path.join(migrations, 'meta', '_journal.json');
    const text = JSON.parse(fs.readFileSync(journal, 'utf8')) as {
      entries: { idx: number; version: string; when: number; tag: string; breakpoints: boolean }[];
    };
    const last = text.entries.at(-1)!;
    text.entries.push({ ...last, idx: last.idx + 1, when: last.when + 1, tag: '9999_later' });
    fs.writeFileSync(journal, JSON.stringify(text));
    fs.writeFileSync(path.join(migrations, '9999_later.sql'), 'create table later (id text);');
    await (await openDb({ folder: at, migrations })).close();
    expect(fs.existsSync(`${at}.before-${text.entries.length}`)).toBe(true);
    await expect(openDb({ folder: at, migrations: path.resolve('src/db/migrations') })).rejects.toThrow(
      /newer Upwind Rod/,
    );
  }, 60_000);
});
