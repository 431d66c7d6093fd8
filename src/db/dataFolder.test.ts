import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { dealtWith, noted, setAside } from './damage';
import { freeBytes, sizeOf, syncTree, writeWhole } from './disk';
import { openEmbedded } from './embedded';
import { openFolder } from './folder';
import { StartFault, takeLock } from './lock';
import { openDb } from './open';
import { LEAST_FREE, roomFor } from './room';
import { emptyDatabaseAt } from './testDatabases';

const folder = () => fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-folder-'));
afterEach(() => vi.restoreAllMocks());

describe('files that are written whole', () => {
  it('are synced before they are named, and their folder after', () => {
    const at = path.join(folder(), 'deep', 'file');
    const order: string[] = [];
    const { fsyncSync, renameSync } = fs;
    vi.spyOn(fs, 'fsyncSync').mockImplementation((fd) => {
      order.push(fs.fstatSync(fd).isDirectory() ? 'folder' : 'file');
      fsyncSync(fd);
    });
    vi.spyOn(fs, 'renameSync').mockImplementation((from, to) => {
      order.push('name');
      renameSync(from, to);
    });
    writeWhole(at, 'whole');
    expect(order.slice(-3)).toEqual(['file', 'name', 'folder']);
    expect(fs.readdirSync(path.dirname(at))).toEqual(['file']);
    order.length = 0;
    fs.mkdirSync(path.join(path.dirname(at), 'below'));
    fs.writeFileSync(path.join(path.dirname(at), 'below', 'other'), '12');
    syncTree(path.dirname(at));
    expect([...order].sort()).toEqual(['file', 'file', 'folder', 'folder']);
    expect(sizeOf(path.dirname(at))).toBe(7);
    expect(sizeOf(path.join(at, 'nothing'))).toBe(0);
  });

  it('leave what was there where the disk has no room for them', () => {
    const at = path.join(folder(), 'file');
    writeWhole(at, 'old');
    vi.spyOn(fs, 'fsyncSync').mockImplementation(() => {
      throw Object.assign(new Error('no space left on device'), { code: 'ENOSPC' });
    });
    expect(() => writeWhole(at, 'new')).toThrow('no space');
    expect(fs.readFileSync(at, 'utf8')).toBe('old');
  });

  it('the room on a disk is that of the nearest folder that is there', () => {
    const at = folder();
    expect(freeBytes(path.join(at, 'not', 'yet'))).toBeGreaterThan(0);
    expect(roomFor(at, freeBytes(at))).toBe(false);
    expect(roomFor(at)).toBe(freeBytes(at) >= LEAST_FREE);
  });
});

describe('the embedded database', () => {
  it('waits for the disk with every commit, unless told not to', async () => {
    const at = path.join(folder(), 'db');
    await emptyDatabaseAt(at);
    let synced = 0;
    const { fsyncSync } = fs;
    vi.spyOn(fs, 'fsyncSync').mockImplementation((fd) => {
      synced++;
      fsyncSync(fd);
    });
    const commits = async (wait: boolean) => {
      const db = await openEmbedded(at, wait);
      await db.exec('create table if not exists t (n int)');
      synced = 0;
      for (let n = 0; n < 20; n++) await db.query('insert into t values ($1)', [n]);
      const seen = synced;
      await db.close();
      return seen;
    };
    expect(await commits(true)).toBeGreaterThanOrEqual(20);
    expect(await commits(false)).toBe(0);
  });

  it('takes no more buffers than a workshop needs, waiting for the disk or not, and reads what is larger than they are', async () => {
    const at = path.join(folder(), 'db');
    await emptyDatabaseAt(at);
    for (const wait of [true, false]) {
      const db = await openEmbedded(at, wait);
      const { rows } = await db.query<{ set: string }>("select current_setting('shared_buffers') as set");
      expect(rows).toEqual([{ set: '32MB' }]);
      await db.close();
    }
    const db = await openEmbedded(at, false);
    await db.exec(
      `create table wide as select n, repeat(md5(n::text), 60) as text from generate_series(1, 24000) n`,
    );
    const size = await db.query<{ size: string }>("select pg_table_size('wide') as size");
    expect(Number(size.rows[0]!.size)).toBeGreaterThan(40 * 1024 * 1024);
    const sum =
      'select count(*)::int as many, count(distinct text)::int as others, sum(n)::int as sum from wide';
    const whole = { many: 24000, others: 24000, sum: (24000 * 24001) / 2 };
    expect((await db.query(sum)).rows).toEqual([whole]);
    await db.close();
    const again = await openEmbedded(at, true);
    expect((await again.query(sum)).rows).toEqual([whole]);
    await again.close();
  });

  it('an empty postmaster.pid, as a cut leaves it, does not keep it shut; a folder without PG_VERSION is put aside and a newborn one copied', async () => {
    const at = path.join(folder(), 'db');
    // A newborn one that is torn is not begun with, nor one that is not there.
    const torn = folder();
    fs.writeFileSync(path.join(torn, 'PG_VERSION'), '');
    const said = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const first = await openFolder(at, true, torn);
    expect(said.mock.calls.flat().join()).toContain('One is made anew');
    await first.lite.exec('create table kept (n int)');
    await first.lite.close();
    first.release();
    fs.writeFileSync(path.join(at, 'postmaster.pid'), '');
    const again = await openFolder(at, true);
    expect((await again.lite.query('select * from kept')).rows).toEqual([]);
    await again.lite.close();
    again.release();
    expect(noted(path.dirname(at))).toBeNull();

    fs.rmSync(path.join(at, 'PG_VERSION'));
    const newborn = path.join(folder(), 'newborn');
    await emptyDatabaseAt(newborn);
    const files = fs.readdirSync(newborn, { recursive: true }).length;
    const fresh = await openFolder(at, true, newborn);
    await expect(fresh.lite.query('select * from kept')).rejects.toThrow('does not exist');
    // A copy of it, which may be written; it stays as it was.
    expect((await fresh.lite.query('select * from rigs')).rows).toEqual([]);
    await fresh.lite.exec('create table own (n int)');
    expect(fs.readdirSync(newborn, { recursive: true })).toHaveLength(files);
    await fresh.lite.close();
    fresh.release();
    const damage = noted(path.dirname(at))!;
    expect(damage.seen).toBe('its file PG_VERSION is missing');
    expect(fs.existsSync(path.join(path.dirname(at), damage.kept, 'base'))).toBe(true);
    dealtWith(path.dirname(at));
    expect(noted(path.dirname(at))).toBeNull();
  });

  it('two damages within a second are kept side by side', () => {
    const data = folder();
    const kept = [1, 2, 3].map(() => {
      fs.mkdirSync(path.join(data, 'db'));
      return setAside(path.join(data, 'db'), 'torn').kept;
    });
    expect(new Set(kept).size).toBe(3);
    expect(fs.readdirSync(data).sort()).toEqual([...kept, 'damage.json'].sort());
  });

  it.each(['', 'null', '[]', '{"kept":1}'])('a note that is %j is none', (text) => {
    const data = folder();
    fs.writeFileSync(path.join(data, 'damage.json'), text);
    expect(noted(data)).toBeNull();
  });
});

describe('the data folder', () => {
  it('is locked while it is open, and a lock whose owner is gone is taken over', () => {
    const at = path.join(folder(), 'db');
    const release = takeLock(at);
    expect(() => takeLock(at)).toThrow(StartFault);
    release();
    fs.writeFileSync(`${at}.lock`, JSON.stringify({ pid: 2 ** 22 + 7, started: '1' }));
    takeLock(at)();
    // Of before the machine was started anew: the number may be anybody's now.
    const here = JSON.stringify({ pid: process.pid, started: null, boot: 'another' });
    fs.writeFileSync(`${at}.lock`, here);
    takeLock(at)();
    // Torn by a power cut, or nothing that a process could have written.
    for (const text of ['torn', '', 'null', '{"pid":-1}', '{"pid":0}', '{"pid":"1"}', '[]']) {
      fs.writeFileSync(`${at}.lock`, text);
      takeLock(at)();
    }
    expect(fs.existsSync(`${at}.lock`)).toBe(false);
  });

  it('is copied beside itself before a migration', async () => {
    const dir = folder();
    const migrations = path.join(dir, 'migrations');
    fs.cpSync('src/db/migrations', migrations, { recursive: true });
    const at = path.join(dir, 'db');
    await emptyDatabaseAt(at);
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
  });
});
