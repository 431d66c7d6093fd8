import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { backupSchema } from '@/core/documents/backup';
import { driveSchema, keptMachineSchema } from '@/core/documents/keptMachine';
import { testRig } from '@/core/engine/testRigs';
import { putBack, takeBackup } from './backup';
import { deleteWorkshop, insertWorkshop, isEmpty, type Workshop } from './demo';
import { keptPlans } from './kept';
import { getMachine, insertMachine, listMachines, removeMachine, saveMachine } from './machines';
import type { Db, Handle } from './open';
import { openTestDb } from './testDatabases';
import { setArchived, insertRig } from './rigs';
import { PIECE } from './testPiece';
import workshop from './workshop.json';

let handle: Handle;
let db: Db;
beforeAll(async () => {
  handle = await openTestDb();
  db = handle.db;
});
afterAll(() => handle.close());

const kept = (name: string) =>
  keptMachineSchema.parse({ doc: { format: 'upwind-rod/machine', version: 1, name } });

describe('machines of the workshop', () => {
  it('are kept by name, saved on their revision only, and removed', async () => {
    expect(await isEmpty(db)).toBe(true);
    const made = await insertMachine(db, kept('Towers B'));
    await insertMachine(db, kept('Towers A'));
    expect(await isEmpty(db)).toBe(false);
    expect((await listMachines(db)).map((m) => m.kept.doc.name)).toEqual(['Towers A', 'Towers B']);
    const changed = {
      ...kept('Towers B'),
      drives: { X: driveSchema.parse({ by: 'belt' }) },
    };
    expect(await saveMachine(db, made.id, 1, changed)).toMatchObject({ revision: 2, kept: changed });
    // Two windows: the second save on one revision is none.
    expect(await saveMachine(db, made.id, 1, kept('Other'))).toBeNull();
    expect((await getMachine(db, made.id))!.kept).toEqual(changed);
    expect(await removeMachine(db, made.id)).toBe(true);
    expect(await removeMachine(db, made.id)).toBe(false);
    expect(await getMachine(db, made.id)).toBeNull();
  });
  it('go out in a backup and come back with a revision that was never theirs; a backup without any is read too', async () => {
    const [first] = await listMachines(db);
    const whole = await takeBackup(db, '2026-11-29T10:00:00Z');
    expect(whole.machines.map((m) => m.id)).toEqual([first!.id]);
    const { machines: _, ...older } = whole;
    expect(backupSchema.parse(older).machines).toEqual([]);
    await putBack(db, backupSchema.parse(whole));
    const back = (await getMachine(db, first!.id))!;
    expect(back.kept).toEqual(first!.kept);
    expect(back.revision).toBeGreaterThan(first!.revision);
    await putBack(db, backupSchema.parse(older));
    expect(await listMachines(db)).toEqual([]);
  });
  it('those of the sample workshop go with it, but for one that somebody changed', async () => {
    await insertWorkshop(db, workshop as unknown as Workshop);
    const [sample] = await listMachines(db);
    expect(sample!.kept.calibrations.length).toBeGreaterThan(5);
    const own = await insertMachine(db, kept('My own'));
    await deleteWorkshop(db);
    expect((await listMachines(db)).map((m) => m.id)).toEqual([own.id]);
    await insertWorkshop(db, workshop as unknown as Workshop);
    const again = (await listMachines(db)).find((m) => m.kept.doc.name === sample!.kept.doc.name)!;
    await saveMachine(db, again.id, again.revision, { ...again.kept, drives: {} });
    await deleteWorkshop(db);
    expect((await listMachines(db)).map((m) => m.id).sort()).toEqual([again.id, own.id].sort());
  });
});

describe('pieces by name', () => {
  it('are those of every rig in use, with its name; an archived rig’s are left out', async () => {
    const links = { foamStockId: null, spoolId: null, supplyId: null };
    const used = await insertRig(db, testRig({ name: 'Bow' }), links);
    const away = await insertRig(db, testRig({ name: 'Old bow' }), links);
    const here = await keptPlans.insert(db, used.id, PIECE);
    await keptPlans.insert(db, away.id, PIECE);
    await setArchived(db, away.id, true);
    const names = (await keptPlans.names(db)).filter((p) => p.name === 'Core' && p.rig !== '');
    expect(names).toEqual([{ id: here.id, name: 'Core', rig: 'Bow' }]);
  });
});
