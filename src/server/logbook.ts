import 'server-only';
import type { z } from 'zod';
import { faultsOf, type DocumentFault } from '@/core/documents/faults';
import { loggedCutSchema, type Log, type LoggedCut } from '@/core/documents/log';
import type { LogImport } from '@/core/documents/logImport';
import { logQuerySchema, type LogQuery, type logViewSchema } from '@/core/documents/logbook';
import { rigSchema, type Rig } from '@/core/documents/rig';
import { addCuts, cutsWithRigs, type NewCut } from '@/db/cuts';
import * as logbook from '@/db/logbook';
import { insertRig, listRigs, type RigRecord } from '@/db/rigs';
import type { Db } from '@/db/open';
import type { FileFault } from '@/formats/log/readCsv';
import type { ReadCut } from '@/formats/log/toCuts';
import { writeCsv } from '@/formats/log/writeCsv';
import { database } from './db';
import { heavy } from './heavy';
import type { CutsOfFile } from './heavyJobs';
import { Refusal, refusal } from './http';

/** A file of sixteen megabytes is read in seconds. */
const DEADLINE_MS = 60_000;

/** A query as it stands in an address; 422 with every fault where it is refused. */
export function queryOf(request: Request): LogQuery {
  const parsed = logQuerySchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!parsed.success) throw new Refusal(422, faultsOf(parsed.error));
  return parsed.data;
}

export async function log(query: LogQuery): Promise<logbook.LogPage> {
  return logbook.logPage(await database(), query);
}

const today = () => new Date().toISOString().slice(0, 10);
const download = (body: string, type: string, name: string) =>
  new Response(body, {
    headers: {
      'content-type': `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename="${name}"`,
    },
  });

/** The cuts that meet a query, as a spreadsheet. */
export async function logCsv(query: LogQuery): Promise<Response> {
  const lines = await logbook.cutLines(await database(), query);
  return download(writeCsv(lines), 'text/csv', `upwind-rod-cuts-${today()}.csv`);
}

/** The cuts that meet a query, as open log documents: one for each rig as it then was. */
export async function logJson(query: LogQuery): Promise<Response> {
  const db = await database();
  const found = await cutsWithRigs(
    db,
    (await logbook.cutLines(db, query)).map((l) => l.id),
  );
  const logs = new Map<string, { rig: Rig; cuts: LoggedCut[] }>();
  for (const { rig, cut } of found) {
    const key = JSON.stringify(rig);
    if (!logs.has(key)) logs.set(key, { rig, cuts: [] });
    logs.get(key)!.cuts.push(cut);
  }
  const docs = [...logs.values()].map((l) => ({ format: 'upwind-rod/log', version: 1, ...l }));
  return download(JSON.stringify(docs), 'application/json', `upwind-rod-cuts-${today()}.json`);
}

/** What came in: how many cuts, how many of them stood here already, and rigs made for them. */
export interface Imported {
  readonly cuts: number;
  readonly already: number;
  readonly rigs: number;
}

/** Takes a log in, whole or not at all. */
export async function importLog(asked: LogImport): Promise<Imported> {
  const db = await database();
  const rigs = await listRigs(db);
  return asked.form === 'json' ? importJson(db, rigs, asked.text) : importCsv(db, rigs, asked);
}

const refuse = (faults: readonly FileFault[]): never => {
  throw new Refusal(
    422,
    faults.map((f): DocumentFault => ({
      path: `line ${f.line}${f.column ? `, ${f.column}` : ''}`,
      rule: f.rule,
      message: f.message,
    })),
  );
};

async function importCsv(db: Db, rigs: readonly RigRecord[], asked: LogImport): Promise<Imported> {
  const target = rigs.find((r) => r.id === asked.rigId);
  const { own, cuts } = (await heavy(
    { kind: 'csv', text: asked.text, mapping: asked.mapping, widthMm: target?.doc.foam.widthMm ?? null },
    { deadlineMs: DEADLINE_MS },
  )) as CutsOfFile;
  const docs = new Map<string, Rig>();
  const put = cuts.map((c) => newCut(c, own ? (target ?? rigNamed(rigs, c)) : target!, docs));
  return { ...(await addCuts(db, put)), rigs: 0 };
}

function rigNamed(rigs: readonly RigRecord[], c: ReadCut): RigRecord {
  const found = rigs.filter((r) => r.doc.name === c.own!.rig);
  if (found.length === 1) return found[0]!;
  const message =
    found.length === 0 ? `no rig here is named “${c.own!.rig}”` : `more than one rig is named “${c.own!.rig}”`;
  return refuse([{ line: c.line, column: 'rig', rule: 'one rig', message }]);
}

/**
 * A cut for its rig; an own file says what of the rig it was made on, and that goes over the rig as it is now. Cuts made on the
 * same share its document, kept in `docs`.
 */
function newCut(c: ReadCut, rig: RigRecord, docs: Map<string, Rig>): NewCut {
  if (!c.own) return { id: null, rig, doc: rig.doc, cut: c.cut };
  const { made } = c.own;
  const had = (key: string) => (made[key] === '' ? undefined : made[key]);
  const number = (key: string) => (had(key) === undefined ? undefined : Number(made[key]));
  const { control } = rig.doc;
  const kind = had('control') ?? control.kind;
  const setting = kind === control.kind ? control.setting : kind === 'none' ? null : c.cut.setting;
  const key = JSON.stringify([rig.id, made, setting]);
  let doc = docs.get(key);
  if (!doc) {
    const read = rigSchema.safeParse({
      ...rig.doc,
      foam: { ...rig.doc.foam, kind: had('foam_kind'), densityKgM3: number('foam_kg_m3') },
      wire: {
        ...rig.doc.wire,
        alloy: had('wire_alloy'),
        diameterMm: number('wire_mm'),
        lengthMm: number('wire_length_mm'),
      },
      control: kind === control.kind ? control : { ...control, kind, setting },
    });
    if (!read.success)
      return refuse(
        faultsOf(read.error).map((f) => ({ line: c.line, column: f.path, rule: f.rule, message: f.message })),
      );
    doc = read.data;
    docs.set(key, doc);
  }
  return { id: c.own.id, rig, doc, cut: c.cut };
}

async function importJson(db: Db, rigs: readonly RigRecord[], text: string): Promise<Imported> {
  const logs = (await heavy({ kind: 'logs', text }, { deadlineMs: DEADLINE_MS })) as Log[];
  const made: RigRecord[] = [];
  const links = { foamStockId: null, spoolId: null, supplyId: null };
  const put: NewCut[] = [];
  let [fresh, already] = [0, 0];
  const here = new Map<string, Set<string>>();
  /** What is logged on a rig, as text, so that a file taken in twice adds nothing. */
  const logged = async (rig: string) => {
    if (!here.has(rig)) {
      const lines = await logbook.cutLines(db, { ...logQuerySchema.parse({}), rig });
      here.set(rig, new Set(lines.map((l) => JSON.stringify(loggedCutSchema.parse(l.cut)))));
    }
    return here.get(rig)!;
  };
  for (const log of logs) {
    const of = [...rigs, ...made].filter((r) => r.doc.name === log.rig.name);
    let rig = of.length === 1 ? of[0]! : null;
    if (!rig) {
      rig = {
        id: `new ${fresh++}`,
        revision: 1,
        doc: log.rig,
        demo: false,
        touched: false,
        archived: false,
        updatedAt: '',
        ...links,
      };
      made.push(rig);
    }
    const known = rigs.includes(rig) ? await logged(rig.id) : null;
    for (const cut of log.cuts)
      if (known?.has(JSON.stringify(cut))) already++;
      else put.push({ id: null, rig, doc: log.rig, cut });
  }
  return db.transaction(async (tx) => {
    const t = tx as unknown as Db;
    const real = new Map<string, RigRecord>();
    for (const rig of made) real.set(rig.id, await insertRig(t, rig.doc, links));
    const added = await addCuts(
      t,
      put.map((p) => ({ ...p, rig: real.get(p.rig.id) ?? p.rig })),
    );
    return { cuts: added.cuts, already: already + added.already, rigs: made.length };
  });
}

export async function views(): Promise<logbook.LogView[]> {
  return logbook.listViews(await database());
}
export async function addView(view: z.output<typeof logViewSchema>): Promise<logbook.LogView[]> {
  const parsed = logQuerySchema.safeParse(Object.fromEntries(new URLSearchParams(view.query)));
  if (!parsed.success) throw new Refusal(422, faultsOf(parsed.error, ['query']));
  const db = await database();
  await logbook.insertView(db, view.name, view.query);
  return logbook.listViews(db);
}
export async function dropView(id: string): Promise<logbook.LogView[]> {
  const db = await database();
  if (!(await logbook.deleteView(db, id))) throw refusal(404, 'not-found', 'There is no such view.');
  return logbook.listViews(db);
}
