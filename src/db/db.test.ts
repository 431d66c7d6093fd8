import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { backupSchema } from '@/core/documents/backup';
import { faultsOf } from '@/core/documents/faults';
import { loggedCutSchema } from '@/core/documents/log';
import { testRig } from '@/core/engine/testRigs';
import { putBack, takeBackup } from './backup';
import { PIECE } from './testPiece';
import workshop from './workshop.json';
import { deleteWorkshop, insertWorkshop, isEmpty, type Workshop } from './demo';
import type { Db, Handle } from './open';
import { openTestDb } from './testDatabases';
import { keptPlans as plans } from './kept';
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
  handle = await openTestDb();
  db = handle.db;
});
afterAll(() => handle.close());

describe('plans', () => {
  const plan = PIECE;
  it('are kept with their rig, saved on their revision only, and go with it', async () => {
    const rig = await rigs.insertRig(db, testRig({ name: 'With pieces' }), NO_LINKS, true);
    const made = await plans.insert(db, rig.id, plan);
    expect(await plans.of(db, rig.id)).toEqual([{ id: made.id, rigId: rig.id, revision: 1, doc: plan }]);
    const saved = await plans.save(db, made.id, 1, { ...plan, name: 'Core two' });
    expect(saved).toMatchObject({ revision: 2, doc: { name: 'Core two' } });
    expect(await plans.save(db, made.id, 1, plan)).toBeNull();
    expect((await plans.get(db, made.id))!.doc.name).toBe('Core two');
    // A rig whose piece was changed is somebody's own.
    expect((await rigs.getRig(db, rig.id))!.touched).toBe(true);
    const whole = await takeBackup(db, '2026-11-25T10:00:00Z');
    expect(whole.plans.find((p) => p.id === made.id)).toMatchObject({
      rigId: rig.id,
      doc: { name: 'Core two' },
    });
    const stray = { ...whole, plans: [{ ...whole.plans[0]!, rigId: 'nowhere' }] };
    const parsed = backupSchema.safeParse(stray);
    expect(faultsOf(parsed.error!).map((f) => f.path)).toContain('plans[0].rigId');
    await rigs.deleteRig(db, rig.id);
    expect(await plans.get(db, made.id)).toBeNull();
    expect(await plans.remove(db, made.id)).toBe(false);
  });
});

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
    const foam = await stock.insertStock(db, 'foams', {
      name: 'F',
      kind: 'eps',
      densityKgM3: 20,
      origin: 'measured',
      note: '',
      piece: null,
      demo: false,
    });
    const spool = await stock.insertStock(db, 'spools', {
      name: 'S',
      alloy: 'nicr-80',
      diameterMm: 0.4,
      strands: 1,
      metres: 3,
      ohmPerM: null,
      pricePerM: null,
      note: '',
      demo: false,
    });
    const links = { foamStockId: foam.id, spoolId: spool.id, supplyId: null };
    const a = await rigs.insertRig(db, testRig({ name: 'a' }), links);
    const b = await rigs.insertRig(db, testRig({ name: 'b' }), links);
    const alone = await rigs.insertRig(db, testRig({ name: 'alone' }), { ...links, spoolId: null });
    const logged = (await rigs.insertCut(db, a, cut))!;
    expect(await rigs.cutsFor(db, b)).toEqual([logged]);
    expect(await rigs.cutsFor(db, alone)).toEqual([]);
    await rigs.insertCut(db, alone, cut);
    expect(await rigs.cutsFor(db, alone)).toHaveLength(1);
    expect(await rigs.cutsFor(db, a)).toHaveLength(1);
    expect((await rigs.rigsUsing(db, 'spoolId', spool.id)).map((r) => r.name).sort()).toEqual(['a', 'b']);
    await stock.deleteStock(db, 'spools', spool.id);
    expect((await rigs.getRig(db, a.id))!.spoolId).toBeNull();
    expect(await rigs.deleteCut(db, b.id, logged.id)).toBe(false);
    expect(await rigs.deleteCut(db, a.id, logged.id)).toBe(true);
    expect(await rigs.deleteCut(db, a.id, logged.id)).toBe(false);
  });

  it('a link to nothing is refused by the database', async () => {
    await expect(rigs.insertRig(db, testRig(), { ...NO_LINKS, spoolId: 'nothing' })).rejects.toMatchObject({
      cause: { code: '23503' },
    });
  });
});

describe('the drawer', () => {
  const plain = { note: '', demo: false } as const;
  const spool = {
    ...plain,
    name: 'W',
    alloy: 'nicr-80',
    diameterMm: 0.4,
    strands: 1,
    ohmPerM: 8.1,
    pricePerM: 2,
  } as const;

  it('keeps every kind of thing as it was put in', async () => {
    const dimmer = {
      kind: 'pwm',
      frequencyHz: 900,
      efficiency: 0.9,
      steps: 100,
      ratedAmps: 8,
      ratedVolts: null,
      ratedWatts: null,
    } as const;
    const made = await stock.insertStock(db, 'controls', {
      ...plain,
      name: 'Dimmer',
      control: dimmer,
      have: false,
      price: 7,
    });
    expect((await stock.listStock(db)).controls).toEqual([
      { id: made.id, ...plain, name: 'Dimmer', control: dimmer, have: false, price: 7 },
    ]);
    const pair = await stock.insertStock(db, 'leads', {
      ...plain,
      name: 'Red and black',
      areaMm2: 1.31,
      lengthMm: 3000,
      contactOhm: 0.02,
    });
    expect((await stock.updateStock(db, 'leads', pair.id, { lengthMm: 2000 }))!.lengthMm).toBe(2000);
    expect(await stock.updateStock(db, 'leads', 'nothing', { lengthMm: 2000 })).toBeNull();
    expect(await stock.deleteStock(db, 'leads', pair.id)).toBe(true);
    expect(await stock.deleteStock(db, 'controls', made.id)).toBe(true);
  });

  it('a spool gives what it has, never more, and many hands at once do not take the same metre twice', async () => {
    const { id } = await stock.insertStock(db, 'spools', { ...spool, metres: 3 });
    const takes = await Promise.all(Array.from({ length: 5 }, () => stock.takeMetres(db, id, 0.9)));
    expect(takes.filter((t) => t === 'short')).toHaveLength(2);
    const left = (await stock.listStock(db)).spools.find((s) => s.id === id)!;
    expect(left).toMatchObject({ metres: 0.3, ohmPerM: 8.1, pricePerM: 2 });
    expect(await stock.takeMetres(db, 'nothing', 1)).toBeNull();
    const uncounted = await stock.insertStock(db, 'spools', { ...spool, metres: null });
    expect(await stock.takeMetres(db, uncounted.id, 1)).toMatchObject({ metres: null });
    for (const s of [id, uncounted.id]) await stock.deleteStock(db, 'spools', s);
  });
});

describe('what the database tells of a change', () => {
  it('of each table, made, changed and thrown away, by the rig or the list that it belongs to', async () => {
    const heard: string[] = [];
    const end = await handle.listen('upwind_changes', (m) => heard.push(m));
    /** What is told of some work, each once. */
    const told = async (work: () => Promise<unknown>) => {
      heard.length = 0;
      await work();
      // A shared machine may stand still for seconds: what is bound here is that it is told, not how soon.
      await vi.waitFor(() => expect(heard.length).toBeGreaterThan(0), { timeout: 20_000 });
      await handle.ping();
      return [...new Set(heard)].map((m) => JSON.parse(m) as unknown);
    };
    let rig = '';
    const made = await told(async () => {
      rig = (await rigs.insertRig(db, testRig({ name: 'Told' }), NO_LINKS)).id;
    });
    expect(made).toEqual([{ rig, part: 'rig', revision: 1 }]);
    expect(await told(() => plans.insert(db, rig, PIECE))).toEqual([{ rig, part: 'plans' }]);
    const saved = await told(() => rigs.saveRig(db, rig, 1, testRig({ name: 'Told anew' }), NO_LINKS));
    expect(saved).toContainEqual({ rig, part: 'rig', revision: 2 });
    const gone = await told(() => rigs.deleteRig(db, rig));
    expect(gone).toContainEqual({ rig, part: 'rig', revision: null });
    expect(gone).toContainEqual({ rig, part: 'plans' });
    const lead = { note: '', demo: false, name: 'Told', areaMm2: 1, lengthMm: 1, contactOhm: 0 };
    expect(await told(() => stock.insertStock(db, 'leads', lead))).toEqual([{ part: 'drawer' }]);
    await end();
  });
});

describe('the demo workshop', () => {
  it('goes in whole, and what nobody touched comes out', async () => {
    const own = await openTestDb();
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

describe('a backup', () => {
  it('holds everything, passes its own schema, and puts it all back', async () => {
    await deleteWorkshop(db);
    if (await isEmpty(db)) await insertWorkshop(db, workshop as unknown as Workshop);
    const whole = await takeBackup(db, '2026-11-25T10:00:00Z');
    expect(backupSchema.parse(JSON.parse(JSON.stringify(whole)))).toEqual(whole);
    await deleteWorkshop(db);
    for (const rig of await rigs.listRigs(db)) await rigs.deleteRig(db, rig.id);
    await putBack(db, whole);
    expect(await takeBackup(db, '2026-11-25T10:00:00Z')).toEqual(whole);
  });
  it('that is put back counts on from revisions that no page can name, though the clock was set back', async () => {
    const whole = await takeBackup(db, '2026-11-25T10:00:00Z');
    const revisions = async () => (await rigs.listRigs(db)).map((r) => r.revision);
    vi.useFakeTimers({ toFake: ['Date'] });
    try {
      let before = Math.max(...(await revisions()));
      for (const day of ['2026-11-25', '2026-11-26', '2021-01-01', '2010-01-01']) {
        vi.setSystemTime(new Date(`${day}T00:00:00Z`));
        await putBack(db, whole);
        const now = await revisions();
        expect(new Set(now).size).toBe(1);
        expect(now[0]!).toBeGreaterThan(before);
        expect(now[0]!).toBeLessThan(2 ** 31 - 1e6);
        before = now[0]!;
      }
    } finally {
      vi.useRealTimers();
    }
  });
  it('that does not hold together is refused whole', async () => {
    const whole = await takeBackup(db, '2026-11-25T10:00:00Z');
    const twice = { ...whole, rigs: [...whole.rigs, whole.rigs[0]] };
    expect(backupSchema.safeParse(twice).success).toBe(false);
    const orphan = { ...whole, cuts: [{ ...whole.cuts[0], rigId: 'nobody' }] };
    expect(faultsOf(backupSchema.safeParse(orphan).error!)[0]!.path).toBe('cuts[0].rigId');
  });
});
