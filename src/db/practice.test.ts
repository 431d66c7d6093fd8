import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { backupSchema } from '@/core/documents/backup';
import { practiceRunSchema, type Trace } from '@/core/documents/practice';
import { courseOf } from '@/core/practice/drills';
import { demonstration } from '@/core/practice/demonstrate';
import { play, traceOf } from '@/core/practice/play';
import { BENCHES } from '@/core/practice/testBenches';
import { practiceWire } from '@/core/practice/wire';
import { putBack, takeBackup } from './backup';
import type { Handle } from './handle';
import { deletePractice, insertPractice, practiceOf, traceOfRun, TRACES } from './practice';
import { deleteRig, insertRig } from './rigs';
import { openTestDb } from './testDatabases';

const rig = BENCHES['a plain bow']!;
const wire = practiceWire(rig)!;
const course = courseOf('feed', wire);
const trace: Trace = traceOf({ rig, drill: 'feed', course, warm: true }, demonstration(course).slice(0, 400));
const score = play(trace);
let handle: Handle;
beforeAll(async () => {
  handle = await openTestDb();
});
afterAll(() => handle.close());
const run = (at: string, rigId: string | null = null, id: string = crypto.randomUUID()) =>
  insertPractice(handle.db, { id, rigId, rigName: 'Bow', at, score, trace });

describe('runs of practice', () => {
  it('are listed the newest first, of one rig where asked, and outlive their rig', async () => {
    const kept = await insertRig(handle.db, rig, { foamStockId: null, spoolId: null, supplyId: null });
    await run('2026-05-01T10:00:00Z');
    const of = await run('2026-05-02T10:00:00Z', kept.id);
    expect(practiceRunSchema.parse(of)).toMatchObject({ drill: 'feed', frame: 'bow', traced: true });
    expect((await practiceOf(handle.db)).map((r) => r.at)).toEqual([
      '2026-05-02T10:00:00.000Z',
      '2026-05-01T10:00:00.000Z',
    ]);
    expect((await practiceOf(handle.db, kept.id)).map((r) => r.id)).toEqual([of.id]);
    await deleteRig(handle.db, kept.id);
    expect((await practiceOf(handle.db)).find((r) => r.id === of.id)?.rigId).toBeNull();
  });
  it('the same run sent twice is one; its trace comes back as it was, and goes with it', async () => {
    const id = crypto.randomUUID();
    await run('2026-05-03T10:00:00Z', null, id);
    await run('2026-05-03T10:00:00Z', null, id);
    expect((await practiceOf(handle.db)).filter((r) => r.id === id).length).toBe(1);
    expect(await traceOfRun(handle.db, id)).toEqual(trace);
    expect(await deletePractice(handle.db, id)).toBe(true);
    expect(await deletePractice(handle.db, id)).toBe(false);
    expect(await traceOfRun(handle.db, id)).toBeNull();
  });
  it('only the newest keep their traces; scores stay', async () => {
    for (let i = 0; i < TRACES + 3; i++)
      await run(`2026-06-01T10:${String(i % 60).padStart(2, '0')}:${i < 60 ? '00' : '30'}Z`);
    const runs = await practiceOf(handle.db);
    expect(runs.filter((r) => r.traced).length).toBe(TRACES);
    expect(runs.slice(0, TRACES).every((r) => r.traced)).toBe(true);
    expect(runs.every((r) => r.score.points === score.points)).toBe(true);
  });
  it('go into a backup and come back', async () => {
    const before = await practiceOf(handle.db);
    const backup = backupSchema.parse(
      JSON.parse(JSON.stringify(await takeBackup(handle.db, '2026-06-02T00:00:00Z'))),
    );
    expect(backup.practice.length).toBe(before.length);
    await putBack(handle.db, backup);
    expect(await practiceOf(handle.db)).toEqual(before);
    // One that an older version made has none.
    const { practice: _, ...old } = backup;
    expect(backupSchema.parse(old).practice).toEqual([]);
  });
});
