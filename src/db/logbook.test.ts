import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { changesBetween, mergedChanges } from '@/core/documents/changes';
import { loggedCutSchema, type LoggedCut } from '@/core/documents/log';
import { logQuerySchema } from '@/core/documents/logbook';
import { testRig } from '@/core/engine/testRigs';
import { addCuts } from './cuts';
import { deleteEvent, eventsOf, insertEvent, replaceEvent } from './events';
import { cutLines, logPage } from './logbook';
import type { Db, Handle } from './open';
import { openTestDb } from './testDatabases';
import { insertPull } from './pulls';
import { MOST_TUNING } from '@/core/engine/tune';
import { cutsFor, getRig, insertRig, saveRig, type RigRecord } from './rigs';

const NO_LINKS = { foamStockId: null, spoolId: null, supplyId: null };
let handle: Handle;
let db: Db;
let bow: RigRecord;
let table: RigRecord;
const q = (of: Record<string, string> = {}) => logQuerySchema.parse(of);
const cut = (more: Partial<LoggedCut>) =>
  loggedCutSchema.parse({
    at: '2026-05-02T18:10:00Z',
    setting: 18,
    widthMm: 640,
    depthMm: 50,
    seconds: 12,
    grade: 'good',
    ...more,
  });

beforeAll(async () => {
  handle = await openTestDb();
  db = handle.db;
  bow = await insertRig(db, testRig({ name: 'Bow', foam: { kind: 'xps' } }), NO_LINKS);
  table = await insertRig(db, testRig({ name: 'Table 100%', foam: { kind: 'eps' } }), NO_LINKS);
  const put = (rig: RigRecord, ...cuts: LoggedCut[]) =>
    addCuts(
      db,
      cuts.map((c) => ({ id: null, rig, doc: rig.doc, cut: c })),
    );
  await put(
    bow,
    cut({ at: '2026-05-01T10:00:00Z', note: 'Dusty evening', seen: ['hairs', 'gloss'] }),
    cut({ at: '2026-05-02T10:00:00Z', grade: null, limit: true, seconds: 6 }),
    cut({ at: '2026-05-03T10:00:00Z', grade: 'too-hot', kerfMm: 1.2, feedMmS: 2 }),
  );
  await put(table, cut({ at: '2026-05-04T10:00:00Z', widthMm: 300, setting: 9 }));
  await insertPull(db, bow.id, {
    at: '2026-05-02T12:00:00.000Z',
    newtons: 57,
    when: 'cold',
    way: 'pitch',
    hertz: 95,
    note: 'after tea',
  });
  await insertEvent(db, bow.id, {
    kind: 'hot',
    at: '2026-05-02T09:00:00Z',
    until: '2026-05-02T09:20:00Z',
    note: '',
  });
});
afterAll(() => handle.close());

describe('the time line', () => {
  it('holds cuts, pulls and events of all rigs, the newest first', async () => {
    const { entries, total } = await logPage(db, q());
    expect(total).toBe(6);
    expect(entries.map((e) => e.kind)).toEqual(['cut', 'cut', 'pull', 'cut', 'hot', 'cut']);
    expect(entries[0]).toMatchObject({
      rig: 'Table 100%',
      made: { foam: 'eps', control: 'volts' },
      pictures: 0,
    });
  });
  it.each([
    [{ grade: 'limit' }, 1],
    [{ grade: 'good' }, 2],
    [{ seen: 'gloss' }, 1],
    [{ foam: 'eps' }, 1],
    [{ kinds: 'pull,hot' }, 2],
    [{ kinds: 'pull', grade: 'good' }, 0],
    [{ from: '2026-05-02', to: '2026-05-02' }, 3],
    // A typed day is the reader's: fourteen hours ahead it holds the morning of the day before in UTC, to its midnight.
    [{ from: '2026-05-02', to: '2026-05-02', zone: 'Pacific/Kiritimati' }, 2],
    [{ from: '2026-05-02', to: '2026-05-02', zone: 'America/New_York' }, 3],
    [{ from: '2026-05-03', zone: 'Pacific/Kiritimati' }, 4],
    [{ q: 'dusty' }, 1],
    [{ q: 'TEA' }, 1],
    [{ q: '100%' }, 1],
    [{ q: '%' }, 1],
    [{ q: "'; drop table cuts; --" }, 0],
  ])('%o finds %i', async (of, n) => {
    const found = await logPage(db, q(of as Record<string, string>));
    expect(found.total).toBe(n);
    expect(found.entries).toHaveLength(n);
  });
  it('sorts by what a cut has, what is not known last, both ways; pages join without a gap', async () => {
    const kerfs = async (dir: string) =>
      (await logPage(db, q({ sort: 'kerf', dir }))).entries.map((e) => (e.doc as LoggedCut).kerfMm);
    expect((await kerfs('up'))[0]).toBe(1.2);
    expect((await kerfs('down'))[0]).toBe(1.2);
    const feeds = (await logPage(db, q({ sort: 'feed', dir: 'up' }))).entries.map((e) => e.made!.feedMmS);
    expect([...feeds].sort((a, b) => a! - b!)).toEqual(feeds);
    const whole = (await logPage(db, q())).entries.map((e) => e.id);
    const parts = await Promise.all(['0', '2', '4'].map((offset) => logPage(db, q({ limit: '2', offset }))));
    expect(parts.flatMap((p) => p.entries.map((e) => e.id))).toEqual(whole);
  });
  it('a query that is none is refused', () => {
    for (const bad of [
      { sort: 'colour' },
      { limit: '0' },
      { limit: '1e3' },
      { kinds: 'cut,cake' },
      { from: '2026-13-01' },
      { zone: 'Mars/Olympus' },
      { x: '1' },
    ])
      expect(logQuerySchema.safeParse(bad).success, JSON.stringify(bad)).toBe(false);
  });
});

describe('what is put in twice', () => {
  it('stands there once, and says so', async () => {
    const lines = await cutLines(db, q());
    const again = lines.map((l) => ({ id: l.id, rig: bow, doc: bow.doc, cut: l.cut }));
    expect(await addCuts(db, again)).toEqual({ cuts: 0, already: 4 });
    expect(await cutLines(db, q())).toEqual(lines);
  });
});

describe('a long log', () => {
  it('tunes by its newest five hundred, the oldest of them first', async () => {
    const rig = await insertRig(db, testRig({ name: 'Long' }), NO_LINKS);
    const at = (i: number) => new Date(Date.parse('2026-01-01T00:00:00Z') + i * 60_000).toISOString();
    await addCuts(
      db,
      Array.from({ length: MOST_TUNING + 10 }, (_, i) => ({
        id: null,
        rig,
        doc: rig.doc,
        cut: cut({ at: at(i) }),
      })),
    );
    const of = await cutsFor(db, rig);
    expect(of).toHaveLength(MOST_TUNING);
    expect([of[0]!.cut.at, of.at(-1)!.cut.at]).toEqual([at(10), at(MOST_TUNING + 9)]);
  });
});

describe('what changed on a rig', () => {
  it('is noted path by path, one entry a sitting; what came back is none', async () => {
    const made = await insertRig(db, testRig({ name: 'C', control: { kind: 'volts', setting: 10 } }), NO_LINKS);
    const at = (setting: number, airC = 20) =>
      testRig({ name: 'C', control: { kind: 'volts', setting }, room: { airC } });
    await saveRig(db, made.id, 1, at(11), NO_LINKS);
    await saveRig(db, made.id, 2, at(12, 15), NO_LINKS);
    const [one, ...more] = await eventsOf(db, made.id);
    expect(more).toEqual([]);
    expect(one!.event).toMatchObject({
      kind: 'change',
      changes: [
        { path: 'control.setting', from: 10, to: 12 },
        { path: 'room.airC', from: 20, to: 15 },
      ],
    });
    await saveRig(db, made.id, 3, at(10), NO_LINKS);
    expect(await eventsOf(db, made.id)).toEqual([]);
    expect((await getRig(db, made.id))!.revision).toBe(4);
    expect(await saveRig(db, made.id, 1, at(30), NO_LINKS)).toBeNull();
    expect(await eventsOf(db, made.id)).toEqual([]);
  });
  it('leaves out origins and the tuning; lists are one leaf', () => {
    const a = testRig();
    const b = { ...a, from: { 'room.airC': 'measured' }, foam: { ...a.foam, tuning: 1.2, tuningSd: 0.1 } };
    expect(changesBetween(a, b)).toEqual([]);
    expect(changesBetween({ x: [1] }, { x: [1, 2] })).toEqual([{ path: 'x', from: '[1]', to: '[1,2]' }]);
    expect(mergedChanges([{ path: 'a', from: 1, to: 2 }], [{ path: 'a', from: 2, to: 1 }])).toEqual([]);
  });
});

describe('events', () => {
  it('are changed and taken out by their rig only', async () => {
    const made = await insertEvent(db, bow.id, {
      kind: 'hot',
      at: '2026-05-05T09:00:00Z',
      until: null,
      note: '',
    });
    const done = { ...made.event, until: '2026-05-05T09:30:00Z' } as typeof made.event;
    expect(await replaceEvent(db, table.id, made.id, done)).toBe(false);
    expect(await replaceEvent(db, bow.id, made.id, done)).toBe(true);
    expect((await eventsOf(db, bow.id, 'hot')).map((e) => e.event)).toContainEqual(done);
    expect(await deleteEvent(db, table.id, made.id)).toBe(false);
    expect(await deleteEvent(db, bow.id, made.id)).toBe(true);
  });
});
