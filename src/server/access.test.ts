import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import {
  changeDevice,
  deleteDevice,
  deviceBy,
  forgetOld,
  insertDevice,
  KNOWN_DAYS,
  listDevices,
} from '@/db/devices';
import { openTestDb } from '@/db/testDatabases';
import { access, enter } from './access';
import { closeDatabase, database } from './db';
import { amendDevice, changeSchema, devicesFor, forgetDevice, invite } from './devices';
import { refused } from './testRefused';
import { Tries } from './tries';

const DAY = 24 * 3600_000;
const DESK = { id: null, name: 'The desk', right: 'work' } as const;
const codes = () => ({ work: access().code('work'), look: access().code('look') });
const secretIn = (r: Response) => /=([^;]+)/.exec(r.headers.get('set-cookie')!)![1]!;

beforeAll(() => {
  (globalThis as unknown as { upwindDb: unknown }).upwindDb = openTestDb();
});
afterAll(() => closeDatabase());
beforeEach(() => {
  delete (globalThis as unknown as { upwindAccess?: unknown }).upwindAccess;
});

describe('letting a device in', () => {
  it('a code lets do what it is for, however it is typed; anything else lets do nothing', async () => {
    const { work, look } = codes();
    expect(work).toMatch(/^\d{4} \d{4}$/);
    expect(work).not.toBe(look);
    const in1 = await enter({ code: ` ${work.replace(' ', '-')} `, name: 'Phone' }, 'a');
    expect(await in1.json()).toEqual({ name: 'Phone', right: 'work' });
    expect((await (await enter({ code: look, name: 'Board' }, 'a')).json()) as object).toMatchObject({
      right: 'look',
    });
    for (const code of ['', '0', work.slice(0, 8), `${work}0`, 'work'])
      expect((await refused(enter({ code, name: 'X' }, `from ${code}`))).status).toBe(403);
  });

  it('its secret is long, in a cookie that no page reads, and kept as a hash only', async () => {
    const answer = await enter({ code: codes().work, name: 'Phone' }, 'b');
    const cookie = answer.headers.get('set-cookie')!;
    expect(cookie).toMatch(/^upwind=[\w-]{43}; Path=\/; Max-Age=7776000; HttpOnly; SameSite=Strict$/);
    process.env['UPWIND_HTTPS'] = '1';
    const over = await enter({ code: codes().work, name: 'Phone' }, 'b');
    delete process.env['UPWIND_HTTPS'];
    expect(over.headers.get('set-cookie')).toMatch(/^__Host-upwind=.*; Secure$/);
    const secret = secretIn(answer);
    expect((await access().known(secret))!.name).toBe('Phone');
    expect(await access().known(`${secret}x`)).toBeNull();
    const told = JSON.stringify(await devicesFor(DESK));
    expect(told).not.toContain(secret);
    expect(told).not.toMatch(/hash/i);
  });

  it('a link is good once, and for a quarter of an hour', () => {
    const { token, until } = access().newLink('look', 1000);
    expect(token).toMatch(/^[\w-]{22}$/);
    expect(access().rightOf(token, until)).toBe('look');
    expect(access().rightOf(token, until)).toBeNull();
    const late = access().newLink('work', 1000);
    expect(access().rightOf(late.token, late.until + 1)).toBeNull();
  });

  it('five wrong codes a minute from one address, thirty from all, then it waits', async () => {
    const { work } = codes();
    for (let n = 0; n < 5; n++) expect((await refused(enter({ code: 'no', name: 'X' }, 'c'))).status).toBe(403);
    const late = await refused(enter({ code: work, name: 'X' }, 'c'));
    expect([late.status, late.faults[0]!.rule]).toEqual([429, 'wait']);
    expect((await enter({ code: work, name: 'X' }, 'd')).status).toBe(200);
    const tries = new Tries();
    for (let n = 0; n < 30; n++) tries.note(`address ${n}`, n * 1000);
    expect(tries.waitS('another', 30_000)).toBe(30);
    expect(tries.waitS('another', 60_001)).toBe(0);
    for (let n = 0; n < 5; n++) tries.note('one', 100_000 + n);
    expect([tries.waitS('one', 100_010), tries.waitS('two', 100_010)]).toEqual([60, 0]);
    expect(tries.waitS('one', 160_000)).toBe(0);
  });
});

describe('devices that are let in', () => {
  it('a change that changes nothing is refused before the database is asked', () => {
    expect(changeSchema.safeParse({}).success).toBe(false);
    expect(changeSchema.safeParse({ name: 'Phone' }).success).toBe(true);
  });

  it('are known for ninety days, and forgotten then', async () => {
    const db = await database();
    const made = await insertDevice(db, { name: 'Old', right: 'work', secretHash: 'hash of old' });
    expect(KNOWN_DAYS).toBe(90);
    const then = Date.parse(made.until);
    expect(Math.abs(then - Date.now() - 90 * DAY)).toBeLessThan(60_000);
    expect((await deviceBy(db, 'hash of old', then - 1000))!.id).toBe(made.id);
    expect(await deviceBy(db, 'hash of old', then + 1000)).toBeNull();
    expect((await listDevices(db, then + 1000)).map((d) => d.id)).not.toContain(made.id);
    await forgetOld(db, then + 1000);
    expect(await changeDevice(db, made.id, { name: 'x' })).toBe(false);
    expect(await deleteDevice(db, made.id)).toBe(false);
  });

  it('are named, limited and forgotten at the desk alone; a device sees and forgets only itself', async () => {
    const [a, b] = [
      await enter({ code: codes().work, name: 'A' }, 'e'),
      await enter({ code: codes().work, name: 'B' }, 'e'),
    ];
    const [ofA, ofB] = [(await access().known(secretIn(a)))!, (await access().known(secretIn(b)))!];
    const asA = { id: ofA.id, name: 'A', right: 'work' } as const;
    expect((await devicesFor(asA)).known.map((d) => d.name)).toEqual(['A']);
    for (const no of [
      invite(asA, { right: 'work', rig: null }),
      amendDevice(asA, ofB.id, { right: 'look' }),
      forgetDevice(asA, ofB.id),
    ])
      expect((await refused(no)).status).toBe(403);
    const amended = await amendDevice(DESK, ofA.id, { right: 'look', name: 'Board' });
    expect(amended.known.find((d) => d.id === ofA.id)).toMatchObject({ right: 'look', name: 'Board' });
    expect((await access().known(secretIn(a)))!.right).toBe('look');
    await forgetDevice(DESK, ofB.id);
    expect(await access().known(secretIn(b))).toBeNull();
    await forgetDevice(asA, ofA.id);
    expect(await access().known(secretIn(a))).toBeNull();
    // Nobody is asked in while only this machine is answered.
    expect((await refused(invite(DESK, { right: 'work', rig: null }))).status).toBe(409);
  });
});
