import fs from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { backupSchema, type Backup } from '@/core/documents/backup';
import { faultsOf, type DocumentFault } from '@/core/documents/faults';
import { plainFault, readPlain } from '@/core/documents/plain';
import { runVerb, type Verb } from '@/core/edge/verbs';
import { logSchema } from '@/core/documents/log';
import type { Mapping } from '@/core/documents/logImport';
import { readCsv, type FileFault } from '@/formats/log/readCsv';
import { isOwn, mappedCuts, ownCuts, type ReadCut } from '@/formats/log/toCuts';

/** Work that would hold up all other requests, done in a thread of its own. */
export type Job =
  /** The open documents: their text in, the answer's text out. */
  | { readonly kind: 'verb'; readonly verb: Verb; readonly text: Uint8Array }
  /** A backup's file in; its pictures go into a folder, the rest comes back. */
  | { readonly kind: 'backup'; readonly file: string; readonly pictures: string }
  /** A spreadsheet of cuts in, with its mapping for a rig of a width where it is not our own; the cuts out. */
  | {
      readonly kind: 'csv';
      readonly text: string;
      readonly mapping: Mapping | null;
      readonly widthMm: number | null;
    }
  /** Log documents in, as text; read out. */
  | { readonly kind: 'logs'; readonly text: string };

export type JobAnswer =
  | { readonly ok: true; readonly output: unknown }
  | { readonly ok: false; readonly status: number; readonly faults: readonly DocumentFault[] };

/** Faults that a thread hands back at most; how many are told is the route's. */
const MOST_FAULTS = 1000;

const refused = (status: number, ...faults: DocumentFault[]): JobAnswer => ({ ok: false, status, faults });

/** JSON as it came, or how it is refused. */
function parsed(text: string): { readonly doc: unknown } | JobAnswer {
  const read = readPlain(text);
  return 'doc' in read ? read : refused(read.fault.rule === 'json' ? 400 : 422, read.fault);
}

/** Does a job. Never throws for what the sender did wrong. */
export function doJob(job: Job): JobAnswer {
  switch (job.kind) {
    case 'verb':
      return doVerb(job.verb, job.text);
    case 'backup':
      return readBackup(job.file, job.pictures);
    case 'csv':
      return readCuts(job.text, job.mapping, job.widthMm);
    case 'logs':
      return readLogs(job.text);
  }
}

/** Cuts of a spreadsheet; our own files say themselves which rig each is of. */
export interface CutsOfFile {
  readonly own: boolean;
  readonly cuts: readonly ReadCut[];
}

const onLine = (f: FileFault): DocumentFault => ({
  path: `line ${f.line}${f.column ? `, ${f.column}` : ''}`,
  rule: f.rule,
  message: f.message,
});
const ofMapping = (message: string) => refused(422, { path: '(document)', rule: 'mapping', message });

function readCuts(text: string, mapping: Mapping | null, widthMm: number | null): JobAnswer {
  const csv = readCsv(text);
  if (!csv.ok) return refused(422, ...csv.faults.map(onLine));
  const own = isOwn(csv.header) && mapping === null;
  if (!own && mapping === null) return ofMapping('is not a log of this program: say which column is what');
  if (!own && widthMm === null)
    return refused(422, { path: '(document)', rule: 'rig', message: 'says no rig that the cuts belong to' });
  const missing = own ? null : Object.values(mapping!.columns).find((c) => !csv.header.includes(c.column));
  if (missing) return ofMapping(`names a column that is not there: ${missing.column}`);
  const read = own ? ownCuts(csv.rows) : mappedCuts(csv.rows, mapping!, widthMm!);
  if (!read.ok) return refused(422, ...read.faults.map(onLine));
  return { ok: true, output: { own, cuts: read.cuts } satisfies CutsOfFile };
}

const MOST_LOGS = 5000;

function readLogs(text: string): JobAnswer {
  let doc: unknown;
  try {
    doc = JSON.parse(text);
  } catch (e) {
    const at = Number(/position (\d+)/.exec((e as Error).message)?.[1] ?? text.length);
    const line = text.slice(0, at).split('\n').length;
    return refused(
      422,
      onLine({ line, column: null, rule: 'json', message: 'is not JSON: the file may be torn' }),
    );
  }
  const fault = plainFault(doc);
  if (fault) return refused(422, fault);
  const logs = z
    .array(logSchema)
    .max(MOST_LOGS)
    .safeParse(Array.isArray(doc) ? doc : [doc]);
  return logs.success
    ? { ok: true, output: logs.data }
    : refused(422, ...faultsOf(logs.error).slice(0, MOST_FAULTS));
}

function doVerb(verb: Verb, bytes: Uint8Array): JobAnswer {
  const read = parsed(Buffer.from(bytes).toString('utf8'));
  if (!('doc' in read)) return read;
  const answer = runVerb(verb, read.doc);
  return answer.ok
    ? { ok: true, output: JSON.stringify(answer.output) }
    : refused(422, ...answer.faults.slice(0, MOST_FAULTS));
}

function readBackup(file: string, pictures: string): JobAnswer {
  const read = parsed(fs.readFileSync(file, 'utf8'));
  if (!('doc' in read)) return read;
  const checked = backupSchema.safeParse(read.doc);
  if (!checked.success) return refused(422, ...faultsOf(checked.error).slice(0, MOST_FAULTS));
  fs.mkdirSync(pictures, { recursive: true });
  const photos = checked.data.photos.map((p) => {
    if (p.data !== null) {
      const fd = fs.openSync(path.join(pictures, `${p.id}.jpg`), 'w');
      fs.writeFileSync(fd, Buffer.from(p.data, 'base64'));
      fs.fsyncSync(fd);
      fs.closeSync(fd);
    }
    return { ...p, data: null };
  });
  return { ok: true, output: { ...checked.data, photos } satisfies Backup };
}
