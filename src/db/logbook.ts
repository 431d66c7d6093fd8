import { eq, sql, type SQL } from 'drizzle-orm';
import { EVENT_KINDS, type RigEvent } from '@/core/documents/event';
import type { LoggedCut } from '@/core/documents/log';
import { asksForCuts, type CutLine, type EntryKind, type LogQuery } from '@/core/documents/logbook';
import type { LoggedPull } from '@/core/documents/pull';
import type { ControlKind } from '@/core/documents/controlKinds';
import type { Db } from './open';
import { logViews } from './schema';

/** One line of the logbook. A cut carries what of its rig it was made on; `pictures` is how many hang on it. */
export interface LogEntry {
  readonly id: string;
  readonly rigId: string;
  readonly rig: string;
  readonly kind: EntryKind;
  readonly at: string;
  readonly doc: LoggedCut | LoggedPull | RigEvent;
  readonly made: {
    readonly foam: string;
    readonly foamKgM3: number;
    readonly alloy: string;
    readonly wireMm: number;
    readonly control: ControlKind;
    readonly feedMmS: number | null;
  } | null;
  readonly pictures: number;
}

export interface LogPage {
  readonly entries: readonly LogEntry[];
  readonly total: number;
}

/** Rows of a statement written out; both drivers answer alike. */
async function rowsOf<T>(db: Db, statement: SQL): Promise<T[]> {
  return ((await db.execute(statement)) as { rows: unknown[] }).rows as T[];
}

/** Text as a pattern of LIKE, its own signs taken literally. */
const like = (text: string) => `%${text.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;

const all = (parts: SQL[]): SQL => (parts.length ? sql` where ${sql.join(parts, sql` and `)}` : sql``);

/** Conditions on rig, day and text that every kind of entry can meet; `text` is what of it is searched. */
function common(q: LogQuery, text: SQL): SQL[] {
  const out: SQL[] = [];
  if (q.rig) out.push(sql`t.rig_id = ${q.rig}`);
  // A day is the reader's: it begins at midnight in their zone, and may have 23 or 25 hours.
  if (q.from) out.push(sql`t.at >= (${q.from}::timestamp at time zone ${q.zone})`);
  if (q.to) out.push(sql`t.at < ((${q.to}::date + 1)::timestamp at time zone ${q.zone})`);
  if (q.q)
    out.push(
      sql`(${text} ilike ${like(q.q)} or t.rig_id in (select id from rigs where name ilike ${like(q.q)}))`,
    );
  return out;
}

/** Conditions of a query on the table of cuts. */
function onCuts(q: LogQuery): SQL[] {
  const out = common(q, sql`t.note`);
  if (q.foam) out.push(sql`t.foam_kind = ${q.foam}`);
  if (q.alloy) out.push(sql`t.alloy = ${q.alloy}`);
  if (q.grade) out.push(sql`t.grade = ${q.grade}`);
  if (q.seen) out.push(sql`t.seen like ${`%"${q.seen}"%`}`);
  return out;
}

const wants = (q: LogQuery, kind: EntryKind) => !q.kinds || q.kinds.includes(kind);

/** What a query is sorted by on the table of cuts; other entries have only their time and their rig. */
const ORDER: Record<LogQuery['sort'], string> = {
  at: 't.at',
  rig: 'r.name',
  setting: 't.setting',
  width: 't.width_mm',
  feed: 't.feed_mm_s',
  kerf: 't.kerf_mm',
  amps: 't.amps',
};

/** One table's part of the time line: where its entries come from, and what of them is listed. */
interface Part {
  readonly from: SQL;
  readonly columns: SQL;
}

const NO_CUT = sql.raw(
  'null::text foam_kind, null::double precision foam_kg_m3, null::text alloy, null::double precision wire_mm, null::text control, null::double precision feed_mm_s, 0 pictures',
);

/** The parts of the time line that a query asks for. */
function parts(q: LogQuery): Part[] {
  const out: Part[] = [];
  if (wants(q, 'cut'))
    out.push({
      from: sql`from cuts t${all(onCuts(q))}`,
      columns: sql`'cut' kind, t.cut doc, t.foam_kind, t.foam_kg_m3, t.alloy, t.wire_mm, t.control, t.feed_mm_s, (select count(*)::int from photos p where p.cut_id = t.id) pictures`,
    });
  if (asksForCuts(q)) return out;
  if (wants(q, 'pull'))
    out.push({
      from: sql`from pulls t${all(common(q, sql`t.pull->>'note'`))}`,
      columns: sql`'pull' kind, t.pull doc, ${NO_CUT}`,
    });
  const kinds = EVENT_KINDS.filter((k) => wants(q, k));
  if (kinds.length > 0) {
    const where = common(q, sql`t.event::text`);
    where.push(
      sql`t.kind in (${sql.join(
        kinds.map((k) => sql`${k}`),
        sql`, `,
      )})`,
    );
    out.push({ from: sql`from events t${all(where)}`, columns: sql`t.kind, t.event doc, ${NO_CUT}` });
  }
  return out;
}

interface Row {
  id: string;
  rig_id: string;
  rig: string;
  kind: EntryKind;
  at: string | Date;
  doc: LogEntry['doc'];
  foam_kind: string | null;
  foam_kg_m3: number;
  alloy: string;
  wire_mm: number;
  control: ControlKind;
  feed_mm_s: number | null;
  pictures: number;
}

/**
 * A page of the logbook of all rigs, and how many entries meet the query. What a sort does not know stands last. Each table gives
 * its own first entries by its index, and only those are joined: a long log is never sorted whole where its index knows the order.
 */
export async function logPage(db: Db, q: LogQuery): Promise<LogPage> {
  const asked = parts(q);
  if (asked.length === 0) return { entries: [], total: 0 };
  const way = q.dir === 'up' ? 'asc' : 'desc';
  const order = (key: string, t: string) =>
    sql.raw(
      key === 't.at'
        ? `${t}.at ${way}, ${t}.id ${way}`
        : `${key} ${way} nulls last, ${t}.at desc, ${t}.id desc`,
    );
  const key = ORDER[q.sort];
  const most = q.limit + q.offset;
  const firsts = asked.map(({ from, columns }) => {
    const named =
      q.sort === 'rig'
        ? sql`select t.*, r.name sort_key from (select t.* ${from}) t join rigs r on r.id = t.rig_id`
        : sql`select t.*, ${sql.raw(q.sort === 'at' ? 'null::double precision' : key)} sort_key ${from}`;
    return sql`(select t.id, t.rig_id, t.at, t.sort_key, ${columns} from (${named} order by ${order(key, 't')} limit ${most}) t)`;
  });
  const counts = sql.join(
    asked.map(({ from }) => sql`(select count(*)::int ${from})`),
    sql` + `,
  );
  const union = sql.join(firsts, sql` union all `);
  const last = q.sort === 'at' ? order('t.at', 'u') : order('u.sort_key', 'u');
  const found = await rowsOf<Row>(
    db,
    sql`select u.*, r.name rig from (${union}) u join rigs r on r.id = u.rig_id order by ${last} limit ${q.limit} offset ${q.offset}`,
  );
  const [counted] = await rowsOf<{ n: number }>(db, sql`select ${counts} n`);
  return { entries: found.map(toEntry), total: counted!.n };
}

function toEntry(r: Row): LogEntry {
  return {
    id: r.id,
    rigId: r.rig_id,
    rig: r.rig,
    kind: r.kind,
    at: new Date(r.at).toISOString(),
    doc: r.doc,
    made:
      r.foam_kind === null
        ? null
        : {
            foam: r.foam_kind,
            foamKgM3: r.foam_kg_m3,
            alloy: r.alloy,
            wireMm: r.wire_mm,
            control: r.control,
            feedMmS: r.feed_mm_s,
          },
    pictures: r.pictures,
  };
}

/** Cuts that meet a query, the oldest first, without a limit. */
export async function cutLines(db: Db, q: LogQuery): Promise<CutLine[]> {
  return rowsOf<CutLine>(
    db,
    sql`select t.id, r.name rig, t.foam_kind "foamKind", t.foam_kg_m3 "foamKgM3", t.alloy, t.wire_mm "wireMm", t.wire_length_mm "wireLengthMm", t.control, t.cut from cuts t join rigs r on r.id = t.rig_id${all(onCuts(q))} order by t.at, t.id`,
  );
}

export interface LogView {
  readonly id: string;
  readonly name: string;
  readonly query: string;
}
export async function listViews(db: Db): Promise<LogView[]> {
  return db
    .select({ id: logViews.id, name: logViews.name, query: logViews.query })
    .from(logViews)
    .orderBy(logViews.name);
}
export async function insertView(db: Db, name: string, query: string): Promise<void> {
  await db.insert(logViews).values({ id: crypto.randomUUID(), name, query });
}
export async function deleteView(db: Db, id: string): Promise<boolean> {
  const gone = await db.delete(logViews).where(eq(logViews.id, id)).returning({ id: logViews.id });
  return gone.length > 0;
}
