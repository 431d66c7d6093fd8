import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { backupSchema } from '@/core/documents/backup';
import { jobSchema, ownJobSchema, type OwnJob } from '@/core/documents/job';
import { worksheetOf } from '@/core/engine/jobs/worksheet';
import { testRig } from '@/core/engine/testRigs';
import { putBack, takeBackup } from './backup';
import type { Workshop } from './demo';
import { keptJobs } from './kept';
import type { Db, Handle } from './open';
import { openTestDb } from './testDatabases';
import * as rigs from './rigs';
import workshop from './workshop.json';

const NO_LINKS = { foamStockId: null, spoolId: null, supplyId: null };
let handle: Handle;
let db: Db;

beforeAll(async () => {
  handle = await openTestDb();
  db = handle.db;
});
afterAll(() => handle.close());

describe('jobs', () => {
  it('of the sample workshop are cut by their rigs', () => {
    const jobs = (workshop as unknown as Workshop).rigs.flatMap((r) =>
      (r.jobs ?? []).map(({ doc }) => jobSchema.parse({ ...doc, rig: r.doc })),
    );
    expect(new Set(jobs.map((j) => j.rig.frame.kind))).toEqual(
      new Set(['table', 'slicer', 'gantry', 'hand-tool']),
    );
    for (const job of jobs)
      expect(
        // Whether the towers' supply is isolated nobody has tested in the sample: that stands on the rig whatever it makes.
        worksheetOf(job).findings.filter((f) => f.level !== 'note' && f.code !== 'not-isolated'),
        job.name,
      ).toEqual([]);
  });

  it('kept before a key was known have it as it is by default', async () => {
    const rig = await rigs.insertRig(db, testRig({ frame: { kind: 'slicer' } }), NO_LINKS, true);
    const old = {
      ...{ format: 'upwind-rod/job', version: 1, name: 'Old', kind: 'sheets', blockMm: [400, 300, 120] },
      ...{ sheetMm: 3, count: null, by: { kind: 'spacers', heightMm: null }, supportsMm: 420 },
    };
    const { id } = await keptJobs.insert(db, rig.id, old as unknown as OwnJob);
    const { doc } = (await keptJobs.get(db, id))!;
    expect(doc).toEqual(ownJobSchema.parse(old));
    expect(doc).toMatchObject({ by: { cardMm: null }, slidesAtDeg: null, toleranceMm: 0.2 });
  });

  it('are kept, saved on their revision only, and come back with a backup', async () => {
    const rig = await rigs.insertRig(
      db,
      testRig({ name: 'Slices', frame: { kind: 'slicer' } }),
      NO_LINKS,
      true,
    );
    const sheets = ownJobSchema.parse({
      format: 'upwind-rod/job',
      version: 1,
      kind: 'sheets',
      blockMm: [400, 300, 120],
      sheetMm: 3,
      by: { kind: 'spacers' },
      supportsMm: 420,
    });
    const made = await keptJobs.insert(db, rig.id, sheets);
    expect((await keptJobs.save(db, made.id, 1, { ...sheets, name: 'Threes' }))!.revision).toBe(2);
    expect(await keptJobs.save(db, made.id, 1, sheets)).toBeNull();
    const whole = backupSchema.parse(await takeBackup(db, '2026-11-25T10:00:00Z'));
    await keptJobs.remove(db, made.id);
    await putBack(db, whole);
    const back = (await keptJobs.get(db, made.id))!;
    expect(back.doc).toEqual({ ...sheets, name: 'Threes' });
    expect(back.revision).toBeGreaterThan(2);
    await rigs.deleteRig(db, rig.id);
    expect(await keptJobs.get(db, made.id)).toBeNull();
  });
});
